import { mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { backupRule, keepBackups } from './backups.mjs';
import { ensureBuild, ensurePackages } from './build.mjs';
import { namedDatabase, secretsKeyOf } from './databaseDoor.mjs';
import { keepRunning } from './keepRunning.mjs';
import { CannotStart, freePort, startMariadb } from './mariadb.mjs';
import { ROOT } from './run.mjs';
import { say, stop } from './say.mjs';
import { portIsFree, startServer } from './serve.mjs';

const PORT = Number(process.env.PORT ?? 4600);
const DATA_DIR = resolve(process.env.DATA_DIR ?? join(ROOT, '.data'));

if (!Number.isInteger(PORT) || PORT < 1 || PORT > 65_535)
  stop(`PORT is "${process.env.PORT}"; say a number from 1 to 65535.`);
if (!(await portIsFree(PORT)))
  stop(`Port ${PORT} is taken. Stop what listens there, or start with another: PORT=${PORT + 1} npm start`);

let backups;
try {
  backups = backupRule(process.env, join(DATA_DIR, 'backups'));
} catch (error) {
  stop(error.message);
}

ensurePackages();
ensureBuild();

/** What happens while it runs is said where it was started. */
const sayAloud = (line) => process.stderr.write(`${line}\n`);
let server = null;
let database = null;
let ending = false;
let endBackups = () => {};
async function end(code) {
  if (ending) return;
  ending = true;
  endBackups();
  await server?.stop();
  await database?.stop();
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void end(0));

/** Our own database, on one port for as long as we run; or the one that the settings name. */
async function ownDatabase() {
  const port = await freePort();
  const start = () => startMariadb(join(DATA_DIR, 'mariadb'), { port });
  database = await keepRunning({ name: 'database', start, say: sayAloud }).catch((error) =>
    stop(
      error instanceof CannotStart
        ? error.message
        : `The data folder ${DATA_DIR} cannot be used: ${error.message}. Set DATA_DIR to another folder.`,
    ),
  );
  return database.now().url;
}
const url = namedDatabase(process.env) ?? (await ownDatabase());

mkdirSync(DATA_DIR, { recursive: true });
const LOG = join(DATA_DIR, 'server.log');
const { newFirstRunCode } = await import('../apps/server/dist/founding/firstRunCode.js');
const code = newFirstRunCode();
const address = `http://127.0.0.1:${PORT}`;
const env = {
  FIRST_RUN_CODE: code,
  POST_DIR: join(DATA_DIR, 'post'),
  BACKUP_DIR: backups.folder,
  SECRETS_KEY: process.env.SECRETS_KEY ?? secretsKeyOf(DATA_DIR),
};
try {
  const start = () => startServer({ url, port: PORT, log: LOG, env });
  server = await keepRunning({ name: 'server', start, say: sayAloud });
} catch (error) {
  process.stderr.write(`${error.message}\n`);
  await end(1);
}

/** Who may sign in, or what founds the first firm: whatever is the next act here. */
async function sayNextAct() {
  say('');
  if ((await fetch(`${address}/api/first-run`)).ok) {
    say(`Rustic Ledger is open at ${address}/first-run`);
    say(`No firm is here yet. Found yours there with this code: ${code}`);
    return;
  }
  say(`Rustic Ledger is open at ${address}`);
  if (process.env.DEMO === 'none') return;
  const { DEMO_PASSWORD, DEMO_PEOPLE } = await import('../apps/server/dist/demo/firm.js');
  const [owner, ...others] = DEMO_PEOPLE;
  say(`Sign in as ${owner.name}: ${owner.email}, password ${DEMO_PASSWORD}`);
  say(`The others of the demo firm: ${others.map((p) => p.email.split('@')[0]).join(', ')}, with the same password.`);
}
await sayNextAct();
endBackups = keepBackups(() => (database ? database.now() : { url }), backups, sayAloud);
say(`The log is ${LOG}. Ctrl-C stops it.`);
