import { randomBytes } from 'node:crypto';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { Client, emailOf, newJob, secondFirm, signedIn, surfaceBody, uuid } from './client.ts';

let ada: Client;
let mei: Client;
let rosalind: Client;
let looker: Client;
let job: { jobId: string; roomId: string; surfaceId: string };
const token = () => randomBytes(32).toString('base64url');

/** Asks somebody in, and lets them come. */
async function joined(owner: Client, role: string, name = 'Juno Reed'): Promise<{ client: Client; id: string }> {
  const link = token();
  const email = `${uuid()}@asked-in.example`;
  const asked = { id: uuid(), email, name, initials: 'JR', role, token: link };
  const sent = await owner.post('/api/people/invitations', asked);
  if (sent.status !== 201) throw new Error(`not invited: ${sent.status} ${JSON.stringify(sent.body)}`);
  const client = new Client();
  const id = uuid();
  const answer = await client.post(`/api/invitations/${link}`, { id, password: 'a long new word' });
  if (answer.status !== 200) throw new Error(`could not join: ${answer.status} ${JSON.stringify(answer.body)}`);
  return { client, id };
}

beforeAll(async () => {
  ada = await signedIn();
  mei = await signedIn('mei');
  rosalind = await signedIn('rosalind');
  looker = (await joined(ada, 'read-only', 'Una Fairlie')).client;
  const { jobId, roomId } = await newJob(ada);
  const surface = surfaceBody(roomId);
  await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
  job = { jobId, roomId, surfaceId: surface.id };
});

/** Everything that says money, wherever it stands in an answer. */
const MONEY =
  /^(addedCost|atStake|costs?|expected(Cost|Loss|Saving)|hourCost|labour|loss|materials|prices?|pricing|saves|sundriesCost|totals?)$/;
function moneyIn(value: unknown, path = ''): string[] {
  if (value === null || typeof value !== 'object') return [];
  return Object.entries(value).flatMap(([key, inner]) =>
    MONEY.test(key) && typeof inner === 'number' ? [`${path}.${key}`] : moneyIn(inner, `${path}.${key}`),
  );
}

describe('what each may see', () => {
  const pages = () => [
    '/api/session',
    '/api/jobs',
    `/api/jobs/${job.jobId}`,
    `/api/surfaces/${job.surfaceId}`,
    `/api/surfaces/${job.surfaceId}/schools`,
    `/api/jobs/${job.jobId}/plan`,
    `/api/jobs/${job.jobId}/ledger`,
    `/api/jobs/${job.jobId}/shopping`,
    '/api/today',
    '/api/shelf',
    '/api/shelf/coming',
    '/api/aftercare',
    '/api/trials',
    '/api/people',
    '/api/plan',
  ];
  test('a painter reads every page, and no price on any of them', async () => {
    for (const page of pages()) {
      const answer = await mei.get(page);
      expect([page, answer.status]).toEqual([page, 200]);
      expect([page, moneyIn(answer.body)]).toEqual([page, []]);
      expect(JSON.stringify(answer.body)).not.toMatch(/\d (cheaper|dearer)/);
    }
    // The test can fail: who makes prices is told them.
    expect(moneyIn((await rosalind.get(`/api/jobs/${job.jobId}`)).body).length).toBeGreaterThan(0);
    expect(moneyIn((await looker.get(`/api/surfaces/${job.surfaceId}`)).body).length).toBeGreaterThan(0);
  });
  test('prices, quotes, sent papers and whole files are closed to a painter, and open to who makes or reads them', async () => {
    const closed = [
      `/api/jobs/${job.jobId}/price`,
      `/api/jobs/${job.jobId}/price/fan`,
      `/api/jobs/${job.jobId}/papers/quote`,
      `/api/jobs/${job.jobId}/papers/shopping?format=csv`,
      `/api/jobs/${job.jobId}/file`,
      '/api/shelf/file?format=csv',
    ];
    for (const path of closed) {
      expect([path, (await mei.get(path)).status]).toEqual([path, 403]);
      expect([path, (await rosalind.get(path)).status]).toEqual([path, 200]);
      expect([path, (await looker.get(path)).status]).toEqual([path, 200]);
    }
    const pack = await mei.get(`/api/jobs/${job.jobId}/papers/job-pack`);
    expect(pack.status).toBe(200);
    expect(JSON.stringify(pack.body)).not.toMatch(/[£$€]|GBP|Price/);
  });
  test("addresses, invitations and the notes of access are the owner's alone", async () => {
    const forAda = (await ada.get('/api/people')).body;
    const forMei = (await mei.get('/api/people')).body;
    expect(forAda.access.length).toBeGreaterThan(0);
    expect(forMei.access).toBeUndefined();
    expect(forMei.invitations).toBeUndefined();
    const withAddress = forMei.people.filter((p: { email?: string }) => p.email !== undefined);
    expect(withAddress.map((p: { name: string }) => p.name)).toEqual(['Mei Okonjo-Hart']);
  });
});

