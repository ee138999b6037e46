import { beforeAll, describe, expect, test } from '@jest/globals';
import { createConnection } from 'mysql2/promise';
import sharp from 'sharp';
import { Client, emailOf, newJob, PASSWORD, secondFirm, signedIn, surfaceBody, uuid } from './client.ts';

let ada: Client;
let other: Client;
beforeAll(async () => {
  ada = await signedIn();
  other = await secondFirm('Over the Water', 'nell@over-the-water.example');
});

describe('the door', () => {
  test('is shut without a session, says so in one shape, and shows no stack', async () => {
    const answer = await new Client().get('/api/jobs');
    expect(answer).toMatchObject({ status: 401, body: { code: 'signed-out', requestId: expect.any(String) } });
    expect(JSON.stringify(answer.body)).not.toContain('.ts');
  });
  test('a broken or forged cookie is no session', async () => {
    for (const cookie of [
      'rustic_ledger=',
      'rustic_ledger=%ZZ',
      `rustic_ledger=${'x'.repeat(5000)}`,
      'rustic_ledger=j:{"a":1}',
    ]) {
      const client = new Client();
      client.cookie = cookie;
      expect((await client.get('/api/session')).status).toBe(401);
    }
  });
  test('the cookie is HttpOnly and SameSite; a wrong password does not say which was wrong', async () => {
    const client = new Client();
    const right = await client.post('/api/session', { email: await emailOf('mei'), password: PASSWORD });
    expect(right.headers.get('set-cookie')).toMatch(/HttpOnly.*SameSite=Strict/i);
    const a = await client.post('/api/session', { email: await emailOf('mei'), password: 'no' });
    const b = await client.post('/api/session', { email: 'nobody@nowhere.example', password: 'no' });
    expect([a.status, b.status, a.body.message]).toEqual([401, 401, b.body.message]);
  });
  test('guessing is braked', async () => {
    const client = new Client();
    const tries = [];
    for (let i = 0; i < 10; i++)
      tries.push((await client.post('/api/session', { email: 'guess@nowhere.example', password: `${i}` })).status);
    expect(tries.at(-1)).toBe(429);
  });
  test('signing out ends the session everywhere it is held', async () => {
    const client = await signedIn('tobiah');
    const held = client.cookie;
    await client.send('DELETE', '/api/session');
    client.cookie = held;
    expect((await client.get('/api/session')).status).toBe(401);
  });
  test('an unsafe request needs proof of its origin', async () => {
    const body = { id: uuid(), title: 'x', place: '', builtYear: null, startsAt: '2027-03-01T08:00:00Z' };
    expect((await ada.post('/api/jobs', body, { origin: 'https://elsewhere.example' })).body.code).toBe('other-origin');
    expect((await ada.post('/api/jobs', body, { 'sec-fetch-site': 'cross-site' })).body.code).toBe('other-origin');
  });
  test('pages carry a policy without unsafe inline scripts', async () => {
    for (const path of ['/api/health', '/', '/assets/index.js', '/aftercare/rounds']) {
      const policy = (await ada.get(path)).headers.get('content-security-policy')!;
      expect(policy).toContain("script-src 'self';");
      expect(policy).not.toContain('unsafe');
    }
  });
  test('only the worker that proves rounds may compile its solver, and nothing more', async () => {
    const policy = (await ada.get('/assets/rounds.worker-x.js')).headers.get('content-security-policy')!;
    expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval';");
    expect(policy).not.toContain("'unsafe");
  });
  test('health and the API description are open', async () => {
    expect((await new Client().get('/api/health')).body).toEqual({ process: 'up', database: 'up' });
    expect((await new Client().get('/api/docs-json')).body.paths['/api/jobs']).toBeDefined();
  });
});

