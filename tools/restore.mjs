import { join, resolve } from 'node:path';
import { ensureBuild, ensurePackages } from './build.mjs';
import { CannotKeep, mariadbFolder, restoreFrom } from './keeping.mjs';
import { ROOT } from './run.mjs';
import { say, stop } from './say.mjs';

/** `npm run restore FILE`: a backup in the place of what is there; what was there is kept as a backup too. */
if (!process.argv[2]) stop('Say which file: npm run restore FILE');
const dataDir = resolve(process.env.DATA_DIR ?? join(ROOT, '.data'));
ensurePackages();
ensureBuild();
try {
  const { jobs, entries, kept } = await restoreFrom(resolve(process.argv[2]), mariadbFolder(dataDir));
  say(`Brought back: ${jobs} jobs, ${entries} ledger entries, every chain verified.`);
  if (kept) say(`What was there before is kept in ${kept}.`);
} catch (error) {
  stop(error instanceof CannotKeep ? error.message : `It could not be brought back: ${error.message}`);
}
