import type { Family } from '../../vocabulary/index.ts';

/**
 * Hiding after ISO 6504-3: what share of the difference between the old colour and the new one coat takes away.
 * A finish of usual body; a vivid or very deep one; a primer that hides well, tinted as the finish asks.
 */
export const HIDES = { finish: 0.85, vivid: 0.72, clear: 0, primer: [0.35, 0.6, 0.75, 0.8] } as const;
/**
 * How far the colour of a primer lies from that of the finish over it: by its tint, a share of how much deeper than
 * white the finish is and of its chroma.
 */
export const TINT_LIES = {
  white: { depth: 0.75, chroma: 0.35 },
  grey: { depth: 0.04, chroma: 0.45 },
  towardFinish: { depth: 0.03, chroma: 0.12 },
} as const;
/** CIE L* of a white primer. */
export const WHITE = 97;
/** CIE chroma from which a colour hides poorly. */
export const VIVID_FROM = 65;
/** The difference that nobody sees, and how steeply it is seen beyond it. CIEDE2000. */
export const SEEN_AT = 2.4;
export const SEEN_STEEP = 0.5;
/** What is left of the old colour where next to nobody sees it any more: so far coats are counted. CIEDE2000. */
export const UNSEEN = 1;
/** More coats than this nobody lays: another primer, or another colour, is talked about. */
export const MOST_COATS = 4;
/** What is reckoned with where a colour is not known: CIEDE2000. */
export const UNKNOWN_DIFFERENCE = 14;

/** How well an undercoat hides, 0 to 3 as primers do: it is made for that. */
export const UNDERCOAT_HIDES: Partial<Record<Family, 1 | 2 | 3>> = { 'oil-undercoat': 3, 'acrylic-primer-undercoat': 3 };
