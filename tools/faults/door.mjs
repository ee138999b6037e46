import { randomBytes, randomUUID } from 'node:crypto';

const OWNER = { email: 'ada@saltmarsh-thirle.example', password: 'high-water-mark' };
const PATIENCE_MS = 15_000;

/** A link's token, made by whoever sends the link. */
export const newToken = () => randomBytes(32).toString('base64url');
export const newId = () => randomUUID();

/** One server as a browser of one person sees it: an answer, or null where the way to it broke. */
export class Door {
  cookie = '';
  constructor(base) {
    this.base = base;
  }
  async send(method, path, body) {
    try {
      const response = await fetch(this.base + path, {
        method,
        headers: { origin: this.base, 'content-type': 'application/json', cookie: this.cookie },
        signal: AbortSignal.timeout(PATIENCE_MS),
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      });
      this.cookie = response.headers.get('set-cookie')?.split(';')[0] ?? this.cookie;
      const isJson = response.headers.get('content-type')?.includes('json');
      return { status: response.status, body: isJson ? await response.json() : await response.text() };
    } catch {
      return null;
    }
  }
  get = (path) => this.send('GET', path);
  post = (path, body) => this.send('POST', path, body);
  /** The same person at another server: a session holds on all. */
  at(base) {
    const door = new Door(base);
    door.cookie = this.cookie;
    return door;
  }
}

/** Somebody signed in at a server; the owner of the demo firm, where nobody else is said. */
export async function signedInAt(base, who = OWNER) {
  const door = new Door(base);
  const answer = await door.post('/api/session', who);
  if (answer?.status !== 200) throw new Error(`${who.email} could not sign in: ${answer?.status}`);
  return door;
}

/** A job of its own with so many surfaces. */
export async function jobWith(door, surfaces, title = 'Test house') {
  const [jobId, roomId] = [newId(), newId()];
  const made = [
    await door.post('/api/jobs', {
      id: jobId,
      title,
      place: 'Quay',
      builtYear: 1931,
      startsAt: '2027-03-01T08:00:00Z',
    }),
    await door.post(`/api/jobs/${jobId}/rooms`, { id: roomId, name: 'Hall' }),
  ];
  const surfaceIds = Array.from({ length: surfaces }, newId);
  for (const id of surfaceIds)
    made.push(
      await door.post(`/api/jobs/${jobId}/surfaces`, {
        id,
        roomId,
        name: 'Skirting',
        facts: { element: 'trim', substrate: 'softwood', areaM2: 6 },
        wanted: { colour: '#22384d', sheen: 'satin' },
      }),
    );
  const refused = made.find((answer) => answer?.status !== 201);
  if (refused !== undefined) throw new Error(`no job could be made: ${JSON.stringify(refused)}`);
  return { jobId, surfaceIds };
}
