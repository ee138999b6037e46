import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { checkJobFile, verifyJobFile } from '@rustic/core';
import { bySocket, DATABASE } from '../../../tools/databaseDoor.mjs';
import { freePort, startMariadb } from '../../../tools/mariadb.mjs';
import { startServer } from '../../../tools/serve.mjs';
import { newJob, signedIn, surfaceBody, uuid, type Client } from './client.ts';
import { temporaryFolder } from '../../../tools/temporary.mjs';

/** The data of a firm as the first released schema kept it, brought to today's by the migrations as the server starts. */
const dump = gunzipSync(readFileSync(new URL('./upgrade/firstSchema.sql.gz', import.meta.url)));
const TABLES = ['job', 'surface', 'test_record', 'ledger_entry', 'work_log'] as const;
/** How many rows each table had before anything was brought forward. */
const had = new Map<(typeof TABLES)[number], number>();
let database: Awaited<ReturnType<typeof startMariadb>>;
let server: Awaited<ReturnType<typeof startServer>>;
let ada: Client;

beforeAll(async () => {
  database = await startMariadb(join(temporaryFolder('upgrade'), 'mariadb'), { quick: true });
  const client = ['--no-defaults', ...bySocket(database.socket), DATABASE];
  expect(spawnSync('mariadb', client, { input: dump }).stderr.toString()).toBe('');
  for (const table of TABLES) {
    const count = spawnSync('mariadb', [...client, '-N', '-e', `SELECT COUNT(*) FROM ${table}`]);
    had.set(table, Number(count.stdout.toString()));
  }
  const port = await freePort();
  server = await startServer({ url: database.url, port, env: { LOG_LEVEL: 'error' } });
  ada = await signedIn('ada', `http://127.0.0.1:${port}`);
});
afterAll(async () => {
  await server.stop();
  await database.stop();
});

test('every job, surface, test and log of the first release is there, and every chain holds', async () => {
  const jobs = (await ada.get('/api/jobs')).body as { id: string }[];
  expect(jobs).toHaveLength(had.get('job')!);
  expect(jobs.length).toBeGreaterThan(0);
  const seen = { surfaces: 0, tests: 0, entries: 0, work: 0 };
  for (const { id } of jobs) {
    const file = (await ada.get(`/api/jobs/${id}/file`)).body;
    expect(checkJobFile(file).ok).toBe(true);
    expect(verifyJobFile(file)).toMatchObject({ whole: true });
    seen.surfaces += file.surfaces.length;
    seen.tests += file.tests.length;
    seen.entries += file.ledger.length;
    seen.work += file.work.length;
    expect((await ada.get(`/api/jobs/${id}`)).status).toBe(200);
    expect((await ada.get(`/api/jobs/${id}/plan`)).status).toBe(200);
    expect((await ada.get(`/api/jobs/${id}/price`)).status).toBe(200);
  }
  expect(seen).toEqual({
    surfaces: had.get('surface'),
    tests: had.get('test_record'),
    // Each job's record is carried forward into its own ledger, once.
    entries: had.get('ledger_entry')! + jobs.length,
    work: had.get('work_log'),
  });
});

test('work goes on where it stopped: a test is added to an old surface, a new job is opened', async () => {
  const [job] = (await ada.get('/api/jobs')).body as { id: string }[];
  const { surfaces } = (await ada.get(`/api/jobs/${job!.id}`)).body as { surfaces: { id: string }[] };
  const made = { id: uuid(), at: new Date().toISOString(), test: { kind: 'blade-lift', result: 'holds' } };
  expect((await ada.post(`/api/surfaces/${surfaces[0]!.id}/tests`, made)).status).toBe(201);
  const { jobId, roomId } = await newJob(ada);
  expect((await ada.post(`/api/jobs/${jobId}/surfaces`, surfaceBody(roomId))).status).toBe(201);
  for (const id of [job!.id, jobId])
    expect((await ada.get(`/api/jobs/${id}/ledger/check`)).body).toMatchObject({ whole: true });
});

test('what the older schema did not ask is as if nobody had said it', async () => {
  const { people, planning } = (await ada.get('/api/people')).body;
  expect(people.every((p: { skills: string[] }) => p.skills.length === 0)).toBe(true);
  expect(planning).toEqual({});
  expect((await ada.get('/api/firm/retention')).body).toEqual({ rule: {}, would: { notes: 0, photos: 0 } });
});
