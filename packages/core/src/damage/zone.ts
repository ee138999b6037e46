import { quantileSorted } from 'd3-array';
import { randomLcg, randomNormal, randomUniform } from 'd3-random';
import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import type { SketchPlace } from '../model/fields.ts';
import type { SketchWall } from '../model/records/room.ts';
import type { Damage } from '../vocabulary/index.ts';
import { cellM2, laidFlat, wallCells, type WallCell } from './cells.ts';
import { LOOK_ERROR, REACH } from './knowledge/reach.ts';
import { aboveNothing, levelOf } from '../distributions/normal.ts';

/** A place that was looked at, or cut, or rubbed: whether the damage is there. */
export interface Look {
  place: SketchPlace;
  there: boolean;
}

/** How large a bad zone is: likely, and with one in ten beyond either end. m². */
export interface ZoneSize {
  likelyM2: number;
  lowM2: number;
  highM2: number;
}

/** Where damage is, as far as the looks tell. */
export interface DamageZone extends ZoneSize {
  cells: readonly WallCell[];
  /** How likely each square has it. */
  odds: readonly number[];
  /** Where one more look narrows its size most, and what share of the doubt is left then; null where none is worth it. */
  next: { place: SketchPlace; doubtLeft: number } | null;
}

const DRAWS = 300;
/** Ways the looks may lie that are tried for each reach. */
const TRIED = 400;
const SLIVER = 1e-9;
const SEED = 0.4142;
/** How much nearer or farther than usual it may be alike. */
const ALIKE_TIMES = [0.6, 1, 1.6];
/** A look that leaves more of the doubt than this is not worth a cut. */
const WORTH_LOOKING = 0.93;
/** Keeps places that are nearly one from breaking the sums. */
const STEADY = 1e-4;

type Flat = { x: number; y: number };
const table = (rows: readonly Flat[], columns: readonly Flat[], of: (a: Flat, b: Flat) => number) =>
  new Matrix(rows.map((a) => columns.map((b) => of(a, b))));
const withDiagonal = (m: Matrix, more: number) => {
  for (let i = 0; i < m.rows; i++) m.set(i, i, m.get(i, i) + more);
  return m;
};

/**
 * A smooth random field over the wall (a Gaussian process) that is alike so far around, above nothing where the damage
 * is: how the squares hang on the looks, and what is left of their spread once those are known.
 */
interface Field {
  /** Lower triangle by which the looks are drawn. */
  looks: number[][];
  /** What a look moves each square by. */
  moves: Matrix;
  /** Lower triangle of what is left of the squares, and its spread by itself. */
  left: number[][];
  sd: number[];
}

function fieldOf(squares: readonly Flat[], places: readonly Flat[], alikeM: number): Field {
  const alike = (a: Flat, b: Flat) => Math.exp(-((a.x - b.x) ** 2 + (a.y - b.y) ** 2) / (2 * alikeM ** 2));
  const seen = new CholeskyDecomposition(withDiagonal(table(places, places, alike), LOOK_ERROR ** 2));
  const toLooks = table(squares, places, alike);
  const moves = seen.solve(toLooks.transpose()).transpose();
  const told = table(squares, squares, alike).sub(toLooks.mmul(moves.transpose()));
  // Rounding leaves it a hair out of balance.
  const spread = withDiagonal(told.add(told.transpose()).mul(0.5), STEADY);
  return {
    looks: seen.lowerTriangularMatrix.to2DArray(),
    moves,
    left: new CholeskyDecomposition(spread).lowerTriangularMatrix.to2DArray(),
    sd: spread.diagonal().map((v) => Math.sqrt(Math.max(STEADY, v))),
  };
}

/** How the looks may lie, drawn one after the other so that each is on the side that was seen; and how likely that was. */
function looksDrawn(lower: readonly number[][], looks: readonly Look[], before: number, random: () => number) {
  const steps: number[] = [];
  const values: number[] = [];
  let weight = 1;
  looks.forEach(({ there }, i) => {
    const row = lower[i]!;
    const from = before + steps.reduce((sum, e, j) => sum + row[j]! * e, 0);
    const below = 1 - aboveNothing(from, row[i]!);
    const share = there ? 1 - below : below;
    weight *= share;
    const at = Math.min(1 - SLIVER, Math.max(SLIVER, there ? below + random() * share : random() * share));
    steps.push(levelOf(at));
    values.push(from + row[i]! * steps[i]! - before);
  });
  return { values, weight };
}

