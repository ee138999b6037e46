import { beforeAll, describe, expect, test } from '@jest/globals';
import { newJob, secondFirm, signedIn, uuid, type Client } from './client.ts';

/* eslint-disable @typescript-eslint/no-explicit-any -- answers are read field by field */
let ada: Client;
let mei: Client;
let other: Client;
beforeAll(async () => {
  ada = await signedIn();
  mei = await signedIn('mei');
  other = await secondFirm('Next Door', 'next@door.example');
});
const now = () => new Date().toISOString();

/** A room with a door and a wall; the door has hardware. */
async function house() {
  const { jobId, roomId } = await newJob(ada, 1996);
  const surface = (name: string, facts: object, wanted: object) => ({ id: uuid(), roomId, name, facts, wanted });
  const door = surface(
    'Door',
    { element: 'door', substrate: 'softwood', areaM2: 4, conditions: ['knots'] },
    { colour: '#22384d', sheen: 'satin' },
  );
  const wall = surface(
    'Wall',
    { element: 'wall', substrate: 'drywall', areaM2: 20, conditions: ['damp'] },
    { colour: '#efe9d8', sheen: 'flat' },
  );
  for (const one of [door, wall]) expect((await ada.post(`/api/jobs/${jobId}/surfaces`, one)).status).toBe(201);
  return { jobId, roomId, door: door.id, wall: wall.id };
}
const fault = (surfaceId: string, more: object = {}) => ({
  id: uuid(),
  surfaceId,
  fault: 'knock',
  sizeM2: 0.002,
  view: 'plain',
  at: now(),
  ...more,
});
const page = async (jobId: string, who = ada): Promise<any> => (await who.get(`/api/jobs/${jobId}/punch`)).body;

