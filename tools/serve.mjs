import { spawn } from 'node:child_process';
import { appendFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { boundToUs, ROOT } from './run.mjs';

/** True where nobody listens on this port of loopback. */
export const portIsFree = (port) =>
  new Promise((done) => {
    const probe = createServer();
    probe.once('error', () => done(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => done(true)));
  });

/** A server whose clock is set sets it before anything else is loaded. */
const clock = ({ CLOCK_SHIFT_MS = process.env.CLOCK_SHIFT_MS }) =>
  CLOCK_SHIFT_MS ? ['--import', new URL('./setClock.mjs', import.meta.url).href] : [];

/** Starts the built server on a database, or on several nodes of one (`url`, parted by commas), and waits until it is ready; rejects with its last words where it ends first. What it says goes to `log`. */
export function startServer({ url, port, env = {}, log = null }) {
  return new Promise((ready, fail) => {
    const [program, ...args] = boundToUs(process.execPath, ...clock(env), join(ROOT, 'apps/server/dist/main.js'));
    const child = spawn(program, args, {
      cwd: ROOT,
      env: { ...process.env, DATABASE_URLS: url, PORT: String(port), NODE_ENV: 'production', ...env },
      stdio: ['ignore', 'pipe', 'pipe', 'ipc'],
      detached: true,
    });
    let words = '';
    const hear = (part) => {
      words = (words + part).slice(-4000);
      if (log) keepLine(log, part);
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    const over = new Promise((done) => child.once('exit', (code) => done(code ?? 1)));
    child.once('message', () => ready({ child, over, stop: () => endServer(child), words: () => words }));
    child.once('exit', (code) => fail(new Error(`The server ended (${code}) before it was ready.\n${words}`)));
  });
}

/** What a server says is kept where there is room; on a full disk it goes unkept, and the server goes on. */
function keepLine(log, part) {
  try {
    appendFileSync(log, part);
  } catch (error) {
    if (error.code !== 'ENOSPC' && error.code !== 'EDQUOT') throw error;
  }
}

function endServer(child) {
  return new Promise((done) => {
    if (child.exitCode !== null || child.signalCode !== null) {
      done();
      return;
    }
    child.once('exit', () => done());
    child.kill('SIGTERM');
    setTimeout(() => child.kill('SIGKILL'), 8000).unref();
  });
}
