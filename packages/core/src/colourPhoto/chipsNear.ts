import type { CardColour } from '../model/colour.ts';
import { ciede2000Of, labOf } from '../units/colour.ts';

/** A chip, and how far it lies from a colour, in CIEDE2000. */
export type NearChip<C extends Pick<CardColour, 'colour'>> = C & { difference: number };

/** Chips by how near they lie to a colour, the nearest first; what has no colour that can be read is left out. */
export function chipsNear<C extends Pick<CardColour, 'colour'>>(chips: readonly C[], colour: string): NearChip<C>[] {
  const to = labOf(colour);
  if (!to) return [];
  return chips
    .flatMap((chip) => {
      const lab = labOf(chip.colour);
      return lab ? [{ ...chip, difference: ciede2000Of(lab, to) }] : [];
    })
    .sort((a, b) => a.difference - b.difference);
}