describe('bad input', () => {
  test.each([
    ['half-written JSON', '{"id":', 400],
    ['a body over the limit', `{"title":"${'x'.repeat(300_000)}"}`, 413],
  ])('%s', async (_what, body, status) => {
    expect((await ada.post('/api/jobs', body)).status).toBe(status);
  });
  test('lists every fault with its path', async () => {
    const { roomId, jobId } = await newJob(ada);
    const answer = await ada.post(`/api/jobs/${jobId}/surfaces`, {
      ...surfaceBody(roomId),
      extra: 1,
      facts: { element: 'cheese', substrate: 'softwood', areaM2: -4 },
    });
    expect(answer.status).toBe(400);
    expect(answer.body.errors.map((e: { path: string }) => e.path)).toEqual(
      expect.arrayContaining(['extra', 'facts.element', 'facts.areaM2']),
    );
  });
  test('a date in the wrong century, and a result that belongs to another test', async () => {
    expect(
      (
        await ada.post('/api/jobs', {
          id: uuid(),
          title: 'x',
          place: '',
          builtYear: null,
          startsAt: '0207-03-01T08:00:00Z',
        })
      ).status,
    ).toBe(400);
    const { jobId, roomId } = await newJob(ada);
    const surface = surfaceBody(roomId);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
    const answer = await ada.post(`/api/surfaces/${surface.id}/tests`, {
      id: uuid(),
      at: new Date().toISOString(),
      test: { kind: 'spirit-rub', result: 'wets' },
    });
    expect(answer.body.errors).toEqual([expect.objectContaining({ path: 'test.result' })]);
    expect((await ada.get(`/api/surfaces/${surface.id}`)).body.tests).toEqual([]);
  });
});

describe('writes', () => {
  test('sent twice are done once; another content under the id is a conflict', async () => {
    const { jobId, roomId } = await newJob(ada);
    const surface = surfaceBody(roomId);
    const [a, b] = await Promise.all([
      ada.post(`/api/jobs/${jobId}/surfaces`, surface),
      ada.post(`/api/jobs/${jobId}/surfaces`, surface),
    ]);
    expect([a.status, b.status]).toEqual([201, 201]);
    const whole = (await ada.get(`/api/jobs/${jobId}`)).body;
    expect(whole.surfaces).toHaveLength(1);
    expect((await ada.post(`/api/jobs/${jobId}/surfaces`, { ...surface, name: 'Other' })).body.code).toBe('id-used');
    expect((await ada.get(`/api/jobs/${jobId}/ledger`)).body.map((e: { kind: string }) => e.kind)).toEqual([
      'job-opened',
      'room-added',
      'surface-added',
    ]);
  });

  test('two tabs saving one surface: the second sees both versions and overwrites nothing', async () => {
    const { jobId, roomId } = await newJob(ada);
    const surface = surfaceBody(roomId);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
    expect(
      (await ada.send('PATCH', `/api/surfaces/${surface.id}`, { id: uuid(), version: 1, name: 'First' })).body,
    ).toMatchObject({ name: 'First', version: 2 });
    const second = await ada.send('PATCH', `/api/surfaces/${surface.id}`, { id: uuid(), version: 1, name: 'Second' });
    expect(second).toMatchObject({
      status: 409,
      body: { code: 'edited-elsewhere', yours: { name: 'Second' }, theirs: { name: 'First' } },
    });
    expect((await ada.get(`/api/surfaces/${surface.id}`)).body.surface.name).toBe('First');
  });

  test('many at once on one job leave one unbroken chain', async () => {
    const { jobId, roomId } = await newJob(ada);
    const sent = await Promise.all(
      Array.from({ length: 12 }, () => ada.post(`/api/jobs/${jobId}/surfaces`, surfaceBody(roomId))),
    );
    expect(sent.every((s) => s.status === 201)).toBe(true);
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body).toEqual({ whole: true, entries: 14 });
  });
});

