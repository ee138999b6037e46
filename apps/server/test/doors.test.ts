import { randomBytes } from 'node:crypto';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { createConnection, type Connection } from 'mysql2/promise';
import sharp from 'sharp';
import { withoutTokens } from '../src/http/logger.ts';
import { Client, newJob, secondFirm, signedIn, surfaceBody, uuid } from './client.ts';

let ada: Client;
let db: Connection;
const BASE = process.env['TEST_SERVER']!;
const token = () => randomBytes(32).toString('base64url');
/** As if from another address: the test's server trusts the word of loopback, as of its proxy. */
const from = (address: string) => ({ 'x-forwarded-for': address });
let lastAddress = 0;
const ownAddress = () => `198.51.100.${++lastAddress}`;
const PASSWORD = 'a long new word';

/** Somebody new of a firm, by an invitation. */
async function joined(email: string, owner = ada, password = PASSWORD) {
  const link = token();
  const asked = { id: uuid(), email, name: 'Juno Reed', initials: 'JR', role: 'painter', token: link };
  const sent = await owner.post('/api/people/invitations', asked);
  const client = new Client();
  const answer = await client.post(`/api/invitations/${link}`, { id: uuid(), password });
  return { sent, client, answer, link };
}
const knocks = (email: string, password: string, address: string) =>
  new Client().post('/api/session', { email, password }, from(address));

beforeAll(async () => {
  ada = await signedIn();
  db = await createConnection(process.env['TEST_DATABASE_URL']!);
  return () => db.end();
});

describe('the brake on guessing', () => {
  test('knows a door however its address is written', async () => {
    const name = uuid();
    await joined(`tobiah-${name}@asked-in.example`);
    const written = [`tobíah-${name}`, `TOBIAH-${name}`, `tobiáh-${name}`, ` tobiah-${name}`, `tóbiah-${name}`];
    for (const one of written)
      expect((await knocks(`${one}@asked-in.example`, 'not this one', ownAddress())).status).toBe(401);
    const right = await knocks(`tobiah-${name}@asked-in.example`, PASSWORD, ownAddress());
    expect([right.status, Number(right.headers.get('retry-after')) > 0]).toEqual([429, true]);
  });

  test('counts tries that come at once before it looks at any', async () => {
    const email = `${uuid()}@asked-in.example`;
    await joined(email);
    const address = ownAddress();
    const tries = await Promise.all(Array.from({ length: 24 }, (_, i) => knocks(email, `guess number ${i}`, address)));
    const heard = tries.filter((t) => t.status === 401);
    expect(heard.length).toBeLessThanOrEqual(5);
    expect(tries.every((t) => [401, 429].includes(t.status))).toBe(true);
  });

  test('waits for one address, whatever the accounts, and lets others in meanwhile', async () => {
    const address = ownAddress();
    const statuses: number[] = [];
    for (let i = 0; i < 44; i++) statuses.push((await knocks(`${uuid()}@nobody.example`, 'guess', address)).status);
    expect(statuses.slice(0, 40).every((s) => s === 401)).toBe(true);
    expect(statuses.slice(40)).toEqual([429, 429, 429, 429]);
    const email = `${uuid()}@asked-in.example`;
    await joined(email);
    expect((await knocks(email, PASSWORD, address)).status).toBe(429);
    expect((await knocks(email, PASSWORD, ownAddress())).status).toBe(200);
  });

  test('what is refused while it waits does not make the wait longer', async () => {
    const email = `${uuid()}@asked-in.example`;
    await joined(email);
    for (let i = 0; i < 5; i++) await knocks(email, 'wrong', ownAddress());
    const waits: number[] = [];
    for (let i = 0; i < 6; i++)
      waits.push(Number((await knocks(email, 'wrong', ownAddress())).headers.get('retry-after')));
    expect(waits.every((w) => w > 0 && w <= 60)).toBe(true);
  });

  test('is not let go by opening another door under the same address', async () => {
    const email = `${uuid()}@asked-in.example`;
    await joined(email);
    const evil = await secondFirm('Wrong Side', `${uuid()}@wrong-side.example`);
    await joined(email, evil, 'a key of my own here');
    const opens = () => knocks(email, 'a key of my own here', ownAddress());
    const guesses: number[] = [];
    for (let i = 0; i < 7; i++) {
      guesses.push((await knocks(email, `guess ${i} of many`, ownAddress())).status);
      if (i < 4) expect((await opens()).status).toBe(200);
    }
    expect(guesses).toEqual([401, 401, 401, 401, 401, 429, 429]);
  });

  test('holds for whoever guesses by asking people in', async () => {
    const email = `${uuid()}@asked-in.example`;
    await joined(email);
    const evil = await secondFirm('Wrong Way', `${uuid()}@wrong-way.example`);
    const statuses: number[] = [];
    for (let i = 0; i < 7; i++) {
      const { answer } = await joined(email, evil, `guess number ${i} of many`);
      statuses.push(answer.status);
      if (answer.status === 200) await evil.post(`/api/people/${answer.body.person.id}/leave`, { id: uuid() });
    }
    // The first of them was the one who came in rightly.
    expect(statuses).toEqual([200, 200, 200, 200, 429, 429, 429]);
  });

  test('holds for the password of before too, and the owner reads of it', async () => {
    const { client } = await joined(`${uuid()}@asked-in.example`);
    const change = (before: string) =>
      client.send('PUT', '/api/session/password', { id: uuid(), before, after: 'another long word' });
    const statuses: number[] = [];
    for (let i = 0; i < 6; i++) statuses.push((await change(`guess ${i}`)).status);
    expect(statuses).toEqual([401, 401, 401, 401, 401, 429]);
    expect((await change(PASSWORD)).status).toBe(429);
    const kinds = (await ada.get('/api/people')).body.access.map((n: { kind: string }) => n.kind);
    expect(kinds).toContain('locked-out');
  });

  test('sheds a flood in words, and never fails', async () => {
    const flood = await Promise.all(
      Array.from({ length: 80 }, () => knocks(`${uuid()}@nobody.example`, 'guess', ownAddress())),
    );
    const shed = flood.filter((f) => f.status === 429);
    expect(flood.every((f) => [401, 429].includes(f.status))).toBe(true);
    expect(shed.length).toBeGreaterThan(0);
    for (const { body, headers } of shed) {
      expect(body.message).toContain('Try again in');
      expect(Number(headers.get('retry-after'))).toBeGreaterThan(0);
    }
    expect((await ada.get('/api/session')).status).toBe(200);
  });
});

