import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, runQuiet } from './run.mjs';
import { say, stop } from './say.mjs';

const SOURCES = [
  'packages/core/src',
  'packages/core/package.json',
  'apps/server/src',
  'apps/server/package.json',
  'apps/web/src',
  'apps/web/index.html',
  'apps/web/public',
  'apps/web/sw',
  'apps/web/vite.config.ts',
  'tsconfig.base.json',
  'package-lock.json',
];
const STAMPS = join(ROOT, 'node_modules', '.rustic');

function files(path) {
  if (!existsSync(path)) return [];
  const entries = (() => {
    try {
      return readdirSync(path, { withFileTypes: true });
    } catch {
      return null;
    }
  })();
  if (!entries) return [path];
  return entries.flatMap((entry) => (entry.isDirectory() ? files(join(path, entry.name)) : [join(path, entry.name)]));
}

function stampOf(paths) {
  const hash = createHash('sha256');
  for (const file of paths.flatMap((path) => files(join(ROOT, path))).sort())
    hash.update(file.slice(ROOT.length)).update('\0').update(readFileSync(file)).update('\0');
  return hash.digest('hex');
}

const standing = (name, stamp) => existsSync(join(STAMPS, name)) && readFileSync(join(STAMPS, name), 'utf8') === stamp;
const keep = (name, stamp) => {
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(join(STAMPS, name), stamp);
};

/** Node packages as the lock file has them; only where they are not there yet. */
export function ensurePackages() {
  const stamp = stampOf(['package-lock.json']);
  if (
    existsSync(join(ROOT, 'node_modules', '.bin', 'tsc')) &&
    (standing('packages', stamp) || !existsSync(join(STAMPS, 'packages')))
  ) {
    keep('packages', stamp);
    return;
  }
  say('Installing node packages …');
  const exact = runQuiet('npm', ['ci', '--no-audit', '--no-fund']);
  // A registry that lacks some optional build makes npm ci refuse: install by the same lock instead, and leave it as it is.
  const installed =
    exact.status === 0 ? exact : runQuiet('npm', ['install', '--no-package-lock', '--no-audit', '--no-fund']);
  if (installed.status !== 0)
    stop(
      `Node packages could not be installed. Is the registry reachable?\n${installed.stderr.split('\n').slice(-8).join('\n')}`,
    );
  keep('packages', stamp);
}

/** Compiles the core and the server alone: what describes the API, while the pages still wait for its endpoints. */
export function ensureServer() {
  const made = runQuiet('npx', ['tsc', '-b', 'packages/core', 'apps/server']);
  if (made.status !== 0) stop(`The server does not compile; nothing was written.\n${made.stdout}${made.stderr}`);
}

/** Builds what the sources ask for, or nothing where it stands already. */
export function ensureBuild() {
  const stamp = stampOf(SOURCES);
  const built = ['packages/core/dist/index.js', 'apps/server/dist/main.js', 'apps/web/dist/index.html'].every((file) =>
    existsSync(join(ROOT, file)),
  );
  if (built && standing('build', stamp)) return;
  say('Building …');
  const made = runQuiet('npm', ['run', '--silent', 'build']);
  if (made.status !== 0) stop(`The build failed; nothing was started.\n${made.stdout}${made.stderr}`);
  keep('build', stamp);
}
