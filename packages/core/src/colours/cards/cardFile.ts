import type { CardColour } from '../../model/colour.ts';
import { readCsvCard, writeCsvCard } from './csvCard.ts';
import type { CardRead } from './cardRead.ts';
import { isPalette, readPaletteCard, writePaletteCard } from './paletteCard.ts';
import { isSwatchFile, readSwatchCard, writeSwatchCard } from './swatchCard.ts';

/** The forms in which colours come and go, by the ends of their files' names: a table, a palette, swatches. */
export const CARD_FORMATS = ['csv', 'gpl', 'ase'] as const;
export type CardFormat = (typeof CARD_FORMATS)[number];

/** Colours from a file of any of the forms, known by how it begins and not by what it is called. */
export function readCard(bytes: Uint8Array): CardRead {
  if (isSwatchFile(bytes)) return readSwatchCard(bytes);
  const text = new TextDecoder().decode(bytes);
  return isPalette(text) ? readPaletteCard(text) : readCsvCard(text);
}

/** Colours as a file of one of the forms; `readCard` has them again, to the last digit of each colour. */
export function writeCard(name: string, colours: readonly CardColour[], format: CardFormat): Uint8Array {
  if (format === 'ase') return writeSwatchCard(colours);
  return new TextEncoder().encode(format === 'gpl' ? writePaletteCard(name, colours) : writeCsvCard(colours));
}
