import { FAMILY_LABELS, type BoardWork, type Family, type Tried } from '../vocabulary/index.ts';
import { TRIED_LINES, TRIED_ROWS, type TriedLine, type TriedRow } from './knowledge/tried.ts';

/** One arm of a board: how a cell is prepared, a primer or a topcoat. */
export interface Arm {
  id: string;
  words: string;
  /** The product that is laid; null where none is. */
  family: Family | null;
  coats: number;
  /** What is done to the cell, from the list; null where it is said in the painter's own words. A coat has none. */
  does: Tried[] | null;
  /** Minutes waited after it; null: as its product says. */
  waitMin: number | null;
}

/** What says what is done to a cell. */
interface Doing {
  does: readonly Tried[] | null;
}

/** What an arm does, in the order in which it is done; nothing of what is said in own words. */
export const rowsOfArm = ({ does }: Doing): TriedRow[] => TRIED_ROWS.filter((row) => does?.includes(row.tried));

/** The kinds of work of an arm; paper of two grits is one. */
export const worksOf = (arm: Doing): BoardWork[] => [...new Set(rowsOfArm(arm).map((row) => row.work))];

/** An arm of things from the list; of none of them: nothing is done. */
export function armOf(does: readonly Tried[]): Arm {
  const rows = rowsOfArm({ does });
  return {
    id: rows.map((row) => row.tried).join('+') || 'nothing',
    words: rows.map((row) => row.words).join(', ') || 'nothing done',
    family: null,
    coats: 0,
    does: rows.map((row) => row.tried),
    waitMin: null,
  };
}

/** An arm in the painter's own words. */
export const armInWords = (words: string): Arm => ({
  id: words,
  words,
  family: null,
  coats: 0,
  does: null,
  waitMin: null,
});

/** An arm that is a product family under its usual name, with a wait of its own where one is tried. */
export const familyArm = (family: Family, coats = 1, waitMin: number | null = null): Arm => ({
  id: waitMin === null ? family : `${family}@${waitMin}`,
  words: FAMILY_LABELS[family],
  family,
  coats,
  does: [],
  waitMin,
});

/** No primer at all: the topcoat on what stands there. */
export const NO_PRIMER: Arm = { id: 'none', words: 'no primer', family: null, coats: 0, does: [], waitMin: null };

/** What is tried on each line of the form; `null` stands for leaving it out. */
export type Asked = Readonly<Partial<Record<TriedLine, readonly (Tried | null)[]>>>;

/** Every combination of what is asked on each line: a 2 × 2 of cleaner and paper is four arms. */
export function crossed(asked: Asked): Arm[] {
  const lines = TRIED_LINES.map((line) => asked[line] ?? []).filter((options) => options.length > 0);
  if (lines.length === 0) return [];
  return lines
    .reduce<Tried[][]>(
      (ways, options) => ways.flatMap((way) => options.map((one) => (one === null ? way : [...way, one]))),
      [[]],
    )
    .map(armOf);
}