describe('what each may do', () => {
  /** What is sent, by whom it may be sent: refused bodies prove the door was open. */
  const acts: [method: string, path: () => string, body: () => unknown, who: ('owner' | 'estimator' | 'painter')[]][] =
    [
      ['POST', () => '/api/jobs', () => ({ id: uuid() }), ['owner', 'estimator']],
      ['PATCH', () => `/api/jobs/${job.jobId}`, () => ({ id: uuid() }), ['owner', 'estimator']],
      ['POST', () => `/api/jobs/${job.jobId}/plan`, () => ({}), ['owner', 'estimator']],
      ['POST', () => `/api/jobs/${job.jobId}/quotes`, () => ({}), ['owner', 'estimator']],
      ['POST', () => `/api/jobs/${job.jobId}/client-link`, () => ({}), ['owner', 'estimator']],
      ['POST', () => `/api/surfaces/${job.surfaceId}/choices`, () => ({}), ['owner', 'estimator']],
      ['PATCH', () => '/api/firm', () => ({}), ['owner']],
      ['PUT', () => '/api/firm/planning', () => ({}), ['owner']],
      ['POST', () => '/api/people/invitations', () => ({}), ['owner']],
      ['PATCH', () => `/api/people/${uuid()}`, () => ({}), ['owner']],
      ['POST', () => `/api/people/${uuid()}/leave`, () => ({}), ['owner']],
      ['POST', () => `/api/jobs/${job.jobId}/work`, () => ({}), ['owner', 'estimator', 'painter']],
      ['POST', () => `/api/surfaces/${job.surfaceId}/tests`, () => ({}), ['owner', 'estimator', 'painter']],
      ['POST', () => `/api/surfaces/${job.surfaceId}/findings`, () => ({}), ['owner', 'estimator', 'painter']],
      ['POST', () => `/api/surfaces/${job.surfaceId}/holds`, () => ({}), ['owner', 'estimator', 'painter']],
      ['POST', () => `/api/surfaces/${job.surfaceId}/ways-back`, () => ({}), ['owner', 'estimator', 'painter']],
      ['POST', () => `/api/rooms/${job.roomId}/readings`, () => ({}), ['owner', 'estimator', 'painter']],
      ['POST', () => '/api/shelf/tins', () => ({}), ['owner', 'estimator', 'painter']],
    ];
  test.each(acts.map((a) => [`${a[0]} ${a[1].toString().slice(6)}`, a] as const))('%s', async (_name, act) => {
    const [method, path, body, may] = act;
    for (const [role, client] of [
      ['owner', ada],
      ['estimator', rosalind],
      ['painter', mei],
      ['read-only', looker],
    ] as const) {
      const { status } = await client.send(method, path(), body());
      expect([role, status === 403]).toEqual([role, !(may as string[]).includes(role)]);
    }
  });
  test('somebody who only looks may still change their own password, and take their calendar', async () => {
    const { client } = await joined(ada, 'read-only');
    expect((await client.post('/api/calendar', { id: uuid(), token: token() })).status).toBe(201);
    const change = { id: uuid(), before: 'a long new word', after: 'another long word' };
    expect((await client.send('PUT', '/api/session/password', change)).status).toBe(200);
  });
});

