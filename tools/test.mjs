import { readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild, ensurePackages } from './build.mjs';
import { fromDebian, headlessChromium } from './debian.mjs';
import { freePort, startMariadb } from './mariadb.mjs';
import { shiftTo } from './clock.mjs';
import { endBeside, ROOT, runBeside } from './run.mjs';
import { say } from './say.mjs';
import { startServer } from './serve.mjs';
import { temporaryFolder } from './temporary.mjs';

/** `npm test`: every check from a fresh machine, and one closing line that counts them. */
const counts = { passed: 0, failed: 0 };

/** What failed, in a few lines each: said again at the very end, where a shortened record still has it. */
const faults = [];

function tally(name, passed, failed, output) {
  counts.passed += passed;
  counts.failed += failed;
  say(`${failed ? 'FAILED' : 'ok    '} ${name}${passed + failed > 1 ? `: ${passed} passed, ${failed} failed` : ''}`);
  if (!failed) return;
  say(output.split('\n').slice(-160).join('\n'));
  if (faults.length === 0 || passed + failed <= 1) faults.push(`${name}\n${lastLines(output, 12)}`);
}

const lastLines = (text, n) => text.trimEnd().split('\n').slice(-n).join('\n');
const firstLines = (text, n) => text.trim().split('\n').slice(0, n).join('\n');

async function check(name, command, args) {
  const { status, output } = await runBeside(command, args, { env: { ...process.env, FORCE_COLOR: '0' } });
  tally(name, status === 0 ? 1 : 0, status === 0 ? 0 : 1, output);
}

async function jest() {
  const file = join(temporaryFolder('jest'), 'jest.json');
  const { status, output } = await runBeside(
    'npx',
    ['jest', '--ci', '--json', `--outputFile=${file}`, '--maxWorkers=2'],
    {
      env: { ...process.env, NODE_OPTIONS: '--experimental-vm-modules', FORCE_COLOR: '0' },
    },
  );
  counted('unit and integration tests', file, status, output, (r) => {
    for (const suite of r.testResults)
      for (const t of suite.assertionResults.filter((t) => t.status === 'failed'))
        faults.push(`${t.fullName}\n${firstLines(t.failureMessages.join('\n'), 12)}`);
    return [r.numPassedTests, r.numFailedTests + r.numRuntimeErrorTestSuites];
  });
}

/** A part of the interface at one width, on a demo of its own: it finds nothing of what another part did. */
async function interfaceTests({ project, shard }) {
  const folder = temporaryFolder('interface');
  const database = await startMariadb(join(folder, 'mariadb'), { quick: true });
  const port = await freePort();
  // The server, the tests and their browser have one clock: a working morning, whatever the day is outside.
  const clock = { CLOCK_SHIFT_MS: String(shiftTo()) };
  const server = await startServer({
    url: database.url,
    port,
    env: { LOG_LEVEL: 'warn', POST_DIR: join(folder, 'post'), ...clock },
  });
  running.push(server, database);
  const name = `${project}-${shard.replace('/', '-of-')}`;
  const results = join(ROOT, 'test-results', name);
  const file = join(results, 'e2e.json');
  rmSync(file, { force: true });
  const args = ['playwright', 'test', '--project', project, '--shard', shard, '--output', results];
  const { status, output } = await runBeside('npx', args, {
    env: { ...process.env, E2E_BASE: `http://127.0.0.1:${port}`, E2E_RESULTS: file, FORCE_COLOR: '0', ...clock },
  });
  await server.stop();
  await database.stop();
  counted(`interface tests in Chromium, ${project} ${shard}`, file, status, output, (r) => {
    const specsOf = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specsOf)];
    for (const spec of r.suites.flatMap(specsOf))
      for (const { projectName, results } of spec.tests)
        for (const { message } of results.flatMap((result) => result.errors))
          faults.push(`[${projectName}] ${spec.file}:${spec.line} ${spec.title}\n${firstLines(message, 14)}`);
    return [r.stats.expected, r.stats.unexpected + r.stats.flaky];
  });
}

/** The interface in parts of about the same length. */
const INTERFACE_PARTS = [
  { project: 'desk', shard: '1/4' },
  { project: 'desk', shard: '2/4' },
  { project: 'desk', shard: '3/4' },
  { project: 'desk', shard: '4/4' },
  { project: 'site', shard: '1/2' },
  { project: 'site', shard: '2/2' },
];

/** Does what is asked in its order, two at a time: as one ends the next begins. */
async function twoByTwo(acts) {
  const waiting = [...acts];
  const lane = async () => {
    for (let act = waiting.shift(); act; act = waiting.shift()) await act();
  };
  await Promise.all([lane(), lane()]);
}

/** Reads a runner's own count; a run that left none has failed as a whole. */
function counted(name, file, status, output, read) {
  try {
    const [passed, failed] = read(JSON.parse(readFileSync(file, 'utf8')));
    tally(name, passed, failed || (status === 0 ? 0 : 1), output);
  } catch {
    tally(name, 0, 1, output);
  }
}

/** What this run has started: ended with it, however it ends. */
const running = [];
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
  process.once(signal, async () => {
    endBeside();
    for (const one of running) await one.stop();
    process.exit(1);
  });

ensurePackages();
fromDebian('mariadb-server');
headlessChromium();
ensureBuild();
// Each of these works on one core; the longest first, so that the last two end together.
await twoByTwo([
  () => check('lint', 'npx', ['eslint', '--max-warnings', '0', '.']),
  () => check('types', 'npm', ['run', '--silent', 'types']),
  () => check('format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']),
  () => check('import rules', 'npx', ['depcruise', 'packages', 'apps', '--config', '.dependency-cruiser.cjs']),
  () => check('written files', 'node', ['tools/written.mjs', '--check']),
  () => check('unused code', 'npx', ['knip', '--no-progress', '--no-config-hints']),
]);
await jest();
// Two parts of the interface are walked side by side: one waits while the other works.
await twoByTwo(INTERFACE_PARTS.map((part) => () => interfaceTests(part)));
for (const fault of faults) say(`\nfailed: ${fault}`);
say(`tests: ${counts.passed} passed, ${counts.failed} failed`);
process.exit(counts.failed ? 1 : 0);
