import { bucketPlace } from './bucketPlace.ts';
import { folderPlace } from './folderPlace.ts';
import type { PhotoPlace } from './photoPlace.ts';

/** Where pictures lie by the setting PHOTOS: a folder, or `s3://BUCKET/PREFIX`; null: in the database. */
export function placeOf(env: NodeJS.ProcessEnv): PhotoPlace | null {
  const said = env['PHOTOS']?.trim();
  if (!said || said === 'database') return null;
  if (said.startsWith('s3://')) return bucketPlace(new URL(said), env);
  if (/^[a-z][\w+.-]+:/i.test(said))
    throw new Error(`PHOTOS is "${said}"; say "database", a folder, or s3://BUCKET/PREFIX.`);
  return folderPlace(said);
}
