import type { CardColour } from '../../model/colour.ts';
import { hexOfParts, inOneField, nameAndCode, partsOfHex, type BadChip, type CardRead } from './cardRead.ts';

/** The first line by which programs know such a file. */
const FIRST_LINE = 'GIMP Palette';
const ENTRY = /^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(\S.*))?$/;
/** Lines that say something of the whole file. */
const ABOUT = /^\s*(?:#|Name:|Columns:)|^\s*$/i;

/** Whether a text begins as a palette file does. */
export const isPalette = (text: string): boolean => /^\uFEFF?\s*\S+ Palette\s*$/m.test(text.split('\n', 1)[0] ?? '');

/** Colours from a palette file (`.gpl`): a line a colour, its red, green and blue, then its name. */
export function readPaletteCard(text: string): CardRead {
  const colours: CardColour[] = [];
  const faults: BadChip[] = [];
  text
    .split(/\r?\n/)
    .slice(1)
    .filter((line) => !ABOUT.test(line))
    .forEach((line, at) => {
      const [, red, green, blue, name] = ENTRY.exec(line) ?? [];
      const colour = red ? hexOfParts([Number(red), Number(green), Number(blue)]) : null;
      if (!colour) faults.push({ row: at + 1, message: 'does not begin with red, green and blue, 0 to 255' });
      else if (!name?.trim() || name === 'Untitled') faults.push({ row: at + 1, message: 'has no name' });
      else colours.push({ ...nameAndCode(name), colour });
    });
  return { colours, faults };
}

/** Colours as a palette file. */
export const writePaletteCard = (name: string, colours: readonly CardColour[]): string =>
  [
    FIRST_LINE,
    `Name: ${name.replace(/\s+/g, ' ')}`,
    'Columns: 8',
    '#',
    ...colours.map((one) =>
      [
        partsOfHex(one.colour)
          .map((part) => String(part).padStart(3))
          .join(' '),
        inOneField(one),
      ].join('\t'),
    ),
    '',
  ].join('\n');
