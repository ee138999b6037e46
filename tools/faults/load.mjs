import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { pathToFileURL } from 'node:url';
import { ROOT } from '../run.mjs';
import { jobWith, newId } from './door.mjs';
import { oneMachine } from './single.mjs';

const CROWD = 600;
const CROWD_MS = 10_000;
/** Whoever is told to come later comes then. */
const AGAIN_AFTER_MS = 2000;
const ROUNDS = 6;
const PEOPLE = 25;
const SURFACES = 10;
/** What a crew of this size does in a day: everybody looks at the run sheet and the job, and writes. */
const ACTS_A_DAY = 16;

/** A server that says how long its event loop was held up, and what memory it has. */
const watched = () =>
  oneMachine({
    env: { NODE_OPTIONS: `--import ${pathToFileURL(join(ROOT, 'tools/loopWatch.mjs')).href} --expose-gc` },
  });
const told = ({ servers: [{ child }] }) =>
  new Promise((done) => {
    child.once('message', done);
    child.send('tell');
  });
const begin = ({ servers: [{ child }] }) => child.send('begin');

/** Far more ask at once than can be answered: each is answered, or told when to come again, and the server lives. */
export async function crowd() {
  const stack = await watched();
  const [door] = stack.doors;
  const { jobId } = await jobWith(door, SURFACES);
  const answers = new Map();
  const alive = [];
  begin(stack);
  const until = performance.now() + CROWD_MS;
  const ask = async () => {
    while (performance.now() < until) {
      const status = (await door.get(`/api/jobs/${jobId}`))?.status ?? 'none';
      answers.set(status, (answers.get(status) ?? 0) + 1);
      // As it is told, and as a device does.
      if (status !== 200) await pause(AGAIN_AFTER_MS * (1 + Math.random()));
    }
  };
  const look = async () => {
    while (performance.now() < until) {
      const since = performance.now();
      await door.get('/api/alive');
      alive.push(performance.now() - since);
      await pause(100);
    }
  };
  await Promise.all([...Array.from({ length: CROWD }, ask), look()]);
  const { p99 } = await told(stack);
  await stack.stop();
  const all = [...answers.values()].reduce((sum, n) => sum + n, 0);
  const [answered, toldLater] = [answers.get(200) ?? 0, answers.get(429) ?? 0];
  return {
    asking: CROWD,
    answered,
    toldLater,
    failed: all - answered - toldLater,
    aliveMs: Math.max(...alive),
    p99,
  };
}

/** The acts of one person's day, one after the other. */
async function day(door, { jobId, surfaceIds }, person) {
  for (let i = 0; i < ACTS_A_DAY; i++) {
    const surfaceId = surfaceIds[(person + i) % surfaceIds.length];
    const test = { kind: 'moisture-meter', value: 8 + (i % 5) };
    await door.post(`/api/surfaces/${surfaceId}/tests`, { id: newId(), at: new Date().toISOString(), test });
    await door.get('/api/today');
    if (i % 8 === 0) await door.get(`/api/jobs/${jobId}`);
  }
}

/** Days of a crew, one after the other: the memory after each, and how long the event loop was held up. */
export async function days() {
  const stack = await watched();
  const [door] = stack.doors;
  const heaps = [];
  begin(stack);
  let last;
  for (let round = 0; round < ROUNDS; round++) {
    const job = await jobWith(door, SURFACES);
    await Promise.all(Array.from({ length: PEOPLE }, (_, person) => day(door, job, person)));
    last = await told(stack);
    heaps.push(last.heapMb);
  }
  await stack.stop();
  return { heaps, p99: last.p99, longest: last.longest, rssMb: last.rssMb };
}
