import { beforeAll, describe, expect, test } from '@jest/globals';
import { newJob, signedIn, surfaceBody, uuid, type Client } from './client.ts';

/** What a hostile or a broken client sends: each is refused with its path, and nothing is written. */
let ada: Client;
let jobId: string;
let roomId: string;
let surfaceId: string;
let entries: number;
beforeAll(async () => {
  ada = await signedIn();
  ({ jobId, roomId } = await newJob(ada));
  const surface = surfaceBody(roomId);
  surfaceId = surface.id;
  await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
  entries = (await ada.get(`/api/jobs/${jobId}/ledger`)).body.length;
});

const at = () => new Date().toISOString();
const long = (n: number) => 'x'.repeat(n);

interface Attempt {
  what: string;
  to: () => string;
  body: () => unknown;
  path: string;
}
const ATTEMPTS: Attempt[] = [
  {
    what: 'a job without a name',
    to: () => '/api/jobs',
    body: () => ({ id: uuid(), title: '', place: '', startsAt: at() }),
    path: 'title',
  },
  {
    what: 'a job with an endless name',
    to: () => '/api/jobs',
    body: () => ({ id: uuid(), title: long(201), place: '', startsAt: at() }),
    path: 'title',
  },
  {
    what: 'a job with an id of its own making',
    to: () => '/api/jobs',
    body: () => ({ id: '1; DROP TABLE job', title: 'x', place: '', startsAt: at() }),
    path: 'id',
  },
  {
    what: 'a job of the year 12',
    to: () => '/api/jobs',
    body: () => ({ id: uuid(), title: 'x', place: '', builtYear: 12, startsAt: at() }),
    path: 'builtYear',
  },
  {
    what: 'a job that starts on no day',
    to: () => '/api/jobs',
    body: () => ({ id: uuid(), title: 'x', place: '', startsAt: 'tomorrow' }),
    path: 'startsAt',
  },
  {
    what: 'a room that is a list',
    to: () => `/api/jobs/${jobId}/rooms`,
    body: () => ({ id: uuid(), name: ['a'] }),
    path: 'name',
  },
  {
    what: 'a room of another kind',
    to: () => `/api/jobs/${jobId}/rooms`,
    body: () => ({ id: uuid(), name: 'x', kind: 'cellar' }),
    path: 'kind',
  },
  {
    what: 'a sketch of thirty walls',
    to: () => `/api/jobs/${jobId}/rooms`,
    body: () => ({
      id: uuid(),
      name: 'x',
      sketch: { walls: Array.from({ length: 30 }, () => ({ name: '', widthM: 1, heightM: 1, openings: [] })) },
    }),
    path: 'sketch.walls',
  },
  {
    what: 'a surface of nothing',
    to: () => `/api/jobs/${jobId}/surfaces`,
    body: () => ({ ...surfaceBody(roomId), id: uuid(), facts: { element: 'wall', substrate: 'air' } }),
    path: 'facts.substrate',
  },
  {
    what: 'a surface of infinite size',
    to: () => `/api/jobs/${jobId}/surfaces`,
    body: () => ({
      ...surfaceBody(roomId),
      id: uuid(),
      facts: { element: 'wall', substrate: 'drywall', areaM2: 1e12 },
    }),
    path: 'facts.areaM2',
  },
  {
    what: 'a colour that is a script',
    to: () => `/api/jobs/${jobId}/surfaces`,
    body: () => ({ ...surfaceBody(roomId), id: uuid(), wanted: { colour: 'javascript:alert(1)' } }),
    path: 'wanted.colour',
  },
  {
    what: 'a thousand flags',
    to: () => `/api/jobs/${jobId}/surfaces`,
    body: () => ({
      ...surfaceBody(roomId),
      id: uuid(),
      facts: { element: 'wall', substrate: 'drywall', conditions: Array.from({ length: 1000 }, () => 'gaps') },
    }),
    path: 'facts.conditions',
  },
  {
    what: 'an extent of a condition that is none',
    to: () => `/api/jobs/${jobId}/surfaces`,
    body: () => ({
      ...surfaceBody(roomId),
      id: uuid(),
      facts: { element: 'wall', substrate: 'drywall', extents: { hope: { areaM2: 1 } } },
    }),
    path: 'extents',
  },
  {
    what: 'a test of tomorrow year',
    to: () => `/api/surfaces/${surfaceId}/tests`,
    body: () => ({ id: uuid(), at: '2090-01-01T00:00:00Z', test: { kind: 'spirit-rub', result: 'transfer' } }),
    path: 'at',
  },
  {
    what: 'a moisture of minus one',
    to: () => `/api/surfaces/${surfaceId}/tests`,
    body: () => ({ id: uuid(), at: at(), test: { kind: 'moisture-meter', value: -1 } }),
    path: 'test.value',
  },
  {
    what: 'a grade of nine',
    to: () => `/api/surfaces/${surfaceId}/tests`,
    body: () => ({ id: uuid(), at: at(), test: { kind: 'cross-cut', grade: 9 } }),
    path: 'test.grade',
  },
  {
    what: 'a place as long as a book',
    to: () => `/api/surfaces/${surfaceId}/tests`,
    body: () => ({ id: uuid(), at: at(), test: { kind: 'spirit-rub', result: 'transfer', place: long(201) } }),
    path: 'test.place',
  },
  {
    what: 'a mark off the house',
    to: () => `/api/surfaces/${surfaceId}/tests`,
    body: () => ({
      id: uuid(),
      at: at(),
      test: { kind: 'spirit-rub', result: 'transfer' },
      mark: { wall: 99, x: 0, y: 0 },
    }),
    path: 'mark.wall',
  },
  {
    what: 'a finding of nothing',
    to: () => `/api/surfaces/${surfaceId}/findings`,
    body: () => ({ id: uuid(), at: at(), conditions: ['ghosts'] }),
    path: 'conditions',
  },
  {
    what: 'air of a furnace',
    to: () => `/api/rooms/${roomId}/readings`,
    body: () => ({ id: uuid(), at: at(), temperatureC: 400, relativeHumidityPct: 50 }),
    path: 'temperatureC',
  },
  {
    what: 'air that is text',
    to: () => `/api/rooms/${roomId}/readings`,
    body: () => ({ id: uuid(), at: at(), temperatureC: '18', relativeHumidityPct: 50 }),
    path: 'temperatureC',
  },
  {
    what: 'a system key that is none',
    to: () => `/api/surfaces/${surfaceId}/choices`,
    body: () => ({ id: uuid(), key: 'best' }),
    path: 'key',
  },
  {
    what: 'work of no surface',
    to: () => `/api/jobs/${jobId}/work`,
    body: () => ({ id: uuid(), surfaceId: 'x'.repeat(99), stepId: 's1', startedAt: at(), endedAt: at() }),
    path: 'surfaceId',
  },
  {
    what: 'a field that is not one',
    to: () => `/api/jobs/${jobId}/campaigns`,
    body: () => ({ id: uuid(), name: 'x', surfaceIds: [], isAdmin: true }),
    path: 'isAdmin',
  },
  {
    what: 'a campaign with an endless name',
    to: () => `/api/jobs/${jobId}/campaigns`,
    body: () => ({ id: uuid(), name: long(61), surfaceIds: [] }),
    path: 'name',
  },
];

