import { randomBytes } from 'node:crypto';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { Secret, TOTP } from 'otpauth';
import { newPapers, newPhone, NO_LOCK, openedBy, paperDigest, phoneOpenedBy } from '../src/people/secondLock.ts';
import { Client, secondFirm, signedIn, uuid } from './client.ts';

const PASSWORD = 'a long new word';
const token = () => randomBytes(32).toString('base64url');
let lastAddress = 0;
const knocks = (email: string, password: string, code?: string) =>
  new Client().post('/api/session', { email, password, code }, { 'x-forwarded-for': `192.0.2.${++lastAddress}` });
/** What the phone shows, at a number of half minutes from now. */
const shown = (secret: string, steps = 0) =>
  new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: Date.now() + steps * 30_000 });

let ada: Client;
beforeAll(async () => {
  ada = await signedIn();
});

async function joined(owner: Client, role = 'painter') {
  const link = token();
  const email = `${uuid()}@asked-in.example`;
  await owner.post('/api/people/invitations', {
    id: uuid(),
    email,
    name: 'Juno Reed',
    initials: 'JR',
    role,
    token: link,
  });
  const client = new Client();
  await client.post(`/api/invitations/${link}`, { id: uuid(), password: PASSWORD });
  return { client, email, id: (await client.get('/api/session')).body.person.id as string };
}

/** Somebody whose phone opens a second lock. */
async function locked(owner = ada, role = 'painter') {
  const who = await joined(owner, role);
  const { secret, picture } = (await who.client.post('/api/session/lock', { id: uuid(), password: PASSWORD })).body;
  expect(picture).toMatch(/^data:image\/png;base64,/);
  const closed = await who.client.send('PUT', '/api/session/lock', { id: uuid(), code: shown(secret, -1) });
  expect(closed.status).toBe(200);
  return { ...who, secret: secret as string, onPaper: closed.body.onPaper as string[] };
}

describe('a code', () => {
  const at = new Date('2027-03-01T09:00:00Z');
  const code = (secret: string, seconds: number) =>
    new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: at.getTime() + seconds * 1000 });
  test('opens in its half minute and one beside it, and once', () => {
    const { phone, secret } = newPhone('juno');
    const opens = (s: number) => phoneOpenedBy(phone, code(secret, s), 'juno', at) !== null;
    expect([-90, -60, -30, 0, 30, 60, 90].map(opens)).toEqual([false, false, true, true, true, false, false]);
    const after = phoneOpenedBy(phone, code(secret, 0), 'juno', at)!;
    expect(phoneOpenedBy(after, code(secret, 0), 'juno', at)).toBeNull();
    expect(phoneOpenedBy(after, code(secret, -30), 'juno', at)).toBeNull();
    expect(phoneOpenedBy(after, code(secret, 30), 'juno', at)).not.toBeNull();
  });
  test('is the one of the standard: RFC 6238, appendix B, to six figures', () => {
    const secret = Secret.fromUTF8('12345678901234567890').base32;
    const phone = { secret, since: null, lastStep: 0 };
    for (const [seconds, figures] of [
      [59, '287082'],
      [1_111_111_109, '081804'],
      [1_234_567_890, '005924'],
      [20_000_000_000, '353130'],
    ] as const)
      expect(phoneOpenedBy(phone, figures, 'juno', new Date(seconds * 1000))).not.toBeNull();
  });
  test('on paper opens once, however it is typed', () => {
    const papers = newPapers();
    expect(new Set(papers).size).toBe(10);
    const lock = { ...NO_LOCK, onPaper: papers.map(paperDigest) };
    const after = openedBy(lock, ` ${papers[3]!.toLowerCase().replace('-', ' ')} `, 'juno', at)!;
    expect(after.onPaper).toHaveLength(9);
    expect(openedBy(after, papers[3]!, 'juno', at)).toBeNull();
    expect(openedBy(after, papers[4]!, 'juno', at)).not.toBeNull();
  });
});

