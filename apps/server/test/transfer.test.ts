import { beforeAll, describe, expect, test } from '@jest/globals';
import { strToU8, strFromU8, unzipSync, zipSync } from 'fflate';
import sharp from 'sharp';
import { chained, checkJobFile, verifyJobFile, type Entry } from '@rustic/core';
import { token } from './quoted.ts';
import { newJob, secondFirm, signedIn, surfaceBody, uuid, type Client } from './client.ts';

/* eslint-disable @typescript-eslint/no-explicit-any -- files are read field by field */
let ada: Client;
let painter: Client;
let other: Client;
beforeAll(async () => {
  ada = await signedIn();
  painter = await signedIn('mei');
  other = await secondFirm('Taken Over', 'taken@over.example');
});

async function zipOf(client: Client, jobId: string): Promise<Record<string, Uint8Array>> {
  const answer = await fetch(`${client.base}/api/jobs/${jobId}/file.zip`, { headers: { cookie: client.cookie } });
  expect(answer.status).toBe(200);
  return unzipSync(new Uint8Array(await answer.arrayBuffer()));
}
const jobIn = (parts: Record<string, Uint8Array>): any => JSON.parse(strFromU8(parts['job.json']!));
const zipped = (parts: Record<string, Uint8Array>, file?: unknown) =>
  zipSync(file ? { ...parts, 'job.json': strToU8(JSON.stringify(file)) } : parts, { level: 1 });
const bring = (client: Client, sent: Uint8Array, id = uuid()) =>
  client.send('POST', `/api/job-imports?id=${id}`, sent, { 'content-type': 'application/zip' });

const picture = () =>
  sharp({ create: { width: 60, height: 40, channels: 3, background: '#884422' } })
    .jpeg()
    .toBuffer();

/** A job with a test and its correction, a photo, a reading and a logged coat. */
async function workedJob() {
  const { jobId, roomId } = await newJob(ada, 1931);
  const surface = surfaceBody(roomId);
  const at = new Date().toISOString();
  await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
  const rub = { id: uuid(), at, test: { kind: 'spirit-rub', result: 'transfer' } };
  await ada.post(`/api/surfaces/${surface.id}/tests`, rub);
  await ada.post(`/api/surfaces/${surface.id}/tests`, {
    id: uuid(),
    at,
    test: { kind: 'spirit-rub', result: 'no-transfer' },
    corrects: rub.id,
    note: 'the rag was dirty',
  });
  const query = `id=${uuid()}&roomId=${roomId}&surfaceId=${surface.id}&at=${encodeURIComponent(at)}`;
  const kept = await ada.send('POST', `/api/jobs/${jobId}/photos?${query}`, await picture(), {
    'content-type': 'image/jpeg',
  });
  expect(kept.status).toBe(201);
  await ada.post(`/api/rooms/${roomId}/readings`, { id: uuid(), at, temperatureC: 17.5, relativeHumidityPct: 61 });
  return { jobId, surfaceId: surface.id, photoId: kept.body.id as string };
}

/** A file as another firm has it: without what is its own affair, its crew and the entry of the taking over. */
const told = ({
  from: _from,
  job: { crewIds: _crew, cameFrom: _came, ...job },
  ledger,
  products: _products,
  ...rest
}: any) => ({
  job,
  ...rest,
  ledger: ledger.filter((e: Entry) => e.kind !== 'job-brought-in'),
});

const look = (client: Client, sent: Uint8Array) =>
  client.send('POST', '/api/job-imports/look', sent, { 'content-type': 'application/zip' });

describe('looking into the file of a job', () => {
  test('what it holds is said, and nothing is written', async () => {
    const { jobId } = await workedJob();
    const { seen } = (await ada.get(`/api/jobs/${jobId}/price`)).body;
    const sent = await ada.post(`/api/jobs/${jobId}/quotes`, { id: uuid(), seen, token: token() });
    expect(sent.body).toMatchObject({ version: 1 });
    const parts = await zipOf(ada, jobId);
    const before = (await other.get('/api/jobs')).body.length;
    const { status, body } = await look(other, zipped(parts));
    expect(status).toBe(200);
    expect(body).toMatchObject({
      jobId,
      title: 'Test house',
      from: { firm: 'Saltmarsh & Thirle, Decorators', currency: 'GBP' },
      rooms: 1,
      surfaces: 1,
      tests: 2,
      steps: 0,
      photos: 1,
      entries: jobIn(parts).ledger.length,
      people: ['Ada Thirle'],
      already: false,
      currency: 'GBP',
    });
    expect(body.quotes).toEqual([
      {
        marked: expect.stringMatching(/^Q\d{4}, version 1$/),
        total: expect.any(Number),
        currency: 'GBP',
        agreedBy: null,
      },
    ]);
    expect((await other.get('/api/jobs')).body).toHaveLength(before);
    expect((await other.get(`/api/jobs/${jobId}`)).status).toBe(404);
    // At home it is there, entry for entry; a painter is told no sum.
    expect((await look(ada, zipped(parts))).body.already).toBe(true);
    expect((await look(painter, zipped(parts))).status).toBe(403);
    const broken = jobIn(parts);
    broken.ledger[1].by = 'Somebody Else';
    expect((await look(other, zipped(parts, broken))).body.errors[0].message).toMatch(/^entry 2/);
  });
});

