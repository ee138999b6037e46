import { beforeAll, describe, expect, test } from '@jest/globals';
import { randomBytes } from 'node:crypto';
import { Client, newJob, secondFirm, signedIn, surfaceBody, uuid, PASSWORD, type Answer } from './client.ts';

/** A firm of this suite's own: nobody else writes in it. */
let nell: Client;
beforeAll(async () => {
  nell = await secondFirm('Kept Whole', 'nell@kept-whole.example', [
    { name: 'Ivo Tarn', initials: 'IT', email: 'ivo@kept-whole.example' },
  ]);
});

const MANY = [2, 4, 16];
const ROUNDS = 3;
const token = () => randomBytes(32).toString('base64url');
const atOnce = <T>(n: number, send: (i: number) => Promise<T>) =>
  Promise.all(Array.from({ length: n }, (_, i) => send(i)));

/** Something that is versioned: how it is read, and how one of several changes of it is sent. */
interface Versioned {
  version(): Promise<number>;
  change(version: number, i: number): Promise<Answer>;
  /** What stands of the change, as the i-th writer wrote it. */
  stands(): Promise<unknown>;
  wrote(i: number): unknown;
}

async function surfaceOf(client: Client) {
  const { jobId, roomId } = await newJob(client);
  const surface = surfaceBody(roomId);
  await client.post(`/api/jobs/${jobId}/surfaces`, surface);
  return { jobId, roomId, surfaceId: surface.id };
}

