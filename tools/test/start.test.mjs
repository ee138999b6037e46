import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, readFileSync, symlinkSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { afterAll, describe, expect, test } from '@jest/globals';
import { freePort } from '../mariadb.mjs';
import { ROOT } from '../run.mjs';
import { portIsFree } from '../serve.mjs';
import { temporaryFolder } from '../temporary.mjs';

/** The start command, driven as a person drives it: by its words, its signals and its exit code. */
const running = new Set();
afterAll(() => {
  for (const child of running) child.kill('SIGTERM');
});

function start(env) {
  const child = spawn(process.execPath, ['tools/start.mjs'], {
    cwd: ROOT,
    env: { ...process.env, NODE_OPTIONS: '', LOG_LEVEL: 'warn', ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  running.add(child);
  const it = { child, words: '', ended: null };
  child.stdout.on('data', (part) => (it.words += part));
  child.stderr.on('data', (part) => (it.words += part));
  it.ended = new Promise((done) =>
    child.once('exit', (code) => {
      running.delete(child);
      done(code);
    }),
  );
  return it;
}

async function saying(it, words) {
  for (let i = 0; i < 1200 && !it.words.includes(words); i++) {
    if (it.child.exitCode !== null) break;
    await sleep(50);
  }
  expect(it.words).toContain(words);
}

const folder = () => join(temporaryFolder('start'), 'data');
const health = async (port) => (await fetch(`http://127.0.0.1:${port}/api/health`)).json();
const pidOf = (data, name) => Number(readFileSync(join(data, 'mariadb', name), 'utf8'));
const lives = (pid) => existsSync(`/proc/${pid}/cmdline`) && readFileSync(`/proc/${pid}/cmdline`, 'utf8') !== '';
async function gone(pid) {
  for (let i = 0; i < 400 && lives(pid); i++) await sleep(50);
  return !lives(pid);
}

const firm = (code) => ({
  id: randomUUID(),
  code,
  firm: {
    name: 'Reed & Daughter',
    timeZone: 'Europe/London',
    hemisphere: 'north',
    currency: 'GBP',
    units: 'metric',
    taxName: 'VAT',
    taxPct: 20,
  },
  owner: { name: 'Wren Reed', email: 'wren@reed.example', password: 'ladder gull thimble rain' },
});

describe('npm start', () => {
  test('goes on where there is no room for its log', async () => {
    const data = folder();
    const port = await freePort();
    mkdirSync(data, { recursive: true });
    symlinkSync('/dev/full', join(data, 'server.log'));
    const it = start({ PORT: String(port), DATA_DIR: data, DEMO: 'none', LOG_LEVEL: 'info' });
    await saying(it, 'Ctrl-C stops it.');
    for (let i = 0; i < 5; i++) expect(await health(port)).toEqual({ process: 'up', database: 'up' });
    expect(it.child.exitCode).toBeNull();
    it.child.kill('SIGTERM');
    expect(await it.ended).toBe(0);
  });

  test('opens, keeps its folder to itself, is taken over after a kill, and ends cleanly on a signal', async () => {
    const data = folder();
    const port = await freePort();
    const first = start({ PORT: String(port), DATA_DIR: data });
    await saying(first, 'Ctrl-C stops it.');
    expect(first.words).toContain(`http://127.0.0.1:${port}`);
    expect(first.words).toMatch(/Sign in as .+@.+, password /);
    expect(await health(port)).toEqual({ process: 'up', database: 'up' });

    // Another start on the same folder is told so, and takes nothing from the first.
    const second = start({ PORT: String(await freePort()), DATA_DIR: data });
    expect(await second.ended).not.toBe(0);
    expect(second.words).toContain('in use by another start');
    expect(second.words).toContain('DATA_DIR');
    expect(await health(port)).toEqual({ process: 'up', database: 'up' });

    // The keeper and its server are killed outright: the database may end with them, or be left behind.
    const orphan = pidOf(data, 'mariadbd.pid');
    const server = Number(
      readFileSync(`/proc/${first.child.pid}/task/${first.child.pid}/children`, 'utf8')
        .trim()
        .split(' ')
        .find((pid) => readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('main.js')),
    );
    first.child.kill('SIGKILL');
    process.kill(server, 'SIGKILL');
    await first.ended;
    expect(await gone(server)).toBe(true);

    const third = start({ PORT: String(port), DATA_DIR: data });
    await saying(third, 'Ctrl-C stops it.');
    expect(lives(orphan)).toBe(false);
    expect(await health(port)).toEqual({ process: 'up', database: 'up' });

    const database = pidOf(data, 'mariadbd.pid');
    third.child.kill('SIGTERM');
    expect(await third.ended).toBe(0);
    expect(await gone(database)).toBe(true);
    expect(await portIsFree(port)).toBe(true);
  });

  test('brings back its server and its database when they are killed, and says so', async () => {
    const data = folder();
    const port = await freePort();
    const it = start({ PORT: String(port), DATA_DIR: data, DEMO: 'none' });
    await saying(it, 'Ctrl-C stops it.');
    const code = /code: (\S+)/.exec(it.words)[1];
    const base = `http://127.0.0.1:${port}`;
    const founded = await fetch(`${base}/api/first-run`, {
      method: 'POST',
      headers: { origin: base, 'content-type': 'application/json' },
      body: JSON.stringify(firm(code)),
    });
    expect(founded.status).toBe(201);
    const cookie = founded.headers.get('set-cookie').split(';')[0];
    const server = readFileSync(`/proc/${it.child.pid}/task/${it.child.pid}/children`, 'utf8')
      .trim()
      .split(' ')
      .map(Number)
      .find((pid) => readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('main.js'));
    process.kill(server, 'SIGKILL');
    await saying(it, 'The server is back.');
    expect(await health(port)).toEqual({ process: 'up', database: 'up' });
    process.kill(pidOf(data, 'mariadbd.pid'), 'SIGKILL');
    await saying(it, 'The database is back.');
    expect(await health(port)).toEqual({ process: 'up', database: 'up' });
    // What was acknowledged stands: the firm, and the session of before both falls.
    const there = await (await fetch(`${base}/api/session`, { headers: { cookie } })).json();
    expect(there.firm.name).toBe('Reed & Daughter');
    it.child.kill('SIGTERM');
    expect(await it.ended).toBe(0);
    expect(await portIsFree(port)).toBe(true);
  });

  test('on an empty machine says the page and the code that found a firm, and nothing else but where its log is', async () => {
    const port = await freePort();
    const it = start({ PORT: String(port), DATA_DIR: folder(), DEMO: 'none' });
    await saying(it, 'Ctrl-C stops it.');
    expect(it.words).toContain(`http://127.0.0.1:${port}/first-run`);
    expect(it.words).toMatch(/code: [A-Z2-9]{4}-[A-Z2-9]{4}-[A-Z2-9]{4}\n/);
    expect(it.words).not.toContain('Sign in');
    expect(it.words.trim().split('\n')).toHaveLength(3);
    expect(await (await fetch(`http://127.0.0.1:${port}/api/first-run`)).json()).toEqual({ open: true });
    it.child.kill('SIGTERM');
    expect(await it.ended).toBe(0);
  });

  test('says in one line that the port is taken, and which command to give instead', async () => {
    const port = await freePort();
    const listener = createServer().listen(port, '127.0.0.1');
    const it = start({ PORT: String(port), DATA_DIR: folder() });
    expect(await it.ended).not.toBe(0);
    listener.close();
    expect(it.words.trim().split('\n')).toHaveLength(1);
    expect(it.words).toContain(`PORT=${port + 1} npm start`);
  });

  test.each(['0', '70000', 'quay'])('refuses the port %s', async (port) => {
    const it = start({ PORT: port, DATA_DIR: folder() });
    expect(await it.ended).not.toBe(0);
    expect(it.words).toContain('from 1 to 65535');
  });

  test('says that the disk is full, and leaves no half-made database', async () => {
    // A stand-in on the path fails as the real program does where no space is left.
    const shelf = temporaryFolder('full');
    writeFileSync(
      join(shelf, 'mariadb-install-db'),
      '#!/bin/sh\necho "ERROR: write failed, Errcode: 28 No space left on device" >&2\nexit 1\n',
    );
    chmodSync(join(shelf, 'mariadb-install-db'), 0o755);
    const data = folder();
    const it = start({ PORT: String(await freePort()), DATA_DIR: data, PATH: `${shelf}:${process.env.PATH}` });
    expect(await it.ended).not.toBe(0);
    expect(it.words).toContain('The disk is full');
    expect(it.words).toContain('DATA_DIR');
    expect(existsSync(join(data, 'mariadb', 'data'))).toBe(false);
  });

  test('says so where the data folder cannot be a folder', async () => {
    const file = join(temporaryFolder('file'), 'plain');
    writeFileSync(file, 'not a folder');
    const it = start({ PORT: String(await freePort()), DATA_DIR: file });
    expect(await it.ended).not.toBe(0);
    expect(it.words).toContain('cannot be used');
  });
});
