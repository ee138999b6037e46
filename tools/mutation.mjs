/**
 * `npm run mutation -- FOLDER [N]`: changes the code of one folder of the core, one small place at a time, and counts
 * how many of the changes its tests notice. With N only every Nth line that holds code is changed, spread over the
 * whole folder: a figure with some doubt, in a fraction of the time. No part of `npm test`.
 *
 * All changes stand in the code at once, each behind a switch, and the suites run in one process: what reaches a change
 * is known before it is switched on, and a test is run in the time that it takes.
 */
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { Worker } from 'node:worker_threads';
import { ensurePackages } from './build.mjs';
import { placeChanges } from './mutation/placed.mjs';
import { ROOT } from './run.mjs';
import { say, stop } from './say.mjs';
import { temporaryFolder } from './temporary.mjs';

/** The suites that hold each folder: those of its own subject, and not every suite that happens to run it. */
const SUITES = {
  aftercare: [
    'aftercare',
    'callBacks',
    'knowledgeOfAftercare',
    'punch',
    'repaintForecast',
    'rounds',
    'seasons',
    'touchUp',
    'visitWishes',
    'careSheet',
    'faultCauses',
  ],
  drying: ['drying', 'air', 'weather', 'standing', 'planRules'],
  evidence: [
    'evidence',
    'diagnosis',
    'house',
    'calibration',
    'paintersSituations',
    'reference',
    'conditions',
    'contract',
    'situations',
    'properties',
    'vocabulary',
    'foundPlaces',
    'localWork',
    'damageCauses',
    'settling',
    'secondCoat',
    'openQuestions',
    'practice',
    'patchLooks',
  ],
  failure: [
    'failure',
    'paintersSituations',
    'reference',
    'whatIf',
    'standing',
    'callBacks',
    'faultCauses',
    'boardsTeach',
    'terms',
    'localWork',
  ],
  ledger: ['ledgerChain', 'ledgerEvents', 'jobFile', 'record'],
  pricing: ['fan', 'jobPrice', 'priceByHand', 'nightsOut', 'quantities', 'knowledgeOfPrice', 'tins', 'documents'],
  quantities: ['quantities', 'measure', 'takenByHand', 'tins', 'jobPrice'],
  schedule: [
    'schedule',
    'calendar',
    'planDemands',
    'planRules',
    'planSmall',
    'planWishes',
    'replan',
    'standing',
    'drying',
    'planProperties',
    'planRelaxed',
    'planChoices',
    'planPressing',
    'exactSearch',
    'planOracle',
  ],
  systems: [
    'reference',
    'situations',
    'paintersSituations',
    'systems',
    'schools',
    'judgement',
    'properties',
    'whatIf',
    'contract',
    'localWork',
    'secondCoat',
    'comingOff',
    'joints',
    'drawnJoints',
    'section',
    'foundPlaces',
    'openQuestions',
    'smell',
  ],
};

/** A test that takes longer tells too little for its time; a change is given up on after so much of them. */
const SLOW_MS = 400;
const ENOUGH_MS = 15_000;
/** A change that keeps the tests so much longer than they take has made them run for ever: it is noticed. */
const FOR_EVER_MS = 20_000;

const [folder, every = '1'] = process.argv.slice(2);
const suites = SUITES[folder];
if (!suites) stop(`Say which folder: ${Object.keys(SUITES).join(', ')}.`);
if (!/^[1-9]\d*$/.test(every)) stop('How many lines a change stands for is a whole number, such as 10.');
ensurePackages();

const FOLDER = join(ROOT, 'packages/core/src', folder);
const files = readdirSync(FOLDER, { recursive: true })
  .filter((file) => file.endsWith('.ts') && !file.endsWith('index.ts') && !file.includes('knowledge/'))
  .map((file) => join(FOLDER, file));
const out = join(temporaryFolder('mutation'), 'suites.mjs');
const changes = await placeChanges({ files, nth: Number(every), suites, out });
say(`${changes.length} changes of ${folder} …`);

const threadWith = (snapshots) =>
  new Worker(new URL('./mutation/suites.worker.mjs', import.meta.url), {
    workerData: { bundle: pathToFileURL(out).href, snapshots },
  });
/** What a thread answers; null where it does not, in its time. */
const answerOf = (thread, asked, withinMs) =>
  new Promise((done) => {
    const timer = setTimeout(() => done(null), withinMs);
    const answer = (said) => {
      clearTimeout(timer);
      done(said);
    };
    thread
      .removeAllListeners()
      .once('message', answer)
      .once('error', (error) => {
        say(String(error));
        answer(null);
      });
    thread.postMessage(asked);
  });

let thread = threadWith(null);
const recorded = await answerOf(thread, {}, 1_800_000);
if (!recorded) stop('The suites did not run.');
const usable = recorded.tests.filter(({ ok, ms }) => ok && ms <= SLOW_MS);
const broken = recorded.tests.filter(({ ok }) => !ok).length;
say(`${usable.length} tests are asked${broken ? `; ${broken} fail here as it is, and tell nothing` : ''}.`);

/** How often each test has noticed something: what notices much in little time is asked first. */
const noticed = new Map();
const promise = ({ at, ms }) => ((noticed.get(at) ?? 0) + 0.2) / (ms + 1);
function askedOf({ id }) {
  let left = ENOUGH_MS;
  return usable
    .filter(({ reaches }) => reaches.includes(id))
    .sort((a, b) => promise(b) - promise(a))
    .filter(({ ms }) => (left -= ms) > 0);
}

/** What becomes of a change: noticed, missed, or reached by none of the tests. */
async function tried(change) {
  const tests = askedOf(change);
  if (tests.length === 0) return 'not reached';
  const takes = tests.reduce((sum, { ms }) => sum + ms, 0);
  const answer = await answerOf(thread, { id: change.id, tests: tests.map(({ at }) => at) }, FOR_EVER_MS + 6 * takes);
  if (!answer) {
    await thread.terminate();
    thread = threadWith(recorded.snapshots);
    return 'noticed';
  }
  if (answer.by === null) return 'missed';
  noticed.set(answer.by, (noticed.get(answer.by) ?? 0) + 1);
  return 'noticed';
}

// What is reached while a module loads, and never after, could not be switched on.
const inTests = new Set(usable.flatMap(({ reaches }) => reaches));
const once = new Set(recorded.atLoading.filter((id) => !inTests.has(id)));
const judged = changes.filter(({ id }) => !once.has(id));
const verdicts = [];
for (const change of judged) {
  verdicts.push(await tried(change));
  if (verdicts.length % 100 === 0) say(`${verdicts.length} of ${judged.length} …`);
}
await thread.terminate();

judged.forEach(({ line, instead }, i) => {
  if (verdicts[i] !== 'noticed') say(`${verdicts[i]}  ${line}  ${instead}`);
});
const count = (verdict) => verdicts.filter((v) => v === verdict).length;
say(
  `${count('noticed')} of ${judged.length} noticed, ${count('missed')} missed, ${count('not reached')} not reached: ${((100 * count('noticed')) / judged.length).toFixed(1)} in 100.`,
);
