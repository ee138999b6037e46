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

/** Runs a command beside others and answers with its exit code and what it printed. */
export function runBeside(command, args, options = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'], ...options });
    let output = '';
    child.stdout.on('data', (part) => (output += part));
    child.stderr.on('data', (part) => (output += part));
    child.on('error', (error) => resolve({ status: 1, output: String(error) }));
    child.on('close', (status) => resolve({ status: status ?? 1, output }));
  });
}

/** True where a program of this name is on the path. */
export const has = (program) => runQuiet('sh', ['-c', `command -v ${program}`]).status === 0;
