import { join } from 'node:path';
import { secretsKeyOf } from '../../../tools/databaseDoor.mjs';
import { freePort, startMariadb } from '../../../tools/mariadb.mjs';
import { startServer } from '../../../tools/serve.mjs';
import { shiftTo } from '../../../tools/clock.mjs';
import { temporaryFolder } from '../../../tools/temporary.mjs';

/** A MariaDB of the tests' own and the built server on it, for the whole run. */
export default async function start() {
  // Every suite and every server of the run has one clock, set to a working morning: nothing depends on the day.
  process.env.CLOCK_SHIFT_MS ??= String(shiftTo());
  const folder = temporaryFolder('test');
  const database = await startMariadb(join(folder, 'mariadb'), { quick: true });
  const port = await freePort();
  process.env.SECRETS_KEY = secretsKeyOf(folder);
  process.env.POST_DIR = join(folder, 'post');
  const server = await startServer({
    url: database.url,
    port,
    env: { LOG_LEVEL: 'warn', TRUSTED_PROXIES: 'loopback', ALLOWED_HOSTS: 'ledger.example' },
  });
  process.env.TEST_DATABASE_URL = database.url;
  process.env.TEST_DATABASE_SOCKET = database.socket;
  process.env.TEST_SERVER = `http://127.0.0.1:${port}`;
  globalThis.rusticTest = { database, server };
}
