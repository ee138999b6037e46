import type { Finish } from '../../vocabulary/index.ts';

/** What a surface is treated as. Several finishes share one treatment: every clear film is cleaned, scuffed and blocked. */
export const TREATMENTS = ['bare', 'waterborne', 'oil', 'over-oil', 'clear', 'wax', 'laminate', 'distemper', 'primed', 'aerosol'] as const;
export type Treatment = (typeof TREATMENTS)[number];

/** The treatment each finish calls for. */
export const TREATMENT_OF: Record<Finish, Treatment> = {
  bare: 'bare',
  'waterborne-acrylic': 'waterborne',
  'oil-alkyd': 'oil',
  'waterborne-over-oil': 'over-oil',
  'clear-oil-varnish': 'clear',
  'waterborne-clear': 'clear',
  shellac: 'clear',
  lacquer: 'clear',
  stain: 'clear',
  'wax-oil': 'wax',
  'factory-laminate': 'laminate',
  distemper: 'distemper',
  'primer-only': 'primed',
  'unknown-aerosol': 'aerosol',
};

/**
 * What it costs, in minor units per m², to treat a surface as the row when it is the column: work not needed, or a
 * coat that lets go and is put right. Typical values from practice: stripping and doing again is three to four
 * times a priming coat. Columns follow TREATMENTS.
 */
export const WRONG_TREATMENT_COST: Record<Treatment, readonly number[]> = {
  bare: [0, 700, 3200, 1800, 3000, 3800, 3500, 3500, 400, 2500],
  waterborne: [2200, 0, 3200, 1600, 2800, 3800, 3500, 3500, 900, 2500],
  oil: [500, 900, 0, 900, 400, 2600, 500, 3200, 900, 900],
  'over-oil': [900, 900, 500, 0, 800, 2600, 900, 3200, 900, 900],
  clear: [500, 950, 300, 1000, 0, 2400, 500, 3200, 900, 700],
  wax: [700, 1300, 900, 1300, 700, 0, 900, 3000, 1200, 1200],
  laminate: [600, 1000, 500, 1200, 600, 2600, 0, 3200, 900, 1200],
  distemper: [900, 1300, 1500, 1500, 1500, 2600, 2000, 0, 1300, 1500],
  primed: [1500, 300, 3000, 1700, 2800, 3800, 3500, 3500, 0, 2500],
  aerosol: [700, 900, 900, 1100, 700, 2600, 900, 3200, 900, 0],
};
