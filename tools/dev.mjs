import { join, resolve } from 'node:path';
import { ensureBuild, ensurePackages } from './build.mjs';
import { startMariadb } from './mariadb.mjs';
import { ROOT } from './run.mjs';
import { say, stop } from './say.mjs';

/** `npm run dev`: its own database, the server rebuilt and restarted on change, the pages by Vite. */
ensurePackages();
ensureBuild();
const { default: concurrently } = await import('concurrently');
const folder = join(resolve(process.env.DATA_DIR ?? join(ROOT, '.data')), 'mariadb');
const database = await startMariadb(folder).catch((error) => stop(error.message));
say('Pages at http://127.0.0.1:4601, the API at http://127.0.0.1:4600');
const { result } = concurrently(
  [
    { name: 'types', command: 'tsc -b packages/core apps/server --watch --preserveWatchOutput', cwd: ROOT },
    {
      name: 'server',
      command: 'node --watch apps/server/dist/main.js',
      cwd: ROOT,
      env: { DATABASE_URL: database.url, PORT: '4600' },
    },
    { name: 'web', command: 'npm run --silent dev -w @rustic/web', cwd: ROOT },
  ],
  { killOthersOn: ['failure', 'success'], prefix: 'name' },
);
await result.catch(() => {});
await database.stop();
