import type { Damage } from '../../vocabulary/index.ts';

/**
 * How far damage is usually alike around one place, in metres, and how often it is at a place of a wall that has some
 * and that nobody looked at closely. What shows is seen from the door, so that it is seldom where nobody marked it; a
 * bond, damp and soft timber are found by a cut, a meter and a probe alone. Typical; what is looked at on the wall
 * itself outweighs both. Source: practice.
 */
export const REACH: Record<Damage, { alikeM: number; elsewhere: number }> = {
  peeling: { alikeM: 0.7, elsewhere: 0.18 },
  blistering: { alikeM: 0.5, elsewhere: 0.04 },
  'water-stain': { alikeM: 0.5, elsewhere: 0.03 },
  damp: { alikeM: 0.7, elsewhere: 0.1 },
  soot: { alikeM: 0.6, elsewhere: 0.05 },
  mould: { alikeM: 0.5, elsewhere: 0.04 },
  efflorescence: { alikeM: 0.5, elsewhere: 0.04 },
  'substrate-crack': { alikeM: 0.4, elsewhere: 0.03 },
  rot: { alikeM: 0.3, elsewhere: 0.06 },
};

/** How surely one look says what is there, as the spread of its error against the spread of the wall. */
export const LOOK_ERROR = 0.15;
