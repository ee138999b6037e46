import { chmodSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { startCluster, until } from '../galera.mjs';
import { databaseIn, freePort } from '../mariadb.mjs';
import { startServer } from '../serve.mjs';
import { temporaryFolder } from '../temporary.mjs';
import { jobWith, newId, newToken, signedInAt } from './door.mjs';
import { judged, written } from './standing.mjs';
import { untilTaken } from './writing.mjs';

const WRITERS = 12;
const SILENT_MS = 3000;
const NONE = { lost: 0, doubled: 0, toldWrongly: 0, outMs: 0 };

/** Three nodes and two servers on a demo of their own; each server takes the nodes in another order. */
export async function clusterOfTwoServers({ env = {} } = {}) {
  const folder = temporaryFolder('cluster');
  // As root the nodes run as another user, who has to walk through it; each node's own folder stays closed.
  chmodSync(folder, 0o711);
  const cluster = await startCluster(join(folder, 'nodes'), { quick: true });
  const [one, two, three] = cluster.urls;
  const orders = [[one, two, three].join(), [two, three, one].join()];
  const ports = [await freePort(), await freePort()];
  const servers = [];
  const startOne = async (i) => {
    // The people here have the machine's own clock.
    const settings = {
      LOG_LEVEL: 'error',
      NODE_OPTIONS: '',
      CLOCK_SHIFT_MS: '',
      POST_DIR: join(folder, 'post'),
      ...env,
    };
    servers[i] = await startServer({ url: orders[i], port: ports[i], env: settings });
  };
  // Both at once on an empty database: one of them brings the schema, the other waits for it.
  await Promise.all([startOne(0), startOne(1)]);
  const bases = ports.map((port) => `http://127.0.0.1:${port}`);
  const ada = await signedInAt(bases[0]);
  return {
    cluster,
    servers,
    bases,
    startOne,
    doors: bases.map((base) => ada.at(base)),
    async stop() {
      for (const server of servers) await server.stop();
      await cluster.stop();
    },
  };
}

/** Whether a server lets people be sent to it. */
export const isReady = async (door) => (await door.get('/api/ready'))?.status === 200;

const writing = ({ doors, cluster }, each, fault) => written({ doors, urls: cluster.urls }, WRITERS, each, fault);

/** Many write on one job over two nodes. */
export const burst = (stack, each = 30) => writing(stack, each);

/** A node dies while many write, ends once more as it joins, and joins at the next try; its server goes on at another. */
export async function nodeKilled(stack, each = 30) {
  const { cluster } = stack;
  return writing(stack, each, async () => {
    process.kill(cluster.nodes[0].pid, 'SIGKILL');
    await cluster.nodes[0].over;
    await until(() => cluster.status(1).size === 2);
    const joins = cluster.start(0);
    await until(() => databaseIn(cluster.folders[0]) !== null);
    const { pid } = databaseIn(cluster.folders[0]);
    process.kill(pid, 'SIGKILL');
    const node = await joins;
    if (node.pid === pid) throw new Error('The node that was ended goes on.');
  });
}

/** A node falls silent without dying, and wakes again: nobody waits for it. */
export async function nodeSilent(stack, each = 30) {
  const { cluster } = stack;
  const { pid } = cluster.nodes[0];
  return writing(stack, each, async () => {
    process.kill(pid, 'SIGSTOP');
    await until(() => cluster.status(1).size === 2);
    await pause(SILENT_MS);
    process.kill(pid, 'SIGCONT');
    // At first it takes itself for one of three; it is when the others have it back.
    await until(() => cluster.status(1).size === 3 && cluster.status(0).serves);
  });
}

/** A server dies while many write; people go on at the other. */
export async function serverKilled(stack, each = 30) {
  const { servers, startOne } = stack;
  return writing(stack, each, async () => {
    servers[1].child.kill('SIGKILL');
    await servers[1].over;
    await startOne(1);
  });
}

/** Two nodes of three die: the third tells everybody to come later, keeps nothing, and goes on when they are back. */
export async function quorumLost(stack) {
  const { cluster, doors } = stack;
  const job = await jobWith(doors[0], 1);
  const [surfaceId] = job.surfaceIds;
  const [told, acknowledged] = [[], new Map()];
  const body = () => ({ id: newId(), at: new Date().toISOString(), test: { kind: 'moisture-meter', value: 1 } });
  for (const i of [1, 2]) process.kill(cluster.nodes[i].pid, 'SIGKILL');
  const since = performance.now();
  await until(async () => !(await isReady(doors[0])) && !(await isReady(doors[1])), 30_000);
  const refused = [];
  for (let i = 0; i < 6; i++) refused.push(await doors[i % 2].post(`/api/surfaces/${surfaceId}/tests`, body()));
  const read = await doors[0].get(`/api/jobs/${job.jobId}`);
  for (const i of [1, 2]) await cluster.nodes[i].over;
  for (const i of [1, 2]) await cluster.start(i);
  await until(async () => (await isReady(doors[0])) && (await isReady(doors[1])), 30_000);
  const outMs = performance.now() - since;
  for (let i = 0; i < 6; i++) {
    const one = body();
    const answer = await untilTaken(doors, i, `/api/surfaces/${surfaceId}/tests`, one, told);
    if (answer.status === 201) acknowledged.set(one.id, performance.now());
  }
  const verdict = await judged({ total: 6, told, acknowledged }, job.jobId, cluster.urls);
  return { ...verdict, outMs, refused: refused.map((answer) => answer?.status), read: read?.status };
}

/** The same write sent to two servers at once: both answer, and it stands once. */
export async function sameIdTwice({ doors, cluster }, writes = 40) {
  const job = await jobWith(doors[0], 1);
  const [surfaceId] = job.surfaceIds;
  const [told, acknowledged] = [[], new Map()];
  for (let i = 0; i < writes; i++) {
    const body = { id: newId(), at: new Date().toISOString(), test: { kind: 'moisture-meter', value: i } };
    const answers = await Promise.all(
      doors.map((_, d) => untilTaken(doors, d, `/api/surfaces/${surfaceId}/tests`, body, told)),
    );
    if (answers.every(({ status }) => status === 201)) acknowledged.set(body.id, performance.now());
  }
  return { ...(await judged({ total: writes, told, acknowledged }, job.jobId, cluster.urls)), outMs: 0 };
}

/** Quotes of two jobs sent at once at two servers have numbers of their own, one after the other. */
export async function quoteNumbers({ doors }, pairs = 12) {
  const numbers = [];
  let acknowledged = 0;
  for (let i = 0; i < pairs; i++) {
    const jobs = await Promise.all(doors.map((door) => jobWith(door, 1)));
    const sent = await Promise.all(
      doors.map(async (door, d) => {
        const { seen } = (await door.get(`/api/jobs/${jobs[d].jobId}/price`)).body;
        const body = { id: newId(), seen, token: newToken() };
        return untilTaken(doors, d, `/api/jobs/${jobs[d].jobId}/quotes`, body, []);
      }),
    );
    for (const { status, body } of sent) {
      if (status === 201) acknowledged++;
      numbers.push(body.number);
    }
  }
  numbers.sort((a, b) => a - b);
  const doubled = numbers.length - new Set(numbers).size;
  const gaps = numbers.filter((n, i) => i > 0 && n - numbers[i - 1] > 1).length;
  return { ...NONE, sent: 2 * pairs, acknowledged, doubled, lost: gaps };
}

/** Two owners step down at once at two servers: one of them stays. */
export async function ownersStepDown({ doors, bases }, rounds = 6) {
  const password = 'long enough to keep';
  const result = { ...NONE, sent: 2 * rounds, acknowledged: 0 };
  for (let round = 0; round < rounds; round++) {
    const email = `owner-${newId()}@saltmarsh-thirle.example`;
    const token = newToken();
    const invitation = { id: newId(), email, name: 'Ola Reed', initials: 'OR', role: 'owner', token };
    await doors[0].post('/api/people/invitations', invitation);
    const joined = doors[1].at(bases[1]);
    joined.cookie = '';
    await joined.post(`/api/invitations/${token}`, { id: newId(), password });
    const { people } = (await doors[0].get('/api/people')).body;
    const owners = people.filter((p) => p.role === 'owner');
    const ola = owners.find((p) => p.email === email);
    const ada = owners.find((p) => p.id !== ola.id);
    const down = (door, { id }) => door.send('PATCH', `/api/people/${id}`, { id: newId(), role: 'estimator' });
    const answers = await Promise.all([down(doors[0], ada), down(joined, ola)]);
    result.acknowledged += answers.filter((a) => a?.status === 200).length;
    const stays = answers[0]?.status === 200 ? joined : doors[0];
    const after = (await stays.get('/api/people')).body.people.filter((p) => p.role === 'owner');
    if (after.length !== 1) result.lost++;
    result.toldWrongly += answers.filter((a) => a?.status !== 200 && a?.status !== 409).length;
    if (stays === joined) await joined.send('PATCH', `/api/people/${ada.id}`, { id: newId(), role: 'owner' });
    await doors[0].post(`/api/people/${ola.id}/leave`, { id: newId() });
  }
  return result;
}

/** How long what was written at one server takes to be told at the other, in ms; the longest of some. */
export async function toldAcross({ doors, bases }, writes = 5) {
  const stop = new AbortController();
  const feed = await fetch(`${bases[1]}/api/events`, { headers: { cookie: doors[1].cookie }, signal: stop.signal });
  let heard = '';
  const hearing = (async () => {
    for await (const part of feed.body) heard += new TextDecoder().decode(part);
  })().catch(() => {});
  await pause(200);
  let longest = 0;
  for (let i = 0; i < writes; i++) {
    const jobId = newId();
    await doors[0].post('/api/jobs', {
      id: jobId,
      title: 'Told',
      place: 'Quay',
      builtYear: null,
      startsAt: '2027-03-01T08:00:00Z',
    });
    const since = performance.now();
    while (!heard.includes(jobId) && performance.now() - since < 5000) await pause(20);
    longest = Math.max(longest, performance.now() - since);
  }
  stop.abort();
  await hearing;
  return longest;
}