describe('refused with its path', () => {
  test.each(ATTEMPTS.map((a) => [a.what, a] as const))('%s', async (_what, attempt) => {
    const answer = await ada.post(attempt.to(), attempt.body());
    expect(answer.status).toBe(400);
    expect(answer.body).toMatchObject({ code: 'invalid', requestId: expect.any(String) });
    expect(answer.body.errors.map((e: { path: string }) => e.path).join(' ')).toContain(attempt.path);
    expect(JSON.stringify(answer.body)).not.toMatch(/\bat .*\.(ts|js):\d+/);
    expect((await ada.get(`/api/jobs/${jobId}/ledger`)).body).toHaveLength(entries);
  });
});

describe('odd bodies', () => {
  test.each<[string, string]>([
    ['null', 'null'],
    ['a number', '42'],
    ['a list', '[]'],
    ['nothing', ''],
    ['a proto', '{"__proto__":{"isAdmin":true},"constructor":{"prototype":{"x":1}}}'],
    ['a very deep nest', `${'{"a":'.repeat(3000)}1${'}'.repeat(3000)}`],
  ])('%s is answered and does no harm', async (_what, body) => {
    const answer = await ada.post(`/api/jobs/${jobId}/rooms`, body);
    expect([400, 413]).toContain(answer.status);
    expect(({} as { isAdmin?: boolean }).isAdmin).toBeUndefined();
    expect((await ada.get('/api/health')).status).toBe(200);
  });
  test('an id that is no id finds nothing', async () => {
    for (const id of ['x', '../../etc/passwd', "' OR 1=1 --", '%00', uuid()])
      expect((await ada.get(`/api/jobs/${encodeURIComponent(id)}`)).status).toBe(404);
  });
  test('signs that mean something to a database are looked for as they are', async () => {
    for (const q of ['%', '_', "'; DROP TABLE job; --", '\\', '"']) {
      const found = await ada.get(`/api/find?q=${encodeURIComponent(q)}`);
      expect(found.status).toBe(200);
      expect(found.body).toEqual({ jobs: [], surfaces: [] });
    }
    expect((await ada.get(`/api/find?q=${long(81)}`)).status).toBe(400);
  });
  test('names in any script come back as they were written', async () => {
    const name = 'Größe 漆 🪟 “Стена” <b>x</b>';
    const made = await ada.post(`/api/jobs/${jobId}/rooms`, { id: uuid(), name });
    expect(made.body.name).toBe(name);
    const { rooms } = (await ada.get(`/api/jobs/${jobId}`)).body;
    expect(rooms.some((r: { name: string }) => r.name === name)).toBe(true);
  });
});

describe('every route', () => {
  test('of the API is shut without a session, but for the ways in, health and its description', async () => {
    const { paths } = (await ada.get('/api/docs-json')).body as { paths: Record<string, Record<string, unknown>> };
    const open = ['/api/session', '/api/health', '/api/alive', '/api/ready'];
    const base = ada.base;
    let tried = 0;
    for (const [path, methods] of Object.entries(paths)) {
      if (open.includes(path)) continue;
      for (const method of Object.keys(methods)) {
        const response = await fetch(base + path.replace(/\{\w+\}/g, uuid()), {
          method: method.toUpperCase(),
          headers: { origin: base, 'content-type': 'application/json' },
          ...(method === 'get' ? {} : { body: '{}' }),
        });
        // A private link needs no session; one that opens nothing answers that there is nothing.
        const shut = /^\/api\/(client|calendar|invitations|recovery)\/\{|^\/api\/(first-run|recovery)$/.test(path)
          ? [404, 400, 429]
          : [401];
        expect([`${method} ${path}`, shut.includes(response.status)]).toEqual([`${method} ${path}`, true]);
        tried += 1;
      }
    }
    expect(tried).toBeGreaterThan(25);
  });
});
