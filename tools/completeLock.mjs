import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './run.mjs';

/**
 * Completes package-lock.json after an install: optional builds for other platforms that a registry does not carry
 * are left out by npm install, and npm ci then calls the lock out of step. Their entries name the platform, so that
 * npm ci passes them by.
 */
const file = join(ROOT, 'package-lock.json');
const lock = JSON.parse(readFileSync(file, 'utf8'));
const SYSTEMS = ['aix', 'android', 'darwin', 'freebsd', 'linux', 'netbsd', 'openbsd', 'openharmony', 'sunos', 'win32'];
const CPUS = ['arm64', 'arm', 'armv7', 'ia32', 'loong64', 'mips64el', 'ppc64', 'riscv64', 's390x', 'wasm32', 'x64'];

/** The platform a package of this name is for, read from its last words. */
function platformOf(name) {
  const words = name.split(/[/-]/);
  const os = SYSTEMS.find((s) => words.includes(s));
  const cpu = CPUS.find((c) => words.some((w) => w === c)) ?? (words.includes('wasm32') ? 'wasm32' : 'none');
  return { os: [os ?? 'none'], cpu: [cpu] };
}

let added = 0;
for (const entry of Object.values(lock.packages)) {
  for (const [name, range] of Object.entries(entry.optionalDependencies ?? {})) {
    const path = `node_modules/${name}`;
    if (lock.packages[path] || !/^\d/.test(range)) continue;
    lock.packages[path] = { version: range, ...platformOf(name), ...(entry.dev ? { dev: true } : {}), optional: true };
    added += 1;
  }
}
lock.packages = Object.fromEntries(Object.entries(lock.packages).sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0)));
writeFileSync(file, `${JSON.stringify(lock, null, 2)}\n`);
process.stdout.write(`${added} entries for other platforms added\n`);