describe("another firm's data does not exist", () => {
  test('for reading or writing, by any id', async () => {
    const { jobId, roomId } = await newJob(ada);
    const surface = surfaceBody(roomId);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
    const trialId = uuid();
    const photoId = uuid();
    const arm = (id: string) => ({ id, words: id, family: null, coats: 1, does: null, waitMin: null });
    const design = {
      preparations: [arm('a')],
      primers: [arm('b')],
      topcoats: [arm('c')],
      leftOut: [],
      replicates: 1,
      seed: 1,
    };
    const trial = { id: trialId, title: 't', place: '', surfaceId: null, design };
    expect((await ada.post(`/api/jobs/${jobId}/trials`, trial)).status).toBe(201);
    const shot = await sharp({ create: { width: 8, height: 8, channels: 3, background: 'red' } })
      .png()
      .toBuffer();
    const told = new URLSearchParams({ id: photoId, roomId, at: new Date().toISOString() });
    const photo = `/api/jobs/${jobId}/photos?${told}`;
    expect((await ada.send('POST', photo, shot, { 'content-type': 'image/png' })).status).toBe(201);
    const reads = [
      `/api/jobs/${jobId}`,
      `/api/jobs/${jobId}/plan`,
      `/api/jobs/${jobId}/ledger`,
      `/api/jobs/${jobId}/ledger/check`,
      `/api/jobs/${jobId}/file`,
      `/api/surfaces/${surface.id}`,
      `/api/trials/${trialId}`,
      `/api/photos/${photoId}`,
    ];
    for (const path of reads) expect([path, (await other.get(path)).status]).toEqual([path, 404]);
    const at = new Date().toISOString();
    const writes: [string, object][] = [
      [`/api/jobs/${jobId}/rooms`, { id: uuid(), name: 'x' }],
      [`/api/jobs/${jobId}/surfaces`, surfaceBody(roomId)],
      [`/api/jobs/${jobId}/plan`, { id: uuid() }],
      [`/api/rooms/${roomId}/readings`, { id: uuid(), temperatureC: 20, relativeHumidityPct: 50, at }],
      [`/api/surfaces/${surface.id}/tests`, { id: uuid(), at, test: { kind: 'spirit-rub', result: 'transfer' } }],
      [`/api/surfaces/${surface.id}/choices`, { id: uuid(), key: '0123456789abcdef' }],
      [`/api/jobs/${jobId}/work`, { id: uuid(), surfaceId: surface.id, stepId: 's1', startedAt: at, endedAt: at }],
      [`/api/surfaces/${surface.id}/findings`, { id: uuid(), at, conditions: ['rot'] }],
      [`/api/jobs/${jobId}/campaigns`, { id: uuid(), name: null, surfaceIds: [surface.id] }],
      [`/api/jobs/${jobId}/trials`, { ...trial, id: uuid() }],
      [`/api/trials/${trialId}/laid`, { id: uuid(), kind: 'primed', at }],
      [`/api/trials/${trialId}/conclusion`, { id: uuid(), text: 'x', weighs: true, forFirm: true }],
    ];
    for (const [path, body] of writes) expect([path, (await other.post(path, body)).status]).toEqual([path, 404]);
    expect((await other.get('/api/jobs')).body).toEqual([]);
    expect((await other.get('/api/find?q=Test')).body).toEqual({ jobs: [], surfaces: [] });
    expect((await other.send('POST', photo, shot, { 'content-type': 'image/png' })).status).toBe(404);
    expect((await other.get('/api/trials')).body).toEqual([]);
    expect((await ada.get(`/api/jobs/${jobId}/ledger`)).body).toHaveLength(5);
  });
});

