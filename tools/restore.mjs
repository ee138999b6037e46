import { join, resolve } from 'node:path';
import { ensureBuild, ensurePackages } from './build.mjs';
import { namedDatabase } from './databaseDoor.mjs';
import { CannotKeep, holdsInWords, mariadbFolder, restoreFrom } from './keeping.mjs';
import { ROOT } from './run.mjs';
import { say, stop } from './say.mjs';

/** `npm run restore FILE`: a backup in the place of what is there; what was there is kept as a backup too. */
if (!process.argv[2]) stop('Say which file: npm run restore FILE');
if (namedDatabase(process.env))
  stop(
    'DATABASE_URL names a database of your own. A restore puts a backup into a data folder: say DATA_DIR and leave DATABASE_URL out. Nothing was changed.',
  );
const dataDir = resolve(process.env.DATA_DIR ?? join(ROOT, '.data'));
ensurePackages();
ensureBuild();
try {
  const { kept, ...holds } = await restoreFrom(resolve(process.argv[2]), mariadbFolder(dataDir));
  say(`Brought back: ${holdsInWords(holds)}; every row stands as its ledger has it.`);
  if (kept) say(`What was there before is kept in ${kept}.`);
} catch (error) {
  stop(error instanceof CannotKeep ? error.message : `It could not be brought back: ${error.message}`);
}
