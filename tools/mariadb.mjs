import { spawn } from 'node:child_process';
import {
  accessSync,
  constants,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join, resolve } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { ADMIN, addressOf, bySocket, CLOSED_DOOR, ownAccount, secretOf } from './databaseDoor.mjs';
import { fromDebian } from './debian.mjs';
import { boundToUs, boundToUsAs, has, runQuiet } from './run.mjs';
import { temporaryFolder } from './temporary.mjs';

/** Why a database cannot run now, in words for whoever started it. */
export class CannotStart extends Error {}

/** A database that ended by itself before it served, for a reason that is only in its log. */
export class EndedEarly extends CannotStart {}

const STARTS_WITHIN_MS = 60_000;
const SQL_MODE = 'STRICT_ALL_TABLES,NO_ZERO_DATE,NO_ZERO_IN_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION';

export const isRoot = () => process.getuid?.() === 0;

/** A port nobody uses now. */
export const freePort = () =>
  new Promise((done, fail) => {
    const server = createServer();
    server.once('error', fail);
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => done(port));
    });
  });

/** Everybody may walk into each folder above; else the mysql user could not reach its own files. */
export function reachableByAll(folder) {
  for (let at = resolve(folder); at !== dirname(at); at = dirname(at))
    if (existsSync(at) && (statSync(at).mode & 0o001) === 0) return false;
  return true;
}

/** Who the database runs as: ourselves, or as root the mysql user where it can reach the folder. */
function userFor(folder) {
  if (!isRoot()) return [];
  return [`--user=${reachableByAll(dirname(folder)) && runQuiet('id', ['mysql']).status === 0 ? 'mysql' : 'root'}`];
}

function alive(pid) {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
}

/** What a running process is called, with its arguments; empty where there is none. */
const nameOf = (pid) => {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ');
  } catch {
    return '';
  }
};
const pidIn = (file) => (existsSync(file) ? Number(readFileSync(file, 'utf8')) : 0);

/** Who keeps the database in this folder: the start command that runs it, written beside it. */
const keeperFile = (folder) => join(folder, 'keeper.pid');

/** The process that holds a folder's data, also one that is only just starting; null where none does. */
function holderOf(folder) {
  const data = `--datadir=${join(folder, 'data')} `;
  const pid = readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .find((name) => nameOf(name).includes('mariadbd') && `${nameOf(name)} `.includes(data));
  return pid ? { pid: Number(pid), name: nameOf(pid) } : null;
}

/** The database of a folder that runs now or is starting, by its process, socket and address; null where none does. */
export function databaseIn(folder) {
  const { pid, name = '' } = holderOf(folder) ?? {};
  const socket = /--socket=(\S+)/.exec(name)?.[1];
  const port = /--port=(\d+)/.exec(name)?.[1];
  return socket && port ? { pid, socket, url: addressOf(port, secretOf(folder)) } : null;
}

/** The rows that a statement answers at a socket, each a line with tabs; none where it is refused. */
export const sqlAt = (socket, statement) =>
  runQuiet('mariadb', ['--no-defaults', ...bySocket(socket), '--batch', '--skip-column-names', '-e', statement])
    .stdout.split('\n')
    .filter(Boolean);

/** The start command that keeps the database of a folder now, by its process; null where none does. */
export function keeperOf(folder) {
  const keeper = pidIn(keeperFile(folder));
  return databaseIn(folder) && keeper && keeper !== process.pid && alive(keeper) && nameOf(keeper).includes('node')
    ? keeper
    : null;
}

function refuseIfInUse(folder) {
  const holder = holderOf(folder);
  if (holder) {
    const keeper = keeperOf(folder);
    if (keeper)
      throw new CannotStart(
        `The data folder ${folder} is in use by another start (process ${keeper}). Stop that one, or set DATA_DIR to another folder.`,
      );
    // Our own of an earlier run that was killed: its keeper is gone, so it is ended and its data taken over cleanly.
    const { pid } = holder;
    // One that has ended and that nobody has buried has no name any more.
    const holds = () => nameOf(pid).includes('mariadbd');
    for (const signal of ['SIGTERM', 'SIGKILL']) {
      if (holds()) process.kill(pid, signal);
      for (let i = 0; i < 300 && holds(); i++) runQuiet('sleep', ['0.1']);
    }
    if (holds())
      throw new CannotStart(
        `The data folder ${folder} is in use by process ${pid}. Stop it, or set DATA_DIR to another folder.`,
      );
  }
  rmSync(join(folder, 'mariadbd.pid'), { force: true });
}

function prepare(folder, user, runtime) {
  if (existsSync(join(folder, 'data', 'mysql'))) return;
  mkdirSync(folder, { recursive: true });
  const made = runQuiet('mariadb-install-db', [
    '--no-defaults',
    `--datadir=${join(folder, 'data')}`,
    '--auth-root-authentication-method=socket',
    `--auth-root-socket-user=${ADMIN}`,
    '--skip-test-db',
    // A starting database clears its folder for temporary files: each has one of its own.
    `--tmpdir=${runtime}`,
    ...user,
  ]);
  if (made.status !== 0) {
    rmSync(join(folder, 'data'), { recursive: true, force: true });
    throw new CannotStart(
      /No space|Errcode: 28/.test(made.stdout + made.stderr)
        ? `The disk is full: no room for the database in ${folder}. Free some space, or set DATA_DIR to another folder.`
        : `The database could not be made in ${folder}.\n${(made.stdout + made.stderr).split('\n').slice(-6).join('\n')}`,
    );
  }
}