describe('coming and going', () => {
  test('an invitation opens once, and says whose it is before it is taken', async () => {
    const link = token();
    const email = `${uuid()}@asked-in.example`;
    await ada.post('/api/people/invitations', {
      id: uuid(),
      email,
      name: 'Wren Ashby',
      initials: 'wa',
      role: 'painter',
      token: link,
    });
    const guest = new Client();
    expect((await guest.get(`/api/invitations/${link}`)).body).toMatchObject({
      name: 'Wren Ashby',
      role: 'painter',
      byName: 'Ada Thirle',
    });
    expect((await guest.post(`/api/invitations/${link}`, { id: uuid(), password: 'short' })).status).toBe(400);
    const both = await Promise.all(
      [1, 2, 3].map(() => new Client().post(`/api/invitations/${link}`, { id: uuid(), password: 'a long new word' })),
    );
    expect(both.map((b) => b.status).sort()).toEqual([200, 404, 404]);
    expect((await guest.get(`/api/invitations/${link}`)).status).toBe(404);
    expect((await guest.get(`/api/invitations/${token()}`)).status).toBe(404);
    expect((await guest.post('/api/session', { email, password: 'a long new word' })).body.person).toMatchObject({
      initials: 'WA',
      role: 'painter',
    });
  });
  test('one that was withdrawn is closed; an address that is there already is refused', async () => {
    const link = token();
    const id = uuid();
    await ada.post('/api/people/invitations', {
      id,
      email: `${uuid()}@x.example`,
      name: 'Ivo',
      initials: 'I',
      role: 'painter',
      token: link,
    });
    expect((await ada.post(`/api/people/invitations/${id}/withdraw`, { id: uuid() })).status).toBe(201);
    expect((await new Client().get(`/api/invitations/${link}`)).status).toBe(404);
    const again = {
      id: uuid(),
      email: (await emailOf('mei')).toUpperCase(),
      name: 'Mei',
      initials: 'M',
      role: 'owner',
      token: token(),
    };
    expect((await ada.post('/api/people/invitations', again)).body.errors[0].path).toBe('email');
  });
  test('who leaves is out at once, and what they wrote stays under their name', async () => {
    const { client, id } = await joined(ada, 'painter', 'Lowen Tace');
    const test_ = { id: uuid(), at: new Date().toISOString(), test: { kind: 'spirit-rub', result: 'transfer' } };
    expect((await client.post(`/api/surfaces/${job.surfaceId}/tests`, test_)).status).toBe(201);
    expect((await ada.post(`/api/people/${id}/leave`, { id: uuid() })).status).toBe(201);
    expect((await client.get('/api/today')).status).toBe(401);
    const ledger = (await ada.get(`/api/jobs/${job.jobId}/ledger`)).body;
    expect(ledger.at(-1)).toMatchObject({ by: 'Lowen Tace', kind: 'test-recorded' });
    expect((await ada.get('/api/people')).body.people.some((p: { id: string }) => p.id === id)).toBe(false);
  });
  test('a changed part counts from the next request on', async () => {
    const { client, id } = await joined(ada, 'painter');
    expect((await client.get(`/api/jobs/${job.jobId}/price`)).status).toBe(403);
    await ada.send('PATCH', `/api/people/${id}`, { id: uuid(), role: 'estimator' });
    expect((await client.get(`/api/jobs/${job.jobId}/price`)).status).toBe(200);
  });
  test('a firm is never without an owner', async () => {
    const owner = await secondFirm('Last Owner & Co', 'last@owner.example');
    const me = (await owner.get('/api/session')).body.person.id;
    expect((await owner.send('PATCH', `/api/people/${me}`, { id: uuid(), role: 'painter' })).body.code).toBe(
      'last-owner',
    );
    expect((await owner.post(`/api/people/${me}/leave`, { id: uuid() })).body.code).toBe('last-owner');
    // Two owners that step down at once: one stays.
    const other = await joined(owner, 'owner', 'Second Owner');
    const down = await Promise.all([
      owner.send('PATCH', `/api/people/${me}`, { id: uuid(), role: 'painter' }),
      other.client.send('PATCH', `/api/people/${other.id}`, { id: uuid(), role: 'painter' }),
    ]);
    expect(down.map((d) => d.status).sort()).toEqual([200, 409]);
  });
  test("another firm's people do not exist", async () => {
    const other = await secondFirm('Elsewhere Decor', 'else@where.example');
    const { id } = await joined(ada, 'painter');
    expect((await other.send('PATCH', `/api/people/${id}`, { id: uuid(), role: 'owner' })).status).toBe(404);
    expect((await other.post(`/api/people/${id}/leave`, { id: uuid() })).status).toBe(404);
    expect((await other.post(`/api/people/${id}/sign-out`, { id: uuid() })).status).toBe(404);
    const seen = (await other.get('/api/people')).body;
    expect(seen.people).toHaveLength(1);
    expect(JSON.stringify(seen.access)).not.toContain('Ada Thirle');
  });
});

