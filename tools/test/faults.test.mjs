import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { createConnection } from 'mysql2/promise';
import { jobWith } from '../faults/door.mjs';
import * as faults from '../faults/single.mjs';
import { judged } from '../faults/standing.mjs';
import { peopleWriting } from '../faults/writing.mjs';

const NOTHING_WRONG = { lost: 0, doubled: 0, toldWrongly: 0 };
const ALL = { sent: 200, acknowledged: 200, ...NOTHING_WRONG };

describe('of 200 writes by ten people, each is there once and in order, and nobody is told what is not so', () => {
  let stack;
  beforeAll(async () => {
    stack = await faults.oneMachine({ servers: 2 });
  });
  afterAll(() => stack?.stop());

  test('over two servers on one database', async () => {
    expect(await faults.twoServers(stack)).toMatchObject(ALL);
  });
  test('and the verdict notices a row that is gone, an entry that was changed, and a refusal of what stands', async () => {
    const { url } = stack.database;
    const job = await jobWith(stack.doors[0], 2);
    const done = await peopleWriting(stack.doors, job, 3);
    const verdict = () => judged(done, job.jobId, [url]);
    expect(await verdict()).toMatchObject({ sent: 6, acknowledged: 6, ...NOTHING_WRONG });
    const [id] = done.acknowledged.keys();
    done.told.push({ id, status: 409, said: {}, at: 0 });
    expect(await verdict()).toMatchObject({ lost: 0, toldWrongly: 1 });
    done.told.pop();
    const db = await createConnection(url);
    await db.query('DELETE FROM test_record WHERE id = ?', [id]);
    expect(await verdict()).toMatchObject({ lost: 1 });
    await db.query('UPDATE ledger_entry SET by_name = ? WHERE job_id = ? AND seq = 3', ['Somebody', job.jobId]);
    await db.end();
    expect(await verdict()).toMatchObject({ lost: 2 });
  });
  test('where a server is killed in the middle, and started again', async () => {
    expect(await faults.serverKilledAlone(stack)).toMatchObject(ALL);
  });
  test('where the database is killed in the middle, and started again', async () => {
    expect(await faults.databaseKilled(stack)).toMatchObject(ALL);
  });
  test('where a server comes back with a clock that is two hours ahead, and then with the right one', async () => {
    expect(await faults.clockJumped(stack)).toMatchObject(ALL);
  });
});

test('where there is no room left for a while, nothing of what was acknowledged is lost, and it goes on by itself', async () => {
  const stack = await faults.oneMachine({ options: faults.ROOM.narrow });
  expect(await faults.diskFull(stack)).toMatchObject(ALL);
  await stack.stop();
});
