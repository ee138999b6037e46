import type { CardColour } from '../../model/colour.ts';

/** An entry of a file that cannot be read. Entries count from 1, a header not among them. */
export interface BadChip {
  row: number;
  message: string;
}

/** A file of colours as it was read: what can be kept, and what is wrong with every other entry. */
export interface CardRead {
  colours: CardColour[];
  faults: BadChip[];
}

/** `#rrggbb` of a colour's parts of red, green and blue, each 0 to 255; null where one is none. */
export function hexOfParts(parts: readonly number[]): string | null {
  if (parts.length !== 3 || parts.some((part) => !Number.isFinite(part) || part < 0 || part > 255)) return null;
  return `#${parts.map((part) => Math.round(part).toString(16).padStart(2, '0')).join('')}`;
}

/** The parts of red, green and blue of a `#rrggbb`, each 0 to 255. */
export const partsOfHex = (colour: string): [red: number, green: number, blue: number] => [
  parseInt(colour.slice(1, 3), 16),
  parseInt(colour.slice(3, 5), 16),
  parseInt(colour.slice(5, 7), 16),
];

/** A code that stands before a name, as "P 24 Slip Lane Slate" or "0412-7 Reed": many files have no field for it. */
const LEADS = /^((?:\p{Lu}{1,3}[ -]?)?\d[\d.-]*)\s+(\S.*)$/u;
/** Name and code of an entry that has one field for both. */
export function nameAndCode(text: string): { name: string; code: string } {
  const said = text.trim();
  const [, code, name] = LEADS.exec(said) ?? [];
  return code && name ? { name, code } : { name: said, code: '' };
}

/** A code and a name in one field, so that `nameAndCode` has both again. */
export const inOneField = ({ name, code }: CardColour): string => (code ? `${code} ${name}` : name);
