import type { Exposure } from '../../vocabulary/index.ts';

/** Years in which half of all films of an exposure want painting again. Typical; the firm's own record takes over as it gathers. Source: practice. */
export const REPAINT_YEARS: Readonly<Record<Exposure, number>> = {
  'interior-dry': 9,
  'interior-wet': 6,
  'interior-grease': 6,
  'interior-hightouch': 6,
  'interior-hot': 7,
  'exterior-sheltered': 7,
  'exterior-exposed': 5,
};

/** How films wear out: few fail young, most around their time (shape of a Weibull life). Source: weathering records, typical. */
export const WEAR_SHAPE = 3;
/** The typical value counts for as much as so many failures that were seen. */
export const TYPICAL_WEIGHT = 4;
/** It is looked at when so many of a hundred like it would have failed. */
export const LOOK_AT = 0.15;
