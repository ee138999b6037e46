import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { createConnection, type Connection } from 'mysql2/promise';
import sharp from 'sharp';
import { newJob, secondFirm, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let owner: Client;
let ada: Client;
let painter: Client;
let db: Connection;
beforeAll(async () => {
  owner = await secondFirm('Old Papers', 'old@papers.example');
  ada = await signedIn();
  painter = await signedIn('mei');
  db = await createConnection(process.env['TEST_DATABASE_URL']!);
});
afterAll(() => db.end());

const look = (client: Client, query = '') => client.get(`/api/firm/retention${query}`);
const set = (client: Client, rule: object) => client.send('PUT', '/api/firm/retention', { id: uuid(), ...rule });

/** A job handed over, with a photo, whose last work lies so many years back. */
async function oldJob(years: number): Promise<{ jobId: string; photoId: string }> {
  const { jobId, roomId } = await newJob(owner);
  const surface = surfaceBody(roomId);
  await owner.post(`/api/jobs/${jobId}/surfaces`, surface);
  const photoId = uuid();
  const taken = await sharp({ create: { width: 20, height: 20, channels: 3, background: '#444' } })
    .jpeg()
    .toBuffer();
  const at = new Date().toISOString();
  await owner.send(
    'POST',
    `/api/jobs/${jobId}/photos?id=${photoId}&roomId=${roomId}&at=${encodeURIComponent(at)}`,
    taken,
    { 'content-type': 'image/jpeg' },
  );
  const { version } = (await owner.get(`/api/jobs/${jobId}`)).body.job;
  await owner.send('PATCH', `/api/jobs/${jobId}`, { id: uuid(), version, status: 'aftercare' });
  const [firm] = (await db.query('SELECT firm_id AS id FROM job WHERE id = ?', [jobId])) as unknown as [
    { id: string }[],
  ];
  await db.query(
    `INSERT INTO work_log (id, firm_id, job_id, surface_id, step_id, step_kind, started_at, ended_at, note, withdrawn, by_name)
     VALUES (?, ?, ?, ?, 's1', 'wash', NOW() - INTERVAL ? YEAR, NOW() - INTERVAL ? YEAR, '', 0, 'Nell Farrow')`,
    [uuid(), firm[0]!.id, jobId, surface.id, years, years],
  );
  return { jobId, photoId };
}

describe('how long it is kept', () => {
  test('for good, until the owner says otherwise; and only the owner says or sees it', async () => {
    expect((await look(owner)).body).toEqual({ rule: {}, would: { notes: 0, photos: 0 } });
    for (const status of [(await look(painter)).status, (await set(painter, { photoYears: 1 })).status])
      expect(status).toBe(403);
    for (const bad of [{ photoYears: 0 }, { accessMonths: 1.5 }, { photoYears: 101 }, { everything: true }])
      expect((await set(owner, bad)).status).toBe(400);
  });

  test('what a rule would let go is said before, goes at once, and of a photo its entry stays in a chain that holds', async () => {
    const [old, young] = [await oldJob(6), await oldJob(1)];
    expect((await look(owner, '?photoYears=5')).body.would).toEqual({ notes: 0, photos: 1 });
    expect((await owner.get(`/api/photos/${old.photoId}`)).status).toBe(200);
    expect((await set(owner, { photoYears: 5 })).body).toEqual({ notes: 0, photos: 1 });
    expect((await owner.get(`/api/photos/${old.photoId}`)).status).toBe(404);
    expect((await owner.get(`/api/photos/${young.photoId}`)).status).toBe(200);
    const entries = (await owner.get(`/api/jobs/${old.jobId}/ledger`)).body as { kind: string; payload: object }[];
    const [kept, gone] = ['photo-kept', 'photo-let-go'].map((kind) => entries.find((e) => e.kind === kind)!);
    expect(gone!.payload).toMatchObject({ photoId: old.photoId, hash: (kept!.payload as { hash: string }).hash });
    const check = (await owner.get(`/api/jobs/${old.jobId}/ledger/check`)).body;
    // The log was put in by hand, past the ledger: that is found; the photo that went is not missed.
    expect(check).toMatchObject({ whole: false, brokenAt: null, why: expect.stringContaining('work') });
    expect((await set(owner, { photoYears: 5 })).body).toEqual({ notes: 0, photos: 0 });
  });

  test('notes of who came in go by their age, those of another firm stay', async () => {
    await db.query(
      'UPDATE access_note n JOIN firm f ON f.id = n.firm_id SET n.at = n.at - INTERVAL 400 DAY WHERE f.name = ?',
      ['Old Papers'],
    );
    const theirs = (await ada.get('/api/people')).body.access.length as number;
    const { notes } = (await look(owner, '?accessMonths=12')).body.would;
    expect(notes).toBeGreaterThan(0);
    expect((await set(owner, { accessMonths: 12 })).body.notes).toBe(notes);
    expect((await owner.get('/api/people')).body.access).toEqual([]);
    expect((await ada.get('/api/people')).body.access.length).toBeGreaterThanOrEqual(theirs);
  });
});