/** One way the wall may be: what each square is likely to be, and whether it has the damage. */
interface Drawn {
  field: Field;
  mean: number[];
  has: boolean[];
}

/** Walls as they may be, as often as each fits the looks; over all that is thought possible of how far they are alike. */
function wallsDrawn(fields: readonly Field[], looks: readonly Look[], before: number): Drawn[] {
  const source = randomLcg(SEED);
  const [random, normal] = [randomUniform.source(source)(0, 1), randomNormal.source(source)()];
  const tried = fields.flatMap((field) =>
    Array.from({ length: TRIED }, () => ({ field, ...looksDrawn(field.looks, looks, before, random) })),
  );
  const all = tried.reduce((sum, t) => sum + t.weight, 0);
  let [at, passed] = [0, tried[0]!.weight];
  return Array.from({ length: DRAWS }, (_, d): Drawn => {
    while (passed < ((d + 0.5) / DRAWS) * all && at < tried.length - 1) passed += tried[++at]!.weight;
    const { field, values } = tried[at]!;
    const mean = field.moves
      .mmul(Matrix.columnVector(values))
      .to1DArray()
      .map((m) => before + m);
    const steps = mean.map(() => normal());
    const has = mean.map((m, i) => {
      let value = m;
      const row = field.left[i]!;
      for (let j = 0; j <= i; j++) value += row[j]! * steps[j]!;
      return value > 0;
    });
    return { field, mean, has };
  });
}

const spreadOf = (values: readonly number[]) => {
  const middle = values.reduce((a, b) => a + b, 0) / Math.max(1, values.length);
  return values.reduce((sum, v) => sum + (v - middle) ** 2, 0);
};

/** Where one more look leaves least doubt about the size: over both of its outcomes, as often as each is drawn. */
function nextLook(
  cells: readonly WallCell[],
  fields: readonly boolean[][],
  sizes: readonly number[],
): DamageZone['next'] {
  const now = spreadOf(sizes);
  if (now === 0) return null;
  const left = cells.map((_, i) => {
    const [bad, sound] = [true, false].map((is) => sizes.filter((_, d) => fields[d]![i] === is));
    return spreadOf(bad!) + spreadOf(sound!);
  });
  const best = left.reduce((at, v, i) => (v < left[at]! ? i : at), 0);
  const doubtLeft = Math.sqrt(left[best]! / now);
  const { wall, x, y } = cells[best]!;
  const cm = (m: number) => Math.round(m * 100) / 100;
  return doubtLeft < WORTH_LOOKING ? { place: { wall, x: cm(x), y: cm(y) }, doubtLeft } : null;
}

const rounded = (v: number) => Math.round(v * 100) / 100;

/**
 * How large the bad zone of a surface is, from looks at places of it: damage that is there, and places where it was
 * looked for and is not. Sizes in m², with the places of most worth to look at next. Null where nobody found any, or
 * nothing is drawn.
 */
export function damageZone(damage: Damage, looks: readonly Look[], walls: readonly SketchWall[]): DamageZone | null {
  const cells = wallCells(walls);
  if (cells.length === 0 || !looks.some((l) => l.there)) return null;
  const { alikeM, elsewhere } = REACH[damage];
  const squares = laidFlat(walls, cells);
  const places = laidFlat(
    walls,
    looks.map((l) => l.place),
  );
  const fields = ALIKE_TIMES.map((times) => fieldOf(squares, places, alikeM * times));
  const drawn = wallsDrawn(fields, looks, levelOf(elsewhere));
  const odds = cells.map(
    (_, i) => drawn.reduce((sum, { field, mean }) => sum + aboveNothing(mean[i]!, field.sd[i]!), 0) / drawn.length,
  );
  const sizes = drawn.map(({ has }) => has.reduce((sum, is, i) => sum + (is ? cellM2(cells[i]!) : 0), 0));
  const sorted = [...sizes].sort((a, b) => a - b);
  return {
    cells,
    odds,
    likelyM2: rounded(odds.reduce((sum, p, i) => sum + p * cellM2(cells[i]!), 0)),
    lowM2: rounded(quantileSorted(sorted, 0.1)!),
    highM2: rounded(quantileSorted(sorted, 0.9)!),
    next: nextLook(
      cells,
      drawn.map((d) => d.has),
      sizes,
    ),
  };
}
