import { LATER_LOOK_MIN } from '../evidence/patches.ts';
import type { Product } from '../model/product.ts';
import { asProduct } from '../shelf/familyFigures.ts';
import type { Family } from '../vocabulary/index.ts';

/** A look at patches that were laid, minutes after they were. */
export interface PatchLook {
  at: number;
  words: string;
}

/** Sooner than this nothing can be read off a patch: it is still going flat. Minutes; source: practice. */
const SOONEST_MIN = 30;

/**
 * When patches that were laid side by side are looked at: once the slowest of them may take another coat, all at one
 * time so that they are compared alike, and again a day later, for dye rises slowly and the later look decides.
 */
export function patchLooks(families: readonly Family[], shelf: readonly Product[]): PatchLook[] {
  const recoats = families.map(
    (family) => (shelf.find((p) => p.family === family) ?? asProduct({ family })).drying.recoatMin ?? SOONEST_MIN,
  );
  const first = Math.max(SOONEST_MIN, ...recoats);
  return [
    { at: first, words: 'First look: colour that shows now is poor hiding, or dye.' },
    { at: Math.max(LATER_LOOK_MIN, first + LATER_LOOK_MIN / 2), words: 'The later look: it decides.' },
  ];
}