describe('a job from a firm that is paid otherwise', () => {
  test('what was sent and set there stays in its money, and is no price here', async () => {
    const { jobId } = await workedJob();
    const { job } = (await ada.get(`/api/jobs/${jobId}`)).body;
    const ownSums = [{ id: uuid(), surfaceId: null, words: 'Scaffold', amount: 40_000, note: '' }];
    await ada.send('PUT', `/api/jobs/${jobId}/own-sums`, { id: uuid(), version: job.version, ownSums });
    const { seen, draft } = (await ada.get(`/api/jobs/${jobId}/price`)).body;
    expect(draft.own).toMatchObject([{ words: 'Scaffold', price: 40_000 }]);
    const way = token();
    const { id: documentId } = (await ada.post(`/api/jobs/${jobId}/quotes`, { id: uuid(), seen, token: way })).body;
    await ada.post(`/api/client/${way}/agreement`, { id: uuid(), documentId, name: 'Hesper Quill', options: [] });

    const dollars = await secondFirm('Paid in Dollars', `owner-${uuid()}@dollars.example`);
    const { version } = (await dollars.get('/api/session')).body.firm;
    expect((await dollars.send('PATCH', '/api/firm', { id: uuid(), version, currency: 'USD' })).status).toBe(200);
    await bring(dollars, zipped(await zipOf(ada, jobId)));
    const here = (await dollars.get(`/api/jobs/${jobId}/price`)).body;
    expect(here.draft).toMatchObject({ currency: 'USD' });
    expect(here.draft.own).toBeUndefined();
    expect(here.elsewhere).toEqual([{ words: 'Scaffold', amount: 40_000, currency: 'GBP' }]);
    expect(here.sent).toMatchObject([{ currency: 'GBP', total: draft.total }]);
    expect(here.changes[0]).toEqual({
      surfaceId: '',
      words: 'Priced in USD; the version before it was in GBP.',
      price: 0,
    });
    expect(here.changes.every((c: { price: number }) => c.price === 0)).toBe(true);
    // A sum that is set here is in the money of here; the other stays what it was.
    const sums = [...here.job.ownSums, { id: uuid(), surfaceId: null, words: 'Lift', amount: 9_900, note: '' }];
    const put = await dollars.send('PUT', `/api/jobs/${jobId}/own-sums`, {
      id: uuid(),
      version: here.job.version,
      ownSums: sums,
    });
    expect(put.body.ownSums.map((s: { currency: string }) => s.currency)).toEqual(['GBP', 'USD']);
    const after = (await dollars.get(`/api/jobs/${jobId}/price`)).body;
    expect(after.draft.own).toMatchObject([{ words: 'Lift', price: 9_900 }]);
    expect((await dollars.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
    // Home again it is as it was, and came from nowhere else.
    const file = jobIn(await zipOf(dollars, jobId));
    expect(file.job.cameFrom).toMatchObject({ firm: 'Saltmarsh & Thirle, Decorators', currency: 'GBP' });
    expect(verifyJobFile(file).whole).toBe(true);
  });
});

describe('a whole job as a zip', () => {
  test('every job of the demo goes to another firm and back out again, the same to the byte', async () => {
    for (const { id } of (await ada.get('/api/jobs')).body) {
      const parts = await zipOf(ada, id);
      const file = jobIn(parts);
      expect(checkJobFile(file)).toMatchObject({ ok: true, surfaces: file.surfaces.length });
      expect(verifyJobFile(file)).toEqual({ whole: true, entries: file.ledger.length });
      const brought = await bring(other, zipped(parts));
      expect(brought.body).toMatchObject({ jobId: id, already: false, entries: file.ledger.length });
      expect(told(jobIn(await zipOf(other, id)))).toEqual(told(file));
      expect((await other.get(`/api/jobs/${id}/ledger/check`)).body).toEqual({
        whole: true,
        entries: file.ledger.length + 1,
      });
      expect((await other.get(`/api/jobs/${id}`)).status).toBe(200);
      expect((await other.get(`/api/jobs/${id}/plan`)).status).toBe(200);
    }
  });

  test('has its photos in it, and they are shown where it is brought in', async () => {
    const { jobId, photoId } = await workedJob();
    const parts = await zipOf(ada, jobId);
    expect(Object.keys(parts).sort()).toEqual(['job.json', `photos/${photoId}.jpg`]);
    expect((await bring(other, zipped(parts))).body).toMatchObject({ photos: 1, already: false });
    const shown = await fetch(`${other.base}/api/photos/${photoId}`, { headers: { cookie: other.cookie } });
    expect(Buffer.from(await shown.arrayBuffer())).toEqual(Buffer.from(parts[`photos/${photoId}.jpg`]!));
  });

  test('the same file twice writes nothing twice, and what one firm then does is unseen by the other', async () => {
    const { jobId, surfaceId } = await workedJob();
    const sent = zipped(await zipOf(ada, jobId));
    const id = uuid();
    const first = await bring(other, sent, id);
    expect(first.body.already).toBe(false);
    expect((await bring(other, sent, id)).body).toEqual(first.body);
    const again = await bring(other, sent);
    expect(again.body).toMatchObject({ jobId, already: true });
    await other.post(`/api/surfaces/${surfaceId}/tests`, {
      id: uuid(),
      at: new Date().toISOString(),
      test: { kind: 'blade-lift', result: 'holds' },
    });
    expect((await other.get(`/api/surfaces/${surfaceId}`)).body.tests).toHaveLength(3);
    expect((await ada.get(`/api/surfaces/${surfaceId}`)).body.tests).toHaveLength(2);
    for (const firm of [ada, other]) expect((await firm.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
    // Each went its own way since: the file of one is not the record of the other.
    await ada.post(`/api/surfaces/${surfaceId}/tests`, {
      id: uuid(),
      at: new Date().toISOString(),
      test: { kind: 'blade-lift', result: 'chips' },
    });
    const parted = await bring(other, zipped(await zipOf(ada, jobId)));
    expect(parted.status).toBe(409);
    expect(parted.body.message).toMatch(/parts from the file at entry \d+/);
  });

  test.each<[string, (file: any, parts: Record<string, Uint8Array>) => unknown, RegExp]>([
    ['an entry was changed', (f) => (f.ledger[2].payload = { name: 'Another' }), /entry 3.*not what was signed/],
    ['an entry is gone', (f) => f.ledger.splice(1, 1), /entry 2/],
    [
      'a test says otherwise than its entry',
      (f) => (f.tests.find((t: any) => t.corrects).test.result = 'slight-transfer'),
      /entry \d+.*tests.*says otherwise: test/,
    ],
    ['a reading stands in no entry', (f) => f.readings.push({ ...f.readings[0], id: uuid() }), /stands in no entry/],
    ['a test is of no surface', (f) => (f.tests[0].surfaceId = uuid()), /names something that is not in the file/],
    ['a row stands twice', (f) => f.rooms.push(f.rooms[0]), /twice/],
    ['a field is unknown', (f) => (f.surfaces[0].shade = 'puce'), /shade/],
    ['the photo is missing', (f, p) => delete p[`photos/${f.photos[0].id}.jpg`], /is not in the zip/],
    [
      'the photo is another',
      (f, p) => (p[`photos/${f.photos[0].id}.jpg`] = strToU8('GIF89a')),
      /another picture than the file names/,
    ],
  ])('refused whole where %s', async (_what, bend, words) => {
    const { jobId } = await workedJob();
    const parts = await zipOf(ada, jobId);
    const file = jobIn(parts);
    bend(file, parts);
    const refused = await bring(other, zipped(parts, file));
    expect(refused.status).toBe(400);
    expect(JSON.stringify(refused.body.errors)).toMatch(words);
    expect((await other.get(`/api/jobs/${jobId}`)).status).toBe(404);
  });

  test('refused whole where it cannot be opened, though it is of the right shape', async () => {
    const { jobId, surfaceId } = await workedJob();
    const parts = await zipOf(ada, jobId);
    const file = jobIn(parts);
    const payload = { id: uuid(), steps: [], differs: '' };
    file.series.push({
      id: payload.id,
      roomId: file.rooms[0].id,
      readings: { nothing: true },
      by: 'X',
      at: file.job.startsAt,
    });
    const head = file.ledger.at(-1);
    file.ledger.push(
      chained(
        {
          seq: head.seq + 1,
          jobId,
          kind: 'air-read',
          subject: surfaceId,
          by: 'X',
          at: head.at,
          recordedAt: head.at,
          payload: {
            ...payload,
            wrote: [{ changed: 'rooms', id: file.rooms[0].id, fields: { airFrom: 'file' } }],
          },
        },
        head.hash,
      ),
    );
    file.rooms[0].airFrom = 'file';
    const refused = await bring(other, zipped(parts, file));
    expect(refused.status).toBe(400);
    expect(refused.body.errors[0].message).toContain('cannot be opened as a job');
    expect((await other.get(`/api/jobs/${jobId}`)).status).toBe(404);
  });

  test('nothing, nonsense, a broken zip and a zip of something else are refused in words', async () => {
    for (const sent of [strToU8(''), strToU8('{"a":'), strToU8('PK nonsense'), zipSync({ 'x.txt': strToU8('x') })])
      expect((await bring(other, sent)).status).toBe(400);
  });

  test('a painter takes no job out and brings none in, and another firm’s job is none', async () => {
    const { jobId } = await workedJob();
    const sent = zipped(await zipOf(ada, jobId));
    expect((await painter.get(`/api/jobs/${jobId}/file.zip`)).status).toBe(403);
    expect((await bring(painter, sent)).status).toBe(403);
    expect((await other.get(`/api/jobs/${jobId}/file.zip`)).status).toBe(404);
  });
});
