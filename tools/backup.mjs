import { join, resolve } from 'node:path';
import { namedDatabase } from './databaseDoor.mjs';
import { backupTo, CannotKeep, holdsInWords, mariadbFolder, weight } from './keeping.mjs';
import { ROOT } from './run.mjs';
import { say, stop } from './say.mjs';

/** `npm run backup [FILE]`: everything, as one file, also while the application runs; of `DATABASE_URL` where that is set. */
const folder = mariadbFolder(resolve(process.env.DATA_DIR ?? join(ROOT, '.data')));
const url = namedDatabase(process.env);
const named = process.argv[2];
const file = resolve(named ?? `rustic-ledger-${new Date().toISOString().slice(0, 16).replace(':', '')}.sql.gz`);
try {
  const holds = await backupTo(file, url ? { url } : { folder });
  say(`Kept in ${file} (${weight(file)}), and read back: ${holdsInWords(holds)}.`);
  say(`Bring it back with: npm run restore ${file}`);
} catch (error) {
  stop(
    error instanceof CannotKeep ? error.message : `The backup could not be made: ${error.message}. Nothing was kept.`,
  );
}
