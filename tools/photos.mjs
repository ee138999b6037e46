import { spawnSync } from 'node:child_process';
import { join, resolve } from 'node:path';
import { ensureBuild, ensurePackages } from './build.mjs';
import { namedDatabase } from './databaseDoor.mjs';
import { mariadbFolder } from './keeping.mjs';
import { databaseIn, startMariadb } from './mariadb.mjs';
import { ROOT } from './run.mjs';
import { stop } from './say.mjs';

/** `npm run photos -- FROM TO`: moves the pictures of all photos; each is `database`, a folder, or `s3://BUCKET/PREFIX`. */
const [from, to, ...more] = process.argv.slice(2);
if (!from || !to || more.length || from === to)
  stop(
    'Say from where to where: npm run photos -- database /srv/photos. Each is "database", a folder, or s3://BUCKET/PREFIX.',
  );
ensurePackages();
ensureBuild();
const folder = mariadbFolder(resolve(process.env.DATA_DIR ?? join(ROOT, '.data')));
const named = namedDatabase(process.env);
const running = named ? { url: named } : databaseIn(folder);
const database = running ?? (await startMariadb(folder));
const { status } = spawnSync(process.execPath, [join(ROOT, 'apps/server/dist/movePhotos.js'), from, to], {
  env: { ...process.env, DATABASE_URLS: database.url, LOG_LEVEL: 'warn' },
  stdio: 'inherit',
});
if (!running) await database.stop();
process.exit(status ?? 1);
