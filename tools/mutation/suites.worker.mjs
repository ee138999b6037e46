/** Runs the gathered tests in a thread of their own, since a change may make them run for ever. */
import { parentPort, workerData } from 'node:worker_threads';

/** What the switches in the code ask: which change is on, and who listens to what is reached. */
const switches = (globalThis.__stryker__ = { activeMutant: undefined, reached: new Set() });
const { gathered, snapshots } = await import(workerData.bundle);
const atLoading = [...switches.reached];
switches.reached = null;

async function run(at) {
  const { name, body, first } = gathered[at];
  Object.assign(snapshots, { of: `${at} ${name}`, count: 0 });
  for (const act of first) await act();
  await body();
}

/** Every test on the code as it is: how long it takes, and which changes it reaches. One that fails here tells nothing. */
async function record() {
  const tests = [];
  for (const at of gathered.keys()) {
    switches.reached = new Set();
    const since = performance.now();
    const ok = await run(at).then(
      () => true,
      () => false,
    );
    tests.push({ at, ok, ms: performance.now() - since, reaches: [...switches.reached] });
  }
  switches.reached = null;
  return { tests, atLoading, snapshots: [...snapshots.kept] };
}

/** The first test that notices a change; null where none does. */
async function noticedBy(id, tests) {
  switches.activeMutant = id;
  try {
    for (const at of tests)
      try {
        await run(at);
      } catch {
        return at;
      }
    return null;
  } finally {
    switches.activeMutant = undefined;
  }
}

if (workerData.snapshots) Object.assign(snapshots, { kept: new Map(workerData.snapshots), recording: false });
parentPort.on('message', async ({ id, tests }) => {
  if (id === undefined) {
    const recorded = await record();
    snapshots.recording = false;
    parentPort.postMessage(recorded);
  } else parentPort.postMessage({ by: await noticedBy(id, tests) });
});
