import 'reflect-metadata';
import { DataSource, type EntityManager } from 'typeorm';
import { PhotoContentEntity } from './record/evidenceEntities.ts';
import { databaseOptions } from './record/options.ts';
import type { PhotoKey, PhotoPlace } from './record/photos/photoPlace.ts';
import { hashOfPhoto } from './record/photos/photoStore.ts';
import { placeOf } from './record/photos/placeOf.ts';

/**
 * `npm run photos FROM TO`: moves every picture from one place to another, each the database, a folder or a bucket. It
 * can be stopped at any moment and goes on where it was; the application may run meanwhile. One that lies in neither
 * place is named, and the command ends with 2.
 */
const AT_A_TIME = 100;
/** Every picture that a photo names, once, in the order of its key. */
const KEYS = `SELECT DISTINCT firm_id AS firmId, hash FROM photo WHERE (firm_id, hash) > (?, ?) ORDER BY firm_id, hash LIMIT ${AT_A_TIME}`;
const PUT = 'INSERT IGNORE INTO photo_content (firm_id, hash, content, at) VALUES (?, ?, ?, NOW(3))';

const inDatabase = (manager: EntityManager): PhotoPlace => ({
  name: 'the database',
  put: ({ firmId, hash }, content) => manager.query(PUT, [firmId, hash, content]),
  get: async (key) => (await manager.findOneBy(PhotoContentEntity, { ...key }))?.content ?? null,
  remove: async (key) => void (await manager.delete(PhotoContentEntity, { ...key })),
});

const say = (line: string) => process.stdout.write(`${line}\n`);
const database = await new DataSource(databaseOptions()).initialize();
const { manager } = database;
const [from, to] = process.argv
  .slice(2)
  .map((said) => placeOf({ ...process.env, PHOTOS: said }) ?? inDatabase(manager));
const counts = { moved: 0, there: 0 };
const missing: PhotoKey[] = [];

/** Whole at its new place before it goes from the old one. */
async function move(key: PhotoKey): Promise<void> {
  const content = await from!.get(key);
  const isThere = content === null || hashOfPhoto(content) !== key.hash;
  if (isThere && (await to!.get(key)) === null) missing.push(key);
  else if (isThere) counts.there++;
  else {
    await to!.put(key, content);
    const back = await to!.get(key);
    if (back === null || hashOfPhoto(back) !== key.hash) throw new Error(`${key.hash} did not arrive whole.`);
    await from!.remove(key);
    counts.moved++;
  }
}

for (let last: PhotoKey = { firmId: '', hash: '' }; ;) {
  const keys = await manager.query<PhotoKey[]>(KEYS, [last.firmId, last.hash]);
  if (keys.length === 0) break;
  for (const key of keys) await move(key);
  last = keys.at(-1)!;
  say(`${counts.moved} moved, ${counts.there} there already`);
}
for (const { firmId, hash } of missing) process.stderr.write(`${hash} of firm ${firmId} lies in neither place.\n`);
say(`${counts.moved} pictures moved from ${from!.name} to ${to!.name}; ${counts.there} were there already.`);
process.exitCode = missing.length ? 2 : 0;
await database.destroy();
