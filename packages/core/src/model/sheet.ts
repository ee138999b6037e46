import Papa from 'papaparse';

/**
 * What a spreadsheet could take for a formula: a leading sign, whatever blank, line break or unseen letter stands before
 * it, in full width too. A plain negative figure is none.
 */
const FORMULA = /^[\s\p{C}]*(?:[=+@＝＋＠]|[-－](?!\d+(?:[.,]\d+)?$))|^[\t\r]/u;

/** A cell of a sheet: text, a figure, or empty. */
export type SheetCell = string | number;

/**
 * Rows as CSV (RFC 4180): every table that leaves goes through here, and no cell of it is a formula.
 */
export const sheetCsv = (rows: readonly (readonly SheetCell[])[]): string =>
  Papa.unparse(
    rows.map((row) => [...row]),
    { newline: '\r\n', escapeFormulae: FORMULA },
  );

/** A cell as it was before it was guarded. */
export const unguarded = (cell: string): string =>
  cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;
