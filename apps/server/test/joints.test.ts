import { beforeAll, describe, expect, test } from '@jest/globals';
import { jointOf } from '@rustic/core';
import { newJob, signedIn, uuid, type Client } from './client.ts';

let ada: Client;
let mei: Client;
beforeAll(async () => {
  [ada, mei] = await Promise.all([signedIn(), signedIn('mei')]);
});

const SKETCH = { walls: [{ name: 'outer wall', widthM: 4, heightM: 2.4, openings: [] }] };
const { lengthM: _drawn, ...joint } = jointOf({
  side: 'frame',
  otherSide: 'wall',
  widthMm: 4,
  holds: 'silicone',
  lengthM: 4,
});
const SAID = { ...joint, note: '' };

/** A room with a sketch and a wall in it. */
async function room() {
  const { jobId, roomId } = await newJob(ada);
  const { version } = (await ada.get(`/api/jobs/${jobId}`)).body.rooms.find((r: { id: string }) => r.id === roomId);
  await ada.send('PATCH', `/api/rooms/${roomId}`, { id: uuid(), version, sketch: SKETCH });
  const surfaceId = uuid();
  const facts = { element: 'wall', substrate: 'skim-plaster', areaM2: 9.6, currentFinish: 'waterborne-acrylic' };
  await ada.post(`/api/jobs/${jobId}/surfaces`, {
    id: surfaceId,
    roomId,
    name: 'Walls',
    facts,
    wanted: { colour: '#efe9dc' },
  });
  const draw = (more: object = {}, who = ada) =>
    who.post(`/api/rooms/${roomId}/joints`, {
      id: uuid(),
      surfaceId,
      line: {
        wall: 0,
        points: [
          { x: 0, y: 1 },
          { x: 3, y: 1 },
          { x: 3, y: 2 },
        ],
      },
      lengthM: null,
      ...SAID,
      at: new Date().toISOString(),
      ...more,
    });
  const page = async (who = ada) => (await who.get(`/api/rooms/${roomId}/joints`)).body;
  const change = (joint: object & { id: string; version: number }, more: object, who = ada) => {
    const said = Object.fromEntries(
      [...Object.keys(SAID), 'surfaceId', 'line', 'lengthM', 'withdrawn'].map((f) => [f, joint[f as never]]),
    );
    return who.send('PUT', `/api/joints/${joint.id}`, { ...said, version: joint.version, id: uuid(), ...more });
  };
  return { jobId, roomId, surfaceId, draw, page, change };
}
const stepsOf = async (surfaceId: string) =>
  (await ada.get(`/api/surfaces/${surfaceId}`)).body.lines.map((l: { step: { kind: string } }) => l.step.kind);

