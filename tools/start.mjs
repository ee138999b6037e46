import { join, resolve } from 'node:path';
import { ensureBuild, ensurePackages } from './build.mjs';
import { startMariadb } from './mariadb.mjs';
import { ROOT } from './run.mjs';
import { say, stop } from './say.mjs';
import { portIsFree, startServer } from './serve.mjs';

const PORT = Number(process.env.PORT ?? 4600);
const DATA_DIR = resolve(process.env.DATA_DIR ?? join(ROOT, '.data'));

if (!Number.isInteger(PORT) || PORT < 1 || PORT > 65_535)
  stop(`PORT is "${process.env.PORT}"; say a number from 1 to 65535.`);
if (!(await portIsFree(PORT)))
  stop(`Port ${PORT} is taken. Stop what listens there, or start with another: PORT=${PORT + 1} npm start`);

ensurePackages();
ensureBuild();

const database = process.env.DATABASE_URL
  ? { url: process.env.DATABASE_URL, stop: async () => {} }
  : await startMariadb(join(DATA_DIR, 'mariadb')).catch((error) =>
      stop(`The data folder ${DATA_DIR} cannot be used: ${error.message}. Set DATA_DIR to another folder.`),
    );

let server = null;
let ending = false;
async function end(code) {
  if (ending) return;
  ending = true;
  await server?.stop();
  await database.stop();
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void end(0));

try {
  server = await startServer({ url: database.url, port: PORT, show: true });
} catch (error) {
  process.stderr.write(`${error.message}\n`);
  await end(1);
}
const { DEMO_PASSWORD, DEMO_PEOPLE } = await import('../apps/server/dist/demo/firm.js');
say('');
say(`Rustic Ledger is open at http://127.0.0.1:${PORT}`);
say(
  `Sign in as ${DEMO_PEOPLE[0].name}: ${DEMO_PEOPLE[0].email}, password ${DEMO_PASSWORD} (the other four of the firm: ${DEMO_PEOPLE.slice(
    1,
  )
    .map((p) => p.email.split('@')[0])
    .join(', ')}).`,
);
say('Ctrl-C stops it.');
server.child.once('exit', (code) => {
  if (!ending)
    process.stderr.write(
      `The server ended (${code}). Start it again with npm start; nothing that was acknowledged is lost.\n`,
    );
  void end(code ?? 1);
});