describe('the main job', () => {
  test('from a test to aftercare, every act in the ledger', async () => {
    const { jobId, roomId } = await newJob(ada);
    const surface = surfaceBody(roomId);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
    const read = async () => (await ada.get(`/api/surfaces/${surface.id}`)).body;
    const before = await read();
    const test = { kind: 'spirit-rub', result: 'no-transfer' };
    const record = { id: uuid(), at: new Date().toISOString(), test };
    await ada.post(`/api/surfaces/${surface.id}/tests`, record);
    const after = await read();
    expect(after.finish[0].probability).toBeGreaterThan(before.finish[0].probability);
    expect(after.weights.find((w: { from: string }) => w.from === 'test').ratio).toBeGreaterThan(1);

    // A correction is a record of its own, and the first counts no more.
    await ada.post(`/api/surfaces/${surface.id}/tests`, {
      id: uuid(),
      at: record.at,
      test: { kind: 'spirit-rub', result: 'transfer' },
      corrects: record.id,
      note: 'wrong board',
    });
    expect((await read()).finish[0].code).toBe('waterborne-acrylic');
    await ada.post(`/api/surfaces/${surface.id}/tests`, { id: uuid(), at: record.at, test });

    const alternative = (await read()).alternatives[0];
    expect((await ada.post(`/api/surfaces/${surface.id}/choices`, { id: uuid(), key: alternative.key })).status).toBe(
      201,
    );
    expect((await read()).choice.differs).toBe(alternative.differs);

    expect((await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid() })).body.plan.status).toBe('feasible');
    const shelf = (await ada.get('/api/shelf')).body;
    for (let guard = 0; guard < 40; guard++) {
      const { next } = (await read()).standing;
      if (!next) break;
      const coat = next.product && next.plan.drying;
      const at = new Date(Date.now() - (60 - guard) * 60_000).toISOString();
      if (coat) {
        const bare = await ada.post(`/api/jobs/${jobId}/work`, {
          id: uuid(),
          surfaceId: surface.id,
          stepId: next.plan.id,
          startedAt: at,
          endedAt: at,
        });
        expect(bare.body.errors.map((e: { path: string }) => e.path)).toEqual([
          'productId',
          'batch',
          'temperatureC',
          'relativeHumidityPct',
        ]);
      }
      const product = coat && shelf.find((p: { family: string }) => p.family === next.product.family);
      const sent = await ada.post(`/api/jobs/${jobId}/work`, {
        id: uuid(),
        surfaceId: surface.id,
        stepId: next.plan.id,
        startedAt: at,
        endedAt: at,
        ...(coat ? { productId: product.id, batch: 'B1', temperatureC: 12, relativeHumidityPct: 70 } : {}),
      });
      expect(sent.status).toBe(201);
    }
    const { uses, repaints } = (await ada.get('/api/aftercare')).body;
    const here = [...uses, ...repaints].filter((s: { surfaceId: string }) => s.surfaceId === surface.id);
    expect(here.map((i: { code: string }) => i.code)).toEqual(expect.arrayContaining(['close', 'cured', 'repaint']));
    // Logging the last step does not hand it over: that is an act of its own.
    expect((await ada.get(`/api/jobs/${jobId}`)).body.job.status).toBe('active');
    const handed = { id: uuid(), at: new Date().toISOString(), withWhom: 'the client and her brother' };
    expect((await ada.post(`/api/jobs/${jobId}/hand-over`, handed)).status).toBe(201);
    expect((await ada.get(`/api/jobs/${jobId}`)).body.job.status).toBe('aftercare');
    const kinds = new Set((await ada.get(`/api/jobs/${jobId}/ledger`)).body.map((e: { kind: string }) => e.kind));
    for (const kind of [
      'job-opened',
      'surface-added',
      'test-recorded',
      'test-corrected',
      'system-chosen',
      'plan-posted',
      'coat-logged',
      'air-read',
    ])
      expect(kinds).toContain(kind);
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
  });

  test('colder air moves the opening and the plan', async () => {
    const jobs = (await ada.get('/api/jobs')).body as { id: string; title: string }[];
    const jobId = jobs.find((j) => j.title.startsWith('Ferrykeeper'))!.id;
    const plan = (await ada.get(`/api/jobs/${jobId}/plan`)).body;
    const room = plan.rooms.find((r: { name: string }) => r.name === 'Stair hall');
    await ada.post(`/api/rooms/${room.id}/readings`, {
      id: uuid(),
      temperatureC: 11,
      relativeHumidityPct: 78,
      at: new Date().toISOString(),
    });
    const then = (await ada.get(`/api/jobs/${jobId}/plan`)).body;
    expect(then.plan.finish >= plan.plan.finish).toBe(true);
    expect(then.difference.moved.length).toBeGreaterThan(0);
  });
});

describe('the record', () => {
  test('a tampered row is found', async () => {
    const { jobId } = await newJob(ada);
    const db = await createConnection(process.env['TEST_DATABASE_URL']!);
    await db.execute(
      "UPDATE ledger_entry SET payload = JSON_SET(payload, '$.name', 'Attic') WHERE job_id = ? AND seq = 2",
      [jobId],
    );
    await db.end();
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body).toMatchObject({ whole: false, brokenAt: 2 });
  });
  test('every table is InnoDB with a primary key', async () => {
    const db = await createConnection(process.env['TEST_DATABASE_URL']!);
    const [rows] = await db.query(
      "SELECT t.table_name AS name, t.engine AS engine, (SELECT COUNT(*) FROM information_schema.key_column_usage k WHERE k.table_schema = t.table_schema AND k.table_name = t.table_name AND k.constraint_name = 'PRIMARY') AS keyed FROM information_schema.tables t WHERE t.table_schema = DATABASE()",
    );
    await db.end();
    for (const row of rows as { name: string; engine: string; keyed: number }[])
      expect({ ...row, keyed: row.keyed > 0 }).toEqual({ name: row.name, engine: 'InnoDB', keyed: true });
  });
});
