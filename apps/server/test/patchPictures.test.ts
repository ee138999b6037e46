import { beforeAll, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { newJob, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
let picture: Buffer;
beforeAll(async () => {
  ada = await signedIn();
  picture = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#d8d2c4' } })
    .jpeg()
    .toBuffer();
});

const ago = (minutes: number) => new Date(Date.now() - minutes * 60_000).toISOString();
const FAMILIES = ['stain-blocking-acrylic-primer', 'shellac-primer'];
const CORNERS = {
  topLeft: { x: 0.1, y: 0.1 },
  topRight: { x: 0.9, y: 0.1 },
  bottomRight: { x: 0.9, y: 0.9 },
  bottomLeft: { x: 0.1, y: 0.9 },
};
const SETTING = { corners: CORNERS, band: { from: 0.3, to: 0.6 } };
const showing = (...differences: number[]) =>
  differences.map((difference) => ({ difference, doubt: 0.1, worst: difference + 0.3 }));

async function patched() {
  const { jobId, roomId } = await newJob(ada, 1995);
  const surface = { ...surfaceBody(roomId), name: 'Ceiling' };
  await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
  const patchId = uuid();
  const laid = { id: patchId, families: FAMILIES, coats: 1, place: '', at: ago(1600) };
  await ada.post(`/api/surfaces/${surface.id}/patches`, laid);
  return { jobId, roomId, surfaceId: surface.id, patchId };
}
type Patched = Awaited<ReturnType<typeof patched>>;

async function photoOf({ jobId, roomId, surfaceId }: Omit<Patched, 'patchId'>, at: string) {
  const id = uuid();
  const asked = new URLSearchParams({ id, roomId, surfaceId, at });
  const kept = await ada.send('POST', `/api/jobs/${jobId}/photos?${asked}`, picture, { 'content-type': 'image/jpeg' });
  expect(kept.status).toBe(201);
  return id;
}
const keep = ({ surfaceId, patchId }: Patched, body: object) =>
  ada.post(`/api/surfaces/${surfaceId}/patches/${patchId}/pictures`, {
    id: uuid(),
    setting: SETTING,
    coats: 1,
    ...body,
  });
const laidOn = async ({ surfaceId }: Patched) => (await ada.get(`/api/surfaces/${surfaceId}/patches`)).body.patches[0];

test('two photos tell dye from a primer that covers; set anew, the later reading of a photo counts', async () => {
  const on = await patched();
  const [early, late] = [await photoOf(on, ago(1570)), await photoOf(on, ago(40))];
  await keep(on, { photoId: early, shows: showing(0.6, 0.3), at: ago(1570) });
  await keep(on, { photoId: late, shows: showing(0.4, 7), at: ago(40) });
  await keep(on, { photoId: late, shows: showing(6.4, 0.3), at: ago(40) });
  const { pictures, seen } = await laidOn(on);
  expect(pictures.map((p: { minutes: number; photoId: string }) => [p.photoId, p.minutes])).toEqual([
    [early, 30],
    [late, 1560],
  ]);
  expect(seen).toEqual([
    expect.objectContaining({ family: FAMILIES[0], sees: 'bleeds-through', words: expect.stringMatching(/dye rises/) }),
    expect.objectContaining({ family: FAMILIES[1], sees: 'covers' }),
  ]);
  // It decides nothing: nobody has looked yet.
  expect((await laidOn(on)).reads).toEqual([]);
  expect((await ada.get(`/api/jobs/${on.jobId}/ledger/check`)).body.whole).toBe(true);
});

test('what cannot belong together is refused, and nothing is kept', async () => {
  const [on, other] = [await patched(), await patched()];
  const [photoId, elsewhere] = [await photoOf(on, ago(40)), await photoOf(other, ago(40))];
  const shows = showing(1, 1);
  const refusals = [
    await keep(on, { photoId: elsewhere, shows, at: ago(40) }),
    await keep({ ...on, patchId: other.patchId }, { photoId, shows, at: ago(40) }),
    await keep(on, { photoId, shows: showing(1), at: ago(40) }),
    await keep(on, { photoId: uuid(), shows, at: ago(40) }),
    await keep(on, { photoId, shows, coats: 0, at: ago(40) }),
    await keep(on, { photoId, shows, at: ago(40), setting: { ...SETTING, band: { from: -1, to: 2 } } }),
  ];
  expect(refusals.map((r) => r.status)).toEqual([400, 400, 400, 404, 400, 400]);
  expect(refusals[2]!.body.errors).toEqual([{ path: 'shows', message: 'says what 1 showed, and 2 were laid' }]);
  expect(refusals[5]!.body.errors[0].path).toBe('setting.band.from');
  expect((await laidOn(on)).pictures).toEqual([]);
});

test('the same sent twice is kept once', async () => {
  const on = await patched();
  const body = { id: uuid(), photoId: await photoOf(on, ago(40)), shows: showing(1, 2), at: ago(40) };
  const [one, again] = [await keep(on, body), await keep(on, body)];
  expect(again.body).toEqual(one.body);
  expect((await laidOn(on)).pictures).toHaveLength(1);
});