const THINGS: Record<string, () => Promise<Versioned>> = {
  async job() {
    const { jobId } = await newJob(nell);
    const read = async () => (await nell.get(`/api/jobs/${jobId}`)).body.job;
    return {
      version: async () => (await read()).version,
      change: (version, i) => nell.send('PATCH', `/api/jobs/${jobId}`, { id: uuid(), version, client: `Client ${i}` }),
      stands: async () => (await read()).client,
      wrote: (i) => `Client ${i}`,
    };
  },
  async 'house rules of a job'() {
    const { jobId } = await newJob(nell);
    const read = async () => (await nell.get(`/api/jobs/${jobId}`)).body.job;
    const rules = (i: number) => ({ sanding: i % 2 ? 'always' : 'where-needed' });
    return {
      version: async () => (await read()).version,
      change: (version, i) =>
        nell.send('PATCH', `/api/jobs/${jobId}/rules`, { id: uuid(), version, houseRules: rules(i), note: '' }),
      stands: async () => (await read()).houseRules,
      wrote: rules,
    };
  },
  async room() {
    const { jobId, roomId } = await newJob(nell);
    const read = async () => (await nell.get(`/api/jobs/${jobId}`)).body.rooms[0];
    return {
      version: async () => (await read()).version,
      change: (version, i) => nell.send('PATCH', `/api/rooms/${roomId}`, { id: uuid(), version, name: `Room ${i}` }),
      stands: async () => (await read()).name,
      wrote: (i) => `Room ${i}`,
    };
  },
  async surface() {
    const { surfaceId } = await surfaceOf(nell);
    const read = async () => (await nell.get(`/api/surfaces/${surfaceId}`)).body.surface;
    return {
      version: async () => (await read()).version,
      change: (version, i) =>
        nell.send('PATCH', `/api/surfaces/${surfaceId}`, {
          id: uuid(),
          version,
          exclusions: [{ id: uuid(), words: `Part ${i}`, reason: 'undecided', whole: false, box: null }],
        }),
      stands: async () => (await read()).exclusions[0].words,
      wrote: (i) => `Part ${i}`,
    };
  },
  async 'house rules of a surface'() {
    const { surfaceId } = await surfaceOf(nell);
    const read = async () => (await nell.get(`/api/surfaces/${surfaceId}`)).body.surface;
    const rules = (i: number) => ({ sanding: i % 2 ? 'always' : 'where-needed' });
    return {
      version: async () => (await read()).version,
      change: (version, i) =>
        nell.send('PATCH', `/api/surfaces/${surfaceId}/rules`, { id: uuid(), version, houseRules: rules(i) }),
      stands: async () => (await read()).houseRules,
      wrote: rules,
    };
  },
  async 'offers of a job'() {
    const { jobId, surfaceId } = await surfaceOf(nell);
    const read = async () => (await nell.get(`/api/jobs/${jobId}`)).body.job;
    return {
      version: async () => (await read()).version,
      change: (version, i) =>
        nell.send('PUT', `/api/jobs/${jobId}/offers`, {
          id: uuid(),
          version,
          offers: [{ id: uuid(), surfaceId, key: `${i}`.padStart(16, '0') }],
        }),
      stands: async () => (await read()).offers[0].key,
      wrote: (i) => `${i}`.padStart(16, '0'),
    };
  },
  async firm() {
    const read = async () => (await nell.get('/api/session')).body.firm;
    return {
      version: async () => (await read()).version,
      change: (version, i) => nell.send('PATCH', '/api/firm', { id: uuid(), version, pricing: { hourCost: 100 + i } }),
      stands: async () => (await read()).pricing.hourCost,
      wrote: (i) => 100 + i,
    };
  },
  async 'planning of the firm'() {
    const read = async () => (await nell.get('/api/people')).body;
    return {
      version: async () => (await read()).version,
      change: (version, i) =>
        nell.send('PUT', '/api/firm/planning', {
          id: uuid(),
          version,
          setUpMin: i,
          packUpMin: 0,
          travelMin: 0,
          holidays: [],
        }),
      stands: async () => (await read()).planning.setUpMin,
      wrote: (i) => i,
    };
  },
  async person() {
    const read = async () =>
      (await nell.get('/api/people')).body.people.find((p: { name: string }) => p.name === 'Ivo Tarn');
    const { id } = await read();
    return {
      version: async () => (await read()).version,
      change: (version, i) => nell.send('PATCH', `/api/people/${id}`, { id: uuid(), version, skills: [`skill ${i}`] }),
      stands: async () => (await read()).skills[0],
      wrote: (i) => `skill ${i}`,
    };
  },
  async product() {
    const shelf = async () => (await nell.get('/api/shelf')).body;
    const [first] = await shelf();
    const { own: _o, kept: _k, version: _v, van: _n, notes: _s, ...sheet } = first;
    const read = async () => (await shelf()).find((p: { id: string }) => p.id === first.id);
    return {
      version: async () => (await read()).version,
      change: (version, i) =>
        nell.send('PUT', `/api/shelf/products/${first.id}`, {
          id: uuid(),
          version,
          kept: true,
          sheet: { ...sheet, name: `Named ${i}` },
        }),
      stands: async () => (await read()).name,
      wrote: (i) => `Named ${i}`,
    };
  },
  async tin() {
    const [first] = (await nell.get('/api/shelf')).body;
    const tinId = uuid();
    await nell.post('/api/shelf/tins', { id: tinId, productId: first.id, batch: 'B', openedAt: null, litres: 1 });
    const read = async () =>
      (await nell.get('/api/shelf')).body
        .find((p: { id: string }) => p.id === first.id)
        .van.find((t: { id: string }) => t.id === tinId);
    return {
      version: async () => (await read()).version,
      change: (version, i) => nell.send('PATCH', `/api/shelf/tins/${tinId}`, { id: uuid(), version, litres: 2 + i }),
      stands: async () => (await read()).litres,
      wrote: (i) => 2 + i,
    };
  },
};

