import type { Family } from '../../vocabulary/index.ts';

/** Families that may stand outside. */
export const OUTSIDE_FINISHES: readonly Family[] = ['exterior-acrylic', 'exterior-oil', 'masonry-paint', 'floor-paint', 'oil-varnish', 'waterborne-clear'];