describe('joints of a room', () => {
  test('are in the system, the price and the shopping list of the surface that they are done with', async () => {
    const { jobId, surfaceId, draw, page } = await room();
    const before = (await ada.get(`/api/jobs/${jobId}/price`)).body.sums.total;
    expect((await draw()).status).toBe(201);
    const [joint] = (await page()).joints;
    // Three metres along and one up.
    expect(joint).toMatchObject({ name: 'Window or door frame to wall', metres: 4, silicone: 1 });
    expect(joint.plan).toMatchObject({ act: 'cut-out', family: 'paintable-hybrid-sealant' });
    expect(joint.ways.map((w: { remedy: string }) => w.remedy)).toEqual(['leave', 'cut-out', 'bridge', 'block']);
    expect(await stepsOf(surfaceId)).toEqual(expect.arrayContaining(['remove-sealant', 'solvent-wipe', 'caulk']));
    expect((await ada.get(`/api/jobs/${jobId}/price`)).body.sums.total).toBeGreaterThan(before);
    const bought = (await ada.get(`/api/jobs/${jobId}/shopping`)).body.items.map((i: { words: string }) => i.words);
    expect(bought.join()).toContain('sealant that takes paint');
    expect((await page()).beads).toEqual([expect.objectContaining({ unit: 'cartridge', count: 1 })]);
  });
  test('what is decided counts at once, and is undone; the ledger says so', async () => {
    const { jobId, surfaceId, draw, page, change } = await room();
    await draw({ holds: 'unread', shine: 'shiny' });
    let [joint] = (await page()).joints;
    expect(joint.plan.act).toBe('find-out');
    expect(joint.next.why).toMatch(/\w/);
    expect((await ada.get(`/api/surfaces/${surfaceId}`)).body.blocks.map((b: { code: string }) => b.code)).toContain(
      'paint-on-silicone',
    );
    expect((await change(joint, { dab: 'beads' })).status).toBe(200);
    [joint] = (await page()).joints;
    expect(joint).toMatchObject({ dab: 'beads', version: 2 });
    expect(joint.plan.act).toBe('cut-out');
    await change(joint, { remedy: 'leave' });
    expect(await stepsOf(surfaceId)).not.toContain('remove-sealant');
    [joint] = (await page()).joints;
    await change(joint, { withdrawn: true });
    expect((await page()).joints).toEqual([]);
    expect((await change({ ...joint, version: joint.version + 1 }, { withdrawn: false })).status).toBe(200);
    expect((await page()).joints).toHaveLength(1);
    const changed = (await ada.get(`/api/jobs/${jobId}/ledger`)).body.filter(
      (e: { kind: string }) => e.kind === 'joint-changed',
    );
    expect(changed.map((e: { payload: { withdrawn: boolean } }) => e.payload.withdrawn).sort()).toEqual([
      false,
      false,
      false,
      true,
    ]);
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
  });
  test('two people at once lose nothing: the second is told what stands', async () => {
    const { draw, page, change } = await room();
    await draw();
    const [joint] = (await page()).joints;
    const both = await Promise.all([change(joint, { moves: true }), change(joint, { painted: false })]);
    expect(both.map((r) => r.status).sort()).toEqual([200, 409]);
    expect(both.find((r) => r.status === 409)!.body).toMatchObject({
      code: 'edited-elsewhere',
      theirs: { version: 2 },
    });
  });
  test('a measured length goes before the drawn one; no length, another wall, another room are refused', async () => {
    const { draw, page, surfaceId } = await room();
    const other = await room();
    await draw({ lengthM: 5.5 });
    expect((await page()).joints[0].metres).toBe(5.5);
    const refused = async (more: object, path: string) => {
      const { status, body } = await draw(more);
      expect([status, body.errors[0].path]).toEqual([400, path]);
    };
    await refused({ line: null }, 'lengthM');
    await refused(
      {
        line: {
          wall: 3,
          points: [
            { x: 0, y: 0 },
            { x: 1, y: 0 },
          ],
        },
      },
      'line.wall',
    );
    await refused({ line: { wall: 0, points: [{ x: 0, y: 0 }] } }, 'line.points');
    await refused({ surfaceId: other.surfaceId }, 'surfaceId');
    await refused({ side: 'roof' }, 'side');
    await refused({ widthMm: 0 }, 'widthMm');
    expect((await page()).joints).toHaveLength(1);
    expect(await stepsOf(other.surfaceId)).not.toContain('remove-sealant');
    expect(surfaceId).not.toBe(other.surfaceId);
  });
  test('who sees no prices is told the hours and not the money; the job goes to another firm with its joints', async () => {
    const { jobId, draw, page } = await room();
    await draw();
    expect((await page()).joints[0].ways[1].cost).toBeGreaterThan(0);
    const seen = (await page(mei)).joints[0].ways[1];
    expect(seen.minutes).toBeGreaterThan(0);
    expect(seen.cost).toBeUndefined();
    const file = (await ada.get(`/api/jobs/${jobId}/file`)).body;
    expect(file.joints).toHaveLength(1);
    expect(file.joints[0]).toMatchObject({ side: 'frame', withdrawn: false });
  });
});
