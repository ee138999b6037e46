import { randomUUID } from 'node:crypto';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { createPool } from 'mysql2/promise';
import { freePort, startMariadb } from './mariadb.mjs';
import { ROOT } from './run.mjs';
import { startServer } from './serve.mjs';
import { temporaryFolder } from './temporary.mjs';

const PAINTERS = 50;
const JOBS = 10;
const SECONDS = 60;
/** Each logs a step about so often, and looks at the run sheet when it hears of another's, or about so often. */
const LOGS_EVERY_MS = 10_000;
const LOOKS_EVERY_MS = 5_000;
const TOGETHER_MS = 300;
const BARE_SECONDS = 15;

const sleep = (ms) => new Promise((done) => setTimeout(done, ms));
const at = (list, share) => [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * share))];

/** Fifty painters on ten jobs for a minute: logging, listening, looking; beside bare inserts at the same pace. */
export async function siteRows(people, password) {
  const database = await startMariadb(join(temporaryFolder('site'), 'mariadb'));
  const port = await freePort();
  const watch = `--import ${pathToFileURL(join(ROOT, 'tools/loopWatch.mjs')).href} --expose-gc`;
  const server = await startServer({ url: database.url, port, env: { LOG_LEVEL: 'warn', NODE_OPTIONS: watch } });
  const base = `http://127.0.0.1:${port}`;
  const doors = await Promise.all(
    Array.from({ length: PAINTERS }, (_, i) => signIn(base, people[i % people.length].email, password)),
  );
  const [first] = doors;
  const surfaces = await houses(first);
  const bare = await bareInserts(database.url);

  server.child.send('begin');
  const taken = { logs: [], looks: [], errors: 0 };
  const until = Date.now() + SECONDS * 1000;
  await Promise.all(surfaces.map((surface, i) => painter({ door: doors[i], surface, until, taken, first: i * 200 })));
  const told = await new Promise((done) => {
    server.child.once('message', done);
    server.child.send('tell');
  });
  const chains = await Promise.all(
    [...new Set(surfaces.map((s) => s.jobId))].map(async (id) => first.get(`/api/jobs/${id}/ledger/check`)),
  );
  await server.stop();
  await database.stop();
  const whole = chains.every((c) => c.whole);
  return [
    [
      `${PAINTERS} painters for ${SECONDS} s: a log, 95 in 100 under`,
      `${at(taken.logs, 0.95).toFixed(0)} ms`,
      '',
      `${taken.logs.length} logs, ${taken.errors} errors, every chain ${whole ? 'whole' : 'BROKEN'}; bare insert ${bare.toFixed(1)} ms, ${(at(taken.logs, 0.95) / bare).toFixed(1)} ×`,
    ],
    [
      'the run sheet meanwhile, 95 in 100 under',
      `${at(taken.looks, 0.95).toFixed(0)} ms`,
      '',
      `${taken.looks.length} looks; event loop held up ${told.p99.toFixed(0)} ms at 99 in 100, longest ${told.longest.toFixed(0)}; after it ${told.rssMb.toFixed(0)} MB, heap ${told.heapMb.toFixed(0)}`,
    ],
  ];
}

async function signIn(base, email, password) {
  const headers = { origin: base, 'content-type': 'application/json' };
  const door = await fetch(`${base}/api/session`, {
    method: 'POST',
    headers,
    body: JSON.stringify({ email, password }),
  });
  const cookie = door.headers.get('set-cookie').split(';')[0];
  const answered = async (response) => {
    const answer = await response.json();
    if (!response.ok) throw new Error(`${response.status} ${JSON.stringify(answer).slice(0, 300)}`);
    return answer;
  };
  let sheet = { etag: '', text: '' };
  return {
    /** The run sheet as a browser asks for it: with the mark of the one it has. Read only by whoever needs it. */
    today: async () => {
      const response = await fetch(`${base}/api/today`, { headers: { cookie, 'if-none-match': sheet.etag } });
      if (!response.ok && response.status !== 304) throw new Error(`${response.status}`);
      if (response.ok) sheet = { etag: response.headers.get('etag'), text: await response.text() };
      return sheet.text;
    },
    get: async (path) => answered(await fetch(base + path, { headers: { cookie } })),
    post: async (path, body) =>
      answered(
        await fetch(base + path, { method: 'POST', headers: { ...headers, cookie }, body: JSON.stringify(body) }),
      ),
    events: (signal) => fetch(`${base}/api/events`, { headers: { cookie }, signal }),
  };
}

