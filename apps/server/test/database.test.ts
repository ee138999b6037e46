import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { freePort, startMariadb } from '../../../tools/mariadb.mjs';
import { startServer } from '../../../tools/serve.mjs';
import { Client, signedIn, uuid } from './client.ts';
import { temporaryFolder } from '../../../tools/temporary.mjs';

/** A server whose database is taken from under it. */
const folder = join(temporaryFolder('lost'), 'mariadb');
let database: Awaited<ReturnType<typeof startMariadb>>;
let server: Awaited<ReturnType<typeof startServer>>;
let base: string;

beforeAll(async () => {
  database = await startMariadb(folder, { quick: true });
  const port = await freePort();
  server = await startServer({ url: database.url, port, env: { LOG_LEVEL: 'error' } });
  base = `http://127.0.0.1:${port}`;
});
afterAll(async () => {
  await server.stop();
  await database.stop();
});

const answering = async (client: Client, path: string, status: number) => {
  for (let i = 0; i < 200; i++) {
    const answer = await client.get(path);
    if (answer.status === status) return answer;
    await sleep(100);
  }
  throw new Error(`${path} never answered ${status}`);
};

test('a database gone for a while: each request is told so plainly, nothing is lost, and work goes on when it is back', async () => {
  const ada = await signedIn('ada', base);
  const before = (await ada.get('/api/jobs')).body;
  process.kill(database.pid!, 'SIGKILL');

  const away = await answering(ada, '/api/health', 503);
  expect(away.body).toEqual({ process: 'up', database: 'away' });
  const job = { id: uuid(), title: 'Kept by hand', place: 'Quay', builtYear: null, startsAt: '2027-03-01T08:00:00Z' };
  for (const answer of [await ada.get('/api/jobs'), await ada.post('/api/jobs', job)]) {
    expect(answer.status).toBe(503);
    expect(answer.body).toMatchObject({ code: 'database-away', requestId: expect.any(String) });
    expect(answer.body.message).toContain('Nothing was written');
    expect(JSON.stringify(answer.body)).not.toMatch(/ECONN|mysql|\.js/);
  }

  database = await startMariadb(folder, { quick: true, port: database.port });
  await answering(ada, '/api/jobs', 200);
  expect((await ada.get('/api/jobs')).body).toHaveLength(before.length);
  // The same act, sent again under its own id, is done once.
  expect((await ada.post('/api/jobs', job)).status).toBe(201);
  expect((await ada.post('/api/jobs', job)).status).toBe(201);
  expect((await ada.get('/api/jobs')).body).toHaveLength(before.length + 1);
});
