import { beforeAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { newJob, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
let rosalind: Client;
beforeAll(async () => {
  ada = await signedIn();
  rosalind = await signedIn('rosalind');
});

const now = () => new Date().toISOString();
const door = (roomId: string, name: string, campaign: string | null = null) => ({
  ...surfaceBody(roomId),
  id: uuid(),
  name,
  campaign,
  facts: { element: 'door', substrate: 'softwood', areaM2: 4 },
});
const rub = (surfaceId: string, result: string, more: object = {}) =>
  ada.post(`/api/surfaces/${surfaceId}/tests`, {
    id: uuid(),
    at: now(),
    test: { kind: 'spirit-rub', result },
    ...more,
  });
const kinds = async (jobId: string) =>
  (await ada.get(`/api/jobs/${jobId}/ledger`)).body.map((e: { kind: string }) => e.kind);

describe('a whole room', () => {
  const room = (surfaces: number) => {
    const roomId = uuid();
    return {
      id: uuid(),
      room: {
        id: roomId,
        name: 'Back bedroom',
        sketch: {
          walls: [
            {
              name: 'first',
              widthM: 4,
              heightM: 2.4,
              openings: [{ kind: 'door', x: 1, y: 0, widthM: 0.8, heightM: 2 }],
            },
          ],
        },
      },
      surfaces: Array.from({ length: surfaces }, (_, i) => door(roomId, `Door ${i}`)),
    };
  };

  test('lands with all its surfaces, once, each in the ledger', async () => {
    const { jobId } = await newJob(ada);
    const body = room(3);
    expect((await ada.post(`/api/jobs/${jobId}/whole-rooms`, body)).status).toBe(201);
    expect((await ada.post(`/api/jobs/${jobId}/whole-rooms`, body)).status).toBe(201);
    const whole = (await ada.get(`/api/jobs/${jobId}`)).body;
    expect(whole.surfaces).toHaveLength(3);
    expect(whole.rooms.find((r: { name: string }) => r.name === 'Back bedroom').sketch.walls[0].openings).toHaveLength(
      1,
    );
    expect((await kinds(jobId)).filter((k: string) => k === 'surface-added')).toHaveLength(3);
  });

  test('with one surface that cannot be, nothing of it lands', async () => {
    const { jobId } = await newJob(ada);
    const body = room(2);
    body.surfaces[1] = { ...body.surfaces[1]!, roomId: uuid() };
    const answer = await ada.post(`/api/jobs/${jobId}/whole-rooms`, body);
    expect(answer.status).toBe(400);
    expect(answer.body.errors[0].path).toBe('surfaces[1].roomId');
    expect((await ada.get(`/api/jobs/${jobId}`)).body.surfaces).toEqual([]);
    expect((await ada.get(`/api/jobs/${jobId}`)).body.rooms).toHaveLength(1);
  });

  test('a sketch with a wall of no size, or a thousand openings, is refused with its path', async () => {
    const { jobId } = await newJob(ada);
    const body = room(1);
    body.room.sketch.walls[0]!.widthM = -2;
    expect((await ada.post(`/api/jobs/${jobId}/whole-rooms`, body)).body.errors[0].path).toBe(
      'room.sketch.walls[0].widthM',
    );
    const many = room(1);
    many.room.sketch.walls[0]!.openings = Array.from({ length: 1000 }, () => many.room.sketch.walls[0]!.openings[0]!);
    expect((await ada.post(`/api/jobs/${jobId}/whole-rooms`, many)).status).toBe(400);
  });

  test('two who change one room: the second sees the first', async () => {
    const { jobId, roomId } = await newJob(ada);
    const change = (client: Client, name: string) =>
      client.send('PATCH', `/api/rooms/${roomId}`, { id: uuid(), version: 1, name });
    expect((await change(ada, 'Hall, lower')).status).toBe(200);
    expect((await change(rosalind, 'Hall, upper')).body).toMatchObject({
      code: 'edited-elsewhere',
      theirs: { name: 'Hall, lower' },
    });
    expect(await kinds(jobId)).toContain('room-changed');
  });
});

describe('measures and exclusions', () => {
  test('a measured face gives its own area, openings off', async () => {
    const { jobId, roomId } = await newJob(ada);
    const body = {
      ...surfaceBody(roomId),
      facts: { element: 'wall', substrate: 'drywall', areaM2: 99 },
      measure: { widthM: 4, heightM: 2.5, count: 1, bothSides: false, openings: [{ widthM: 1, heightM: 2, count: 1 }] },
    };
    const made = await ada.post(`/api/jobs/${jobId}/surfaces`, body);
    expect(made.body.facts.areaM2).toBe(8);
    const none = { ...body, id: uuid(), measure: { ...body.measure, openings: [{ widthM: 4, heightM: 3, count: 1 }] } };
    expect((await ada.post(`/api/jobs/${jobId}/surfaces`, none)).body.errors[0].path).toBe('measure');
  });
  test('what the client keeps out stands with its reason and its boundary, and can be taken in again', async () => {
    const { jobId, roomId } = await newJob(ada);
    const surface = surfaceBody(roomId);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
    const out = {
      id: uuid(),
      words: 'the brass',
      reason: 'stays-as-it-is',
      whole: false,
      box: { wall: 0, x: 1, y: 1, widthM: 0.2, heightM: 0.1 },
    };
    const put = (version: number, exclusions: object[]) =>
      ada.send('PATCH', `/api/surfaces/${surface.id}`, { id: uuid(), version, exclusions });
    expect((await put(1, [{ ...out, reason: 'because' }])).status).toBe(400);
    expect((await put(1, [out])).body.exclusions).toEqual([out]);
    expect((await put(2, [])).body.exclusions).toEqual([]);
    expect((await kinds(jobId)).filter((k: string) => k === 'exclusions-changed')).toHaveLength(2);
  });
});

describe('order and campaigns', () => {
  test('rooms and surfaces stand as they were put, and a surface may change its room', async () => {
    const { jobId, roomId } = await newJob(ada);
    const second = uuid();
    await ada.post(`/api/jobs/${jobId}/rooms`, { id: second, name: 'Landing' });
    const [a, b] = [door(roomId, 'A'), door(roomId, 'B')];
    for (const d of [a, b]) await ada.post(`/api/jobs/${jobId}/surfaces`, d);
    const put = await ada.send('PUT', `/api/jobs/${jobId}/order`, {
      id: uuid(),
      rooms: [second, roomId],
      surfaces: [
        { id: b.id, roomId: second },
        { id: a.id, roomId },
      ],
    });
    expect(put.body.moved).toBe(4);
    const whole = (await ada.get(`/api/jobs/${jobId}`)).body;
    expect(whole.rooms.map((r: { id: string }) => r.id)).toEqual([second, roomId]);
    expect(whole.surfaces.map((s: { name: string }) => s.name)).toEqual(['B', 'A']);
    expect(whole.surfaces[0].roomId).toBe(second);
    const foreign = { id: uuid(), rooms: [uuid()], surfaces: [] };
    expect((await ada.send('PUT', `/api/jobs/${jobId}/order`, foreign)).status).toBe(404);
  });

  test('evidence flows along a campaign to a surface that says from whom; breaking it is one act, and undone by one', async () => {
    const { jobId, roomId } = await newJob(ada);
    const [tested, silent] = [door(roomId, 'Tested', 'landing gloss'), door(roomId, 'Silent', 'landing gloss')];
    for (const d of [tested, silent]) await ada.post(`/api/jobs/${jobId}/surfaces`, d);
    const read = async () => (await ada.get(`/api/surfaces/${silent.id}`)).body;
    const waterborne = (page: { finish: { code: string; probability: number }[] }) =>
      page.finish.find((f) => f.code === 'waterborne-acrylic')!.probability;
    const before = waterborne(await read());
    await rub(tested.id, 'transfer');
    const inferred = await read();
    expect(waterborne(inferred)).toBeGreaterThan(before + 0.2);
    expect(inferred.inherited[0]).toMatchObject({ name: 'Tested', sameCampaign: true });

    const broken = await ada.post(`/api/jobs/${jobId}/campaigns`, {
      id: uuid(),
      name: null,
      surfaceIds: [tested.id, silent.id],
    });
    expect(broken.body.before).toEqual([
      { id: tested.id, campaign: 'landing gloss' },
      { id: silent.id, campaign: 'landing gloss' },
    ]);
    expect(waterborne(await read())).toBeLessThan(waterborne(inferred));
    await ada.post(`/api/jobs/${jobId}/campaigns`, {
      id: uuid(),
      name: 'landing gloss',
      surfaceIds: [tested.id, silent.id],
    });
    expect(waterborne(await read())).toBeCloseTo(waterborne(inferred), 9);
    expect(await kinds(jobId)).toEqual(expect.arrayContaining(['campaign-broken', 'campaign-joined']));
  });
});

describe('tests and findings', () => {
  test('a correction names a record of the same surface that stands, and says why', async () => {
    const { jobId, roomId } = await newJob(ada);
    const [a, b] = [door(roomId, 'A'), door(roomId, 'B')];
    for (const d of [a, b]) await ada.post(`/api/jobs/${jobId}/surfaces`, d);
    const first = (await rub(a.id, 'transfer')).body;
    expect((await rub(a.id, 'no-transfer', { corrects: first.id })).body.errors[0].path).toBe('note');
    expect((await rub(b.id, 'no-transfer', { corrects: first.id, note: 'x' })).status).toBe(404);
    expect((await rub(a.id, 'no-transfer', { corrects: first.id, note: 'used place on the rag' })).status).toBe(201);
    expect((await rub(a.id, 'softens', { corrects: first.id, note: 'again' })).body.code).toBe('already-corrected');
    const { tests } = (await ada.get(`/api/surfaces/${a.id}`)).body;
    expect(tests).toHaveLength(2);
    expect(tests.find((t: { id: string }) => t.id === first.id).test.result).toBe('transfer');
  });

  test('two places that differ make zones with their own steps; a mark stands on the sketch', async () => {
    const { jobId, roomId } = await newJob(ada, 1995);
    const surface = surfaceBody(roomId);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
    const at = (place: string, result: string) => ({
      test: { kind: 'spirit-rub', result, place },
      mark: { wall: 0, x: 1.2, y: 0.4 },
    });
    await rub(surface.id, '', at('old run', 'no-transfer'));
    await rub(surface.id, '', at('new run', 'transfer'));
    const page = (await ada.get(`/api/surfaces/${surface.id}`)).body;
    expect(page.zones.map((z: { places: string[] }) => z.places)).toEqual([['old run'], ['new run']]);
    expect(page.lines.some((l: { step: { scope?: string } }) => l.step.scope === 'old run')).toBe(true);
    expect(page.tests[0].mark).toEqual({ wall: 0, x: 1.2, y: 0.4 });
    expect(
      page.weights.filter((w: { from: string }) => w.from === 'test').map((w: { index: number }) => w.index),
    ).toEqual(expect.arrayContaining([0, 1]));
  });

  test('each place says how its film holds and what was found only there', async () => {
    const { jobId, roomId } = await newJob(ada, 1995);
    const surface = { ...surfaceBody(roomId), facts: { element: 'wall', substrate: 'skim-plaster', areaM2: 30 } };
    await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
    const made = (test: object) => rub(surface.id, '', { test });
    await made({ kind: 'spirit-rub', result: 'transfer' });
    await made({ kind: 'blade-lift', result: 'lifts-in-sheet', place: 'behind the mirror' });
    await made({ kind: 'blade-lift', result: 'holds', place: 'middle' });
    await made({ kind: 'moisture-meter', value: 20, place: 'under the window' });
    await made({ kind: 'moisture-meter', value: 6, place: 'middle' });
    const page = (await ada.get(`/api/surfaces/${surface.id}`)).body;
    const told = page.zones.map((z: { places: string[]; adhesion: string; found: string[] }) => [
      z.places.join(),
      z.adhesion,
      z.found.join(),
    ]);
    expect(told).toEqual([
      ['behind the mirror', 'weak', ''],
      ['under the window', 'grips', 'damp'],
      ['', 'grips', ''],
    ]);
    const scopes = page.lines.map((l: { step: { kind: string; scope?: string } }) => `${l.step.kind} ${l.step.scope}`);
    expect(scopes).toEqual(expect.arrayContaining(['scrape behind the mirror', 'dry-out under the window']));
    expect(page.blocks.map((b: { text: string }) => b.text).join(' ')).toContain('Where: under the window.');
  });

  test('what is found while working runs the diagnosis again and says what it changes', async () => {
    const { jobId, roomId } = await newJob(ada);
    const surface = { ...surfaceBody(roomId), facts: { element: 'window', substrate: 'softwood', areaM2: 3 } };
    await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
    const send = (body: object) => ada.post(`/api/surfaces/${surface.id}/findings`, { id: uuid(), at: now(), ...body });
    expect((await send({ conditions: [] })).status).toBe(400);
    expect((await send({ conditions: ['rot'], extents: { rot: { areaM2: -1 } } })).status).toBe(400);
    const found = await send({ conditions: ['rot'], extents: { rot: { areaM2: 0.2 } }, note: 'lower rail' });
    expect(found.status).toBe(201);
    expect(found.body.changes.added.length).toBeGreaterThan(0);
    expect(found.body.changes.cost).toBeGreaterThan(0);
    const page = (await ada.get(`/api/surfaces/${surface.id}`)).body;
    expect(page.conditions).toContain('rot');
    expect(page.blocks.map((b: { code: string }) => b.code)).toContain('paint-on-rot');
    expect(page.findings).toHaveLength(1);
    expect(await kinds(jobId)).toContain('found-while-working');
  });

  test('the job says in money what is not known, and less once it is', async () => {
    const { jobId, roomId } = await newJob(ada);
    const surfaces = ['A', 'B', 'C'].map((name) => door(roomId, name, 'landing gloss'));
    for (const s of surfaces) await ada.post(`/api/jobs/${jobId}/surfaces`, s);
    const unknown = async () => (await ada.get(`/api/jobs/${jobId}`)).body.unknown;
    const before = await unknown();
    expect(before.atStake).toBeGreaterThan(0);
    expect(before.tests.some((t: { alsoTells: number }) => t.alsoTells === 2)).toBe(true);
    // One line for each question of each surface.
    const questions = before.tests.map((t: { surfaceId: string; kind: string }) => `${t.surfaceId}/${t.kind}`);
    expect(new Set(questions).size).toBe(questions.length);
    for (const s of surfaces)
      for (const place of ['a', 'b'])
        await rub(s.id, '', { test: { kind: 'spirit-rub', result: 'no-transfer', place } });
    expect((await unknown()).atStake).toBeLessThan(before.atStake / 2);
  });

  test('the place’s own date decides what counts as leaded', async () => {
    const { jobId, roomId } = await newJob(ada, 1985);
    const surface = surfaceBody(roomId);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
    const blocked = async () =>
      (await ada.get(`/api/surfaces/${surface.id}`)).body.blocks.some(
        (b: { code: string }) => b.code === 'dry-sand-lead',
      );
    expect(await blocked()).toBe(false);
    const set = (leadYear: number) =>
      ada.send('PATCH', `/api/jobs/${jobId}`, { id: uuid(), version: 1, property: { leadYear, occupants: 'a dog' } });
    expect((await set(99)).status).toBe(400);
    expect((await set(1992)).body.property).toEqual({ leadYear: 1992, occupants: 'a dog' });
    expect(await blocked()).toBe(true);
  });
});

describe('photos', () => {
  const picture = (width = 40, height = 30) =>
    sharp({ create: { width, height, channels: 3, background: '#a86a12' } })
      .withExif({ IFD3: { GPSLatitude: '51/1 30/1 0/1', GPSLatitudeRef: 'N' } })
      .jpeg()
      .toBuffer();
  const send = (jobId: string, told: Record<string, string>, body: Uint8Array, client = ada) =>
    client.send('POST', `/api/jobs/${jobId}/photos?${new URLSearchParams({ id: uuid(), at: now(), ...told })}`, body, {
      'content-type': 'application/octet-stream',
    });

  test('a picture is kept anew: the same to look at, without its position, once', async () => {
    const { jobId, roomId } = await newJob(ada);
    const sent = await picture();
    expect((await sharp(sent).metadata()).exif).toBeDefined();
    const told = { id: uuid(), roomId, wall: '0', x: '1.5', y: '0.8', note: 'under the sill' };
    const kept = await send(jobId, told, sent);
    expect(kept.body).toMatchObject({ width: 40, height: 30, mark: { wall: 0, x: 1.5, y: 0.8 } });
    const whole = (await ada.get(`/api/jobs/${jobId}`)).body;
    expect(whole.photos).toHaveLength(1);
    expect(whole.photos[0].content).toBeUndefined();
    const shown = await fetch(`${ada.base}/api/photos/${kept.body.id}`, { headers: { cookie: ada.cookie } });
    expect(shown.headers.get('content-type')).toBe('image/jpeg');
    const read = await sharp(Buffer.from(await shown.arrayBuffer())).metadata();
    expect([read.format, read.width, read.exif]).toEqual(['jpeg', 40, undefined]);
    expect(await kinds(jobId)).toContain('photo-kept');
  });

  test.each<[string, Uint8Array]>([
    ['a text file, whatever it is called', Buffer.from('this is not a picture at all')],
    [
      'a drawing that could carry a script',
      Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'),
    ],
    ['a picture cut short', Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 16, 0x4a, 0x46])],
    ['nothing', new Uint8Array()],
  ])('%s is refused and nothing is kept', async (_what, body) => {
    const { jobId, roomId } = await newJob(ada);
    const answer = await send(jobId, { roomId }, body);
    expect(answer.status).toBe(415);
    expect(answer.body.message).toContain('Nothing was kept');
    expect((await ada.get(`/api/jobs/${jobId}`)).body.photos).toEqual([]);
  });

  test('over 8 MB is refused, and so is a photo for a room of another job', async () => {
    const { jobId } = await newJob(ada);
    const { roomId } = await newJob(ada);
    expect((await send(jobId, { roomId }, new Uint8Array(8 * 1024 * 1024 + 1))).status).toBe(413);
    expect((await send(jobId, { roomId }, await picture())).status).toBe(404);
  });

  test('is kept with the test it shows, and never with a test of another surface', async () => {
    const { jobId, roomId } = await newJob(ada);
    const [mine, other] = [door(roomId, 'Mine'), door(roomId, 'Other')];
    for (const d of [mine, other]) await ada.post(`/api/jobs/${jobId}/surfaces`, d);
    const testId = (await rub(mine.id, 'transfer')).body.id as string;
    const kept = await send(jobId, { roomId, surfaceId: mine.id, testId }, await picture());
    expect(kept.body).toMatchObject({ surfaceId: mine.id, testId });
    expect((await send(jobId, { roomId, surfaceId: other.id, testId }, await picture())).status).toBe(404);
    expect((await send(jobId, { roomId, testId }, await picture())).status).toBe(404);
    expect((await ada.get(`/api/surfaces/${mine.id}`)).body.photos).toHaveLength(1);
  });

  test('a large one is made smaller', async () => {
    const { jobId, roomId } = await newJob(ada);
    expect((await send(jobId, { roomId }, await picture(3000, 1500))).body).toMatchObject({
      width: 2000,
      height: 1000,
    });
  });
});