describe('a second lock', () => {
  test('is asked for after the password, and opens by phone or by paper, each code once', async () => {
    const { email, secret, onPaper } = await locked();
    expect((await knocks(email, PASSWORD)).body.code).toBe('second-asked');
    expect((await knocks(email, 'not this one', shown(secret))).body.code).toBe('not-known');
    expect((await knocks(email, PASSWORD, '000000')).body.code).toBe('second-wrong');
    const code = shown(secret);
    const both = await Promise.all([knocks(email, PASSWORD, code), knocks(email, PASSWORD, code)]);
    expect(both.map((b) => b.status).sort()).toEqual([200, 401]);
    expect((await knocks(email, PASSWORD, onPaper[0])).status).toBe(200);
    expect((await knocks(email, PASSWORD, onPaper[0])).status).toBe(401);
  });
  test('guessing its code is braked as guessing the password is', async () => {
    const { email, secret } = await locked();
    const statuses: number[] = [];
    for (let i = 0; i < 6; i++) statuses.push((await knocks(email, PASSWORD, String(100_000 + i))).status);
    expect(statuses).toEqual([401, 401, 401, 401, 401, 429]);
    expect((await knocks(email, PASSWORD, shown(secret))).status).toBe(429);
  });
  test('is not closed by a wrong code, and takes the password to set up and to take off', async () => {
    const { client, email } = await joined(ada);
    expect((await client.post('/api/session/lock', { id: uuid(), password: 'not this one' })).status).toBe(401);
    const { secret } = (await client.post('/api/session/lock', { id: uuid(), password: PASSWORD })).body;
    expect((await client.send('PUT', '/api/session/lock', { id: uuid(), code: '123456' })).status).toBe(401);
    expect((await knocks(email, PASSWORD)).status).toBe(200);
    await client.send('PUT', '/api/session/lock', { id: uuid(), code: shown(secret) });
    expect((await knocks(email, PASSWORD)).body.code).toBe('second-asked');
    expect((await client.post('/api/session/lock/off', { id: uuid(), password: 'not this one' })).status).toBe(401);
    expect((await client.post('/api/session/lock/off', { id: uuid(), password: PASSWORD })).status).toBe(201);
    expect((await knocks(email, PASSWORD)).status).toBe(200);
  });
  test('comes off by an owner for who lost phone and paper; not by others, and not in another firm', async () => {
    const { id, email } = await locked();
    const other = await secondFirm('Far Bank', `${uuid()}@far-bank.example`);
    const mei = await signedIn('mei');
    expect((await other.post(`/api/people/${id}/lock/off`, { id: uuid() })).status).toBe(404);
    expect((await mei.post(`/api/people/${id}/lock/off`, { id: uuid() })).status).toBe(403);
    expect((await ada.post(`/api/people/${id}/lock/off`, { id: uuid() })).status).toBe(201);
    expect((await knocks(email, PASSWORD)).status).toBe(200);
    const kinds = (await ada.get('/api/people')).body.access.map((n: { kind: string }) => n.kind);
    expect(kinds).toEqual(expect.arrayContaining(['second-lock-closed', 'second-lock-opened']));
  });
  test('where the firm asks its owners for one, an owner without sets it up before anything else', async () => {
    const owner = await secondFirm('Two Locks', `${uuid()}@two-locks.example`);
    const { firm } = (await owner.get('/api/session')).body;
    const rule = { id: uuid(), version: firm.version, needed: true };
    expect((await owner.send('PUT', '/api/firm/owners-lock', rule)).status).toBe(200);
    expect((await owner.get('/api/jobs')).body.code).toBe('second-needed');
    expect((await owner.get('/api/session')).body.person).toMatchObject({ hasSecond: false, needsSecond: true });
    const { secret } = (await owner.post('/api/session/lock', { id: uuid(), password: 'high-water-mark' })).body;
    await owner.send('PUT', '/api/session/lock', { id: uuid(), code: shown(secret) });
    expect((await owner.get('/api/jobs')).status).toBe(200);
    const { client } = await joined(owner);
    expect((await client.get('/api/jobs')).status).toBe(200);
  });
  test('is told in no answer but the one that sets it up', async () => {
    const { client, secret, onPaper } = await locked(ada, 'owner');
    for (const path of ['/api/session', '/api/people']) {
      const said = JSON.stringify((await client.get(path)).body);
      for (const one of [secret, ...onPaper, 'secondLock']) expect(said).not.toContain(one);
    }
  });
});

