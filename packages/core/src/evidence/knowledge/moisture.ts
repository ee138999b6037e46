import { groundOf } from '../facts.ts';
import type { Ground, MoistureScale, Substrate } from '../../vocabulary/index.ts';

/**
 * Above these readings nothing is painted, by the scale of the meter: per cent of wood, gypsum (about 1 is wet), and
 * relative 0 to 100. Source: typical data-sheet limits; a product's own sheet wins.
 */
const LIMITS: Readonly<Record<MoistureScale, Readonly<Record<Ground, number>>>> = {
  wood: { timber: 15, plaster: 12, laminate: 12, paper: 12, masonry: 12, metal: 100, hard: 100 },
  gypsum: { timber: 1, plaster: 0.8, laminate: 0.8, paper: 0.6, masonry: 1, metal: 100, hard: 100 },
  relative: { timber: 40, plaster: 45, laminate: 35, paper: 35, masonry: 55, metal: 100, hard: 100 },
};

/** The highest moisture reading at which this substrate may be painted, on the scale that was read. */
export function moistureLimit(substrate: Substrate, scale: MoistureScale = 'wood'): number {
  return LIMITS[scale][groundOf(substrate)];
}

/** A limit as it is said, with its scale: "12 %", "0.8 on the gypsum scale". */
export const limitWords = (substrate: Substrate, scale: MoistureScale = 'wood'): string => `${moistureLimit(substrate, scale)}${SCALE_WORDS[scale]}`;
const SCALE_WORDS: Readonly<Record<MoistureScale, string>> = {
  wood: ' %',
  gypsum: ' on the gypsum scale',
  relative: ' on the relative scale',
};

/** Weeks before fresh plaster or render is dry enough, as a rule of thumb until a meter says so. Source: practice. */
export const FRESH_PLASTER_MONTHS = 1;
