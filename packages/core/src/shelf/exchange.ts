import { productSchema } from '../model/product.ts';
import { sheetCsv, unguarded } from '../model/sheet.ts';
import canonicalize from 'canonicalize';
import Papa from 'papaparse';
import { z } from 'zod';
import { asProduct } from './familyFigures.ts';
import type { Product, ProductGiven } from '../model/product.ts';
import { productId } from './shippedShelf.ts';
import { minorUnits } from '../units/money.ts';
import { fromFahrenheit, fromSqFtPerGal } from '../units/usFigures.ts';
import { readVolume } from '../units/volume.ts';
import { FAMILY_LABELS, type Terms } from '../vocabulary/index.ts';
import { columnsTaken, type ColumnTaken } from './columnOf.ts';
import { familyOfWords, nearestFamily } from './familyOfWords.ts';

/** The forms in which a shelf comes and goes. */
export const SHELF_FORMATS = ['csv', 'json'] as const;
export type ShelfFormat = (typeof SHELF_FORMATS)[number];

/** A row that cannot be read. Rows count from 1, the header not among them; in JSON, the items of the list. */
export interface BadRow {
  row: number;
  path: string;
  message: string;
}

/** A file as it was read: what can be kept, and every fault of every row. */
export interface ShelfRead {
  products: Product[];
  faults: BadRow[];
  /** What each column of a table was taken for. */
  columns: ColumnTaken[];
}

/** In what money the prices of a table are, and in which sizes its tins are where no unit stands by them. */
export interface TableTerms {
  currency: string;
  units: Terms['units'];
}
const USUAL_TABLE: TableTerms = { currency: 'GBP', units: 'metric' };

const DRYING = [
  'chemistry',
  'dustFreeMin',
  'recoatMin',
  'recoatPreferredMin',
  'recoatMaxMin',
  'handleMin',
  'minTempC',
  'maxTempC',
  'maxRhPct',
  'dewMarginC',
  'maxWindMs',
  'rainSafeMin',
  'limitsHoldMin',
] as const;
const PLAIN = ['id', 'name', 'maker', 'family', 'spreadM2PerL', 'wetFilmUm', 'dryFilmUm', 'cureHours', 'odour', 'vocGPerL', 'solidsPct', 'tints', 'stir'] as const;
/** Years that a maker promises; an empty cell: its sheet is silent. */
const LASTS = ['lastsYears'] as const;
/** Lists and pairs, written in one cell: "satin; gloss", "1: 17.00; 2.5: 37.40", "2: 1: 30". */
const WRITTEN = ['sheens', 'refuses', 'tins', 'spreadOn', 'does', 'mix'] as const;
export const SHELF_COLUMNS = [...PLAIN, ...WRITTEN, ...DRYING, ...LASTS] as const;

const TEXTS: readonly string[] = ['id', 'name', 'maker', 'family', 'odour', 'tints', 'stir', 'chemistry'];
const MOST_ROWS = 5000;

/** An empty cell stands for the family's usual figure; this for none at all. */
const NONE = 'none';
const list = (cell: string) =>
  (cell === NONE ? '' : cell)
    .split(';')
    .map((part) => part.trim())
    .filter((part) => part !== '');
const pairs = (cell: string) => list(cell).map((part) => part.split(':').map((side) => side.trim()));
/** A figure as people write it; what is no figure stays as it is, so that its fault can be told. */
const figure = (text: string): number | string => {
  const plain = text.replace(',', '.');
  return plain !== '' && Number.isFinite(Number(plain)) ? Number(plain) : text;
};
/** Figures by what they are for, as `ground: 9; other: 8`. */
const figuresBy = (cell: string) => Object.fromEntries(pairs(cell).map(([of, value]) => [of ?? '', figure(value ?? '')] as const));

/** "2.5: 37.40", "1 gal at $62". */
function tinOf(part: string, terms: TableTerms) {
  const [size, price] = part.split(/\s*(?::|@|=|\bat\b)\s*/);
  return { litres: sizeOf(size ?? '', terms), price: priceOf(price ?? '', terms) };
}

