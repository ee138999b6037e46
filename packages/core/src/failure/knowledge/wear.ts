import type { Exposure, Family } from '../../vocabulary/index.ts';
import { wetOrGreasy } from '../../evidence/facts.ts';
import type { Case } from '../../systems/case.ts';

/**
 * How often a sound system is called back in a year, by exposure: the share of surfaces. Typical values from practice;
 * the firm's own record takes their place as it gathers.
 */
export const CALL_BACK_A_YEAR: Readonly<Record<Exposure, number>> = {
  'interior-dry': 0.02,
  'interior-wet': 0.05,
  'interior-grease': 0.05,
  'interior-hightouch': 0.06,
  'interior-hot': 0.06,
  'exterior-sheltered': 0.06,
  'exterior-exposed': 0.11,
};

/** How a finish wears against the usual one of the place: call-backs in a year, as a factor. Below 1 it lasts longer. */
export interface WearRow {
  family: Family;
  when: (c: Case) => boolean;
  factor: number;
}

const handled = (c: Case) => c.wanted.handling === 'heavy' || c.d.surface.exposure === 'interior-hightouch';
const inWet = (c: Case) => wetOrGreasy(c.d.surface);

/** The first row that fits is taken; a finish that no row names wears as usual. Source: practice; the firm's own record wins as it gathers. */
export const WEAR_ROWS: readonly WearRow[] = [
  { family: 'waterborne-alkyd', when: (c) => c.joinery && handled(c), factor: 0.7 },
  { family: 'waterborne-alkyd', when: (c) => c.joinery, factor: 0.85 },
  { family: 'oil-enamel', when: (c) => c.joinery && handled(c), factor: 0.65 },
  { family: 'oil-enamel', when: (c) => c.joinery || inWet(c), factor: 0.8 },
  { family: 'moisture-resistant-acrylic', when: inWet, factor: 0.75 },
  { family: 'acrylic-wall', when: inWet, factor: 1.5 },
  { family: 'acrylic-trim', when: handled, factor: 1.15 },
  { family: 'exterior-oil', when: (c) => c.outside, factor: 1.2 },
  { family: 'oil-varnish', when: (c) => c.outside, factor: 1.8 },
  { family: 'waterborne-clear', when: (c) => c.outside, factor: 2 },
  { family: 'chalk-style', when: () => true, factor: 1.5 },
];

/** Each finish coat beyond the second is called back less often, to this factor. */
export const COAT_MORE = 0.88;
/** A single finish coat is called back more often. */
export const ONE_COAT = 1.15;
/** A clear coat over the finish takes the wear. */
export const CLEAR_OVER = 0.85;
/** Bare timber outside that was saturated first moves and drinks less. */
export const SATURATED = 0.8;
/** A light hand, a heavy one. */
export const BY_HANDLING = { light: 0.85, normal: 1, heavy: 1.25 } as const;
/** Call-backs are spread over so many years where one figure is given for a year. */
export const YEARS = 5;
/**
 * How wear gathers with age: a film is sound in its first years and goes in the later ones. Shape of a Weibull life whose
 * spread is some two fifths of it. Source: practice, as repaints come round.
 */
export const WEAR_SHAPE = 2.5;
