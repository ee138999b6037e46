import { beforeAll, describe, expect, test } from '@jest/globals';
import { strToU8, strFromU8, unzipSync, zipSync } from 'fflate';
import sharp from 'sharp';
import { chained, checkJobFile, verifyJobFile, type Entry } from '@rustic/core';
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
const told = ({ job: { crewIds: _crew, ...job }, ledger, products: _products, ...rest }: any) => ({
  job,
  ...rest,
  ledger: ledger.filter((e: Entry) => e.kind !== 'job-brought-in'),
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
  }, 180_000);

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
