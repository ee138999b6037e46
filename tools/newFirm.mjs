import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { ensureBuild, ensurePackages } from './build.mjs';
import { namedDatabase } from './databaseDoor.mjs';
import { databaseIn, startMariadb } from './mariadb.mjs';
import { ROOT } from './run.mjs';
import { say, stop } from './say.mjs';

/**
 * `npm run firm:new [-- FILE]`: founds a further firm on this server, also while the application runs. Asks for what the
 * first-run page asks for, or reads it from a file of JSON with `firm` and `owner`.
 */
const QUESTIONS = [
  ['firm.name', 'Name of the firm'],
  ['firm.timeZone', 'Time zone, such as Europe/London'],
  ['firm.hemisphere', 'Hemisphere, north or south'],
  ['firm.currency', 'Currency, three letters'],
  ['firm.units', 'Measures, metric or us'],
  ['firm.taxName', 'What the tax is called'],
  ['firm.taxPct', 'Its rate, per cent'],
  ['owner.name', 'Name of the owner'],
  ['owner.email', 'E-mail that the owner signs in with'],
  ['owner.password', 'A password, twelve letters or more'],
];

async function asked() {
  const terminal = createInterface({ input: process.stdin, output: process.stdout });
  const body = { firm: {}, owner: {} };
  for (const [path, words] of QUESTIONS) {
    const [part, field] = path.split('.');
    const said = (await terminal.question(`${words}: `)).trim();
    body[part][field] = field === 'taxPct' ? Number(said.replace(',', '.')) : said;
  }
  terminal.close();
  return body;
}

function fromFile(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch (error) {
    return stop(`${file} cannot be read as JSON: ${error.message}. Nothing was written.`, 2);
  }
}

const [file] = process.argv.slice(2);
const body = file ? fromFile(file) : await asked();
ensurePackages();
ensureBuild();
const folder = join(resolve(process.env.DATA_DIR ?? join(ROOT, '.data')), 'mariadb');
const named = namedDatabase(process.env);
const running = named ? { url: named } : databaseIn(folder);
const database = running ?? (await startMariadb(folder).catch((error) => stop(error.message)));

/** Told over standard input: a password stands on no command line. */
const [code, signal] = await new Promise((done) => {
  const child = spawn(process.execPath, [join(ROOT, 'apps/server/dist/newFirm.js')], {
    env: { ...process.env, DATABASE_URLS: database.url, LOG_LEVEL: 'warn' },
    stdio: ['pipe', 'inherit', 'inherit'],
  });
  child.once('exit', (...ended) => done(ended));
  child.stdin.end(JSON.stringify({ id: randomUUID(), ...body }));
});
if (!running) await database.stop();
if (signal) stop(`Founding was ended by ${signal}. See whether the owner can sign in; if not, give the command again.`);
if (code === 0) say(`${body.firm.name} is founded. Its owner signs in with ${body.owner.email}.`);
process.exit(code);
