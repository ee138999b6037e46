import { sheetCsv } from '../model/sheet.ts';

type Cell = string | number | Date | null | undefined;

/**
 * Rows of a record as CSV (RFC 4180) with a header line. Times are ISO 8601 in UTC; what is not known is an empty cell.
 */
export function recordCsv(columns: readonly string[], rows: readonly (readonly Cell[])[]): string {
  const plain = (cell: Cell) => (cell instanceof Date ? cell.toISOString() : (cell ?? ''));
  return sheetCsv([columns, ...rows.map((row) => row.map(plain))]);
}
