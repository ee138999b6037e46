import { join, resolve } from 'node:path';
import { ensureBuild, ensurePackages } from './build.mjs';
import { namedDatabase } from './databaseDoor.mjs';
import { startMariadb } from './mariadb.mjs';
import { ROOT, runShown } from './run.mjs';
import { stop } from './say.mjs';

/** `npm run demo:reset`: empties the database and loads the demo, dated from today. Stop the application first, or name its DATABASE_URL. */
ensurePackages();
ensureBuild();
const named = namedDatabase(process.env);
const database = named
  ? { url: named, stop: async () => {} }
  : await startMariadb(join(resolve(process.env.DATA_DIR ?? join(ROOT, '.data')), 'mariadb')).catch((error) =>
      stop(error.message),
    );
const code = runShown(process.execPath, ['apps/server/dist/resetDemo.js'], {
  env: { ...process.env, DATABASE_URLS: database.url, LOG_LEVEL: 'warn' },
});
await database.stop();
process.exit(code);
