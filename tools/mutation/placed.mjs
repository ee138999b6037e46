import { readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { Instrumenter } from '@stryker-mutator/instrumenter';
import { build } from 'esbuild';
import { ROOT } from '../run.mjs';

const CORE = join(ROOT, 'packages/core');
const quiet = { isDebugEnabled: () => false, debug() {}, info() {}, warn() {}, error() {} };
const OPTIONS = { plugins: null, excludedMutations: [], ignorers: [], noHeader: false };

/** What covers a change counts every pass; here it is asked only where somebody listens, for that is dear. */
const COUNTING = /var c = cov\.static;[\s\S]*?for \(var i = 0; i < a\.length; i\+\+\) \{[\s\S]*?\}\s*\}/;
const LISTENING = 'var c = ns.reached; if (c) for (var i = 0; i < arguments.length; i++) c.add(arguments[i]); }';

/** What packages of the older kind take for given. */
const COMMON =
  "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url), __dirname = import.meta.dirname;";

const holdsCode = (line) => /\w/.test(line) && !/^(\/\*|\*|\/\/|import |export \{|\} from )/.test(line);

/** Every nth line that holds code, counted on from file to file so that short files get their share. */
function chosenLines(contents, nth) {
  let at = 0;
  return contents.map((content) =>
    content.split('\n').flatMap((line, i) => {
      const isChosen = holdsCode(line.trim()) && at++ % nth === Math.floor(nth / 2);
      return isChosen ? [{ start: { line: i, column: 0 }, end: { line: i, column: line.length + 1 } }] : [];
    }),
  );
}

/**
 * Places every change in the code at once, each behind a switch, and puts it in one file with the suites that are to
 * notice them. Answers with the changes, each with its file, its line and what stands there instead.
 */
export async function placeChanges({ files, nth, suites, out }) {
  const contents = files.map((file) => readFileSync(file, 'utf8'));
  const lines = chosenLines(contents, nth);
  const asked = files.map((name, i) => ({ name, content: contents[i], mutate: lines[i] }));
  const { files: changed, mutants } = await new Instrumenter(quiet).instrument(asked, OPTIONS);
  const switched = new Map(changed.map(({ name, content }) => [name, content.replace(COUNTING, LISTENING)]));
  await build({
    stdin: { contents: entryOf(suites), resolveDir: CORE, loader: 'ts' },
    outfile: out,
    bundle: true,
    format: 'esm',
    platform: 'node',
    conditions: ['source'],
    external: ['jsdom'],
    alias: { '@jest/globals': join(import.meta.dirname, 'jestGlobals.mjs') },
    banner: { js: COMMON },
    plugins: [{ name: 'switched', setup: (it) => it.onLoad({ filter: /\.ts$/ }, loadSwitched(switched)) }],
    logLevel: 'error',
  });
  return mutants.map(({ id, fileName, location, replacement }) => ({
    id,
    line: `${relative(CORE, fileName)}:${location.start.line + 1}`,
    instead: replacement.replace(/\s+/g, ' ').slice(0, 90),
  }));
}

const loadSwitched = (switched) => (args) =>
  switched.has(args.path) ? { contents: switched.get(args.path), loader: 'ts' } : undefined;

const entryOf = (suites) =>
  [
    "import { beginSuite, gathered, snapshots } from '@jest/globals';",
    ...suites.map((suite) => `beginSuite('${suite}'); await import('./test/${suite}.test.ts');`),
    'export { gathered, snapshots };',
  ].join('\n');
