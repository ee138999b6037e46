import { randomLcg } from 'd3-random';
import { shuffler } from 'd3-array';
import { MOST_ARMS, MOST_REPLICATES, type Family } from '../vocabulary/index.ts';
import { asProduct } from '../shelf/familyFigures.ts';
import type { Product } from '../model/product.ts';
import { capital } from '../units/capital.ts';
import { rowsOfArm, worksOf, type Arm } from './arms.ts';
import { LABEL_ROWS } from './knowledge/labels.ts';

/** What is tried against what, on one board or hidden place. */
export interface TrialDesign {
  preparations: readonly Arm[];
  primers: readonly Arm[];
  topcoats: readonly Arm[];
  /** Combinations that are not laid. */
  leftOut: readonly LaidWay[];
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

/** More cells than these nobody lays, and their rows run out of letters. */
export const MOST_CELLS = 400;
const DAY_MIN = 1440;
/** The largest board allowed has as many rows as there are letters. */
const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

/** A way of doing a cell: which arm of each kind. */
export type Way = Pick<Cell, 'preparation' | 'primer' | 'topcoat'>;
/** A way that is laid: each arm is named, be it that nothing is done. */
export interface LaidWay {
  preparation: number;
  primer: number;
  topcoat: number;
}

/** The ways that are laid: every combination but those that are left out. */
export function laidWays({ preparations, primers, topcoats, leftOut }: TrialDesign): LaidWay[] {
  const keyOf = ({ preparation, primer, topcoat }: LaidWay) => `${preparation}/${primer}/${topcoat}`;
  const out = new Set(leftOut.map(keyOf));
  return preparations.flatMap((_, preparation) =>
    primers.flatMap((__, primer) =>
      topcoats.flatMap((___, topcoat) =>
        out.has(keyOf({ preparation, primer, topcoat })) ? [] : [{ preparation, primer, topcoat }],
      ),
    ),
  );
}

/** Nothing done and no primer: the topcoat on what stands there. */
export function isUntreated({ preparation, primer }: Way, design: TrialDesign): boolean {
  if (preparation === null || primer === null) return true;
  return design.preparations[preparation]!.does?.length === 0 && design.primers[primer]!.family === null;
}

const UNTREATED: Way = { preparation: null, primer: null, topcoat: 0 };

/** What one round of the board holds: the ways, and a cell that is left untreated, unless that is a way already. */
const roundOf = (design: TrialDesign): Way[] => {
  const ways = laidWays(design);
  return ways.some((way) => way.topcoat === 0 && isUntreated(way, design)) ? ways : [UNTREATED, ...ways];
};

/** Every fault of a design, with its path. Empty where it may be laid. */
export function designFaults(design: TrialDesign): { path: string; message: string }[] {
  const faults: { path: string; message: string }[] = [];
  for (const factor of ['preparations', 'primers', 'topcoats'] as const) {
    const arms = design[factor];
    if (arms.length === 0) faults.push({ path: factor, message: 'names at least one' });
    if (arms.length > MOST_ARMS[factor]) faults.push({ path: factor, message: `names at most ${MOST_ARMS[factor]}` });
    if (new Set(arms.map((a) => a.id)).size < arms.length) faults.push({ path: factor, message: 'names one twice' });
  }
  if (design.replicates < 1 || design.replicates > MOST_REPLICATES)
    faults.push({ path: 'replicates', message: `must be 1 to ${MOST_REPLICATES}` });
  if (faults.length) return faults;
  if (laidWays(design).length === 0) return [{ path: 'leftOut', message: 'leaves no way to try' }];
  const cells = roundOf(design).length * design.replicates;
  return cells > MOST_CELLS
    ? [{ path: 'replicates', message: `makes ${cells} cells: more than ${MOST_CELLS} nobody lays` }]
    : [];
}

/** Arms that lie beside one arm of another kind only: what helped cannot be told apart. */
function boundTogether(design: TrialDesign): string[] {
  const ways = laidWays(design);
  const { preparations, primers } = design;
  if (preparations.length < 2 || primers.length < 2) return [];
  return primers.flatMap((primer, p) => {
    const on = new Set(ways.filter((way) => way.primer === p).map((way) => way.preparation));
    return on.size === 1
      ? [`${capital(primer.words)} lies on one preparation only: which of the two held cannot be told.`]
      : [];
  });
}

/** What makes a trial say less than it seems to: said before it is laid, and beside its ranking. */
export function designWarnings(design: TrialDesign): string[] {
  const unequal = (arms: readonly Arm[]) => new Set(arms.flatMap((a) => (a.family ? [a.coats] : []))).size > 1;
  return [
    ...(unequal(design.primers)
      ? ['The primers get unequal coats: the thicker one has the better of it. Lay equal coats.']
      : []),
    ...(unequal(design.topcoats) ? ['The topcoats get unequal coats: lay equal coats.'] : []),
    ...(design.replicates === 1
      ? ['One cell of each: a slip of the hand looks like a failure. Two cells of each tell luck from paint.']
      : []),
    ...(laidWays(design).length === 1
      ? ['Only one way is tried: there is nothing to rank it against but the untreated cell.']
      : []),
    ...boundTogether(design),
  ];
}

/** How the labels of this board outlast what is done on it. */
export function labelAdvice(design: TrialDesign): string {
  const done = new Set(design.preparations.flatMap(worksOf));
  const row = LABEL_ROWS.find(({ goesWith }) => !goesWith.some((work) => done.has(work)))!;
  return `${row.words}, never with a pen: the spirit of the rub wipes it off. Notch or mark the top left corner, so that each cell is found by its place on this sheet.`;
}

/**
 * Lays the cells out in a grid: every way as often as asked, an untreated cell for each replicate, places drawn at
 * random by the seed so that an edge or a draught favours none. Each primed cell keeps a strip of bare primer.
 */
export function layOut(design: TrialDesign): Cell[] {
  const kinds = Array.from({ length: design.replicates }, (_, replicate) =>
    roundOf(design).map((way) => ({ ...way, replicate })),
  ).flat();
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

/** The wait after one thing that is laid before the topcoat: its own, or the one that is tried. */
const waited = (arm: Arm, words: string, own: number): CheckIn => ({
  at: arm.waitMin ?? own,
  kind: 'recoat',
  words: `${capital(words)}: ${arm.waitMin === null ? 'its own recoat wait' : 'the wait that is tried'} is over, lay the topcoat.`,
});

/**
 * When to come back: each primer's own recoat wait, a first look the next day, a later look at three days, and a
 * second look at cure. Minutes after the primers, then after the last topcoat, were laid.
 */
export function checkIns(design: TrialDesign, shelf: readonly Product[]): CheckIn[] {
  const beads = design.preparations.flatMap((arm) =>
    rowsOfArm(arm).flatMap(({ words, waitMin }) => (waitMin ? [waited(arm, words, waitMin)] : [])),
  );
  const recoats = design.primers.flatMap((arm) => {
    const own = arm.family && productOf(arm.family, shelf).drying.recoatMin;
    return own ? [waited(arm, arm.words, own)] : [];
  });
  const cure = Math.max(
    7 * DAY_MIN,
    ...design.topcoats.map((t) => (t.family ? productOf(t.family, shelf).cureHours * 60 : 0)),
  );
  return [
    ...[...beads, ...recoats].sort((a, b) => a.at - b.at),
    { at: DAY_MIN, kind: 'first-look', words: 'First look: colour through the patches. A scratch says little yet.' },
    { at: 3 * DAY_MIN, kind: 'later-look', words: 'Later look: nail, blade and tape on every cell; bleed once more.' },
    { at: cure, kind: 'cure-look', words: 'At cure: scratch again. What failed young may hold now, and the reverse.' },
  ];
}

/** A cell in a painter's words: "degreased and rinsed; shellac primer; acrylic trim". */
export function sayCell(cell: Way, design: TrialDesign): string {
  const topcoat = design.topcoats[cell.topcoat]!.words;
  if (cell.primer === null || cell.preparation === null) return `untreated; ${topcoat}`;
  return `${design.preparations[cell.preparation]!.words}; ${design.primers[cell.primer]!.words}; ${topcoat}`;
}