/** A price as people write it, in minor units; what is none stays as it is. */
function priceOf(text: string, { currency }: TableTerms): number | string {
  const sum = figure(text.replace(/[^\d.,-]/g, ''));
  return typeof sum === 'number' ? Math.round(sum * minorUnits(currency)) : text;
}
/** A size as people write it, in litres; what is none stays as it is. */
const sizeOf = (text: string, { units }: TableTerms): number | string => readVolume(text, units === 'us' ? 'gal' : 'l') ?? text;

interface WrittenAs {
  read: (cell: string, terms: TableTerms) => unknown;
  write: (p: Product, terms: TableTerms) => string;
}
const WRITTEN_AS: Record<(typeof WRITTEN)[number], WrittenAs> = {
  sheens: { read: list, write: (p) => p.sheens.join('; ') },
  refuses: { read: list, write: (p) => p.refuses.join('; ') },
  tins: {
    read: (cell, terms) => list(cell).map((part) => tinOf(part, terms)),
    // A table that leaves says its unit, so that it is read the same wherever it comes in.
    write: (p, { currency }) => p.tins.map((t) => `${t.litres} l: ${t.price / minorUnits(currency)}`).join('; '),
  },
  spreadOn: {
    read: figuresBy,
    write: (p) =>
      Object.entries(p.spreadOn)
        .map(([ground, m2]) => `${ground}: ${m2}`)
        .join('; '),
  },
  does: {
    read: figuresBy,
    write: (p) =>
      Object.entries(p.does)
        .map(([need, well]) => `${need}: ${well}`)
        .join('; '),
  },
  mix: {
    read: (cell) => {
      if (cell === NONE) return null;
      const [base, hardener, potLifeMin] = cell.split(':').map((part) => figure(part.trim()));
      return { base, hardener, potLifeMin };
    },
    write: (p) => (p.mix ? `${p.mix.base}: ${p.mix.hardener}: ${p.mix.potLifeMin}` : NONE),
  },
};

/** A figure of a column that is in US customary measures, in ours. */
function fromUs(column: string, value: number | string): number | string {
  if (typeof value !== 'number') return value;
  if (column === 'spreadM2PerL') return fromSqFtPerGal(value);
  return column === 'minTempC' || column === 'maxTempC' ? fromFahrenheit(value) : value;
}

/** A row of cells as the value it stands for; empty cells say nothing. */
function fromCells(cells: Record<string, string>, columns: readonly ColumnTaken[], terms: TableTerms): unknown {
  const row: Record<string, unknown> = {};
  const drying: Record<string, unknown> = {};
  for (const { header, column, us } of columns) {
    const raw = cells[header] ?? '';
    if (column === null) continue;
    const read = (text: string) => (us ? fromUs(column, figure(text)) : figure(text));
    const cell = unguarded(raw.trim());
    if (cell === '') continue;
    if ((WRITTEN as readonly string[]).includes(column)) row[column] = WRITTEN_AS[column as 'mix'].read(cell, terms);
    else if ((DRYING as readonly string[]).includes(column)) drying[column] = cell === NONE ? null : TEXTS.includes(column) ? cell : read(cell);
    else if (column === 'family') row[column] = familyOfWords(cell) ?? cell;
    else row[column] = TEXTS.includes(column) ? cell : read(cell);
  }
  return Object.keys(drying).length ? { ...row, drying } : row;
}

const named = productSchema.extend({ name: z.string().min(1).max(120), maker: z.string().min(1).max(120) });

/** What is said of a fault: of a kind that is none, which is nearest to it. */
function faultText(path: string, message: string, value: unknown): string {
  const said = path === 'family' ? (value as { family?: unknown }).family : null;
  return typeof said === 'string' ? `"${said}" is no kind that is known; nearest is ${FAMILY_LABELS[nearestFamily(said)]}` : message;
}