describe('what is heavy takes its turn', () => {
  test('ten whole jobs at once are read one after the other, and who has to come again is told how many wait', async () => {
    const { jobId, roomId } = await newJob(ada);
    await ada.post(`/api/jobs/${jobId}/surfaces`, surfaceBody(roomId));
    const file = JSON.stringify((await ada.get(`/api/jobs/${jobId}/file`)).body);
    const sent = await Promise.all(
      Array.from({ length: 10 }, () => ada.post(`/api/job-imports?id=${uuid()}`, Buffer.from(file))),
    );
    const shed = sent.filter((s) => s.status === 429);
    expect(sent.filter((s) => s.status === 201).length + shed.length).toBe(10);
    expect(shed.length).toBeGreaterThan(0);
    for (const { body, headers } of shed) {
      expect(body.message).toMatch(/^\d+ jobs wait to be read before this one\. Nothing was written\. Try again in/);
      expect(headers.get('retry-after')).toBe('20');
    }
  });

  test('large pictures are made anew one after the other', async () => {
    const { jobId, roomId } = await newJob(ada);
    const picture = await sharp({ create: { width: 8800, height: 9000, channels: 3, background: '#22384d' } })
      .png({ compressionLevel: 9 })
      .toBuffer();
    const at = encodeURIComponent(new Date().toISOString());
    const sent = await Promise.all(
      Array.from({ length: 12 }, () =>
        ada.send('POST', `/api/jobs/${jobId}/photos?id=${uuid()}&roomId=${roomId}&at=${at}`, picture, {
          'content-type': 'image/png',
        }),
      ),
    );
    const kept = sent.filter((s) => s.status === 201).length;
    expect(kept).toBeGreaterThan(0);
    expect(sent.every((s) => [201, 429].includes(s.status))).toBe(true);
    expect(kept).toBeLessThan(12);
  });
});

describe('a password', () => {
  test.each(['password1234', 'qwertyuiop123', '123456789012', 'iloveyou1234', 'aaaaaaaaaaaa', 'Welcome12345'])(
    '%s is among the first that anybody tries',
    async (password) => {
      const { answer } = await joined(`${uuid()}@asked-in.example`, ada, password);
      expect(answer.status).toBe(400);
      expect(answer.body.errors[0]).toMatchObject({ path: 'password', message: expect.stringContaining('guessed') });
    },
  );
  test('changed renews the session: the cookie of before opens nothing', async () => {
    const { client } = await joined(`${uuid()}@asked-in.example`);
    const before = client.cookie;
    const change = { id: uuid(), before: PASSWORD, after: 'another long word' };
    expect((await client.send('PUT', '/api/session/password', change)).status).toBe(200);
    expect(client.cookie).not.toBe(before);
    const old = new Client();
    old.cookie = before;
    expect([(await old.get('/api/session')).status, (await client.get('/api/session')).status]).toEqual([401, 200]);
  });
});

