import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { createConnection } from 'mysql2/promise';
import * as faults from '../faults/cluster.mjs';

/** Three nodes and two servers, which everything here goes through. */
let stack;
beforeAll(async () => {
  stack = await faults.clusterOfTwoServers();
});
afterAll(() => stack?.stop());

const NOTHING_WRONG = { lost: 0, doubled: 0, toldWrongly: 0 };

describe('two servers on three nodes of one database', () => {
  test('that start at once on an empty one bring the schema and the demo once', async () => {
    const db = await createConnection(stack.cluster.urls[2]);
    const [[made]] = await db.query('SELECT COUNT(*) AS n, COUNT(DISTINCT name) AS names FROM migrations');
    const [[firms]] = await db.query('SELECT COUNT(*) AS n FROM firm');
    const [turns] = await db.query('SELECT * FROM start_turn');
    await db.end();
    expect(made.n).toBe(made.names);
    expect(made.n).toBeGreaterThan(20);
    expect(firms.n).toBe(1);
    expect(turns).toEqual([]);
  });

  test('keep every write of a burst on one job once, on every node', async () => {
    expect(await faults.burst(stack, 12)).toMatchObject({ sent: 144, acknowledged: 144, ...NOTHING_WRONG });
  });

  test('keep a write that both are sent at once, once, and acknowledge it twice', async () => {
    expect(await faults.sameIdTwice(stack, 20)).toMatchObject({ acknowledged: 20, ...NOTHING_WRONG });
  });

  test('give quotes that are sent at once numbers of their own, without a gap', async () => {
    expect(await faults.quoteNumbers(stack, 6)).toMatchObject({ acknowledged: 12, ...NOTHING_WRONG });
  });

  test('leave one owner where two step down at once', async () => {
    expect(await faults.ownersStepDown(stack, 4)).toMatchObject({ acknowledged: 4, ...NOTHING_WRONG });
  });

  test('tell what was written at one to whoever listens at the other', async () => {
    expect(await faults.toldAcross(stack)).toBeLessThan(2000);
  });

  test('count open feeds together: nobody has more by going to another', async () => {
    const stop = new AbortController();
    const open = (i) =>
      fetch(`${stack.bases[i % 2]}/api/events`, { headers: { cookie: stack.doors[0].cookie }, signal: stop.signal });
    // Held until the end: an answer that nobody holds any more is closed by the collector, and its feed with it.
    const answers = [];
    for (let i = 0; i < 16; i++) answers.push(await open(i));
    expect(answers.map(({ status }) => status)).toEqual([...Array(12).fill(200), ...Array(4).fill(429)]);
    stop.abort();
  });

  test('go on, and keep everything, while a server is killed', async () => {
    expect(await faults.serverKilled(stack, 12)).toMatchObject({ acknowledged: 144, ...NOTHING_WRONG });
  });

  test('go on at another node, without a restart, while one is killed, ends again as it joins, and joins', async () => {
    const { outMs, ...verdict } = await faults.nodeKilled(stack, 12);
    expect(verdict).toMatchObject({ acknowledged: 144, ...NOTHING_WRONG });
    expect(outMs).toBeLessThan(30_000);
    expect(stack.servers.map(({ child }) => child.exitCode)).toEqual([null, null]);
  });

  test('wait for no node that is silent, and have it back when it wakes', async () => {
    const { outMs, ...verdict } = await faults.nodeSilent(stack, 12);
    expect(verdict).toMatchObject({ acknowledged: 144, ...NOTHING_WRONG });
    expect(outMs).toBeLessThan(30_000);
  });

  test('keep nothing and say later where the greater part is gone, and go on when it is back', async () => {
    const lost = await faults.quorumLost(stack);
    expect(lost.refused).toEqual(Array(6).fill(503));
    expect(lost).toMatchObject({ sent: 6, acknowledged: 6, ...NOTHING_WRONG });
  });
});
