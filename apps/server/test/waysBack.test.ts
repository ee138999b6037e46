import { beforeAll, expect, test } from '@jest/globals';
import { newJob, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
let mei: Client;
beforeAll(async () => {
  [ada, mei] = [await signedIn(), await signedIn('mei')];
});

async function surfaceOf(facts: object, wanted: object = { colour: '#f4f1e8' }) {
  const { jobId, roomId } = await newJob(ada, 1985);
  const surface = { ...surfaceBody(roomId), facts, wanted };
  await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
  return { jobId, surfaceId: surface.id };
}
const ask = (surfaceId: string, body: object, who = ada) => who.post(`/api/surfaces/${surfaceId}/way-back`, body);
const OIL = { element: 'door', substrate: 'softwood', areaM2: 4, conditions: ['glossy'], currentFinish: 'oil-alkyd' };
const MELAMINE = { element: 'cabinet', substrate: 'melamine', areaM2: 8, currentColour: '#5a4031' };

test('the wrong coat: how it comes off follows its age, as it is said or as it was logged; a painter is told no money', async () => {
  const { surfaceId } = await surfaceOf(OIL);
  const asked = { fault: 'wrong-coat', wet: false, family: 'acrylic-trim' };
  const nowAt = async (ageHours: number) =>
    (await ask(surfaceId, { ...asked, ageHours })).body.ways.find((w: { isNow: boolean }) => w.isNow).words;
  expect([await nowAt(3), await nowAt(40), await nowAt(400)]).toEqual([
    'alcohol and a rag',
    'alcohol and a scraper',
    'stripper',
  ]);
  const found = (await ask(surfaceId, { ...asked, ageHours: 3 })).body;
  expect([found.laidAt, found.product]).toEqual([null, null]);
  expect(found.ways[0].price.cost).toBeGreaterThan(0);
  const told = (await ask(surfaceId, { ...asked, ageHours: 3 }, mei)).body;
  expect(JSON.stringify(told)).not.toMatch(/"(cost|labour|materials)"/);
});

test('a splotchy first coat: what is chosen is written down with its steps, and what comes next waits', async () => {
  const { jobId, surfaceId } = await surfaceOf(MELAMINE);
  const asked = { fault: 'shows-through', wet: false };
  const { seconds } = (await ask(surfaceId, asked)).body;
  expect(seconds.map((s: { code: string }) => s.code)).toEqual(['same-again', 'cheaper-primer', 'more-finish']);
  expect((await ask(surfaceId, asked, mei)).body.seconds[0].adds.cost).toBeUndefined();
  // Once a finish is on, it is no question of primer any more.
  expect((await ask(surfaceId, { ...asked, family: 'acrylic-trim' })).body.seconds).toEqual([]);
  const body = { ...asked, second: 'cheaper-primer', id: uuid(), note: 'grey shows at the rails' };
  const written = await mei.post(`/api/surfaces/${surfaceId}/ways-back`, body);
  expect(written.status).toBe(201);
  expect(written.body.steps.filter((s: { kind: string }) => s.kind === 'prime')).toHaveLength(2);
  const entries = (await ada.get(`/api/jobs/${jobId}/ledger`)).body as { kind: string; payload: { cause?: string } }[];
  const entry = entries.find((e) => e.kind === 'way-back-written');
  expect(entry?.payload.cause).toBe('The first coat of primer is uneven.');
  expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
});

test.each([
  ['no such trouble', { fault: 'odd', wet: false }, 'fault'],
  ['a way on that there is none of', { fault: 'shows-through', wet: false, second: 'none' }, 'second'],
  ['an age before it was laid', { fault: 'wrong-coat', wet: false, ageHours: -1 }, 'ageHours'],
])('%s is refused by its path', async (_what, body, path) => {
  const { surfaceId } = await surfaceOf(OIL);
  const answer = await ask(surfaceId, body);
  expect([answer.status, answer.body.errors[0].path]).toEqual([400, path]);
});
