/**
 * `npm run mutation -- FOLDER [N]`: changes the code of one folder of the core, one small place at a time, and counts
 * how many of the changes its tests notice. With N only every Nth line that holds code is changed, spread over the
 * whole folder: a figure with some doubt, in a fraction of the hours. No part of `npm test`.
 */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensurePackages } from './build.mjs';
import { ROOT, runShown } from './run.mjs';
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
    'systems',
    'situations',
    'paintersSituations',
    'reference',
    'schools',
    'judgement',
    'properties',
    'whatIf',
    'contract',
  ],
};

const [folder, every = '1'] = process.argv.slice(2);
const suites = SUITES[folder];
if (!suites) stop(`Say which folder: ${Object.keys(SUITES).join(', ')}.`);
if (!/^[1-9]\d*$/.test(every)) stop('How many lines a change stands for is a whole number, such as 10.');
ensurePackages();
const FOLDER = `packages/core/src/${folder}`;
const files = readdirSync(join(ROOT, FOLDER), { recursive: true })
  .filter((file) => file.endsWith('.ts') && !file.endsWith('index.ts') && !file.includes('knowledge/'))
  .map((file) => `${FOLDER}/${file}`);

/** Every nth line that holds code, counted on from file to file so that short files get their share. */
function linesOf(paths, nth) {
  const holding = paths.flatMap((path) =>
    readFileSync(join(ROOT, path), 'utf8')
      .split('\n')
      .map((line, at) => ({ line: line.trim(), place: `${path}:${at + 1}-${at + 1}` }))
      .filter(({ line }) => /\w/.test(line) && !/^(\/\*|\*|\/\/|import |export \{|\} from )/.test(line)),
  );
  return holding.filter((_line, at) => at % nth === Math.floor(nth / 2)).map(({ place }) => place);
}
const config = join(temporaryFolder('mutation'), 'stryker.config.json');
writeFileSync(
  config,
  JSON.stringify({
    testRunner: 'jest',
    testRunnerNodeArgs: ['--experimental-vm-modules', '--no-warnings'],
    plugins: ['@stryker-mutator/jest-runner'],
    jest: {
      projectType: 'custom',
      configFile: 'packages/core/jest.mutation.mjs',
      enableFindRelatedTests: false,
    },
    coverageAnalysis: 'perTest',
    // What is read once, while a module loads, would ask for every suite anew: tables are held by suites of their own.
    ignoreStatic: true,
    mutate: every === '1' ? files : linesOf(files, Number(every)),
    ignorePatterns: ['**/dist', 'docs/screenshots', 'e2e', 'apps', '.data', 'test-results'],
    reporters: ['clear-text', 'progress-append-only'],
    clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
    tempDirName: join(tmpdir(), 'ledger-mutation'),
    concurrency: 2,
    timeoutMS: 20_000,
    disableTypeChecks: false,
    allowEmpty: false,
  }),
);
say(`Changing ${folder}, one place at a time …`);
process.exitCode = runShown('npx', ['stryker', 'run', config], {
  cwd: ROOT,
  env: { ...process.env, MUTATION_SUITES: suites.join('|') },
});