/**
 * Starts a MariaDB of our own on loopback, its files in `folder`, and answers with its address, a way to stop it, and `over`, which comes
 * when it ends.
 * It takes over after a crash and refuses a folder that somebody else holds. `options` are the server's own, after ours;
 * `servesWhen` says whether it serves, where to answer is not enough; `hasAccount`: our account comes from another node.
 * @param {string} folder
 * @param {{ quick?: boolean, port?: number | null, options?: string[], servesWhen?: (socket: string) => boolean, withinMs?: number, hasAccount?: boolean }} [how]
 */
export async function startMariadb(
  folder,
  {
    quick = false,
    port: asked = null,
    options = [],
    servesWhen = () => true,
    withinMs = STARTS_WITHIN_MS,
    hasAccount = false,
  } = {},
) {
  const program = fromDebian('mariadb-server');
  mkdirSync(folder, { recursive: true });
  if (isRoot() && reachableByAll(folder)) runQuiet('chown', ['mysql', folder]);
  accessSync(folder, constants.W_OK);
  refuseIfInUse(folder);
  const user = userFor(folder);
  // Sockets have short paths: not in the data folder, which may lie deep. Nobody else may walk into theirs.
  const runtime = temporaryFolder('db');
  if (user.includes('--user=mysql')) runQuiet('chown', ['mysql', runtime]);
  prepare(folder, user, runtime);
  const secret = secretOf(folder);
  const port = asked ?? (await freePort());
  const socket = join(runtime, 'db.sock');
  const errors = join(folder, 'mariadb.log');
  const init = join(runtime, 'init.sql');
  writeFileSync(init, CLOSED_DOOR);
  if (user.includes('--user=mysql')) runQuiet('chown', ['-R', 'mysql', runtime]);
  // Who it runs as is settled before the bond is made: a later change of user would loosen it.
  const asMysql = user.includes('--user=mysql');
  const command = [
    program,
    '--no-defaults',
    ...(asMysql && has('setpriv') ? [] : user),
    `--datadir=${join(folder, 'data')}`,
    `--socket=${socket}`,
    `--tmpdir=${runtime}`,
    `--port=${port}`,
    '--bind-address=127.0.0.1',
    `--pid-file=${join(folder, 'mariadbd.pid')}`,
    `--init-file=${init}`,
    `--log-error=${errors}`,
    `--sql-mode=${SQL_MODE}`,
    '--character-set-server=utf8mb4',
    '--collation-server=utf8mb4_unicode_ci',
    '--default-time-zone=+00:00',
    '--skip-name-resolve',
    `--innodb-flush-log-at-trx-commit=${quick ? 2 : 1}`,
    '--innodb-buffer-pool-size=64M',
    '--innodb-log-file-size=32M',
    '--max-connections=100',
    '--performance-schema=OFF',
    '--default-storage-engine=InnoDB',
    ...options,
  ];
  const [runner, ...args] = asMysql ? boundToUsAs('mysql', ...command) : boundToUs(...command);
  const child = spawn(runner, args, { stdio: 'ignore', detached: true });
  writeFileSync(keeperFile(folder), String(process.pid));
  let ended = null;
  const over = new Promise((done) => child.once('exit', (code) => done((ended = code ?? 1))));
  const url = addressOf(port, secret);
  try {
    await answering({ socket, ended: () => ended, errors, folder, servesWhen, until: Date.now() + withinMs });
  } catch (error) {
    // What does not serve is not left running either.
    await end(child, () => ended, runtime);
    throw error;
  }
  if (!hasAccount) makeAccount(socket, secret);
  return { url, port, pid: child.pid, socket, over, stop: () => end(child, () => ended, runtime) };
}

function makeAccount(socket, secret) {
  const { status, stderr } = runQuiet('mariadb', ['--no-defaults', ...bySocket(socket)], { input: ownAccount(secret) });
  if (status !== 0) throw new CannotStart(`The database lets us in, but not to work in it.\n${stderr}`);
}

/** What the last lines of its log say of why it ended. */
function whyEnded(folder, log) {
  if (/No space left|Errcode: 28|error 28/.test(log))
    return new CannotStart(
      `The disk is full: the database in ${folder} cannot start. Free some space and run this again; nothing is lost.`,
    );
  if (/Unable to lock|another mariadbd|already running/i.test(log))
    return new CannotStart(
      `The data folder ${folder} is in use by another database. Stop it, or set DATA_DIR to another folder.`,
    );
  return new EndedEarly(`The database did not start.\n${log}`);
}

async function answering({ socket, ended, errors, folder, servesWhen, until }) {
  while (Date.now() < until) {
    if (ended() !== null)
      throw whyEnded(folder, existsSync(errors) ? readFileSync(errors, 'utf8').split('\n').slice(-12).join('\n') : '');
    const answers = runQuiet('mariadb-admin', ['--no-defaults', ...bySocket(socket), 'ping']).status === 0;
    if (answers && servesWhen(socket)) return;
    await sleep(100);
  }
  throw new CannotStart(`The database did not serve in time. Its log: ${errors}`);
}

async function end(child, ended, runtime) {
  if (ended() === null) {
    child.kill('SIGTERM');
    for (let i = 0; i < 300 && ended() === null; i++) await sleep(50);
    if (ended() === null) child.kill('SIGKILL');
  }
  rmSync(runtime, { recursive: true, force: true });
}
