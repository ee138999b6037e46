import { stepKey, type Step } from '@rustic/core';

/** One line of the side-by-side: the same work in each school, or its absence. */
export type SchoolRow = (Step | null)[];

const sameWork = (a: Step, b: Step) => stepKey(a) === stepKey(b);
const sameKind = (a: Step, b: Step) => a.kind === b.kind && a.scope === b.scope;

/**
 * Lays systems beside each other: what is alike stands in one row, another product for the same work in the same row,
 * what one has and the others have not in a row of its own. Each system keeps its order.
 */
export function schoolRows(ways: readonly { steps: readonly Step[] }[]): SchoolRow[] {
  const rows: SchoolRow[] = [];
  ways.forEach(({ steps }, column) => {
    let after = -1;
    for (const step of steps) {
      const fits = (row: SchoolRow, same: typeof sameWork) =>
        row[column] === null && row.some((other) => other !== null && same(other, step));
      const from = (same: typeof sameWork) => rows.findIndex((row, i) => i > after && fits(row, same));
      const at = from(sameWork) >= 0 ? from(sameWork) : from(sameKind);
      if (at >= 0) {
        rows[at]![column] = step;
        after = at;
      } else {
        const row: SchoolRow = ways.map(() => null);
        row[column] = step;
        after += 1;
        rows.splice(after, 0, row);
      }
    }
  });
  return rows;
}
