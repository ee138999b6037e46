import { groundOf } from '../facts.ts';
import type { Ground, Substrate } from '../../vocabulary/index.ts';

/** Above these readings (%) nothing is painted. Source: typical data-sheet limits; a product's own sheet wins. */
const LIMITS: Record<Ground, number> = {
  timber: 15,
  plaster: 12,
  laminate: 12,
  paper: 12,
  masonry: 12,
  metal: 100,
  hard: 100,
};

/** The highest moisture reading in % at which this substrate may be painted. */
export function moistureLimit(substrate: Substrate): number {
  return LIMITS[groundOf(substrate)];
}

/** Weeks before fresh plaster or render is dry enough, as a rule of thumb until a meter says so. Source: practice. */
export const FRESH_PLASTER_MONTHS = 1;
