import { chroma, hue, lightness } from '../units/colour.ts';
import {
  BROWN,
  DEPTHS,
  GREY_BELOW,
  GREYED_BELOW,
  GREYS,
  HUES,
  OFF_WHITE_FROM,
  STRONG_FROM,
} from './knowledge/colourNames.ts';

/** The words of the last row that begins at or below a figure. */
const wordsAt = (rows: readonly (readonly [number, string])[], figure: number): string =>
  rows.findLast(([from]) => figure >= from)?.[1] ?? rows[0]![1];

/** What somebody who looks at a colour calls it, as "deep greyed blue": for one that nobody has named yet. */
export function describeColour(colour: string): string {
  const [l, c, h] = [lightness(colour) ?? 0, chroma(colour) ?? 0, hue(colour) ?? 0];
  if (c < GREY_BELOW) return wordsAt(GREYS, l);
  const name = wordsAt(HUES, h);
  if (l >= OFF_WHITE_FROM && c < GREYED_BELOW) return h >= 40 && h < 110 ? 'warm off-white' : `${name} off-white`;
  const isBrown = l < BROWN.belowLightness && c < BROWN.belowChroma && h >= BROWN.fromDegree && h < BROWN.toDegree;
  const strength = c < GREYED_BELOW ? 'greyed ' : c >= STRONG_FROM ? 'strong ' : '';
  return `${wordsAt(DEPTHS, l)} ${isBrown ? 'brown' : `${strength}${name}`}`;
}