/** Ten houses of five surfaces, planned: a surface for each painter, and its steps. */
async function houses(owner) {
  const surfaces = [];
  for (let j = 0; j < JOBS; j++) {
    const [jobId, roomId] = [randomUUID(), randomUUID()];
    const startsAt = new Date().toISOString();
    await owner.post('/api/jobs', { id: jobId, title: `House ${j + 1}`, place: 'Quay', builtYear: 1990, startsAt });
    await owner.post(`/api/jobs/${jobId}/rooms`, { id: roomId, name: 'Hall' });
    for (let s = 0; s < PAINTERS / JOBS; s++) {
      const id = randomUUID();
      await owner.post(`/api/jobs/${jobId}/surfaces`, {
        id,
        roomId,
        name: `Skirting ${s + 1}`,
        facts: { element: 'trim', substrate: 'softwood', areaM2: 6, conditions: ['glossy', 'greasy'] },
        wanted: { colour: '#22384d', sheen: 'satin' },
      });
      surfaces.push({ id, jobId });
    }
    await owner.post(`/api/jobs/${jobId}/plan`, { id: randomUUID() });
  }
  return surfaces;
}

/** One painter's minute: what they do, and how long each of it took. */
async function painter({ door, surface, until, taken, first }) {
  const gone = new AbortController();
  const timed = async (list, act) => {
    const start = performance.now();
    try {
      return await act();
    } catch {
      taken.errors += 1;
      return null;
    } finally {
      list.push(performance.now() - start);
    }
  };
  const look = () => timed(taken.looks, () => door.today());
  let due = null;
  const hear = async () => {
    try {
      const { body } = await door.events(gone.signal);
      for await (const part of body)
        if (Buffer.from(part).includes('data:'))
          due ??= setTimeout(() => {
            due = null;
            void look();
          }, TOGETHER_MS);
    } catch {
      if (!gone.signal.aborted) taken.errors += 1;
    }
  };
  void hear();
  await sleep(first % LOOKS_EVERY_MS);
  let nextLog = Date.now() + (first % LOGS_EVERY_MS);
  while (Date.now() < until) {
    const sheet = await look();
    if (sheet && Date.now() >= nextLog) {
      nextLog += LOGS_EVERY_MS;
      const line = JSON.parse(sheet).lines.find((l) => l.surfaceId === surface.id);
      if (line?.next) await timed(taken.logs, () => door.post(`/api/jobs/${surface.jobId}/work`, logOf(line)));
    }
    await sleep(LOOKS_EVERY_MS);
  }
  gone.abort();
  if (due) clearTimeout(due);
}

function logOf({ surfaceId, next, offered }) {
  const now = new Date().toISOString();
  const log = { id: randomUUID(), surfaceId, stepId: next.plan.id, startedAt: now, endedAt: now };
  if (!next.product) return log;
  const { temperatureC, relativeHumidityPct } = offered;
  return { ...log, productId: next.product.id, batch: 'B1', temperatureC, relativeHumidityPct };
}

/** The same pace on the barest thing that keeps a line: Node, mysql2, one insert; 95 in 100 under, in ms. */
async function bareInserts(url) {
  const pool = createPool({ uri: url, connectionLimit: 10 });
  await pool.query('CREATE TABLE bare_line (id CHAR(36) PRIMARY KEY, said JSON NOT NULL) ENGINE=InnoDB');
  const server = createServer(async (request, response) => {
    let text = '';
    for await (const part of request) text += part;
    await pool.query('INSERT INTO bare_line VALUES (?, ?)', [randomUUID(), text]);
    response.setHeader('content-type', 'application/json').end('{}');
  });
  const port = await freePort();
  await new Promise((done) => server.listen(port, '127.0.0.1', done));
  const times = [];
  const until = Date.now() + BARE_SECONDS * 1000;
  await Promise.all(
    Array.from({ length: PAINTERS }, async (_, i) => {
      await sleep((i * LOGS_EVERY_MS) / PAINTERS / 4);
      while (Date.now() < until) {
        const start = performance.now();
        await (await fetch(`http://127.0.0.1:${port}/`, { method: 'POST', body: '{"step":"s1"}' })).json();
        times.push(performance.now() - start);
        await sleep(LOGS_EVERY_MS / 4);
      }
    }),
  );
  await pool.query('DROP TABLE bare_line');
  await pool.end();
  await new Promise((done) => {
    server.close(done);
    server.closeAllConnections();
  });
  return at(times, 0.95);
}
