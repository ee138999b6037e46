import { beforeAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { newJob, signedIn, uuid, type Client } from './client.ts';

let ada: Client;
let mei: Client;
beforeAll(async () => {
  [ada, mei] = await Promise.all([signedIn(), signedIn('mei')]);
});

const SKETCH = {
  walls: [
    {
      name: 'outer wall',
      widthM: 4,
      heightM: 2.4,
      openings: [{ kind: 'window', x: 1.5, y: 0.9, widthM: 1, heightM: 1.2 }],
    },
  ],
};

/** A wall in a room with a sketch, nothing said of its state. */
async function wall(more: object = {}) {
  const { jobId, roomId } = await newJob(ada);
  const room = (await ada.get(`/api/jobs/${jobId}`)).body.rooms.find((r: { id: string }) => r.id === roomId);
  await ada.send('PATCH', `/api/rooms/${roomId}`, { id: uuid(), version: room.version, sketch: SKETCH });
  const id = uuid();
  await ada.post(`/api/jobs/${jobId}/surfaces`, {
    id,
    roomId,
    name: 'Walls',
    facts: { element: 'wall', substrate: 'skim-plaster', areaM2: 8.4, ...more },
    wanted: { colour: '#efe9dc' },
  });
  return { jobId, roomId, id };
}
const at = (x: number, y: number) => ({ wall: 0, x, y });
const mark = (id: string, what: string, x: number, y: number, more: object = {}, who = ada) =>
  who.post(`/api/surfaces/${id}/damage`, {
    id: uuid(),
    what,
    there: true,
    place: at(x, y),
    at: new Date().toISOString(),
    ...more,
  });
const pageOf = async (id: string, who = ada) => (await who.get(`/api/surfaces/${id}/damage`)).body;

describe('damage put where it is', () => {
  test('gets a size with its doubt, which sound places narrow; the price knows of it', async () => {
    const { jobId, id } = await wall();
    const before = (await ada.get(`/api/surfaces/${id}`)).body;
    expect((await pageOf(id)).zones).toEqual([]);
    for (const [x, y] of [
      [0.5, 0.6],
      [1, 0.4],
    ] as const)
      expect((await mark(id, 'peeling', x, y)).status).toBe(201);
    const [one] = (await pageOf(id)).zones;
    expect(one.lowM2).toBeLessThan(one.likelyM2);
    expect(one.highM2).toBeGreaterThan(one.likelyM2);
    expect(one.costHigh).toBeGreaterThanOrEqual(one.costLow);
    expect(one.next.place.wall).toBe(0);
    for (const [x, y] of [
      [3, 0.5],
      [3.5, 2],
      [0.5, 2.2],
    ] as const)
      await mark(id, 'peeling', x, y, { there: false });
    const [two] = (await pageOf(id)).zones;
    expect(two.looks).toBe(5);
    expect(two.highM2 - two.lowM2).toBeLessThan(one.highM2 - one.lowM2);
    // What is marked counts as seen on the surface, with its size, until somebody measures it.
    const after = (await ada.get(`/api/surfaces/${id}`)).body;
    expect(before.conditions).not.toContain('peeling');
    expect(after.conditions).toContain('peeling');
    // The fan of the price draws its size, from either end.
    const fanZones = async () => (await ada.get(`/api/jobs/${jobId}/price/fan`)).body.surfaces[0].zones;
    const [drawn] = await fanZones();
    expect(drawn.damage).toBe('peeling');
    expect(drawn.low.minutes).toBeLessThan(0);
    expect(drawn.high.minutes).toBeGreaterThan(0);
    expect(after.price.cost).toBeGreaterThan(before.price.cost);
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
  });

  test('a test that was made at a place is a look as well', async () => {
    const { id } = await wall({ conditions: ['peeling'] });
    await ada.post(`/api/surfaces/${id}/tests`, {
      id: uuid(),
      test: { kind: 'tape-pull', result: 'lifts', place: 'by the window' },
      mark: at(1.2, 1.2),
      at: new Date().toISOString(),
    });
    expect((await pageOf(id)).zones).toEqual([expect.objectContaining({ damage: 'peeling', looks: 1 })]);
  });

  test('where it lies points to why; a mark that is taken back counts no more', async () => {
    const { jobId, id } = await wall();
    await mark(id, 'damp', 1.8, 0.5);
    const second = (await mark(id, 'damp', 2.2, 0.3)).body;
    expect((await pageOf(id)).causes.map((c: { code: string }) => c.code)).toContain('sill');
    const back = await mark(id, 'damp', 2.2, 0.3, { takesBack: second.id });
    expect(back.status).toBe(201);
    const page = await pageOf(id);
    expect([page.marks.length, page.causes]).toEqual([1, []]);
    expect((await mark(id, 'damp', 2.2, 0.3, { takesBack: second.id + '' })).status).toBe(201);
    expect((await mark(id, 'rot', 2.2, 0.3, { takesBack: second.id })).status).toBe(400);
    const entries = (await ada.get(`/api/jobs/${jobId}/ledger`)).body;
    expect(entries.filter((e: { kind: string }) => e.kind === 'damage-marked').length).toBe(4);
  });

  test('painters mark, and are told sizes and no money; sent twice it is written once', async () => {
    const { id } = await wall();
    const body = { id: uuid(), what: 'mould', there: true, place: at(0.2, 2.2), at: new Date().toISOString() };
    for (let n = 0; n < 2; n++) expect((await mei.post(`/api/surfaces/${id}/damage`, body)).status).toBe(201);
    const page = await pageOf(id, mei);
    expect(page.marks).toHaveLength(1);
    expect(page.zones[0]).not.toHaveProperty('costLow');
  });

  test.each([
    ['no kind of damage', { what: 'ghosts' }],
    ['no place', { place: null }],
    ['a place below the floor', { place: { wall: 0, x: 1, y: -1 } }],
    ['no time', { at: 'yesterday' }],
  ])('%s is refused', async (_what, more) => {
    const { id } = await wall();
    expect((await mark(id, 'damp', 1, 1, more)).status).toBe(400);
    expect((await pageOf(id)).marks).toEqual([]);
  });

  describe('a photo that is set to its wall', () => {
    const corners = {
      topLeft: { x: 0.1, y: 0.1 },
      topRight: { x: 0.9, y: 0.15 },
      bottomRight: { x: 0.9, y: 0.9 },
      bottomLeft: { x: 0.1, y: 0.85 },
    };
    const part = { x: 1.5, y: 0.9, widthM: 1, heightM: 1.2 };
    async function photographed() {
      const { jobId, roomId, id } = await wall();
      const picture = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#d8d2c4' } })
        .jpeg()
        .toBuffer();
      const photoId = uuid();
      const asked = new URLSearchParams({ id: photoId, roomId, surfaceId: id, at: new Date().toISOString() });
      const kept = await ada.send('POST', `/api/jobs/${jobId}/photos?${asked}`, picture, {
        'content-type': 'image/jpeg',
      });
      expect(kept.status).toBe(201);
      const frame = (more: object = {}, who = ada) =>
        who.post(`/api/surfaces/${id}/damage/frames`, {
          id: uuid(),
          photoId,
          corners,
          wall: 0,
          part,
          at: new Date().toISOString(),
          ...more,
        });
      return { jobId, id, photoId, frame };
    }
    test('keeps its corners; set anew, the later ones count, and the ledger holds', async () => {
      const { jobId, id, photoId, frame } = await photographed();
      expect((await pageOf(id)).photos).toEqual([expect.objectContaining({ id: photoId, frame: null })]);
      expect((await frame({}, mei)).status).toBe(201);
      expect((await pageOf(id)).photos[0].frame).toEqual({ corners, wall: 0, part });
      const whole = { x: 0, y: 0, widthM: 4, heightM: 2.4 };
      await frame({ part: whole, at: new Date(Date.now() + 1000).toISOString() });
      expect((await pageOf(id)).photos[0].frame.part).toEqual(whole);
      expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
      expect((await ada.get(`/api/jobs/${jobId}/file`)).body.photoFrames).toHaveLength(2);
    });
    test('corners that cross, no such photo, and one of another room are refused, and nothing is kept', async () => {
      const { id, frame } = await photographed();
      const other = await photographed();
      const crossed = { ...corners, topLeft: corners.topRight, topRight: corners.topLeft };
      const { body } = await frame({ corners: crossed });
      expect(body.errors[0]).toMatchObject({ path: 'corners', message: expect.stringContaining('cross') });
      expect((await frame({ photoId: uuid() })).status).toBe(404);
      expect((await frame({ photoId: other.photoId })).status).toBe(400);
      expect((await frame({ part: { ...part, widthM: 0 } })).status).toBe(400);
      expect((await pageOf(id)).photos[0].frame).toBeNull();
    });
  });
});
