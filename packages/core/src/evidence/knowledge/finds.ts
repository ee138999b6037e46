import type { Condition, TestKind } from '../../vocabulary/index.ts';

/** What a test looks for where it is made. */
export interface FindsRow {
  /** Results that find it, and results that find that it is not there. */
  there: readonly string[];
  not: readonly string[];
  /** What stands where it was found anywhere, and is cleared where it was found nowhere. */
  raises?: Condition;
  /** What it looks for, where a result by itself raises nothing. */
  looksFor?: Condition;
  /** Where it was found in one place and not in another, the place is treated apart; what is left out names its places by itself. */
  apart?: true;
}

/** Source: practice. The limits of a meter go with its scale and the ground (`moisture.ts`). */
export const FINDS: Readonly<Partial<Record<TestKind, FindsRow>>> = {
  'bleach-drop': { there: ['lightens'], not: ['unchanged'], raises: 'mould', apart: true },
  'damp-sponge': { there: ['slick'], not: ['clean'], raises: 'paste-residue', apart: true },
  'hand-wipe': { there: ['light', 'heavy'], not: ['clean'], looksFor: 'chalking', apart: true },
  'water-drop': { there: ['beads'], not: ['soaks-in', 'spreads'], looksFor: 'wax', apart: true },
  'sheen-look': { there: ['gloss', 'semi-gloss'], not: ['flat', 'eggshell'], raises: 'glossy', apart: true },
  'rot-probe': { there: ['soft-surface', 'soft-deep'], not: ['firm'], raises: 'rot' },
  'paint-dab': { there: ['beads'], not: ['wets'], raises: 'silicone' },
  'ease-test': { there: ['stuck'], not: ['moves'], raises: 'painted-shut' },
};
