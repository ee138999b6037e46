import type { Family } from '../vocabulary/index.ts';
import type { PatchLook } from './patchLooks.ts';

/** What a patch showed when it was looked at: minutes since it was laid. */
export interface PatchRead {
  family: Family;
  result: string;
  minutes: number;
}

/** Results after which a primer is out, and is not looked at again. */
const OUT: readonly string[] = ['bleeds-through', 'crawls', 'wrinkles', 'bubbles'];
/** A look made a little early is that look all the same. */
const NEAR_ENOUGH = 0.8;

/**
 * The look that is due next on patches laid side by side: the first that not every primer still in question has had;
 * null where all have had their later look, or none is left.
 */
export function nextPatchLook<Look extends PatchLook>(
  families: readonly Family[],
  looks: readonly Look[],
  reads: readonly PatchRead[],
): Look | null {
  const open = families.filter((f) => !reads.some((r) => r.family === f && OUT.includes(r.result)));
  const hasHad = (family: Family, { at }: PatchLook) =>
    reads.some((r) => r.family === family && r.minutes >= at * NEAR_ENOUGH);
  return (open.length && looks.find((look) => !open.every((f) => hasHad(f, look)))) || null;
}