function readRows(rows: readonly unknown[], columns: ColumnTaken[] = []): ShelfRead {
  const faults: BadRow[] = [];
  const products: Product[] = [];
  const seen = new Map<string, number>();
  rows.forEach((value, i) => {
    const row = i + 1;
    const read = named.safeParse(value);
    if (!read.success) {
      for (const issue of read.error.issues) faults.push({ row, path: issue.path.join('.'), message: faultText(issue.path.join('.'), issue.message, value) });
      return;
    }
    const id = read.data.id ?? productId(read.data.maker, read.data.name);
    const before = seen.get(id);
    if (before !== undefined) {
      faults.push({ row, path: 'id', message: `the same product stands in row ${before}` });
      return;
    }
    seen.set(id, row);
    products.push(asProduct({ ...(read.data as ProductGiven), id }));
  });
  return { products, faults, columns };
}

const whole = (message: string, columns: ColumnTaken[] = []): ShelfRead => ({ products: [], faults: [{ row: 0, path: '', message }], columns });

function readCsv(text: string, terms: TableTerms): ShelfRead {
  const { data, meta, errors } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (header) => header.trim().replace(/^\uFEFF/, ''),
  });
  const columns = columnsTaken(meta.fields ?? [], SHELF_COLUMNS);
  const missing = ['name', 'maker', 'family'].filter((c) => !columns.some((taken) => taken.column === c));
  if (missing.length) return whole(`missing columns: ${missing.join(', ')}`, columns);
  if (data.length > MOST_ROWS) return whole(`at most ${MOST_ROWS} rows at once`, columns);
  const read = readRows(
    data.map((cells) => fromCells(cells, columns, terms)),
    columns,
  );
  const torn = errors.map((e) => ({ row: (e.row ?? 0) + 1, path: '', message: e.message.toLowerCase() }));
  return { ...read, faults: [...torn, ...read.faults].sort((a, b) => a.row - b.row) };
}

function readJson(text: string): ShelfRead {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    return whole(`this is not JSON: ${(error as Error).message}`);
  }
  if (!Array.isArray(value)) return whole('a list of products is expected');
  if (value.length > MOST_ROWS) return whole(`at most ${MOST_ROWS} products at once`);
  return readRows(value);
}

/** Reads a shelf from text. In a table prices are in the currency, in JSON in its minor units. Never throws: every fault is listed with its row, and what is sound is kept beside it. */
export function readShelf(text: string, format: ShelfFormat, terms: TableTerms = USUAL_TABLE): ShelfRead {
  return format === 'csv' ? readCsv(text, terms) : readJson(text);
}

/** Writes a shelf as text that `readShelf` reads back to the same products. */
export function writeShelf(products: readonly Product[], format: ShelfFormat, terms: TableTerms = USUAL_TABLE): string {
  if (format === 'json') return `${JSON.stringify(products, null, 2)}\n`;
  const rows = products.map((p) => [
    ...PLAIN.map((column) => p[column]),
    ...WRITTEN.map((column) => WRITTEN_AS[column].write(p, terms) || NONE),
    ...DRYING.map((column) => p.drying[column] ?? NONE),
    ...LASTS.map((column) => p[column] ?? ''),
  ]);
  return `${sheetCsv([SHELF_COLUMNS, ...rows])}\r\n`;
}

/** What taking a file in would do to a shelf. */
export interface ShelfDifference {
  added: Product[];
  changed: { product: Product; fields: string[] }[];
  same: number;
}

/** Sets what was read beside the shelf as it stands; nothing is ever taken off by a file that does not name it. */
export function shelfDifference(shelf: readonly Product[], read: readonly Product[]): ShelfDifference {
  const byId = new Map(shelf.map((p) => [p.id, p]));
  const difference: ShelfDifference = { added: [], changed: [], same: 0 };
  for (const product of read) {
    const before = byId.get(product.id);
    if (!before) difference.added.push(product);
    else {
      const fields = changedFields(before, product);
      if (fields.length) difference.changed.push({ product, fields });
      else difference.same++;
    }
  }
  return difference;
}

const canonicalOf = (value: unknown) => canonicalize(value ?? null);

function changedFields(before: Product, after: Product): string[] {
  const fields = (Object.keys(after) as (keyof Product)[]).filter((field) => field !== 'drying' && canonicalOf(before[field]) !== canonicalOf(after[field]));
  const drying = DRYING.filter((field) => canonicalOf(before.drying[field]) !== canonicalOf(after.drying[field]));
  return [...fields, ...drying];
}
