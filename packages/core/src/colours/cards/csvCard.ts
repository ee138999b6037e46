import Papa from 'papaparse';
import type { CardColour } from '../../model/colour.ts';
import { sheetCsv, unguarded } from '../../model/sheet.ts';
import { hexOfLab } from '../../units/colour.ts';
import { hexOfParts, type BadChip, type CardRead } from './cardRead.ts';

/** What a column is called, by what it holds. */
const HEADERS = {
  name: ['name', 'colour name', 'color name', 'description'],
  code: ['code', 'number', 'no', 'no.', 'reference', 'ref'],
  hex: ['colour', 'color', 'hex', 'rgb hex', 'html', 'swatch'],
  red: ['r', 'red'],
  green: ['g', 'green'],
  blue: ['b', 'blue'],
  l: ['l*', 'lab l', 'lightness', 'cie l'],
  a: ['a*', 'lab a', 'cie a'],
  bb: ['b*', 'lab b', 'cie b'],
} as const;
type Column = keyof typeof HEADERS;

type Row = Record<string, string>;

const figure = (cell: string | undefined) =>
  cell === undefined || cell.trim() === '' ? Number.NaN : Number(cell.trim().replace(',', '.'));

/** The colour that a row says: as `#rrggbb`, by red, green and blue, or in CIELAB. */
function colourIn(cells: (column: Column) => string | undefined): string | null {
  const hex = cells('hex')?.trim().replace(/^#?/, '#');
  if (hex && /^#[0-9a-f]{6}$/i.test(hex)) return hex.toLowerCase();
  const parts = hexOfParts((['red', 'green', 'blue'] as const).map((column) => figure(cells(column))));
  if (parts) return parts;
  const [l, a, b] = (['l', 'a', 'bb'] as const).map((column) => figure(cells(column)));
  const isLab = l! >= 0 && l! <= 100 && Math.abs(a!) <= 160 && Math.abs(b!) <= 160;
  return isLab ? hexOfLab({ l: l!, a: a!, b: b! }) : null;
}

/** Colours from a table: a name, a code, and the colour in any of the ways in which people write one. */
export function readCsvCard(text: string): CardRead {
  const { data, meta } = Papa.parse<Row>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transform: (cell) => unguarded(cell),
  });
  const headerOf = (column: Column) =>
    meta.fields?.find((field) => (HEADERS[column] as readonly string[]).includes(field.trim().toLowerCase()));
  const headers = Object.fromEntries(
    (Object.keys(HEADERS) as Column[]).map((column) => [column, headerOf(column)]),
  ) as Record<Column, string | undefined>;
  if (!headers.name) return { colours: [], faults: [{ row: 0, message: 'the table has no column called name' }] };
  const colours: CardColour[] = [];
  const faults: BadChip[] = [];
  data.forEach((row, at) => {
    const cell = (column: Column) => (headers[column] ? row[headers[column]] : undefined);
    const name = cell('name')?.trim() ?? '';
    const colour = colourIn(cell);
    if (!name) faults.push({ row: at + 1, message: 'has no name' });
    else if (!colour)
      faults.push({
        row: at + 1,
        message: `${name}: its colour cannot be read; write it as #rrggbb, or by r, g and b`,
      });
    else colours.push({ name, code: cell('code')?.trim() ?? '', colour });
  });
  return { colours, faults };
}

/** Colours as a table that `readCsvCard` reads. */
export const writeCsvCard = (colours: readonly CardColour[]): string =>
  sheetCsv([['name', 'code', 'colour'], ...colours.map(({ name, code, colour }) => [name, code, colour])]);
