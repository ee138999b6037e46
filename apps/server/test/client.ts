import { createConnection } from 'mysql2/promise';
import { v7 as uuid } from 'uuid';
import { Described, type Description } from './described.ts';
import { copyOfDemoFirm, DEMO_DOMAIN } from './ownFirm.ts';

const BASE = process.env['TEST_SERVER']!;
export const PASSWORD = 'high-water-mark';
export { uuid };

/* eslint-disable @typescript-eslint/no-explicit-any -- answers are read field by field */
export interface Answer {
  status: number;
  body: any;
  headers: Headers;
}
/* eslint-enable @typescript-eslint/no-explicit-any */

const DOCS = '/api/docs-json';
let described: Promise<Described> | null = null;
/** Every answer that any suite is given is held against the API's own description. */
async function asDescribed(base: string, method: string, path: string, { status, body }: Answer): Promise<void> {
  described ??= fetch(base + DOCS)
    .then((answer) => answer.json())
    .then((description) => new Described(description as Description));
  const faults = (await described).faultsIn(method, path, status, body);
  if (faults.length) throw new Error(`not as the API describes it:\n${faults.join('\n')}`);
}

/** Talks to the server as a browser of one person would. */
export class Client {
  cookie = '';
  readonly base: string;
  constructor(base = BASE) {
    this.base = base;
  }

  async send(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer> {
    const raw = typeof body === 'string' || body instanceof Uint8Array;
    const response = await fetch(this.base + path, {
      method,
      headers: {
        origin: this.base,
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...(this.cookie ? { cookie: this.cookie } : {}),
        ...headers,
      },
      ...(body === undefined ? {} : { body: raw ? (body as string) : JSON.stringify(body) }),
    });
    const set = response.headers.get('set-cookie');
    if (set) this.cookie = set.split(';')[0]!;
    const json = response.headers.get('content-type')?.includes('json');
    const text = json ? await response.text() : '';
    if (!json) await response.arrayBuffer();
    const answer = { status: response.status, body: text ? JSON.parse(text) : null, headers: response.headers };
    if (json && path !== DOCS) await asDescribed(this.base, method, path, answer);
    return answer;
  }
  get = (path: string) => this.send('GET', path);
  post = (path: string, body: unknown, headers?: Record<string, string>) => this.send('POST', path, body, headers);
}

let domain: Promise<string> | null = null;
/** The address of somebody of this suite's own copy of the demo firm. */
export const emailOf = async (name: string) => `${name}@${await (domain ??= copyOfDemoFirm())}`;

/** Somebody signed in: by name, of this suite's own firm; by address, whoever has it, on the server at `base`. */
export async function signedIn(who = 'ada', base = BASE): Promise<Client> {
  const email = who.includes('@') ? who : base === BASE ? await emailOf(who) : `${who}@${DEMO_DOMAIN}`;
  const client = new Client(base);
  const answer = await client.post('/api/session', { email, password: PASSWORD });
  if (answer.status !== 200) throw new Error(`${email} could not sign in: ${answer.status}`);
  return client;
}

/** A job with one room, for a test of its own. */
export async function newJob(client: Client, builtYear: number | null = 1931, begins: Date | null = null) {
  const jobId = uuid();
  const roomId = uuid();
  await client.post('/api/jobs', {
    id: jobId,
    title: 'Test house',
    place: 'Quay',
    builtYear,
    startsAt: begins?.toISOString() ?? '2027-03-01T08:00:00Z',
  });
  await client.post(`/api/jobs/${jobId}/rooms`, { id: roomId, name: 'Hall' });
  return { jobId, roomId };
}

/** A skirting, as most tests need one. */
export const surfaceBody = (roomId: string) => ({
  id: uuid(),
  roomId,
  name: 'Skirting',
  facts: { element: 'trim', substrate: 'softwood', areaM2: 6 },
  wanted: { colour: '#22384d', sheen: 'satin' },
});

/** Somebody of a firm that is put in by hand. */
interface Painter {
  name: string;
  initials: string;
  email: string;
}
const WEEK = JSON.stringify({ days: [1, 2, 3, 4, 5], from: '08:00', to: '16:30' });

/**
 * A second firm, put in by hand, and its owner signed in: another firm's data must not exist for it, and what other
 * tests do at the same time moves nothing of its own.
 */
export async function secondFirm(name: string, email: string, painters: readonly Painter[] = []): Promise<Client> {
  const db = await createConnection(process.env['TEST_DATABASE_URL']!);
  const firm = uuid();
  await db.execute(
    'INSERT INTO firm (id, name, time_zone, hemisphere, currency, house_rules) VALUES (?, ?, ?, ?, ?, ?)',
    [firm, name, 'Europe/London', 'northern', 'GBP', '{}'],
  );
  await db.execute(
    'INSERT INTO person (id, firm_id, name, initials, email, password_hash, role) SELECT ?, ?, ?, ?, ?, password_hash, ? FROM person LIMIT 1',
    [uuid(), firm, 'Nell Farrow', 'NF', email, 'owner'],
  );
  for (const p of painters)
    await db.execute(
      'INSERT INTO person (id, firm_id, name, initials, email, password_hash, role, hours) SELECT ?, ?, ?, ?, ?, password_hash, ?, ? FROM person LIMIT 1',
      [uuid(), firm, p.name, p.initials, p.email, 'painter', WEEK],
    );
  await db.end();
  return signedIn(email);
}
