/**
 * `npm run mutation -- FOLDER`: changes the code of one folder of the core, one small place at a time, and counts how
 * many of the changes its tests notice. No part of `npm test`: it takes from minutes to an hour.
 */
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensurePackages } from './build.mjs';
import { ROOT, runShown } from './run.mjs';
import { say, stop } from './say.mjs';

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
  ],
  drying: ['drying', 'air', 'weather', 'standing', 'planRules'],
  evidence: [
    'evidence',
    'diagnosis',
    'house',
    'calibration',
    'paintersSituations',
    'conditions',
    'contract',
    'situations',
    'properties',
    'vocabulary',
  ],
  failure: ['failure', 'paintersSituations', 'whatIf', 'standing', 'callBacks'],
  ledger: ['ledgerEvents', 'jobFile', 'record'],
  pricing: ['fan', 'jobPrice', 'knowledgeOfPrice', 'tins', 'documents'],
  quantities: ['quantities', 'measure', 'tins', 'jobPrice'],
  schedule: [
    'schedule',
    'calendar',
    'planDemands',
    'planRules',
    'planSmall',
    'planWishes',
    'replan',
    'standing',
    'planProperties',
  ],
  systems: ['systems', 'situations', 'paintersSituations', 'schools', 'judgement', 'properties', 'whatIf', 'contract'],
};

const [folder] = process.argv.slice(2);
const suites = SUITES[folder];
if (!suites) stop(`Say which folder: ${Object.keys(SUITES).join(', ')}.`);
ensurePackages();
const config = join(mkdtempSync(join(tmpdir(), 'ledger-mutation-')), 'stryker.config.json');
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
    mutate: [`packages/core/src/${folder}/**/*.ts`, '!**/index.ts', '!**/knowledge/**'],
    ignorePatterns: ['**/dist', 'docs', 'e2e', 'apps', '.data', 'test-results'],
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
