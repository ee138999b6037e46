import { join, resolve } from 'node:path';
import { ensureBuild, ensurePackages } from './build.mjs';
import { startMariadb } from './mariadb.mjs';
import { ROOT, runShown } from './run.mjs';
import { stop } from './say.mjs';

/** `npm run demo:reset`: empties the database and loads the demo, dated from today. Stop the application first, or name its DATABASE_URL. */
ensurePackages();
ensureBuild();
const own = !process.env.DATABASE_URL;
const database = own
  ? await startMariadb(join(resolve(process.env.DATA_DIR ?? join(ROOT, '.data')), 'mariadb')).catch((error) =>
      stop(error.message),
    )
  : { url: process.env.DATABASE_URL, stop: async () => {} };
const code = runShown(process.execPath, ['apps/server/dist/resetDemo.js'], {
  env: { ...process.env, DATABASE_URL: database.url, LOG_LEVEL: 'warn' },
});
await database.stop();
process.exit(code);
