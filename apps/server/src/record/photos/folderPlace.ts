import { randomUUID } from 'node:crypto';
import { mkdir, readFile, rename, rm, stat, utimes, writeFile } from 'node:fs/promises';
import { dirname, join, resolve } from 'node:path';
import { pathOf, STAYS_MS, type PhotoKey, type PhotoPlace } from './photoPlace.ts';

const isGone = (error: unknown) => (error as NodeJS.ErrnoException).code === 'ENOENT';

/** Pictures as files below a folder that every server reaches. */
export function folderPlace(folder: string): PhotoPlace {
  const root = resolve(folder);
  const fileOf = (key: PhotoKey) => join(root, ...pathOf(key));
  return {
    name: `the folder ${root}`,
    async put(key, content) {
      const file = fileOf(key);
      const part = `${file}.${randomUUID()}.part`;
      await mkdir(dirname(file), { recursive: true, mode: 0o700 });
      try {
        // Whole or not at all, and on the disk before anybody is told: flushed, then named.
        await writeFile(part, content, { mode: 0o600, flush: true });
        // Dated by our clock, which asks later how long it has lain; the folder's machine may have another.
        await utimes(part, new Date(), new Date());
        await rename(part, file);
      } finally {
        await rm(part, { force: true });
      }
    },
    async get(key) {
      try {
        return await readFile(fileOf(key));
      } catch (error) {
        if (isGone(error)) return null;
        throw error;
      }
    },
    async remove(key) {
      const file = fileOf(key);
      const since = await stat(file).then(
        ({ mtimeMs }) => Date.now() - mtimeMs,
        () => 0,
      );
      if (since > STAYS_MS) await rm(file, { force: true });
    },
  };
}
