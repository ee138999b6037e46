import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { freePort, startMariadb } from '../../../tools/mariadb.mjs';
import { startServer } from '../../../tools/serve.mjs';
import { Client, newJob, signedIn, surfaceBody, uuid } from './client.ts';
import { temporaryFolder } from '../../../tools/temporary.mjs';

/** A server and a database of this suite's own, to be killed. Acknowledged writes are flushed, as in real use. */
const folder = join(temporaryFolder('faults'), 'mariadb');
let database: Awaited<ReturnType<typeof startMariadb>>;
let server: Awaited<ReturnType<typeof startServer>>;
let port: number;
let base: string;
const open = async () => {
  server = await startServer({ url: database.url, port, env: { LOG_LEVEL: 'fatal' } });
};

beforeAll(async () => {
  database = await startMariadb(folder);
  port = await freePort();
  base = `http://127.0.0.1:${port}`;
  await open();
});
afterAll(async () => {
  await server.stop();
  await database.stop();
});

const WRITERS = 10;
const EACH = 20;

/** Sends one write until it is answered, however often the way is lost: always under its own id, as the outbox does. */
async function untilAnswered(client: Client, path: string, body: unknown): Promise<number> {
  for (let i = 0; i < 400; i++) {
    const answer = await client.post(path, body).catch(() => null);
    if (answer && answer.status < 500) return answer.status;
    await sleep(50);
  }
  throw new Error(`${path} was never answered`);
}

/** Ten people record twenty tests each on one job, while `fault` happens once a third of them is acknowledged. */
async function writing(fault: () => Promise<void>) {
  const ada = await signedIn('ada', base);
  const { jobId, roomId } = await newJob(ada);
  const surfaces = Array.from({ length: WRITERS }, () => surfaceBody(roomId));
  for (const surface of surfaces) await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
  const acknowledged: string[] = [];
  let struck = null as Promise<void> | null;
  await Promise.all(
    surfaces.map(async ({ id: surfaceId }) => {
      for (let i = 0; i < EACH; i++) {
        const made = {
          id: uuid(),
          at: new Date().toISOString(),
          test: { kind: 'moisture-meter', value: i, place: surfaceId },
        };
        expect(await untilAnswered(ada, `/api/surfaces/${surfaceId}/tests`, made)).toBe(201);
        acknowledged.push(made.id);
        if (acknowledged.length >= (WRITERS * EACH) / 3) struck ??= fault();
      }
    }),
  );
  await struck;
  return { ada, jobId, surfaces, acknowledged };
}

async function allThereOnce({ ada, jobId, surfaces, acknowledged }: Awaited<ReturnType<typeof writing>>) {
  const file = (await ada.get(`/api/jobs/${jobId}/file`)).body as {
    tests: { id: string; surfaceId: string; test: { value: number } }[];
    ledger: { kind: string; payload: { id: string } }[];
  };
  expect(file.tests.map((t) => t.id).sort()).toEqual([...acknowledged].sort());
  const entries = file.ledger.filter((e) => e.kind === 'test-recorded').map((e) => e.payload.id);
  expect([...entries].sort()).toEqual([...acknowledged].sort());
  expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body).toMatchObject({ whole: true });
  // Each person's own came in the order in which they were sent.
  for (const { id } of surfaces) {
    const own = file.ledger.filter((e) => (e.payload as { test?: { place?: string } }).test?.place === id);
    expect(own.map((e) => (e.payload as unknown as { test: { value: number } }).test.value)).toEqual(
      Array.from({ length: EACH }, (_, i) => i),
    );
  }
}

describe('what was acknowledged is there exactly once, and every chain holds', () => {
  test('where the server is killed in the middle of 200 writes by ten', async () => {
    const done = await writing(async () => {
      server.child.kill('SIGKILL');
      await sleep(300);
      await open();
    });
    await allThereOnce(done);
  }, 120_000);

  test('where the database is killed in the middle of 200 writes by ten, and started again', async () => {
    const done = await writing(async () => {
      process.kill(database.pid!, 'SIGKILL');
      await sleep(300);
      database = await startMariadb(folder, { port: database.port });
    });
    await allThereOnce(done);
  }, 120_000);
});

describe('with no room left for photos', () => {
  /** Noise, which no JPEG makes small. */
  const picture = () =>
    sharp({
      create: {
        width: 1800,
        height: 1400,
        channels: 3,
        background: '#777',
        noise: { type: 'gaussian', mean: 128, sigma: 90 },
      },
    })
      .jpeg({ quality: 90 })
      .toBuffer();

  test('each photo is there whole or not at all, it is said plainly, and work goes on when there is room', async () => {
    const small = join(temporaryFolder('full'), 'mariadb');
    const room = (mb: number) => ({
      quick: true,
      options: ['--innodb-file-per-table=0', `--innodb-data-file-path=ibdata1:12M:autoextend:max:${mb}M`],
    });
    let narrow = await startMariadb(small, room(40));
    const door = await freePort();
    const start = () => startServer({ url: narrow.url, port: door, env: { LOG_LEVEL: 'silent' } });
    let filled = await start();
    const ada = await signedIn('ada', `http://127.0.0.1:${door}`);
    const { jobId, roomId } = await newJob(ada);
    const taken = await picture();
    const send = (id: string) => {
      const at = encodeURIComponent(new Date().toISOString());
      const query = `id=${id}&roomId=${roomId}&at=${at}`;
      return ada.send('POST', `/api/jobs/${jobId}/photos?${query}`, taken, { 'content-type': 'image/jpeg' });
    };
    const kept: string[] = [];
    let refused: Awaited<ReturnType<typeof send>> | null = null;
    let last = '';
    for (let i = 0; i < 200 && !refused; i++) {
      last = uuid();
      const answer = await send(last);
      if (answer.status === 201) kept.push(last);
      else refused = answer;
    }
    expect(refused).toMatchObject({ status: 507, body: { code: 'no-room' } });
    expect(refused!.body.message).toContain('Nothing of this was written');
    expect(kept.length).toBeGreaterThan(3);
    const there = async () => ((await ada.get(`/api/jobs/${jobId}`)).body.photos as { id: string }[]).map((p) => p.id);
    expect(await there()).toEqual(kept);
    for (const id of kept) expect((await ada.get(`/api/photos/${id}`)).status).toBe(200);
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body).toMatchObject({ whole: true });

    await filled.stop();
    await narrow.stop();
    narrow = await startMariadb(small, room(120));
    filled = await start();
    expect((await send(last)).status).toBe(201);
    expect(await there()).toEqual([...kept, last]);
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body).toMatchObject({ whole: true });
    await filled.stop();
    await narrow.stop();
  }, 180_000);
});
