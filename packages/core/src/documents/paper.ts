import type { RoomSketch } from '../model/records/room.ts';
import { sheetCsv } from '../model/sheet.ts';
import { writeMoney } from '../units/money.ts';
import { inTerms, type Terms } from '../vocabulary/index.ts';
import type { SketchExclusion } from '../walkround/roomSketch.ts';

/** A column of a table on paper; widths are shares of the page. */
export interface Column {
  title: string;
  align: 'left' | 'right';
  width: number;
}

/** A row: its cells as they are printed. A total stands under a rule, a note spans the row. */
export interface Row {
  cells: string[];
  weight?: 'total' | 'sum' | 'head';
}

/** A label to be cut out: its lines, and what its square code says to a camera. */
export interface Label {
  title: string;
  lines: string[];
  colour: string | null;
  code: string;
  /** The squares of its code, row by row, 1 for dark: drawn where the paper is made. */
  squares?: string[];
}

/** What stands on a paper, one after the other. */
export type PaperBlock =
  | { kind: 'heading'; text: string; level: 1 | 2 }
  | { kind: 'text'; text: string; tone?: 'strong' | 'faded' }
  | { kind: 'list'; items: string[] }
  | { kind: 'table'; caption: string; columns: Column[]; rows: Row[] }
  | { kind: 'swatches'; swatches: { colour: string; name: string; words: string }[] }
  | { kind: 'sketch'; words: string; sketch: RoomSketch; excluded: (SketchExclusion & { words: string })[] }
  | { kind: 'labels'; labels: Label[] };

/** A document, the same for the page, the printer and the PDF: what it is called, and its blocks. */
export interface Paper {
  title: string;
  /** Job and place. */
  about: string;
  firm: string;
  /** What stands under the firm's name, a line each. */
  letterhead?: string[];
  /** The firm's own picture, as a PNG in a data address. */
  logo?: string;
  /** Number and version where it was sent; "draft" and the day where not. */
  marked: string;
  blocks: PaperBlock[];
}

/** £1,684.69 → 1684.69: a figure that a sheet can add up. */
const figure = (cell: string) => {
  const money = /^([+−-]?)\s*\D{0,3}?([\d,]+\.\d\d)$/.exec(cell);
  return money ? `${money[1] === '−' || money[1] === '-' ? '-' : ''}${money[2]!.replaceAll(',', '')}` : cell;
};

/**
 * Every table of a paper as one CSV: a line for each row, headed by its caption, money as plain figures.
 */
export function paperCsv({ blocks }: Paper): string {
  const rows = blocks.flatMap((block) =>
    block.kind === 'table'
      ? [[block.caption], block.columns.map((c) => c.title), ...block.rows.map((r) => r.cells.map(figure)), []]
      : [],
  );
  return sheetCsv(rows);
}

/** Money from minor units, as it is printed: always with its hundredths, so that a column adds up by eye. */
export function printMoney(minor: number, currency: string): string {
  return (minor < 0 ? '−' : '') + writeMoney(Math.abs(minor), currency);
}

/** A paper whose running text is in the words and measures of a firm. Tables hold what people wrote, and stay. */
export const inWordsOf = (paper: Paper, terms: Partial<Terms>): Paper => ({
  ...paper,
  blocks: paper.blocks.map((block): PaperBlock => {
    if (block.kind === 'text') return { ...block, text: inTerms(block.text, terms) };
    return block.kind === 'list' ? { ...block, items: block.items.map((item) => inTerms(item, terms)) } : block;
  }),
});
