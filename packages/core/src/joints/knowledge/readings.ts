import type { Bead, BeadReading, BeadReads } from '../../vocabulary/index.ts';

/** How often a bead reads so, by what it is of; each row adds up to 1. Order: silicone, acrylic, hybrid, putty. */
type Row = readonly [silicone: number, acrylic: number, hybrid: number, putty: number];
export const READING_ROWS: { readonly [R in BeadReading]: Readonly<Record<BeadReads<R>, Row>> } = {
  // Dull leans to acrylic; silicone keeps its shine for years, unless it is dirty.
  shine: { dull: [0.12, 0.75, 0.35, 0.8], slight: [0.33, 0.2, 0.45, 0.15], shiny: [0.55, 0.05, 0.2, 0.05] },
  flex: {
    'springs-back': [0.85, 0.15, 0.7, 0.01],
    dents: [0.1, 0.35, 0.2, 0.05],
    hard: [0.03, 0.35, 0.08, 0.3],
    crumbles: [0.02, 0.15, 0.02, 0.64],
  },
  // Only some silicones cure with acid, and only a fresh cut still tells.
  smell: { vinegar: [0.35, 0.01, 0.01, 0.01], oily: [0.02, 0.02, 0.05, 0.6], none: [0.63, 0.97, 0.94, 0.39] },
  oldPaint: { holds: [0.05, 0.7, 0.6, 0.7], 'came-off': [0.6, 0.1, 0.1, 0.15], none: [0.35, 0.2, 0.3, 0.15] },
  dab: { wets: [0.06, 0.97, 0.92, 0.97], beads: [0.94, 0.03, 0.08, 0.03] },
};
/** Why a reading tells. */
export const READING_WHY: Readonly<Record<BeadReading, string>> = {
  shine: 'A dull bead is usually acrylic; silicone keeps its shine.',
  flex: 'Silicone springs back under a thumbnail; acrylic stays dented or has gone hard; putty crumbles.',
  smell: 'A sliver of some silicones smells of vinegar when it is cut.',
  oldPaint: 'Paint that holds on a bead says that it takes paint.',
  dab: 'A dab of paint crawls on silicone within minutes, and wets everything else.',
};
/** Minutes that a reading takes, waiting included. */
export const READING_MINUTES: Readonly<Record<BeadReading, number>> = { shine: 0.2, flex: 0.3, smell: 1, oldPaint: 0.3, dab: 10 };

/** What beads are of, where nobody has read one. Source: practice. */
export const BEADS_USUALLY = {
  wet: [0.8, 0.1, 0.08, 0.02],
  glass: [0.3, 0.05, 0.15, 0.5],
  outside: [0.25, 0.3, 0.35, 0.1],
  inside: [0.12, 0.8, 0.05, 0.03],
} as const satisfies Record<string, Row>;
export const BEAD_ORDER: readonly Bead[] = ['silicone', 'acrylic', 'hybrid', 'putty'];

/** From here it counts as silicone, and up to there as none; between them nobody knows, and nothing is painted. */
export const SURELY_SILICONE = 0.8;
export const SURELY_NONE = 0.08;
