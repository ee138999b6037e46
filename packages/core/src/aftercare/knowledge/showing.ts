import type { Light, Mend, View } from '../../vocabulary/index.ts';
import type { Chemistry, Exposure, Method, Sheen, Texture } from '../../vocabulary/index.ts';

/** How a mend comes to show, as typical values a painter could argue with; the firm's own record takes over as it gathers. */

/** What light a surface has where nobody said. Source: usual positions. */
export const LIGHT_OF: Readonly<Record<Exposure, Light>> = {
  'interior-dry': 'room-light',
  'interior-wet': 'room-light',
  'interior-grease': 'room-light',
  'interior-hightouch': 'room-light',
  'interior-hot': 'room-light',
  'exterior-sheltered': 'open-sky',
  'exterior-exposed': 'open-sky',
};

/**
 * The share of its chroma that a colour loses in the end in a light, and the months in which it loses about two thirds
 * of that. Source: practice; pigments differ, strong reds and yellows more than earths.
 */
export const FADES: Readonly<Record<Light, { share: number; months: number }>> = {
  dark: { share: 0.01, months: 60 },
  'room-light': { share: 0.06, months: 48 },
  'sun-through-glass': { share: 0.18, months: 30 },
  'open-sky': { share: 0.28, months: 36 },
};

/** How far a film yellows in the end (towards b* in CIELAB), most in the dark, and in how many months. Source: practice with drying oils. */
export const YELLOWS: Readonly<Record<Chemistry, { most: number; months: number; inDark: number }>> = {
  waterborne: { most: 0.4, months: 60, inDark: 1 },
  'alcohol-borne': { most: 2, months: 48, inDark: 1.2 },
  'two-part': { most: 2.5, months: 36, inDark: 1.1 },
  'solvent-borne': { most: 6, months: 24, inDark: 1.8 },
};

/** Outside, a film also chalks: it grows paler and duller by about so much L* in the end. */
export const CHALKS = { most: 2.5, months: 60 } as const;

/** How far two batches of one tint lie apart: pale tints least. ΔE00, typical. Source: makers' tolerances as tried. */
export const BATCH_APART = { pale: 0.5, middle: 0.8, deep: 1.2 } as const;

/** How readily a second film over part of a first flashes, by sheen: 0 not at all, 1 always. Source: practice. */
export const FLASHES: Readonly<Record<Sheen, number>> = {
  flat: 0.06,
  matt: 0.14,
  eggshell: 0.38,
  satin: 0.55,
  'semi-gloss': 0.7,
  gloss: 0.8,
};

/** How far the marks of two ways of laying lie apart: 0 alike, 1 plainly another hand. */
const LAYS: Readonly<Record<Method, 'brushed' | 'rolled' | 'sprayed'>> = {
  brush: 'brushed',
  roll: 'rolled',
  'cut-in-and-roll': 'rolled',
  'roll-and-lay-off': 'brushed',
  spray: 'sprayed',
  aerosol: 'sprayed',
  flood: 'brushed',
};
const APART = {
  brushed: { brushed: 0.08, rolled: 0.45, sprayed: 0.6 },
  rolled: { brushed: 0.45, rolled: 0.06, sprayed: 0.4 },
  sprayed: { brushed: 0.6, rolled: 0.4, sprayed: 0.15 },
} as const;
export const marksApart = (laid: Method, mend: Method): number => APART[LAYS[laid]][LAYS[mend]];

/** A rough ground hides the marks of the tool. */
export const HIDDEN_BY: Readonly<Record<Texture, number>> = {
  smooth: 1,
  light: 0.8,
  sprayed: 0.7,
  'hand-textured': 0.5,
  heavy: 0.35,
};

/** The difference of colour that half of all people see there, in ΔE00 along a sharp edge. Source: practice; about 1 is just seen. */
export const JUST_SEEN: Readonly<Record<View, number>> = { raking: 0.9, plain: 1.4, aside: 3 };
/** How much of flashing and of tool marks is seen there. */
export const SEEN_SHARE: Readonly<Record<View, number>> = { raking: 1, plain: 0.75, aside: 0.25 };

/**
 * What the boundary of a mend does: how much greater a difference of colour it bears, and how much of flashing and of
 * tool marks is left at it. Corner to corner the eye compares across a turn of the wall.
 */
export const BOUNDARY: Readonly<Record<Mend, { bears: number; flash: number; marks: number }>> = {
  spot: { bears: 1, flash: 1, marks: 1 },
  feather: { bears: 1.9, flash: 0.62, marks: 0.6 },
  'corner-to-corner': { bears: 4, flash: 0, marks: 0.12 },
};

/** A mend larger than this is no spot any more: its edge is seen as a patch. m². */
export const SPOT_M2 = 0.01;
/** Odds above which a way is not recommended while a larger one is left. */
export const BEARABLE = 0.3;
