import { randomUUID } from 'node:crypto';
import { createServer, get as ask, request as send } from 'node:http';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { createPool } from 'mysql2/promise';
import { signedInAt } from './faults/door.mjs';
import { freePort, startMariadb } from './mariadb.mjs';
import { startServer } from './serve.mjs';
import { standingFirm } from './standing/fill.mjs';
import { temporaryFolder } from './temporary.mjs';

const FEW = 100;
const MANY = 1000;
const WARM = 40;
const RUNS = 150;
const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];
const TIMES = { job: 2, list: 2, sheet: 2, coat: 4 };

/** Reading and writing in a firm of a thousand jobs, each beside a bare Node and mysql2 endpoint that sends the same bytes. */
export async function readingRows(core) {
  const database = await startMariadb(join(temporaryFolder('reading'), 'mariadb'), { quick: true });
  const port = await freePort();
  const server = await startServer({ url: database.url, port, env: { LOG_LEVEL: 'warn' } });
  const base = `http://127.0.0.1:${port}`;
  const door = await signedInAt(base);
  const bare = await bareServer(database.url);
  const began = performance.now();
  const firm = await standingFirm({ url: database.url, door, core });
  await firm.grow(FEW);
  const list = '/api/jobs?most=20';
  const compared = (path) => besideBare(base + path, door.cookie, bare);
  const few = await compared(list);
  const grows = performance.now();
  await firm.grow(MANY);
  const filled = `${((performance.now() - grows) / 1000).toFixed(0)} s for ${MANY - FEW} jobs, ${((performance.now() - began) / 1000).toFixed(0)} s in all`;
  const many = await compared(list);
  const job = await compared(`/api/jobs/${firm.made.active[0]}`);
  const sheet = await compared('/api/today');
  const coat = await coatBesideBare(base, door.cookie, bare, firm.made.ahead.at(-1));
  await firm.end();
  await bare.end();
  await server.stop();
  await database.stop();
  const row = (what, { ours, theirs, bytes }, aim, more = '') => [
    what,
    `${(ours / theirs).toFixed(1)} × bare`,
    `${aim} × bare`,
    `${ours.toFixed(2)} ms beside ${theirs.toFixed(2)}, ${(bytes / 1000).toFixed(0)} kB as sent${more}`,
  ];
  return [
    row(`list of 20 of ${FEW} jobs`, few, TIMES.list),
    row(`list of 20 of ${MANY} jobs`, many, TIMES.list, `; the firm was filled in ${filled}`),
    row(`a job of 20 surfaces, of ${MANY} jobs`, job, TIMES.job),
    row(`the run sheet, of ${MANY} jobs`, sheet, TIMES.sheet),
    row(`a logged coat, of ${MANY} jobs`, coat, TIMES.coat),
  ];
}

/** Ours and the bare one asked by turns, so that both meet the same moments of the machine. */
async function besideBare(url, cookie, bare) {
  const headers = { cookie, 'accept-encoding': 'gzip' };
  const sent = await bytesOf(url, headers);
  await bare.keep(sent);
  const times = { ours: [], theirs: [] };
  for (let i = 0; i < WARM + RUNS; i++)
    for (const [whose, act] of [
      ['ours', () => bytesOf(url, headers)],
      ['theirs', () => bytesOf(bare.url, {})],
    ]) {
      const start = performance.now();
      await act();
      if (i >= WARM) times[whose].push(performance.now() - start);
    }
  return { ours: median(times.ours), theirs: median(times.theirs), bytes: sent.length };
}

/** A coat that is logged and taken back by its correction is two writes of the same kind; a bare insert of the same body. */
async function coatBesideBare(base, cookie, bare, jobId) {
  const headers = { cookie, origin: base, 'content-type': 'application/json' };
  const page = JSON.parse(
    gunzipSync(await bytesOf(`${base}/api/jobs/${jobId}`, { cookie, 'accept-encoding': 'gzip' })),
  );
  const times = { ours: [], theirs: [] };
  let bytes = 0;
  for (const surface of page.surfaces) {
    const now = new Date().toISOString();
    const { next } = surface.standing;
    const body = JSON.stringify({
      id: randomUUID(),
      surfaceId: surface.id,
      stepId: next.plan.id,
      startedAt: now,
      endedAt: now,
      note: 'Laid as the weather let',
      ...(next.product ? { productId: next.product.id, batch: 'B1', temperatureC: 18, relativeHumidityPct: 55 } : {}),
    });
    const one = performance.now();
    const answer = await bytesOf(`${base}/api/jobs/${jobId}/work`, headers, body);
    times.ours.push(performance.now() - one);
    bytes = answer.length;
    const two = performance.now();
    await bytesOf(bare.url, {}, body);
    times.theirs.push(performance.now() - two);
  }
  return { ours: median(times.ours), theirs: median(times.theirs), bytes };
}

/** The barest thing that reads a row and sends it, and writes one. */
async function bareServer(url) {
  const pool = createPool({ uri: url, connectionLimit: 4 });
  await pool.query('CREATE TABLE bare_answer (id INT PRIMARY KEY, body LONGBLOB NOT NULL) ENGINE=InnoDB');
  await pool.query('CREATE TABLE bare_line (id CHAR(36) PRIMARY KEY, said JSON NOT NULL) ENGINE=InnoDB');
  const server = createServer(async (request, response) => {
    response.setHeader('content-type', 'application/json');
    if (request.method === 'GET') {
      const [rows] = await pool.query('SELECT body FROM bare_answer WHERE id = 1');
      response.end(rows[0].body);
      return;
    }
    let text = '';
    for await (const part of request) text += part;
    await pool.query('INSERT INTO bare_line VALUES (?, ?)', [randomUUID(), text]);
    response.end('{}');
  });
  const port = await freePort();
  await new Promise((done) => server.listen(port, '127.0.0.1', done));
  return {
    url: `http://127.0.0.1:${port}/`,
    keep: (body) => pool.query('REPLACE INTO bare_answer VALUES (1, ?)', [body]),
    async end() {
      server.close();
      server.closeAllConnections();
      await pool.end();
    },
  };
}

/** What is sent, as it is sent: nothing is unpacked. */
function bytesOf(url, headers, body) {
  return new Promise((done, failed) => {
    const answered = (response) => {
      const parts = [];
      response.on('data', (part) => parts.push(part));
      response.on('error', failed);
      response.on('end', () => {
        const whole = Buffer.concat(parts);
        if (response.statusCode < 300) done(whole);
        else failed(new Error(`${url}: ${response.statusCode} ${whole.toString().slice(0, 300)}`));
      });
    };
    const asking = body ? send(url, { method: 'POST', headers }, answered) : ask(url, { headers }, answered);
    asking.on('error', failed);
    if (body) asking.end(body);
  });
}