describe('a punch list', () => {
  test('numbers faults as they are marked, and says of each whether it will show or what its cause may be', async () => {
    const at = await house();
    const marked = [
      fault(at.wall, { mark: { wall: 0, x: 1.2, y: 1.5 } }),
      fault(at.door, { fault: 'runs', sizeM2: 0.05, view: 'raking' }),
      fault(at.wall, { fault: 'stain', note: 'under the window' }),
    ];
    for (const one of marked) expect((await mei.post(`/api/jobs/${at.jobId}/faults`, one)).status).toBe(201);
    // Sent again, it is one fault.
    await mei.post(`/api/jobs/${at.jobId}/faults`, marked[0]);
    const { faults, visits } = await page(at.jobId);
    expect(faults.map((f: any) => [f.number, f.fault, f.byName])).toEqual([
      [1, 'knock', 'Mei Okonjo-Hart'],
      [2, 'runs', 'Mei Okonjo-Hart'],
      [3, 'stain', 'Mei Okonjo-Hart'],
    ]);
    const [knock, runs, stain] = faults.map((f: any) => f.mend);
    expect(knock.touchUp.recommended).toBe('spot');
    expect(runs.touchUp.odds.spot).toBeGreaterThan(knock.touchUp.odds.spot);
    expect(['feather', 'corner-to-corner']).toContain(runs.touchUp.recommended);
    expect(stain).toMatchObject({ causeFirst: true, touchUp: null, kit: null });
    expect(stain.causes[0]).toMatchObject({ code: 'water-behind', because: expect.stringContaining('damp') });
    expect(visits.flatMap((v: any) => v.closes).sort()).toEqual(faults.map((f: any) => f.id).sort());
    expect((await ada.get(`/api/jobs/${at.jobId}/ledger/check`)).body.whole).toBe(true);
  });

  test('a fault is closed once, with how and with what; it leaves the visits and stands in the ledger', async () => {
    const at = await house();
    const one = fault(at.wall);
    await ada.post(`/api/jobs/${at.jobId}/faults`, one);
    const act = { id: uuid(), kind: 'mended', way: 'spot', withWhat: 'Softwall, batch B1', at: now() };
    expect((await mei.post(`/api/faults/${one.id}/acts`, { ...act, way: undefined })).status).toBe(400);
    expect((await mei.post(`/api/faults/${one.id}/acts`, act)).status).toBe(201);
    expect((await mei.post(`/api/faults/${one.id}/acts`, act)).status).toBe(201);
    const again = await ada.post(`/api/faults/${one.id}/acts`, { ...act, id: uuid() });
    expect(again.status).toBe(409);
    expect(again.body).toMatchObject({ code: 'closed', theirs: { byName: 'Mei Okonjo-Hart' } });
    const { faults, visits } = await page(at.jobId);
    expect(faults[0]).toMatchObject({ mend: null, act: { kind: 'mended', way: 'spot' } });
    expect(visits).toEqual([]);
    const kinds = (await ada.get(`/api/jobs/${at.jobId}/ledger`)).body.map((e: any) => e.kind);
    expect(kinds.filter((k: string) => k.startsWith('fault-'))).toEqual(['fault-marked', 'fault-mended']);
  });

  test('ten who mark at once are given ten numbers', async () => {
    const at = await house();
    await Promise.all(
      Array.from({ length: 10 }, (_, i) =>
        (i % 2 ? ada : mei).post(`/api/jobs/${at.jobId}/faults`, fault(i % 3 ? at.wall : at.door)),
      ),
    );
    const { faults } = await page(at.jobId);
    expect(faults.map((f: any) => f.number)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10]);
  });

  test('what is tried at hand-over stands by its newest, and only what the surface has is tried', async () => {
    const at = await house();
    const codes = (await page(at.jobId)).checks.filter((c: any) => c.surfaceId === at.door).map((c: any) => c.code);
    expect(codes).toContain('closes');
    const tried = (holds: boolean, code = 'closes') =>
      mei.post(`/api/surfaces/${at.door}/checks`, {
        id: uuid(),
        code,
        holds,
        note: holds ? '' : 'binds at the head',
        at: now(),
      });
    expect((await tried(false)).status).toBe(201);
    expect((await page(at.jobId)).checks.find((c: any) => c.code === 'closes').tried).toMatchObject({
      holds: false,
      note: 'binds at the head',
    });
    await tried(true);
    expect((await page(at.jobId)).checks.find((c: any) => c.code === 'closes').tried.holds).toBe(true);
    expect((await tried(true, 'slides')).status).toBe(400);
  });

  test('another firm sees none of it and writes none of it; what is nonsense is refused with its path', async () => {
    const at = await house();
    const one = fault(at.wall);
    await ada.post(`/api/jobs/${at.jobId}/faults`, one);
    const act = { id: uuid(), kind: 'withdrawn', at: now() };
    for (const answer of [
      await other.get(`/api/jobs/${at.jobId}/punch`),
      await other.post(`/api/jobs/${at.jobId}/faults`, fault(at.wall)),
      await other.post(`/api/faults/${one.id}/acts`, act),
      await other.post(`/api/surfaces/${at.door}/checks`, { id: uuid(), code: 'closes', holds: true, at: now() }),
    ])
      expect(answer.status).toBe(404);
    const bad: [object, string][] = [
      [{ fault: 'ugly' }, 'fault'],
      [{ sizeM2: 0 }, 'sizeM2'],
      [{ view: 'upside down' }, 'view'],
      [{ photoPlace: { x: 2, y: 0 } }, 'photoPlace.x'],
      [{ shade: 'puce' }, 'shade'],
    ];
    for (const [more, path] of bad) {
      const refused = await ada.post(`/api/jobs/${at.jobId}/faults`, fault(at.wall, more));
      expect(refused.status).toBe(400);
      expect(refused.body.errors.map((e: any) => e.path)).toContain(path);
    }
  });

  test('a film that failed speaks in the forecast of the firm’s others; a knock, and a fault taken back, say nothing', async () => {
    const repaint = async () => {
      const { repaints } = (await ada.get('/api/aftercare')).body;
      return repaints.find((s: any) => s.name === 'Larch doors') as { at: string; why: string };
    };
    const net = (await ada.get('/api/jobs')).body.find((j: any) => j.title === 'The Net Loft').id;
    const gable = (await ada.get(`/api/jobs/${net}`)).body.surfaces.find((s: any) => s.name === 'Gable, chalking').id;
    const before = await repaint();
    expect(before.why).toContain('of the firm');
    await ada.post(`/api/jobs/${net}/faults`, fault(gable));
    expect((await repaint()).at).toBe(before.at);
    const peels = fault(gable, { fault: 'peels' });
    await ada.post(`/api/jobs/${net}/faults`, peels);
    const after = await repaint();
    expect(Date.parse(after.at)).toBeLessThan(Date.parse(before.at));
    await ada.post(`/api/faults/${peels.id}/acts`, { id: uuid(), kind: 'withdrawn', at: now() });
    expect((await repaint()).at.slice(0, 10)).toBe(before.at.slice(0, 10));
  });
});
