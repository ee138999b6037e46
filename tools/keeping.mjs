import { spawn } from 'node:child_process';
import { createReadStream, statSync } from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGunzip } from 'node:zlib';
import { addressOf, DATABASE, grantOf, secretOf } from './databaseDoor.mjs';
import { CannotKeep, databaseAt, dumpTo, mariadbProgram, readBackup } from './dump.mjs';
import { databaseIn, keeperOf, startMariadb } from './mariadb.mjs';
import { ROOT } from './run.mjs';

export { CannotKeep };

/** Where a backup is read in beside what is there, and where that waits until the new stands. */
const INCOMING = 'rustic_ledger_incoming';
const OUTGOING = 'rustic_ledger_outgoing';

/**
 * Everything that stands in a database, photos included, as one file: of a data folder (`folder`), or of a database that
 * is named by its address (`url`), or by those of its nodes. Taken in one transaction, so that it is of one moment, while the application runs or
 * not, and read back. Answers with what it holds.
 */
export async function backupTo(file, { folder, url }) {
  if (url) return fromFirstOf(url.split(','), (one) => dumpTo(file, { url: one }));
  const running = databaseIn(folder);
  const database = running ?? (await startMariadb(folder));
  try {
    return await dumpTo(file, database);
  } finally {
    if (!running) await database.stop();
  }
}

/** From the first node that answers; where none does, why the last did not. */
async function fromFirstOf([url, ...others], act) {
  try {
    return await act(url);
  } catch (error) {
    if (others.length === 0) throw error;
    return fromFirstOf(others, act);
  }
}

async function sql({ socket }, statement) {
  const { child, ended } = mariadbProgram('mariadb', databaseAt({ socket }), ['--batch', '--skip-column-names']);
  let answer = '';
  child.stdout.on('data', (part) => (answer += part));
  child.stdin.end(statement);
  await ended;
  return answer.split('\n').filter(Boolean);
}

const tablesOf = (database, schema) =>
  sql(database, `SELECT table_name FROM information_schema.tables WHERE table_schema = '${schema}'`);

/** Brings the incoming database to this release and holds every row of it against its ledger; throws what does not stand. */
async function verify({ port }, folder) {
  const url = addressOf(port, secretOf(folder), INCOMING);
  const child = spawn(process.execPath, [join(ROOT, 'apps/server/dist/verifyRows.js')], {
    env: { ...process.env, DATABASE_URLS: url, LOG_LEVEL: 'warn' },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let [answer, words] = ['', ''];
  child.stdout.on('data', (part) => (answer += part));
  child.stderr.on('data', (part) => (words += part));
  const code = await new Promise((done) => child.once('close', done));
  if (code !== 0) throw new CannotKeep(`${words.trim()} What was there stays; nothing was changed.`);
  return JSON.parse(answer);
}

/** Every table at once: of two states one stands, whenever it is broken off. */
async function swap(database) {
  const [before, after] = [await tablesOf(database, DATABASE), await tablesOf(database, INCOMING)];
  const moves = [
    ...before.map((t) => `${DATABASE}.\`${t}\` TO ${OUTGOING}.\`${t}\``),
    ...after.map((t) => `${INCOMING}.\`${t}\` TO ${DATABASE}.\`${t}\``),
  ];
  await sql(database, `RENAME TABLE ${moves.join(', ')};`);
}

/** What an earlier attempt that was killed has left beside. */
const clearBeside = (database) =>
  sql(database, `DROP DATABASE IF EXISTS ${INCOMING}; DROP DATABASE IF EXISTS ${OUTGOING};`);

/**
 * Brings a backup back into a data folder: read in beside what is there, brought to this release, every row held against
 * its ledger, and only then put in its place, in one step. What was there before is kept as a backup of its own, whose
 * name is answered. The application must not run.
 */
export async function restoreFrom(file, folder, { now = new Date() } = {}) {
  await readBackup(file);
  if (keeperOf(folder))
    throw new CannotKeep('The application is running on this data folder. Stop it first; nothing was changed.');
  const database = await startMariadb(folder);
  try {
    await clearBeside(database);
    await sql(
      database,
      [INCOMING, OUTGOING]
        .map((name) => `CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;`)
        .concat(grantOf(INCOMING))
        .join('\n'),
    );
    await readIn(file, database);
    const verified = await verify(database, folder);
    const kept = await keepBefore(folder, database, now);
    await swap(database);
    await clearBeside(database);
    return { ...verified, kept };
  } finally {
    await database.stop();
  }
}

async function readIn(file, database) {
  const { child, ended } = mariadbProgram('mariadb', databaseAt(database), [INCOMING]);
  child.stdout.resume();
  const sent = pipeline(createReadStream(file), createGunzip(), child.stdin);
  // What the database says of a line it cannot take says more than that its ear was closed.
  const [, fault] = await Promise.allSettled([sent, ended]);
  if (fault.status === 'rejected')
    throw new CannotKeep(`The backup could not be read in: ${fault.reason.message} Nothing was changed.`);
  await sent;
}

/** What is there now as a backup of its own; null where there is nothing to keep. */
async function keepBefore(folder, database, now) {
  const tables = await tablesOf(database, DATABASE);
  const firms = tables.includes('firm') ? await sql(database, `SELECT COUNT(*) FROM ${DATABASE}.firm`) : ['0'];
  if (firms[0] === '0') return null;
  const kept = join(folder, '..', `before-restore-${now.toISOString().replaceAll(':', '')}.sql.gz`);
  await dumpTo(kept, database);
  return kept;
}

/** Where the data folder's database lives. */
export const mariadbFolder = (dataDir) => join(dataDir, 'mariadb');

/** What a file weighs, as people say it. */
export const weight = (file) => `${(statSync(file).size / 1e6).toFixed(1)} MB`;

const counted = (n, one) => `${n.toLocaleString('en-GB')} ${n === 1 ? one : `${one}s`}`;
/** What a backup holds, in words. */
export const holdsInWords = ({ firms, jobs, entries, photos, pictures }) =>
  `${counted(firms, 'firm')}, ${counted(jobs, 'job')}, ${entries.toLocaleString('en-GB')} ledger ${entries === 1 ? 'entry' : 'entries'}, ${counted(photos, 'photo')}${photos > 0 && pictures === 0 ? ', whose pictures lie elsewhere: keep that place too' : ''}`;
