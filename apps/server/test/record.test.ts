import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { createConnection, type Connection } from 'mysql2/promise';
import Papa from 'papaparse';
import { newJob, secondFirm, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
let other: Client;
let db: Connection;
beforeAll(async () => {
  ada = await signedIn();
  other = await secondFirm('Distant Harbour', 'distant@harbour.example');
  db = await createConnection(process.env['TEST_DATABASE_URL']!);
});
afterAll(() => db.end());

const dayBefore = (days: number) => new Date(Date.now() - days * 86_400_000).toISOString().slice(0, 10);
const today = () => dayBefore(0);

/** Everything of a job put back by some days, as if it had been written then. */
async function backdate(jobId: string, days: number): Promise<void> {
  await db.query('UPDATE test_record SET at = at - INTERVAL ? DAY WHERE job_id = ?', [days, jobId]);
  const [rows] = await db.query('SELECT seq, recorded_at FROM ledger_entry WHERE job_id = ?', [jobId]);
  for (const { seq, recorded_at } of rows as { seq: number; recorded_at: string }[])
    await db.query('UPDATE ledger_entry SET recorded_at = ? WHERE job_id = ? AND seq = ?', [
      new Date(Date.parse(recorded_at) - days * 86_400_000).toISOString(),
      jobId,
      seq,
    ]);
}
const rub = (result: string) => ({ id: uuid(), at: new Date().toISOString(), test: { kind: 'spirit-rub', result } });

describe('a surface as it stood on a day', () => {
  test('has what was written by then: its name, its facts, its tests; and not what came after', async () => {
    const { jobId, roomId } = await newJob(ada, 1931);
    const surface = surfaceBody(roomId);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
    await ada.post(`/api/surfaces/${surface.id}/tests`, rub('no-transfer'));
    await backdate(jobId, 10);
    const before = (await ada.get(`/api/surfaces/${surface.id}`)).body;
    await ada.post(`/api/surfaces/${surface.id}/tests`, rub('transfer'));
    await ada.send('PATCH', `/api/surfaces/${surface.id}`, {
      id: uuid(),
      version: 1,
      name: 'Skirting, north wall',
      facts: { element: 'trim', substrate: 'mdf', areaM2: 9 },
    });
    const then = (await ada.get(`/api/surfaces/${surface.id}/as-it-stood?day=${dayBefore(5)}`)).body;
    expect(then.surface).toMatchObject({ name: 'Skirting', facts: { substrate: 'softwood', areaM2: 6 } });
    expect(then.tests).toHaveLength(1);
    expect(then.finish).toEqual(before.finish);
    const now = (await ada.get(`/api/surfaces/${surface.id}/as-it-stood?day=${today()}`)).body;
    expect(now.surface).toMatchObject({ name: 'Skirting, north wall', facts: { substrate: 'mdf' } });
    expect(now.tests).toHaveLength(2);
  });
  test('before it was written down there is nothing, a day that is none is refused, and it is nobody else’s', async () => {
    const { jobId, roomId } = await newJob(ada);
    const surface = surfaceBody(roomId);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
    const at = (day: string, who = ada) => who.get(`/api/surfaces/${surface.id}/as-it-stood?day=${day}`);
    expect((await at('2020-01-01')).status).toBe(404);
    expect((await at('2020-13-01')).status).toBe(400);
    expect((await at(today(), other)).status).toBe(404);
  });
});

describe('parts of the record as tables', () => {
  const table = async (path: string, who = ada) => {
    const answer = await fetch(ada.base + path, { headers: { cookie: who.cookie } });
    const text = await answer.text();
    return {
      status: answer.status,
      rows: Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), { header: true, skipEmptyLines: true })
        .data,
    };
  };
  test('read back by a parser say what was recorded, and no cell is taken for a formula', async () => {
    const { jobId, roomId } = await newJob(ada, 1931);
    const surface = { ...surfaceBody(roomId), name: '=HYPERLINK(x)' };
    await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
    const made = { ...rub('transfer'), note: 'left, "by the door"' };
    await ada.post(`/api/surfaces/${surface.id}/tests`, made);
    await ada.post(`/api/rooms/${roomId}/readings`, {
      id: uuid(),
      temperatureC: -2.5,
      relativeHumidityPct: 81,
      at: new Date().toISOString(),
    });
    const { rows } = await table(`/api/jobs/${jobId}/records/tests`);
    expect(rows).toEqual([
      expect.objectContaining({ id: made.id, test: 'spirit-rub', result: 'transfer', by: 'Ada Thirle' }),
    ]);
    expect(rows[0]!['surface']!.startsWith('=')).toBe(false);
    const readings = await table(`/api/jobs/${jobId}/records/readings`);
    expect(readings.rows).toEqual([
      expect.objectContaining({ temperatureC: '-2.5', relativeHumidityPct: '81', room: 'Hall' }),
    ]);
    expect((await table(`/api/jobs/${jobId}/records/coats`)).rows).toEqual([]);
  });
  test('are nobody else’s, and there are no others', async () => {
    const { jobId } = await newJob(ada);
    expect((await table(`/api/jobs/${jobId}/records/tests`, other)).status).toBe(404);
    expect((await table(`/api/jobs/${jobId}/records/secrets`)).status).toBe(400);
  });
});

test('what a job is called, where it is, when it was built and may begin can be put right; each is an entry, and of two at one version one stands', async () => {
  const { jobId } = await newJob(ada);
  const { job } = (await ada.get(`/api/jobs/${jobId}`)).body;
  const change = { title: 'Quay house', place: 'Far quay', builtYear: null, note: 'Key at the yard.' };
  const startsAt = '2027-05-03T07:00:00.000Z';
  const put = (more: object) =>
    ada.send('PATCH', `/api/jobs/${jobId}`, { id: uuid(), version: job.version, ...change, startsAt, ...more });
  expect((await put({})).status).toBe(200);
  expect((await ada.get(`/api/jobs/${jobId}`)).body.job).toMatchObject({ ...change, startsAt });
  expect((await put({ title: 'Another name' })).status).toBe(409);
  expect((await put({ title: '' })).status).toBe(400);
  const entries = (await ada.get(`/api/jobs/${jobId}/ledger`)).body as { kind: string; text: string }[];
  expect(entries.at(-1)).toMatchObject({ kind: 'job-changed' });
  expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body).toMatchObject({ whole: true });
});
