import { COLUMN_LABELS } from './knowledge/columnLabels.ts';

/** A column of a table that was brought in: what stands over it, and what it was taken for; null where it is left aside. */
export interface ColumnTaken {
  header: string;
  column: string | null;
  /** Its figures are in US customary measures. */
  us: boolean;
}

const plain = (header: string) =>
  header
    .toLowerCase()
    .replace(/\([^)]*\)/g, '')
    .replace(/\s+/g, ' ')
    .trim();

const BY_LABEL = new Map(Object.entries(COLUMN_LABELS).flatMap(([column, labels]) => labels.map((label) => [label, column] as const)));

/** What each header stands for, by the names of the columns and by what people call them; the first of two is taken. */
export function columnsTaken(headers: readonly string[], columns: readonly string[]): ColumnTaken[] {
  const byName = new Map(columns.map((column) => [column.toLowerCase(), column]));
  const taken = new Set<string>();
  return headers.map((header) => {
    const said = plain(header);
    const column = byName.get(said) ?? BY_LABEL.get(said) ?? null;
    const free = column !== null && !taken.has(column);
    if (free) taken.add(column);
    return { header, column: free ? column : null, us: /°f|sq ft|ft²|gal/i.test(header) };
  });
}