describe('ways in', () => {
  test('a new password closes the other devices, keeps this one, and is not kept in plain anywhere', async () => {
    const { client } = await joined(ada, 'painter');
    const email = (await client.get('/api/people')).body.people.find((p: { email?: string }) => p.email).email;
    const elsewhere = new Client();
    await elsewhere.post('/api/session', { email, password: 'a long new word' });
    const wrong = { id: uuid(), before: 'not this one', after: 'another long word' };
    expect((await client.send('PUT', '/api/session/password', wrong)).status).toBe(401);
    expect((await client.get('/api/today')).status).toBe(200);
    const right = { id: uuid(), before: 'a long new word', after: 'another long word' };
    expect((await client.send('PUT', '/api/session/password', right)).status).toBe(200);
    expect((await elsewhere.get('/api/today')).status).toBe(401);
    expect((await client.get('/api/today')).status).toBe(200);
    expect((await new Client().post('/api/session', { email, password: 'a long new word' })).status).toBe(401);
    expect((await new Client().post('/api/session', { email, password: 'another long word' })).status).toBe(200);
  });
  test('signing out everywhere closes every device', async () => {
    const { client } = await joined(ada, 'painter');
    const email = (await client.get('/api/people')).body.people.find((p: { email?: string }) => p.email).email;
    const elsewhere = new Client();
    await elsewhere.post('/api/session', { email, password: 'a long new word' });
    expect((await client.post('/api/session/everywhere', { id: uuid() })).status).toBe(201);
    expect([(await client.get('/api/today')).status, (await elsewhere.get('/api/today')).status]).toEqual([401, 401]);
  });
  test('guessing locks the address for longer and longer, even for the right password, and the owner reads of it', async () => {
    const { client } = await joined(ada, 'painter', 'Guessed Upon');
    const email = (await client.get('/api/people')).body.people.find((p: { email?: string }) => p.email).email;
    const guess = async (password: string) => new Client().post('/api/session', { email, password });
    const tries = [];
    for (let i = 0; i < 7; i++) tries.push((await guess(`guess ${i}`)).status);
    expect(tries).toEqual([401, 401, 401, 401, 401, 429, 429]);
    const right = await guess('a long new word');
    expect([right.status, right.body.code]).toEqual([429, 'too-often']);
    // Who is in already stays in.
    expect((await client.get('/api/today')).status).toBe(200);
    const kinds = (await ada.get('/api/people')).body.access
      .filter((n: { byName: string }) => n.byName === 'Guessed Upon')
      .map((n: { kind: string }) => n.kind);
    expect(kinds).toContain('locked-out');
  });
  test('hours, skills, holidays and what a visit costs reach the plan', async () => {
    const owner = await secondFirm('Quick & Slow', 'quick@slow.example');
    const me = (await owner.get('/api/session')).body.person.id;
    const hours = { days: [1, 2, 3], from: '09:00', to: '15:00' };
    expect(
      (await owner.send('PATCH', `/api/people/${me}`, { id: uuid(), hours, skills: ['spray', ' spray '] })).status,
    ).toBe(200);
    const backwards = { days: [1], from: '15:00', to: '09:00' };
    expect((await owner.send('PATCH', `/api/people/${me}`, { id: uuid(), hours: backwards })).status).toBe(400);
    const planning = { id: uuid(), setUpMin: 20, packUpMin: 10, travelMin: 30, holidays: ['2027-03-02', '2027-03-02'] };
    expect((await owner.send('PUT', '/api/firm/planning', planning)).status).toBe(200);
    expect(
      (await owner.send('PUT', '/api/firm/planning', { ...planning, id: uuid(), holidays: ['2027-13-01'] })).status,
    ).toBe(400);
    const { jobId, roomId } = await newJob(owner);
    await owner.post(`/api/jobs/${jobId}/surfaces`, surfaceBody(roomId));
    const { input } = (await owner.get(`/api/jobs/${jobId}/plan`)).body;
    expect(input.visit).toEqual({ setUpMin: 20, packUpMin: 10, travelMin: 30 });
    expect(input.crew).toEqual(
      input.crew.length ? [expect.objectContaining({ ...hours, off: ['2027-03-02'], skills: ['spray'] })] : [],
    );
  });
  test('a password is never part of an answer', async () => {
    for (const path of ['/api/people', '/api/session'])
      expect(JSON.stringify((await ada.get(path)).body)).not.toMatch(/passwordHash|argon2|scrypt|tokenHash/i);
  });
});