describe('a session', () => {
  test('ends when it was long unused, and stands while it is of use', async () => {
    const { client } = await joined(`${uuid()}@asked-in.example`);
    const { id } = (await client.get('/api/session')).body.person;
    await db.query('UPDATE session SET used_at = used_at - INTERVAL 3 DAY WHERE person_id = ?', [id]);
    expect((await client.get('/api/session')).status).toBe(200);
    // That it was of use is noted: three more days are none too many.
    await db.query('UPDATE session SET used_at = used_at - INTERVAL 3 DAY WHERE person_id = ?', [id]);
    expect((await client.get('/api/session')).status).toBe(200);
    await db.query('UPDATE session SET used_at = used_at - INTERVAL 5 DAY WHERE person_id = ?', [id]);
    expect((await client.get('/api/session')).status).toBe(401);
  });
});

describe('invitations', () => {
  test('do not say whether an address is known elsewhere; one person may be of two firms, with a password for each', async () => {
    const other = await secondFirm('Two Doors Down', `${uuid()}@two-doors.example`);
    const email = `${uuid()}@both.example`;
    expect((await joined(email)).answer.status).toBe(200);
    const asked = await joined(email, other, PASSWORD);
    expect(asked.sent.status).toBe(201);
    // The password of the other door proves who it is; nobody else is told.
    expect(asked.answer.body.errors[0]).toMatchObject({ path: 'password' });
    const client = new Client();
    expect(
      (await client.post(`/api/invitations/${asked.link}`, { id: uuid(), password: 'a second good word' })).status,
    ).toBe(200);
    const firms = await Promise.all(
      [PASSWORD, 'a second good word'].map(async (p) => (await knocks(email, p, ownAddress())).body.firm.name),
    );
    expect(new Set(firms).size).toBe(2);
  });
  test('ask in again who left: the same person, with a new way in', async () => {
    const email = `${uuid()}@asked-in.example`;
    const first = await joined(email);
    const { id } = (await first.client.get('/api/session')).body.person;
    expect((await joined(email)).sent.status).toBe(400);
    await ada.post(`/api/people/${id}/leave`, { id: uuid() });
    const again = await joined(email, ada, 'another long word');
    expect([again.sent.status, again.answer.status]).toEqual([201, 200]);
    expect(again.answer.body.person.id).toBe(id);
    expect((await knocks(email, PASSWORD, ownAddress())).status).toBe(401);
  });
});

describe('behind a proxy', () => {
  const tls = { 'x-forwarded-proto': 'https', 'x-forwarded-host': 'ledger.example', origin: 'https://ledger.example' };
  test('by TLS the cookie is for this host alone, and the browser comes by nothing else again', async () => {
    const email = `${uuid()}@asked-in.example`;
    await joined(email);
    const answer = await new Client().post(
      '/api/session',
      { email, password: PASSWORD },
      { ...tls, ...from(ownAddress()) },
    );
    expect(answer.status).toBe(200);
    expect(answer.headers.get('set-cookie')).toMatch(
      /^__Host-rustic_ledger=.*; Path=\/; .*HttpOnly; Secure; SameSite=Strict/,
    );
    expect(answer.headers.get('set-cookie')).not.toContain('Domain');
    expect(answer.headers.get('strict-transport-security')).toContain('max-age=31536000');
    expect((await new Client().get('/api/health')).headers.get('strict-transport-security')).toBeNull();
  });
  test('a foreign name is refused, with an origin of the same name too', async () => {
    const foreign = { 'x-forwarded-host': 'evil.example', origin: 'http://evil.example' };
    const answer = await new Client().post('/api/session', { email: 'a@b.example', password: 'x' }, foreign);
    expect([answer.status, answer.body.code]).toEqual([421, 'other-host']);
    const page = await fetch(BASE, { headers: { 'x-forwarded-host': 'evil.example' } });
    expect(page.status).toBe(421);
  });
  test('an origin that is not the name that was asked for writes nothing', async () => {
    const crossed = { ...tls, origin: 'https://other.example' };
    expect((await ada.post('/api/jobs', {}, crossed)).body.code).toBe('other-origin');
  });
});

test('no token of a link is in a log', () => {
  const one = token();
  for (const path of ['/api/client/', '/api/calendar/', '/api/invitations/', '/api/client/x/'])
    for (const tail of ['', '/photos/3', '.ics', '?from=mail'])
      expect(withoutTokens(path + one + tail)).not.toContain(one);
  expect(withoutTokens('/api/jobs/0190f0de-0000-7000-8000-000000000000/plan')).toBe(
    '/api/jobs/0190f0de-0000-7000-8000-000000000000/plan',
  );
});
