import { spawn, spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

/** The root of the project. */
export const ROOT = fileURLToPath(new URL('..', import.meta.url));

/** Runs a command to its end, its output shown; answers its exit code. */
export function runShown(command, args, options = {}) {
  return spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options }).status ?? 1;
}

/** Runs a command to its end and answers with what it printed. */
export function runQuiet(command, args, options = {}) {
  const { status, stdout, stderr } = spawnSync(command, args, {
    cwd: ROOT,
    encoding: 'utf8',
    maxBuffer: 1 << 26,
    ...options,
  });
  return { status: status ?? 1, stdout: stdout ?? '', stderr: stderr ?? '' };
}

/** A command that ends when we do, however we end: its parent's death is a signal to it. */
export const boundToUs = (command, ...args) =>
  has('setpriv') ? ['setpriv', '--pdeathsig', 'TERM', command, ...args] : [command, ...args];

/** The same as another user of the machine. */
export const boundToUsAs = (user, command, ...args) =>
  has('setpriv')
    ? ['setpriv', `--reuid=${user}`, `--regid=${user}`, '--init-groups', '--pdeathsig', 'TERM', command, ...args]
    : [command, ...args];

/** What runs beside us now, each in a group of its own. */
const beside = new Set();

/** Ends everything that was begun beside us, and whatever it began itself. */
export function endBeside() {
  for (const child of beside)
    try {
      process.kill(-child.pid, 'SIGTERM');
    } catch {
      // It ended by itself meanwhile.
    }
}

/** Runs a command beside others and answers with its exit code and what it printed. */
export function runBeside(command, args, options = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'], detached: true, ...options });
    beside.add(child);
    let output = '';
    child.stdout.on('data', (part) => (output += part));
    child.stderr.on('data', (part) => (output += part));
    child.on('error', (error) => resolve({ status: 1, output: String(error) }));
    child.on('close', (status) => {
      beside.delete(child);
      resolve({ status: status ?? 1, output });
    });
  });
}

/** True where a program of this name is on the path. */
export const has = (program) => runQuiet('sh', ['-c', `command -v ${program}`]).status === 0;
