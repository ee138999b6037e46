import { sameColour, type CardColour, type NamedColour } from '../model/colour.ts';
import { describeColour } from './describe.ts';

/** Whether what is said holds every word that is asked for, in whatever order. */
export function holdsWords(said: string, asked: string): boolean {
  const plain = said.toLowerCase();
  return asked
    .toLowerCase()
    .split(/\s+/)
    .every((word) => plain.includes(word));
}

type Named = Pick<NamedColour, 'colour' | 'name' | 'code' | 'maker'>;

/** The name of a colour in a job; null: nobody has named it. */
export const nameOfColour = <N extends Named>(colour: string, named: readonly N[] | null | undefined): N | null =>
  named?.find((one) => sameColour(one.colour, colour)) ?? null;

/** What some cards call a swatch, the first that has it; null: it is on none. */
export function chipLike(
  cards: readonly { maker: string; colours: readonly CardColour[] }[],
  colour: string,
): (CardColour & { maker: string }) | null {
  for (const { maker, colours } of cards) {
    const chip = colours.find((one) => sameColour(one.colour, colour));
    if (chip) return { ...chip, maker };
  }
  return null;
}

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