describe('of several changes made on one version exactly one stands, and the others see both sides', () => {
  test.each(Object.keys(THINGS))('%s', async (name) => {
    const thing = await THINGS[name]!();
    for (const n of MANY)
      for (let round = 0; round < ROUNDS; round++) {
        const version = await thing.version();
        const answers = await atOnce(n, (i) => thing.change(version, i));
        const won = answers.flatMap((a, i) => (a.status < 300 ? [i] : []));
        expect({ n, won: won.length }).toEqual({ n, won: 1 });
        for (const answer of answers.filter((_, i) => i !== won[0]))
          expect(answer).toMatchObject({
            status: 409,
            body: { code: 'edited-elsewhere', yours: expect.anything(), theirs: expect.anything() },
          });
        expect(await thing.stands()).toEqual(thing.wrote(won[0]!));
        expect(await thing.version()).toBe((version ?? 0) + 1);
      }
  });
});

describe('what runs into one another', () => {
  test('posting a plan while a job is changed loses neither', async () => {
    for (let round = 0; round < ROUNDS; round++) {
      const { jobId } = await surfaceOf(nell);
      const [posted, changed] = await Promise.all([
        nell.post(`/api/jobs/${jobId}/plan`, { id: uuid() }),
        nell.send('PATCH', `/api/jobs/${jobId}`, { id: uuid(), version: 1, client: 'Harbour Master' }),
      ]);
      expect([posted.status, changed.status]).toEqual([201, 200]);
      expect((await nell.get(`/api/jobs/${jobId}`)).body.job).toMatchObject({
        client: 'Harbour Master',
        status: 'planned',
      });
    }
  });

  test('a plan is made again where its record moved meanwhile: it has the surface that came in between', async () => {
    const { jobId, roomId } = await newJob(nell);
    await nell.post(`/api/jobs/${jobId}/surfaces`, surfaceBody(roomId));
    const late = surfaceBody(roomId);
    const [posted] = await Promise.all([
      nell.post(`/api/jobs/${jobId}/plan`, { id: uuid() }),
      nell.post(`/api/jobs/${jobId}/surfaces`, late),
    ]);
    expect(posted.status).toBe(201);
    const entries = (await nell.get(`/api/jobs/${jobId}/ledger`)).body as { kind: string; subject: string }[];
    const added = entries.findIndex((e) => e.kind === 'surface-added' && e.subject === late.id);
    const at = entries.findIndex((e) => e.kind === 'plan-posted');
    const planned = posted.body.plan.steps.some((s: { surface: string }) => s.surface === late.id);
    expect(planned).toBe(added < at);
  });

  test('two owners who step down at once leave one', async () => {
    for (let round = 0; round < ROUNDS; round++) {
      const email = `second-${round}@kept-whole.example`;
      const way = token();
      const invitation = { id: uuid(), email, name: 'Ola Reed', initials: 'OR', role: 'owner', token: way };
      expect((await nell.post('/api/people/invitations', invitation)).status).toBe(201);
      const ola = new Client();
      const password = 'long enough to keep';
      expect((await ola.post(`/api/invitations/${way}`, { id: uuid(), password })).status).toBe(200);
      const { people } = (await nell.get('/api/people')).body;
      const idOf = (name: string) => people.find((p: { name: string }) => p.name === name).id;
      const step = { role: 'estimator' };
      const answers = await Promise.all([
        nell.send('PATCH', `/api/people/${idOf('Nell Farrow')}`, { id: uuid(), ...step }),
        ola.send('PATCH', `/api/people/${idOf('Ola Reed')}`, { id: uuid(), ...step }),
      ]);
      expect(answers.map((a) => a.status).sort()).toEqual([200, 409]);
      const owner = answers[0]!.status === 409 ? nell : ola;
      if (owner === ola) await ola.send('PATCH', `/api/people/${idOf('Nell Farrow')}`, { id: uuid(), role: 'owner' });
      expect((await nell.post(`/api/people/${idOf('Ola Reed')}/leave`, { id: uuid() })).status).toBe(201);
    }
  });

  test('quotes of several jobs sent at once have numbers of their own, without a gap', async () => {
    const jobs = await atOnce(6, async () => (await surfaceOf(nell)).jobId);
    const seen = await Promise.all(jobs.map(async (id) => (await nell.get(`/api/jobs/${id}/price`)).body.seen));
    const sent = await atOnce(6, (i) =>
      nell.post(`/api/jobs/${jobs[i]}/quotes`, { id: uuid(), seen: seen[i], token: token() }),
    );
    expect(sent.map((s) => s.status)).toEqual(Array(6).fill(201));
    const numbers = sent.map((s) => s.body.number as number).sort((a, b) => a - b);
    expect(numbers).toEqual(numbers.map((_, i) => numbers[0]! + i));
  });

  test('two quotes of one job at once: one is sent', async () => {
    const { jobId } = await surfaceOf(nell);
    const { seen } = (await nell.get(`/api/jobs/${jobId}/price`)).body;
    const sent = await atOnce(2, () => nell.post(`/api/jobs/${jobId}/quotes`, { id: uuid(), seen, token: token() }));
    expect(sent.map((s) => s.status).sort()).toEqual([201, 409]);
    expect((await nell.get(`/api/jobs/${jobId}/price`)).body.sent).toHaveLength(1);
  });

  test('one file brought in twice at once stands once', async () => {
    const ada = await signedIn();
    const { jobId } = await surfaceOf(ada);
    const file = (await ada.get(`/api/jobs/${jobId}/file`)).body;
    const bytes = new TextEncoder().encode(JSON.stringify(file));
    const brought = await atOnce(2, () =>
      nell.send('POST', `/api/job-imports?id=${uuid()}`, bytes, { 'content-type': 'application/octet-stream' }),
    );
    expect(brought.map((b) => b.status)).toEqual([201, 201]);
    expect(brought.map((b) => b.body.already as boolean).sort()).toEqual([false, true]);
    expect((await nell.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
  });

  test('two corrections of one test at once: one stands', async () => {
    const { surfaceId } = await surfaceOf(nell);
    const at = new Date().toISOString();
    const first = { id: uuid(), at, test: { kind: 'spirit-rub', result: 'transfer' } };
    await nell.post(`/api/surfaces/${surfaceId}/tests`, first);
    const sent = await atOnce(4, () =>
      nell.post(`/api/surfaces/${surfaceId}/tests`, {
        id: uuid(),
        at,
        test: { kind: 'spirit-rub', result: 'no-transfer' },
        corrects: first.id,
        note: 'dirty rag',
      }),
    );
    expect(sent.filter((s) => s.status === 201)).toHaveLength(1);
    expect(sent.filter((s) => s.status === 409)).toHaveLength(3);
  });
});

describe('a write is known by its id and by where it was sent', () => {
  test('the same id and body at another surface is a conflict, and writes nothing there', async () => {
    const { jobId, roomId } = await newJob(nell);
    const [one, two] = [surfaceBody(roomId), surfaceBody(roomId)];
    for (const s of [one, two]) await nell.post(`/api/jobs/${jobId}/surfaces`, s);
    const at = new Date().toISOString();
    const bodies: [string, object][] = [
      ['tests', { id: uuid(), at, test: { kind: 'spirit-rub', result: 'transfer' } }],
      ['findings', { id: uuid(), at, conditions: ['rot'] }],
      ['ways-back', { id: uuid(), fault: 'runs', wet: true }],
    ];
    for (const [what, body] of bodies) {
      const first = await nell.post(`/api/surfaces/${one.id}/${what}`, body);
      expect([what, first.status]).toEqual([what, 201]);
      const elsewhere = await nell.post(`/api/surfaces/${two.id}/${what}`, body);
      expect([what, elsewhere.status, elsewhere.body.code]).toEqual([what, 409, 'id-used']);
      expect((await nell.post(`/api/surfaces/${one.id}/${what}`, body)).body).toEqual(first.body);
    }
    expect((await nell.get(`/api/surfaces/${two.id}`)).body.tests).toEqual([]);
  });

  test('an id used by another method is a conflict', async () => {
    const { jobId, roomId } = await newJob(nell);
    const id = uuid();
    expect((await nell.send('PATCH', `/api/rooms/${roomId}`, { id, version: 1, name: 'Once' })).status).toBe(200);
    expect((await nell.send('PATCH', `/api/rooms/${roomId}`, { id, version: 1, name: 'Once' })).status).toBe(200);
    expect((await nell.post(`/api/jobs/${jobId}/rooms`, { id, name: 'Once' })).body.code).toBe('id-used');
  });

  test('a row that is there under the id of a write forgotten long ago is not called recorded', async () => {
    const { jobId, roomId } = await newJob(nell);
    const again = await nell.post(`/api/jobs/${jobId}/whole-rooms`, {
      id: uuid(),
      room: { id: roomId, name: 'Hall' },
      surfaces: [],
    });
    expect(again.status).not.toBe(201);
    expect(again.body.message).toMatch(/Nothing was written/);
    expect((await nell.get(`/api/jobs/${jobId}`)).body.rooms).toHaveLength(1);
  });

  test('an Idempotency-Key stands in for the id of the body', async () => {
    const { jobId } = await newJob(nell);
    const headers = { 'idempotency-key': uuid() };
    const [a, b] = [
      await nell.post(`/api/jobs/${jobId}/rooms`, { name: 'Pantry' }, headers),
      await nell.post(`/api/jobs/${jobId}/rooms`, { name: 'Pantry' }, headers),
    ];
    expect([a.status, b.status]).toEqual([201, 201]);
    expect(b.body).toEqual(a.body);
    expect((await nell.get(`/api/jobs/${jobId}`)).body.rooms).toHaveLength(2);
  });

  test('joining twice with the same act joins once and opens a session each time; with another password it does not', async () => {
    const way = token();
    const email = 'joins@kept-whole.example';
    const invitation = { id: uuid(), email, name: 'Bea Sound', initials: 'BS', role: 'painter', token: way };
    await nell.post('/api/people/invitations', invitation);
    const body = { id: uuid(), password: 'a tide mark on the wall' };
    const clients = [new Client(), new Client()];
    for (const client of clients) {
      expect((await client.post(`/api/invitations/${way}`, body)).status).toBe(200);
      expect((await client.get('/api/session')).body.person.name).toBe('Bea Sound');
    }
    const stranger = new Client();
    const guess = await stranger.post(`/api/invitations/${way}`, { ...body, password: 'another tide mark' });
    expect(guess.status).toBe(404);
    expect((await stranger.get('/api/session')).status).toBe(401);
    expect((await new Client().post(`/api/invitations/${way}`, { ...body, id: uuid() })).status).toBe(404);
    const { people } = (await nell.get('/api/people')).body;
    expect(people.filter((p: { name: string }) => p.name === 'Bea Sound')).toHaveLength(1);
  });

  test('a changed password answers the same when it is sent again', async () => {
    const ivo = await signedIn('ivo@kept-whole.example');
    const body = { id: uuid(), before: PASSWORD, after: 'another high-water mark' };
    const first = await ivo.send('PUT', '/api/session/password', body);
    const second = await ivo.send('PUT', '/api/session/password', body);
    expect([first.status, second.status]).toEqual([200, 200]);
    expect(second.body).toEqual(first.body);
  });
});

describe('what is not sent stands as it is', () => {
  test('words for boards leave the words for sizes alone, and weights each other', async () => {
    const patch = async (change: object) => {
      const { version } = (await nell.get('/api/session')).body.firm;
      expect((await nell.send('PATCH', '/api/firm', { id: uuid(), version, ...change })).status).toBe(200);
    };
    await patch({ terms: { units: 'us' } });
    await patch({ terms: { board: 'drywall' } });
    await patch({ weights: { fumes: 3 } });
    await patch({ weights: { cost: 2 } });
    const { terms, weights } = (await nell.get('/api/session')).body.firm;
    expect(terms).toMatchObject({ units: 'us', board: 'drywall' });
    expect(weights).toMatchObject({ fumes: 3, cost: 2 });
  });
});
