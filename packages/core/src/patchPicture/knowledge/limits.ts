/**
 * What counts as seen on a patch, in CIEDE2000 against the same primer beside it. Source: practice; 1 is about the
 * least an eye tells apart side by side at a sharp edge, and the edge of a stain is soft.
 */
export const SEEN = {
  /** Old colour that the finish coats have to hide still: below it a primer covers. */
  throughHiding: 2,
  /** Dye that rises comes through the finish too, so less of it counts: below it nobody sees it. */
  dyeFaint: 1,
  /** From here on nobody would paint over it. */
  dyeStrong: 3,
} as const;

/** How likely dye is before anything is seen of it: patches are laid where somebody doubts. */
export const DYE_IS_THERE = 0.45;

/** How fast dye rises through a coat: the hours after which two thirds of what will come have come. Slow ones take days. */
export const RISES_WITHIN_H: readonly number[] = [1, 4, 12, 36, 96];

/** What another coat leaves of old colour that shows for want of hiding (ISO 6504-3: each coat takes the same share). */
export const COAT_LEAVES: readonly number[] = [0.15, 0.3, 0.5];
/** What another coat of the same primer leaves of dye in the end: it dissolves the dye anew. */
export const COAT_LEAVES_OF_DYE: readonly number[] = [0.45, 0.85];

/** How far one picture of a patch is from the next of the same: a share of the difference, and at least so much. */
export const PICTURE_ERROR = { least: 0.22, share: 0.05 } as const;
