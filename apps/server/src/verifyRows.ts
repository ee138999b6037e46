import 'reflect-metadata';
import { verifyJobFile } from '@rustic/core';
import { DataSource } from 'typeorm';
import { PhotoContentEntity, PhotoEntity } from './record/evidenceEntities.ts';
import { FirmEntity } from './record/firmEntities.ts';
import { FirmScope } from './record/firmScope.ts';
import { JobEntity } from './record/jobEntities.ts';
import { Ledger } from './record/ledger.service.ts';
import { LedgerEntryEntity } from './record/ledgerEntities.ts';
import { databaseOptions } from './record/options.ts';
import { wholeJob } from './transfer/wholeJob.ts';

/**
 * A part of `npm run restore`: brings the database that it is given to this release and holds every row of every job
 * against the job's ledger. Says what the database holds; or, and ends with 2, what does not stand.
 */
const database = await new DataSource(databaseOptions()).initialize();
const { manager } = database;

/** Migrations that this release does not know are of a later one. */
async function laterThanUs(): Promise<boolean> {
  const known = new Set(database.migrations.map(({ name, constructor }) => name ?? constructor.name));
  const made = await manager.query<{ name: string }[]>('SELECT name FROM migrations');
  return made.some(({ name }) => !known.has(name));
}

async function firstFault(): Promise<string | null> {
  const ledger = new Ledger();
  for (const { id: firmId } of await manager.find(FirmEntity, { select: { id: true } })) {
    const scope = new FirmScope(manager, { firmId, personId: '', name: '', now: new Date(0), write: null });
    for (const { id, title } of await scope.find(JobEntity)) {
      const check = verifyJobFile(await wholeJob(scope, ledger, id));
      if (!check.whole)
        return `The record of the job "${title}" (${id}) does not stand: ${check.brokenAt === null ? '' : `entry ${check.brokenAt}, `}${check.why}.`;
    }
  }
  return null;
}

const later = await laterThanUs();
if (!later) await database.runMigrations({ transaction: 'each' });
const fault = later
  ? 'This backup was made by a later release of Rustic Ledger. Bring the application up to that release first, then restore.'
  : await firstFault();
if (fault) process.stderr.write(`${fault}\n`);
else {
  const [firms, jobs, entries, photos, pictures] = await Promise.all(
    [FirmEntity, JobEntity, LedgerEntryEntity, PhotoEntity, PhotoContentEntity].map((entity) => manager.count(entity)),
  );
  process.stdout.write(JSON.stringify({ firms, jobs, entries, photos, pictures }));
}
await database.destroy();
process.exitCode = fault ? 2 : 0;
