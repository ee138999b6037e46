import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { createConnection, type Connection, type RowDataPacket } from 'mysql2/promise';
import { newJob, secondFirm, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
let db: Connection;
beforeAll(async () => {
  ada = await secondFirm('Penstock Painters', 'ada@penstock.example');
  db = await createConnection(process.env['TEST_DATABASE_URL']!);
});
afterAll(() => db.end());

interface Step {
  plan: { id: string; kind: string; minutes: number };
}
const LASTED_MIN = 600;
const began = () => new Date(Date.now() - LASTED_MIN * 60_000).toISOString();

/** A surface of a job of its own, and its first step. */
async function surface() {
  const { jobId, roomId } = await newJob(ada, 1995);
  const body = surfaceBody(roomId);
  await ada.post(`/api/jobs/${jobId}/surfaces`, body);
  const { next } = (await ada.get(`/api/surfaces/${body.id}`)).body.standing as { next: Step };
  const log = async (more: object) => {
    const id = uuid();
    const at = { startedAt: began(), endedAt: new Date().toISOString() };
    const said = { id, surfaceId: body.id, stepId: next.plan.id, ...at, ...more };
    expect((await ada.post(`/api/jobs/${jobId}/work`, said)).status).toBe(201);
    return id;
  };
  return { jobId, log };
}

/** What is kept of the firm's pace, and what all its logs say that stand: summed here from the logs themselves. */
async function sums() {
  const [[firm]] = await db.query<RowDataPacket[]>('SELECT id FROM firm WHERE name = ?', ['Penstock Painters']);
  const [kept] = await db.query<RowDataPacket[]>(
    'SELECT step_kind AS kind, seen, log_sum AS logSum FROM firm_pace WHERE firm_id = ? AND seen > 0',
    [firm!['id']],
  );
  const [logs] = await db.query<RowDataPacket[]>('SELECT * FROM work_log WHERE firm_id = ?', [firm!['id']]);
  const corrected = new Set(logs.map((log) => log['corrects'] as string));
  const standing = logs.filter(
    (log) => !corrected.has(log['id'] as string) && !log['withdrawn'] && log['hands_on_min'],
  );
  const ratios = standing.map((log) => Math.log(log['hands_on_min'] / log['usual_min']));
  return { kept, seen: ratios.length, logSum: ratios.reduce((sum, one) => sum + one, 0) };
}

test('the pace of a firm is the sum of what its logs say, however they are corrected and taken back', async () => {
  const [one, other] = [await surface(), await surface()];
  const first = await one.log({ handsOnMin: 60 });
  await other.log({ handsOnMin: 45 });
  expect(await sums()).toMatchObject({ seen: 2, kept: [{ seen: 2 }] });
  const corrected = await one.log({ handsOnMin: 50, corrects: first });
  const after = await sums();
  expect(after).toMatchObject({ seen: 2, kept: [{ seen: 2 }] });
  expect(after.kept[0]!['logSum']).toBeCloseTo(after.logSum, 9);
  await one.log({ corrects: corrected, withdrawn: true });
  const last = await sums();
  expect(last).toMatchObject({ seen: 1, kept: [{ seen: 1 }] });
  expect(last.kept[0]!['logSum']).toBeCloseTo(last.logSum, 9);
  // A log that does not say its hours says nothing of the pace.
  await one.log({});
  expect((await sums()).kept).toEqual(last.kept);
});

test('of logs that are sent at once on several jobs, none is lost from the sum', async () => {
  const jobs = await Promise.all(Array.from({ length: 6 }, surface));
  const before = await sums();
  await Promise.all(jobs.map((job, i) => job.log({ handsOnMin: 30 + i })));
  const { kept, seen, logSum } = await sums();
  expect(seen).toBe(before.seen + jobs.length);
  expect(kept.reduce((sum, one) => sum + Number(one['seen']), 0)).toBe(seen);
  expect(kept.reduce((sum, one) => sum + Number(one['logSum']), 0)).toBeCloseTo(logSum, 9);
});
