import { randomBytes } from 'node:crypto';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { createConnection } from 'mysql2/promise';
import { seal, unseal } from '../src/people/sealed.ts';
import { Client, signedIn, uuid } from './client.ts';
import { Device } from './device.ts';

const PASSWORD = 'a long new word';
/** A passkey holds on to a name: the tests' server by its name, not by its bare address. */
const PAGE = process.env['TEST_SERVER']!.replace('127.0.0.1', 'localhost');
let lastAddress = 0;
const from = () => ({ 'x-forwarded-for': `203.0.113.${++lastAddress}` });

let ada: Client;
beforeAll(async () => {
  ada = await signedIn();
});

/** Somebody who was asked in, at the door with a name. */
async function joined(base = PAGE) {
  const link = randomBytes(32).toString('base64url');
  const email = `${uuid()}@asked-in.example`;
  const asked = { id: uuid(), email, name: 'Juno Reed', initials: 'JR', role: 'painter', token: link };
  await ada.post('/api/people/invitations', asked);
  const client = new Client(base);
  await client.post(`/api/invitations/${link}`, { id: uuid(), password: PASSWORD });
  return { client, email };
}
const knocks = (email: string, more: object = {}, base = PAGE) =>
  new Client(base).post('/api/session', { email, password: PASSWORD, ...more }, from());

/** Somebody whose device opens a second lock. */
async function withKey() {
  const who = await joined();
  const device = new Device();
  const { asked } = (await who.client.post('/api/session/lock/keys', { id: uuid(), password: PASSWORD })).body;
  const key = device.make(asked, PAGE);
  const added = await who.client.send('PUT', '/api/session/lock/keys', { id: uuid(), name: 'My phone', key });
  expect(added.status).toBe(200);
  return { ...who, device, asked, key, onPaper: added.body.onPaper as string[] };
}

describe('a passkey', () => {
  test('is asked for after the password, opens, and each question is answered once', async () => {
    const { email, device } = await withKey();
    const asked = await knocks(email);
    expect(asked).toMatchObject({ status: 401, body: { code: 'second-asked' } });
    expect(asked.body.message).toContain('passkey');
    const key = device.open(asked.body.passkey, PAGE);
    const both = await Promise.all([knocks(email, { key }), knocks(email, { key })]);
    expect(both.map((b) => b.status).sort()).toEqual([200, 401]);
    expect((await knocks(email, { key })).body.code).toBe('second-wrong');
  });

  test('made on another page, by another device, or for another question, opens nothing', async () => {
    const { email, device } = await withKey();
    const question = async () => (await knocks(email)).body.passkey;
    const elsewhere = device.open(await question(), 'http://localhost:1');
    expect((await knocks(email, { key: elsewhere })).body.code).toBe('second-wrong');
    const asked = await question();
    const stranger = new Device();
    stranger.make({ rp: { id: 'localhost' }, challenge: asked.challenge }, PAGE);
    const forged = {
      ...device.open(asked, PAGE),
      response: { ...device.open(asked, PAGE).response, signature: 'AAAA' },
    };
    expect((await knocks(email, { key: forged })).body.code).toBe('second-wrong');
    const old = await question();
    await question();
    expect((await knocks(email, { key: device.open(old, PAGE) })).body.code).toBe('second-wrong');
  });

  test('brings codes on paper once, and stands in a list that tells no key', async () => {
    const { client, onPaper, email } = await withKey();
    expect(onPaper).toHaveLength(10);
    const { body } = await client.get('/api/session/lock');
    expect(body).toEqual({
      phone: false,
      keys: [{ id: expect.any(String), name: 'My phone', at: expect.any(String) }],
      onPaper: 10,
    });
    expect((await knocks(email, { code: onPaper[0] })).status).toBe(200);
    const second = (await client.post('/api/session/lock/keys', { id: uuid(), password: PASSWORD })).body.asked;
    const key = new Device().make(second, PAGE);
    expect(
      (await client.send('PUT', '/api/session/lock/keys', { id: uuid(), name: 'Desk', key })).body.onPaper,
    ).toEqual([]);
  });

  test('that is not an answer to what was asked is not kept', async () => {
    const { client } = await joined();
    const key = new Device().make({ rp: { id: 'localhost' }, challenge: 'bm90IHdoYXQgd2FzIGFza2Vk' }, PAGE);
    const add = () => client.send('PUT', '/api/session/lock/keys', { id: uuid(), name: 'Odd', key });
    expect((await add()).body.code).toBe('key-wrong');
    await client.post('/api/session/lock/keys', { id: uuid(), password: PASSWORD });
    expect((await add()).body.code).toBe('key-wrong');
    expect((await client.get('/api/session/lock')).body.keys).toEqual([]);
  });

  test('takes the password to be made and to be taken off; the last one taken off, the door has one lock', async () => {
    const { client, email } = await withKey();
    expect((await client.post('/api/session/lock/keys', { id: uuid(), password: 'not this one' })).status).toBe(401);
    const [{ id }] = (await client.get('/api/session/lock')).body.keys;
    const off = (password: string) => client.post(`/api/session/lock/keys/${id}/off`, { id: uuid(), password });
    expect((await off('not this one')).status).toBe(401);
    expect((await off(PASSWORD)).body).toEqual({ open: true });
    expect((await knocks(email)).status).toBe(200);
  });

  test('is offered by no bare address', async () => {
    const bare = process.env['TEST_SERVER']!;
    const { email } = await withKey();
    const asked = await knocks(email, {}, bare);
    expect([asked.body.code, asked.body.passkey]).toEqual(['second-asked', undefined]);
    const { client } = await joined(bare);
    const refused = await client.post('/api/session/lock/keys', { id: uuid(), password: PASSWORD });
    expect(refused).toMatchObject({ status: 409, body: { code: 'no-name' } });
  });
});

describe('a secret at rest', () => {
  const env = { SECRETS_KEY: randomBytes(32).toString('base64url') };
  test('opens for its owner, and for nobody else and by no other key', () => {
    const sealed = seal('JBSWY3DPEHPK3PXP', 'juno', env);
    expect(sealed).not.toContain('JBSWY3DPEHPK3PXP');
    expect(unseal(sealed, 'juno', env)).toBe('JBSWY3DPEHPK3PXP');
    expect(unseal(sealed, 'mei', env)).toBeNull();
    expect(unseal(sealed, 'juno', { SECRETS_KEY: randomBytes(32).toString('base64url') })).toBeNull();
    expect(unseal(sealed, 'juno', {})).toBeNull();
    const changed = sealed.slice(0, -3) + (sealed.at(-3) === 'A' ? 'B' : 'A') + sealed.slice(-2);
    expect(unseal(changed, 'juno', env)).toBeNull();
    // Each time another: two who have the same secret are not seen to.
    expect(seal('JBSWY3DPEHPK3PXP', 'juno', env)).not.toBe(sealed);
  });
  test('of a phone is not read in the database', async () => {
    const { client } = await joined();
    const { secret } = (await client.post('/api/session/lock', { id: uuid(), password: PASSWORD })).body;
    const db = await createConnection(process.env['TEST_DATABASE_URL']!);
    const [rows] = await db.query('SELECT COUNT(*) AS n FROM person WHERE second_lock LIKE ? ', [`%${secret}%`]);
    const [sealed] = await db.query("SELECT COUNT(*) AS n FROM person WHERE second_lock LIKE '%sealed.1.%'");
    await db.end();
    expect((rows as { n: number }[])[0]!.n).toBe(0);
    expect((sealed as { n: number }[])[0]!.n).toBeGreaterThan(0);
  });
});
