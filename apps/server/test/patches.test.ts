import { beforeAll, expect, test } from '@jest/globals';
import { newJob, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
beforeAll(async () => {
  ada = await signedIn();
});

const MINUTE = 60_000;
const ago = (minutes: number) => new Date(Date.now() - minutes * MINUTE).toISOString();
async function stained() {
  const { jobId, roomId } = await newJob(ada, 1995);
  const facts = { element: 'ceiling', substrate: 'drywall', areaM2: 12, conditions: ['water-stain'] };
  const surface = { ...surfaceBody(roomId), name: 'Ceiling', facts };
  await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
  const { job } = (await ada.get(`/api/jobs/${jobId}`)).body;
  await ada.send('PATCH', `/api/jobs/${jobId}`, { id: uuid(), version: job.version, status: 'active' });
  return { jobId, surfaceId: surface.id };
}
const lay = (surfaceId: string, more: object = {}, who = ada) =>
  who.post(`/api/surfaces/${surfaceId}/patches`, {
    id: uuid(),
    families: ['shellac-primer', 'stain-blocking-acrylic-primer'],
    coats: 1,
    place: 'across the ring',
    at: ago(150),
    ...more,
  });
const read = (surfaceId: string, family: string, result: string, minutes: number, at: string) =>
  ada.post(`/api/surfaces/${surfaceId}/tests`, {
    id: uuid(),
    at,
    test: { kind: 'test-patch', family, result, coats: 1, minutes, place: 'across the ring' },
  });
const patchesOf = async (surfaceId: string) => (await ada.get(`/api/surfaces/${surfaceId}/patches`)).body.patches;
const dueOn = async (surfaceId: string) =>
  (await ada.get('/api/today')).body.patches.find((p: { surfaceId: string }) => p.surfaceId === surfaceId);

test('patches are laid in one act by whoever works there; the run sheet says when to look, and the looks decide', async () => {
  const { jobId, surfaceId } = await stained();
  const mei = await signedIn('mei');
  expect((await lay(surfaceId, {}, mei)).status).toBe(201);
  const [laid] = await patchesOf(surfaceId);
  expect(laid).toMatchObject({ coats: 1, place: 'across the ring', byName: 'Mei Okonjo-Hart', reads: [] });
  expect(laid.next).toEqual(laid.looks[0]);
  expect(await dueOn(surfaceId)).toMatchObject({ name: 'Ceiling', place: 'across the ring', due: laid.looks[0].due });
  // Elsewhere on the same ceiling: not of these patches.
  const elsewhere = { kind: 'test-patch', family: 'shellac-primer', result: 'covers', coats: 1, minutes: 60 };
  await ada.post(`/api/surfaces/${surfaceId}/tests`, { id: uuid(), at: ago(1), test: elsewhere });
  expect((await patchesOf(surfaceId))[0].reads).toEqual([]);
  await read(surfaceId, 'stain-blocking-acrylic-primer', 'bleeds-through', 145, ago(5));
  await read(surfaceId, 'shellac-primer', 'covers', 146, ago(4));
  const after = (await patchesOf(surfaceId))[0];
  expect(after.reads.map((r: { family: string; minutes: number }) => [r.family, r.minutes])).toEqual([
    ['stain-blocking-acrylic-primer', 145],
    ['shellac-primer', 146],
  ]);
  expect(after.next).toEqual(after.looks[1]);
  expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
  const file = (await ada.get(`/api/jobs/${jobId}/file`)).body;
  if (file) expect(file.patches).toHaveLength(1);
});

test('patches looked at late are waited for no more; one that nobody came back to is given up', async () => {
  const { surfaceId } = await stained();
  await lay(surfaceId, { families: ['shellac-primer'], at: ago(2 * 1440) });
  expect(await dueOn(surfaceId)).toBeDefined();
  await read(surfaceId, 'shellac-primer', 'covers', 2880, ago(0));
  expect(await dueOn(surfaceId)).toBeUndefined();
  expect((await patchesOf(surfaceId))[0].next).toBeNull();
  const other = await stained();
  await lay(other.surfaceId, { at: ago(40 * 1440) });
  expect(await dueOn(other.surfaceId)).toBeUndefined();
});

test.each([
  ['no primer', { families: [] }, 'families'],
  ['no such primer', { families: ['whitewash'] }, 'families[0]'],
  ['no coats', { coats: 0 }, 'coats'],
])('%s is refused by its path', async (_what, more, path) => {
  const { surfaceId } = await stained();
  const answer = await lay(surfaceId, more);
  expect([answer.status, answer.body.errors?.[0]?.path]).toEqual([400, path]);
});
