import { spawn } from 'node:child_process';
import { createReadStream, createWriteStream, existsSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { DATABASE, databaseIn, keeperOf, startMariadb } from './mariadb.mjs';

/** What a backup begins with and ends with: a file that lacks either is none, or was cut short. */
const HEAD = '-- Rustic Ledger backup 1\n';
const TAIL = '-- Dump completed';
const INCOMING = 'rustic_ledger_incoming';

/** Why something could not be kept or brought back, in words for whoever asked. */
export class CannotKeep extends Error {}

/** Runs one of MariaDB's programs; what it says on standard error is why it failed. */
function mariadbProgram(name, args) {
  const child = spawn(name, ['--no-defaults', ...args], { stdio: ['pipe', 'pipe', 'pipe'] });
  let words = '';
  child.stderr.on('data', (part) => (words += part));
  const ended = new Promise((done, fail) => {
    child.once('error', fail);
    child.once('exit', (code) =>
      code === 0 ? done() : fail(new CannotKeep(words.trim() || `${name} ended (${code}).`)),
    );
  });
  return { child, ended };
}

/** Watches a stream go by: how it begins and how it ends. */
function watched() {
  const seen = { head: '', tail: '' };
  const stream = new Transform({
    transform(part, _encoding, next) {
      const text = part.toString('latin1');
      if (seen.head.length < HEAD.length) seen.head = (seen.head + text).slice(0, HEAD.length);
      seen.tail = (seen.tail + text).slice(-200);
      next(null, part);
    },
  });
  return { seen, stream };
}

/**
 * Everything that stands in the database of a data folder, photos included, as one file. Taken in one transaction, so
 * that it is of one moment, while the application runs or not. The file is there whole or not at all.
 */
export async function backupTo(file, folder) {
  const running = databaseIn(folder);
  const database = running ?? (await startMariadb(folder));
  const part = `${file}.part`;
  try {
    const { child, ended } = mariadbProgram('mariadb-dump', [
      `--socket=${database.socket}`,
      '--user=root',
      '--single-transaction',
      '--quick',
      '--hex-blob',
      '--no-tablespaces',
      DATABASE,
    ]);
    child.stdin.end();
    const { seen, stream } = watched();
    const gzip = createGzip();
    gzip.write(HEAD);
    await Promise.all([pipeline(child.stdout, stream, gzip, createWriteStream(part, { mode: 0o600 })), ended]);
    if (!seen.tail.includes(TAIL)) throw new CannotKeep('The database broke off in the middle. Nothing was kept.');
    renameSync(part, file);
  } finally {
    rmSync(part, { force: true });
    if (!running) await database.stop();
  }
}

/** Reads a backup from end to end; throws where it is none, or was cut short or damaged. */
export async function checkBackup(file) {
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
}

async function sql(database, statement, into = null) {
  const { child, ended } = mariadbProgram('mariadb', [
    `--socket=${database.socket}`,
    '--user=root',
    '--batch',
    '--skip-column-names',
    ...(into ? [into] : []),
  ]);
  let answer = '';
  child.stdout.on('data', (part) => (answer += part));
  child.stdin.end(statement);
  await ended;
  return answer;
}

const tablesOf = async (database, schema) =>
  (await sql(database, `SELECT table_name FROM information_schema.tables WHERE table_schema = '${schema}'`))
    .split('\n')
    .filter(Boolean);

/** Every chain of the database that came in, checked; names the first that does not stand. */
async function checkChains(database, core) {
  const rows = await sql(
    database,
    `SELECT HEX(JSON_OBJECT('jobId', job_id, 'seq', seq, 'kind', kind, 'subject', subject, 'by', by_name, 'at', at,
       'recordedAt', recorded_at, 'payload', JSON_EXTRACT(payload, '$'), 'previousHash', previous_hash, 'hash', hash))
     FROM ledger_entry ORDER BY job_id, seq`,
    INCOMING,
  );
  const jobs = new Map();
  for (const row of rows.split('\n').filter(Boolean)) {
    const entry = JSON.parse(Buffer.from(row, 'hex').toString('utf8'));
    jobs.set(entry.jobId, [...(jobs.get(entry.jobId) ?? []), entry]);
  }
  for (const [jobId, entries] of jobs) {
    const check = core.checkChain(entries);
    if (!check.whole)
      throw new CannotKeep(`The ledger of job ${jobId} does not verify: entry ${check.brokenAt}, ${check.why}.`);
  }
  return { jobs: jobs.size, entries: [...jobs.values()].reduce((n, list) => n + list.length, 0) };
}

/**
 * Brings a backup back into a data folder: read in beside what is there, its ledgers verified, and only then put in its
 * place. What was there before is kept as a backup of its own, whose name is answered. The application must not run.
 */
export async function restoreFrom(file, folder, { now = new Date() } = {}) {
  await checkBackup(file);
  if (keeperOf(folder))
    throw new CannotKeep('The application is running on this data folder. Stop it first; nothing was changed.');
  const core = await import('../packages/core/dist/index.js');
  const database = await startMariadb(folder);
  try {
    await sql(database, `DROP DATABASE IF EXISTS ${INCOMING}; CREATE DATABASE ${INCOMING} CHARACTER SET utf8mb4`);
    const { child, ended } = mariadbProgram('mariadb', [`--socket=${database.socket}`, '--user=root', INCOMING]);
    child.stdout.resume();
    await Promise.all([pipeline(createReadStream(file), createGunzip(), child.stdin), ended]);
    const verified = await checkChains(database, core);
    const before = await tablesOf(database, DATABASE);
    const kept = before.length
      ? join(folder, '..', `before-restore-${now.toISOString().replaceAll(':', '')}.sql.gz`)
      : null;
    if (kept) await backupTo(kept, folder);
    const moves = (await tablesOf(database, INCOMING)).map(
      (t) => `RENAME TABLE ${INCOMING}.\`${t}\` TO ${DATABASE}.\`${t}\`;`,
    );
    await sql(
      database,
      `DROP DATABASE ${DATABASE}; CREATE DATABASE ${DATABASE} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci; ${moves.join('\n')} DROP DATABASE ${INCOMING};`,
    );
    return { ...verified, kept };
  } finally {
    await database.stop();
  }
}

/** Where the data folder's database lives. */
export const mariadbFolder = (dataDir) => join(dataDir, 'mariadb');

/** What a file weighs, as people say it. */
export const weight = (file) => `${(readFileSync(file).length / 1e6).toFixed(1)} MB`;
