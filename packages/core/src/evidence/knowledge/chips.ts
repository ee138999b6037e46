import type { ChipLayer, Finish } from '../../vocabulary/index.ts';
import type { UnderLayer } from './layers.ts';

/** What a film looks like in the edge of a chip. Source: practice. */
export const SEEN_AS: Readonly<Record<Exclude<Finish, 'bare'> | UnderLayer, ChipLayer>> = {
  'waterborne-acrylic': 'waterborne',
  'waterborne-over-oil': 'waterborne',
  'oil-alkyd': 'oil',
  'clear-oil-varnish': 'clear',
  'waterborne-clear': 'clear',
  shellac: 'clear',
  lacquer: 'clear',
  stain: 'clear',
  'wax-oil': 'clear',
  'factory-laminate': 'paper',
  distemper: 'distemper',
  'primer-only': 'primer',
  'unknown-aerosol': 'waterborne',
  'older-oil': 'oil',
  'older-waterborne': 'waterborne',
  'clear-or-stain': 'clear',
  primer: 'primer',
};

/**
 * How a chip is read: how often the top layer is named as what it is, how often a layer that lies there is seen, and
 * how often one is named that is not there: two coats taken for two paints, a shadow for a primer. Source: practice.
 */
export const CHIP_READ = {
  top: 0.88,
  otherTop: 0.012,
  /** Paint, and a primer, which is thin and pale. */
  seen: { paint: 0.85, primer: 0.6 },
  imagined: 0.035,
} as const;

/** What is named next under a waterborne top where oil lies below: straight on the oil, or primed before. Source: practice. */
export const STRAIGHT_ON_OIL = {
  straight: { oil: 0.8, primer: 0.12, other: 0.08 },
  primed: { oil: 0.2, primer: 0.7, other: 0.1 },
} as const;

/** Whoever tests a film has seen one: what was painted is not bare. How much that speaks for bare. Source: practice. */
export const FILM_TESTED = 0.1;
/** The same on tile, plastic or aluminium, where one rubs to find out whether there is a film at all. Source: practice. */
export const FILM_TESTED_ON_SHINE = 0.6;
/** How often something seems to let go of ground that is bare. */
export const FILM_LET_GO = 0.003;