describe('a lost password', () => {
  /** The links in the mails to an address, the newest last. */
  function linksTo(email: string): string[] {
    const root = process.env['POST_DIR']!;
    if (!existsSync(root)) return [];
    return readdirSync(root, { recursive: true, encoding: 'utf8' })
      .filter((name) => name.includes('-password-'))
      .map((name) => readFileSync(join(root, name), 'utf8').replaceAll('=\r\n', ''))
      .filter((mail) => mail.includes(`To: ${email}`))
      .map((mail) => /\/recover\/([\w-]{43})/.exec(mail)![1]!);
  }
  async function linkTo(email: string): Promise<string> {
    for (let i = 0; i < 200; i++) {
      const [link] = linksTo(email);
      if (link) return link;
      await new Promise((done) => setTimeout(done, 25));
    }
    throw new Error('no mail came');
  }
  const ask = (email: string) =>
    new Client().post('/api/recovery', { id: uuid(), email }, { 'x-forwarded-for': `192.0.2.${++lastAddress}` });
  const use = (link: string, password: string) => new Client().post(`/api/recovery/${link}`, { id: uuid(), password });

  test('a link by mail opens once, closes every device, and leaves the second lock closed', async () => {
    const { client, email, secret } = await locked();
    expect((await ask(email.toUpperCase())).body).toEqual({ asked: true });
    const link = await linkTo(email);
    expect((await new Client().get(`/api/recovery/${link}`)).body).toMatchObject({ email, name: 'Juno Reed' });
    expect((await use(link, 'password1234')).body.errors[0].path).toBe('password');
    const both = await Promise.all([use(link, 'ladder gull thimble'), use(link, 'ladder gull thimble')]);
    expect(both.map((b) => b.status).sort()).toEqual([200, 404]);
    expect((await client.get('/api/session')).status).toBe(401);
    expect((await knocks(email, PASSWORD)).body.code).toBe('not-known');
    expect((await knocks(email, 'ladder gull thimble')).body.code).toBe('second-asked');
    expect((await knocks(email, 'ladder gull thimble', shown(secret))).status).toBe(200);
  });
  test('whether anybody has an address is not told, and asking again and again is braked', async () => {
    const nobody = `${uuid()}@nobody.example`;
    const answers = [];
    for (let i = 0; i < 6; i++) answers.push(await ask(nobody));
    expect(answers.map((a) => a.status)).toEqual([200, 200, 200, 200, 200, 429]);
    expect(linksTo(nobody)).toEqual([]);
  });
  test('an owner sends one to somebody of the firm; a guessed one opens nothing; it stands in no list of the post', async () => {
    const { id, email } = await joined(ada);
    expect((await ada.post(`/api/people/${id}/recovery`, { id: uuid() })).status).toBe(201);
    const link = await linkTo(email);
    expect(JSON.stringify((await ada.get('/api/mails')).body)).not.toContain(link);
    for (const guess of [token(), 'x', `${link}x`]) expect((await use(guess, 'ladder gull thimble')).status).toBe(404);
    const mei = await signedIn('mei');
    expect((await mei.post(`/api/people/${id}/recovery`, { id: uuid() })).status).toBe(403);
    expect((await use(link, 'ladder gull thimble')).status).toBe(200);
  });
});
