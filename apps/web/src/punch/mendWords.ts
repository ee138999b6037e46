import type { Mend, View } from '@rustic/core';

/** How much is mended, in a painter's words. */
export const MEND_WORDS: Record<Mend, string> = {
  spot: 'spot',
  feather: 'feathered edge',
  'corner-to-corner': 'corner to corner',
};

export const VIEW_WORDS: Record<View, string> = {
  raking: 'in raking light',
  plain: 'in plain view',
  aside: 'where nobody looks',
};

/** How large a fault is, by what is at hand. m². */
export const SIZES: readonly (readonly [sizeM2: number, words: string])[] = [
  [0.0003, 'a nail head'],
  [0.002, 'a thumb'],
  [0.01, 'a palm'],
  [0.06, 'a sheet of paper'],
  [0.5, 'larger'],
];
