import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { v7 as uuid } from 'uuid';

/** What is computed with: the server as it was built, and the core. */
const BUILT = [join(import.meta.dirname, '..'), join(import.meta.dirname, '../../../../packages/core/dist')];

function markOfBuild(): string {
  const hash = createHash('sha256');
  for (const folder of BUILT)
    for (const file of readdirSync(folder, { recursive: true, encoding: 'utf8' }).sort())
      if (file.endsWith('.js')) hash.update(file).update(readFileSync(join(folder, file)));
  return hash.digest('base64url').slice(0, 22);
}

/**
 * Which release of the program this is: what one release derived, another makes anew. A program that runs from its
 * sources derives for itself alone.
 */
export const RELEASE = import.meta.filename.endsWith('.js') ? markOfBuild() : uuid();
