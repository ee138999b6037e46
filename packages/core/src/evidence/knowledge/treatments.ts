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
 * Where the price of a wrong treatment differs: what is walked past, what is handled, what stands in the weather. What
 * each price is follows from how films fail: see wrongTreatment.ts.
 */
export const SETTINGS = ['walls', 'paper', 'woodwork', 'fittings', 'laminate', 'timber-outside', 'masonry-outside', 'metal', 'hard'] as const;
export type Setting = (typeof SETTINGS)[number];
