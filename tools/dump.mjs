import { spawn } from 'node:child_process';
import { createReadStream, createWriteStream, existsSync, renameSync, rmSync } from 'node:fs';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { bySocket, DATABASE } from './databaseDoor.mjs';

/** What a backup begins with and ends with: a file that lacks either is none, or was cut short. */
const HEAD = '-- Rustic Ledger backup 1\n';
const TAIL = '-- Dump completed';

/** Why something could not be kept or brought back, in words for whoever asked. */
export class CannotKeep extends Error {}

/** A database as MariaDB's programs reach it. A password goes by the environment: a command line is read by anybody. */
export function databaseAt(place) {
  if (place.socket) return { args: bySocket(place.socket), env: process.env, name: place.name ?? DATABASE };
  const { hostname, port, username, password, pathname } = new URL(place.url);
  return {
    args: ['--protocol=tcp', `--host=${hostname}`, `--port=${port || 3306}`, `--user=${decodeURIComponent(username)}`],
    env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
    name: decodeURIComponent(pathname.slice(1)),
  };
}

/** Runs one of MariaDB's programs; what it says on standard error is why it failed. */
export function mariadbProgram(name, { args, env }, more) {
  const child = spawn(name, ['--no-defaults', ...args, ...more], { stdio: ['pipe', 'pipe', 'pipe'], env });
  let words = '';
  child.stderr.on('data', (part) => (words += part));
  // Where it ends first, whoever still writes to it hears of that by its exit code.
  child.stdin.on('error', () => {});
  const ended = new Promise((done, fail) => {
    child.once('error', fail);
    child.once('exit', (code) =>
      code === 0 ? done() : fail(new CannotKeep(words.trim() || `${name} ended (${code}).`)),
    );
  });
  return { child, ended };
}

/** What people ask of a backup, and the table whose rows are that. */
const COUNTED = { firm: 'firms', job: 'jobs', ledger_entry: 'entries', photo: 'photos', photo_content: 'pictures' };
const INSERT = /^INSERT INTO `(\w+)` VALUES/;
const LONG_ENOUGH = 80;
const NEWLINE = 10;

/** Watches a backup go by: how it begins and ends, and how many rows it holds. Each row is a line of its own. */
export function watched() {
  const seen = { head: '', tail: '', holds: { firms: 0, jobs: 0, entries: 0, photos: 0, pictures: 0 } };
  let line = '';
  const lineEnds = () => {
    const what = COUNTED[INSERT.exec(line)?.[1] ?? ''];
    if (what) seen.holds[what]++;
    line = '';
  };
  const stream = new Transform({
    transform(part, _encoding, next) {
      if (seen.head.length < HEAD.length) seen.head = (seen.head + part.toString('latin1')).slice(0, HEAD.length);
      seen.tail = (seen.tail + part.subarray(-200).toString('latin1')).slice(-200);
      for (let at = 0; at < part.length;) {
        const end = part.indexOf(NEWLINE, at);
        if (line.length < LONG_ENOUGH)
          line += part.toString('latin1', at, Math.min(end < 0 ? part.length : end, at + LONG_ENOUGH));
        if (end < 0) break;
        lineEnds();
        at = end + 1;
      }
      next(null, part);
    },
  });
  return { seen, stream };
}

/** Writes everything in a database to a file, in one transaction; the file is there whole or not at all. Says what it holds. */
export async function dumpTo(file, place) {
  const database = databaseAt(place);
  const part = `${file}.part`;
  try {
    const { child, ended } = mariadbProgram('mariadb-dump', database, [
      '--single-transaction',
      '--quick',
      '--hex-blob',
      '--no-tablespaces',
      // A row a line, so that they can be counted as they go by.
      '--skip-extended-insert',
      '--no-autocommit',
      database.name,
    ]);
    child.stdin.end();
    const gzip = createGzip();
    gzip.write(HEAD);
    await Promise.all([pipeline(child.stdout, gzip, createWriteStream(part, { mode: 0o600 })), ended]);
    const holds = await readBackup(part);
    if (holds.firms === 0) throw new CannotKeep('There is no firm in this database. Nothing was kept.');
    renameSync(part, file);
    return holds;
  } finally {
    rmSync(part, { force: true });
  }
}

/** Reads a backup from end to end and answers with what it holds; throws where it is none, or was cut short or damaged. */
export async function readBackup(file) {
  if (!existsSync(file)) throw new CannotKeep(`There is no file ${file}.`);
  const { seen, stream } = watched();
  try {
    await pipeline(createReadStream(file), createGunzip(), stream, async (source) => {
      for await (const part of source) void part;
    });
  } catch (error) {
    throw new CannotKeep(`${file} is damaged or no backup: ${error.message}. Nothing was changed.`);
  }
  if (seen.head !== HEAD || !seen.tail.includes(TAIL))
    throw new CannotKeep(`${file} is no backup of the ledger, or was cut short. Nothing was changed.`);
  return seen.holds;
}
