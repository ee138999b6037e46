import { randomLcg } from 'd3-random';
import { shuffler } from 'd3-array';
import { FAMILY_LABELS, type Family } from '../vocabulary/index.ts';
import { asProduct } from '../shelf/familyFigures.ts';
import type { Product } from '../model/product.ts';

/** One arm of a factor: a preparation, a primer or a topcoat; a preparation may be a short list of steps. */
export interface Arm {
  id: string;
  words: string;
  family: Family | null;
  coats: number;
}

/** What is tried against what, on one board or hidden place. */
export interface TrialDesign {
  preparations: readonly Arm[];
  primers: readonly Arm[];
  topcoats: readonly Arm[];
  /** Cells of each combination, 1 to 5. */
  replicates: number;
  /** Where the cells lie is drawn by this. */
  seed: number;
}

/** One cell of the board. Untreated: no preparation and no primer, the first topcoat alone. */
export interface Cell {
  /** Its label, by row and column: B3. */
  id: string;
  row: number;
  column: number;
  preparation: number | null;
  primer: number | null;
  topcoat: number;
  replicate: number;
}

/** A thing to look at again, minutes after the last coat was laid. */
export interface CheckIn {
  at: number;
  kind: 'recoat' | 'first-look' | 'later-look' | 'cure-look';
  words: string;
}

export const MOST_ARMS = 6;
export const MOST_REPLICATES = 5;
const DAY_MIN = 1440;
/** The largest board allowed has as many rows as there are letters. */
const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

/** Every fault of a design, with its path. Empty where it may be laid. */
export function designFaults(design: TrialDesign): { path: string; message: string }[] {
  const faults: { path: string; message: string }[] = [];
  for (const factor of ['preparations', 'primers', 'topcoats'] as const) {
    const arms = design[factor];
    if (arms.length === 0) faults.push({ path: factor, message: 'names at least one' });
    if (arms.length > MOST_ARMS) faults.push({ path: factor, message: `names at most ${MOST_ARMS}` });
    if (new Set(arms.map((a) => a.id)).size < arms.length) faults.push({ path: factor, message: 'names one twice' });
  }
  if (design.replicates < 1 || design.replicates > MOST_REPLICATES)
    faults.push({ path: 'replicates', message: `must be 1 to ${MOST_REPLICATES}` });
  return faults;
}

/** What makes a trial say less than it seems to: said before it is laid, and beside its ranking. */
export function designWarnings(design: TrialDesign): string[] {
  const coats = (arms: readonly Arm[]) => new Set(arms.map((a) => a.coats)).size > 1;
  return [
    ...(coats(design.primers)
      ? ['The primers get unequal coats: the thicker one has the better of it. Lay equal coats.']
      : []),
    ...(coats(design.topcoats) ? ['The topcoats get unequal coats: lay equal coats.'] : []),
    ...(design.replicates === 1
      ? ['One cell of each: a slip of the hand looks like a failure. Two cells of each tell luck from paint.']
      : []),
    ...(design.primers.length * design.preparations.length * design.topcoats.length === 1
      ? ['Only one way is tried: there is nothing to rank it against but the untreated cell.']
      : []),
  ];
}

/** How labels are made: spirit wipes off a pen. */
export const LABEL_ADVICE = 'Scratch or pencil the labels into the board: the spirit of the rub wipes off a pen.';

/**
 * Lays the cells out in a grid: every combination as often as asked, an untreated cell for each replicate, places
 * drawn at random by the seed so that an edge or a draught favours none. Each cell keeps a strip of bare primer.
 */
export function layOut(design: TrialDesign): Cell[] {
  const kinds: Omit<Cell, 'id' | 'row' | 'column'>[] = [];
  for (let replicate = 0; replicate < design.replicates; replicate++) {
    kinds.push({ preparation: null, primer: null, topcoat: 0, replicate });
    for (let preparation = 0; preparation < design.preparations.length; preparation++)
      for (let primer = 0; primer < design.primers.length; primer++)
        for (let topcoat = 0; topcoat < design.topcoats.length; topcoat++)
          kinds.push({ preparation, primer, topcoat, replicate });
  }
  const columns = Math.ceil(Math.sqrt(kinds.length * 1.6));
  const drawn = shuffler(randomLcg(design.seed))([...kinds]);
  return drawn.map((kind, i) => {
    const row = Math.floor(i / columns);
    const column = i % columns;
    return { ...kind, row, column, id: `${LETTERS[row]!}${column + 1}` };
  });
}

const productOf = (family: Family, shelf: readonly Product[]) =>
  shelf.find((p) => p.family === family) ?? asProduct({ family });

/**
 * When to come back: each primer's own recoat wait, a first look the next day, a later look at three days, and a
 * second look at cure. Minutes after the primers, then after the last topcoat, were laid.
 */
export function checkIns(design: TrialDesign, shelf: readonly Product[]): CheckIn[] {
  const recoats = design.primers.flatMap((primer): CheckIn[] => {
    const wait = primer.family ? productOf(primer.family, shelf).drying.recoatMin : null;
    return wait
      ? [{ at: wait, kind: 'recoat', words: `${primer.words}: its own recoat wait is over, lay the topcoat.` }]
      : [];
  });
  const cure = Math.max(
    7 * DAY_MIN,
    ...design.topcoats.map((t) => (t.family ? productOf(t.family, shelf).cureHours * 60 : 0)),
  );
  return [
    ...recoats.sort((a, b) => a.at - b.at),
    { at: DAY_MIN, kind: 'first-look', words: 'First look: colour through the patches. A scratch says little yet.' },
    { at: 3 * DAY_MIN, kind: 'later-look', words: 'Later look: nail, blade and tape on every cell; bleed once more.' },
    { at: cure, kind: 'cure-look', words: 'At cure: scratch again. What failed young may hold now, and the reverse.' },
  ];
}

/** A cell in a painter's words: "washed and scuffed; shellac primer; acrylic trim". */
export function sayCell(cell: Cell, design: TrialDesign): string {
  const topcoat = design.topcoats[cell.topcoat]!.words;
  if (cell.primer === null || cell.preparation === null) return `untreated; ${topcoat}`;
  return `${design.preparations[cell.preparation]!.words}; ${design.primers[cell.primer]!.words}; ${topcoat}`;
}

/** An arm that is a product family under its usual name. */
export const familyArm = (family: Family, coats = 1): Arm => ({
  id: family,
  words: FAMILY_LABELS[family],
  family,
  coats,
});
