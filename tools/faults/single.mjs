import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { freePort, sqlAt, startMariadb } from '../mariadb.mjs';
import { startServer } from '../serve.mjs';
import { temporaryFolder } from '../temporary.mjs';
import { signedInAt } from './door.mjs';
import { written } from './standing.mjs';

const WRITERS = 10;
const HOUR_MS = 3_600_000;
const room = (mb) => ['--innodb-file-per-table=0', `--innodb-data-file-path=ibdata1:12M:autoextend:max:${mb}M`];

/** One database and its servers on a demo of their own; what is acknowledged is on the disk, as in real use. */
export async function oneMachine({ servers: count = 1, options = [], env = {} } = {}) {
  const folder = join(temporaryFolder('faults'), 'mariadb');
  const stack = { database: await startMariadb(folder, { options }), servers: [], ports: [] };
  stack.startServer = async (i, more = {}) => {
    // The people here have the machine's own clock.
    const settings = { LOG_LEVEL: 'fatal', NODE_OPTIONS: '', CLOCK_SHIFT_MS: '', ...env, ...more };
    stack.servers[i] = await startServer({ url: stack.database.url, port: stack.ports[i], env: settings });
  };
  stack.startDatabase = async (more = options) => {
    stack.database = await startMariadb(folder, { port: stack.database.port, options: more });
  };
  for (let i = 0; i < count; i++) {
    stack.ports.push(await freePort());
    await stack.startServer(i);
  }
  const bases = stack.ports.map((port) => `http://127.0.0.1:${port}`);
  const ada = await signedInAt(bases[0]);
  stack.doors = bases.map((base) => ada.at(base));
  stack.stop = async () => {
    for (const server of stack.servers) await server.stop();
    await stack.database.stop();
  };
  return stack;
}

const writing = ({ doors, database }, each, fault) => written({ doors, urls: [database.url] }, WRITERS, each, fault);

/** The server is killed and started again. */
export const serverKilledAlone = (stack, each = 20) =>
  writing(stack, each, async () => {
    stack.servers[0].child.kill('SIGKILL');
    await stack.servers[0].over;
    await stack.startServer(0);
  });

/** The database is killed and started again. */
export const databaseKilled = (stack, each = 20) =>
  writing(stack, each, async () => {
    process.kill(stack.database.pid, 'SIGKILL');
    await stack.database.over;
    await stack.startDatabase();
  });

/** The server comes back with a clock that is two hours ahead, and then with the right one. */
export const clockJumped = (stack, each = 20) =>
  writing(stack, each, async () => {
    for (const shift of [2 * HOUR_MS, 0]) {
      await stack.servers[0].stop();
      await stack.startServer(0, { CLOCK_SHIFT_MS: String(shift) });
      await pause(500);
    }
  });

/** Two servers on one database, both written to. */
export const twoServers = (stack, each = 20) => writing(stack, each);

/** The space for the database, in MB: before it runs out, and after some was made. */
export const ROOM = { narrow: room(48), wide: room(160) };

/** There is no room left where the database lies; some is made after a while. */
export const diskFull = (stack, each = 20) =>
  writing(stack, each, async () => {
    fill(stack.database.socket);
    await pause(1500);
    await stack.database.stop();
    await stack.startDatabase(ROOM.wide);
  });

/** Rows of another table take what room is left: large ones first, then small ones. */
function fill(socket) {
  sqlAt(socket, 'CREATE DATABASE IF NOT EXISTS filler; CREATE TABLE filler.row (content LONGBLOB) ENGINE=InnoDB');
  for (const bytes of [1_000_000, 100_000, 8000, 500])
    for (let fits = true; fits;) {
      const rows = () => Number(sqlAt(socket, 'SELECT COUNT(*) FROM filler.row')[0]);
      const before = rows();
      sqlAt(socket, `INSERT INTO filler.row VALUES (REPEAT('x', ${bytes}))`);
      fits = rows() > before;
    }
}
