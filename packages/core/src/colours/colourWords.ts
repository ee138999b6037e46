import { sameColour, type NamedColour } from '../model/colour.ts';
import { describeColour } from './describe.ts';

type Named = Pick<NamedColour, 'colour' | 'name' | 'code' | 'maker'>;

/** The name of a colour in a job; null: nobody has named it. */
export const nameOfColour = <N extends Named>(colour: string, named: readonly N[] | null | undefined): N | null =>
  named?.find((one) => sameColour(one.colour, colour)) ?? null;

/** A named colour as it is asked for over a counter, as "Slip Lane Slate, P 24, Marram". */
export const asOrdered = ({ name, code, maker }: Pick<Named, 'name' | 'code' | 'maker'>): string =>
  [name, code, maker].filter(Boolean).join(', ');

/**
 * The words of a colour on lists, labels and papers: its name, code and maker; of one that nobody has named what it
 * looks like, and that its name is wanted, for nobody can order a figure off a screen. A primer's tint in its words.
 */
export function colourWords(colour: string | null, named?: readonly Named[] | null): string {
  if (colour === null) return 'as it comes';
  if (!colour.startsWith('#')) return colour.replace('-', ' ');
  const found = nameOfColour(colour, named);
  return found ? asOrdered(found) : `${describeColour(colour)}, not named yet`;
}
