import { CholeskyDecomposition, Matrix } from 'ml-matrix';

/** One graded look: the way it was done as a set of terms, the term of its test, its grade 0 … K, and how much it counts. */
export interface Observation {
  way: readonly number[];
  test: number;
  grade: number;
  weight: number;
}

/**
 * A model of graded looks (proportional odds): each term has an effect with a normal prior, and the grades are steps
 * on one scale. The steps are given: a trial has too few looks to learn them, and too few grades are ever met.
 */
export interface OrdinalModel {
  /** Prior standard deviation of each term's effect, on the logistic scale; their prior mean is 0. */
  termSd: readonly number[];
  /** Where one grade passes into the next, rising; one less than there are grades. */
  thresholds: readonly number[];
}

/** The posterior's mode, and the normal that touches it there. */
export interface OrdinalFit {
  /** Effects, and a padding 0. */
  mode: Float64Array;
  /** Lᵀ, where L Lᵀ is the curvature: row after row, `size` of them. */
  factor: Float64Array;
  size: number;
}

const TINY = 1e-12;
const MOST_STEPS = 60;
const HALVINGS = 30;
const CLOSE_ENOUGH = 1e-9;
/** Below this a product of chances is put by as a logarithm, before it vanishes. */
const NEARLY_NOTHING = 1e-200;

/**
 * Looks laid flat for the thousands of times they are asked. Ways are sets of terms, as many for each, padded with
 * the slot after the last effect, which holds 0; a look names its way and its test.
 */
export interface FlatLooks {
  /** 1 / (2 sd²) of each term's prior. */
  precision: Float64Array;
  /** e to the minus of each threshold: with e to the effect, a grade's chance takes no further exponential. */
  steps: Float64Array;
  width: number;
  /** The terms of way after way. */
  ways: Int32Array;
  /** What each way has beside its terms: what is known of it before any look. */
  known: Float64Array;
  count: number;
  wayOf: Int32Array;
  testOf: Int32Array;
  grades: Uint8Array;
  weights: Float64Array;
}

/** Looks alike in way, test and grade are one look of more weight. */
function gathered(looks: readonly Observation[]): Observation[] {
  const alike = new Map<string, Observation>();
  for (const look of looks) {
    const key = `${look.way.join()}/${look.test}/${look.grade}`;
    alike.set(key, { ...look, weight: look.weight + (alike.get(key)?.weight ?? 0) });
  }
  return [...alike.values()];
}

/**
 * Lays looks flat. `asked` are ways to be answered for at every step, looked at or not: they come first, in their order.
 * `knownOf` says what a way has beside its terms, on the same scale.
 */
export function flatten(
  model: OrdinalModel,
  all: readonly Observation[],
  asked: readonly (readonly number[])[] = [],
  knownOf: (way: readonly number[]) => number = () => 0,
): FlatLooks {
  const looks = gathered(all);
  const ways = [...asked];
  const known = new Map(ways.map((way, i) => [way.join(), i]));
  const wayOf = looks.map(({ way }) => {
    const key = way.join();
    if (!known.has(key)) known.set(key, ways.push(way) - 1);
    return known.get(key)!;
  });
  const width = Math.max(1, ...ways.map((way) => way.length));
  const flat = new Int32Array(ways.length * width).fill(model.termSd.length);
  ways.forEach((way, i) => way.forEach((term, j) => (flat[i * width + j] = term)));
  return {
    precision: Float64Array.from(model.termSd, (sd) => 1 / (2 * sd * sd)),
    steps: Float64Array.from(model.thresholds, (t) => Math.exp(-t)),
    width,
    ways: flat,
    known: Float64Array.from(ways, knownOf),
    count: ways.length,
    wayOf: Int32Array.from(wayOf),
    testOf: Int32Array.from(looks, (l) => l.test),
    grades: Uint8Array.from(looks, (l) => l.grade),
    weights: Float64Array.from(looks, (l) => l.weight),
  };
}

/** e to the effect of every way, at these effects, into `effects`. */
function effectsOfWays({ ways, known, width, count }: FlatLooks, at: Float64Array, effects: Float64Array): void {
  for (let i = 0, slot = 0; i < count; i++) {
    let eta = known[i]!;
    for (const end = slot + width; slot < end; slot++) eta += at[ways[slot]!]!;
    effects[i] = Math.exp(eta);
  }
}

/** The logarithm of the posterior at these effects; leaves e to the effect of every way in `effects`. */
export function logPosterior(
  looks: FlatLooks,
  at: Float64Array,
  effects: Float64Array = new Float64Array(looks.count),
): number {
  const { precision, steps, wayOf, testOf, grades, weights } = looks;
  effectsOfWays(looks, at, effects);
  let log = 0;
  let product = 1;
  for (let i = 0; i < precision.length; i++) log -= at[i]! * at[i]! * precision[i]!;
  let test = -1;
  let effectOfTest = 1;
  for (let i = 0; i < grades.length; i++) {
    if (testOf[i] !== test) {
      test = testOf[i]!;
      effectOfTest = Math.exp(at[test]!);
    }
    const effect = effects[wayOf[i]!]! * effectOfTest;
    const grade = grades[i]!;
    const upper = grade < steps.length ? 1 / (1 + effect * steps[grade]!) : 1;
    const lower = grade > 0 ? 1 / (1 + effect * steps[grade - 1]!) : 0;
    const chance = Math.max(TINY, upper - lower);
    // A logarithm is dear: looks of weight one are multiplied up, and one is taken for many.
    if (weights[i] === 1) {
      product *= chance;
      if (product < NEARLY_NOTHING) {
        log += Math.log(product);
        product = 1;
      }
    } else log += weights[i]! * Math.log(chance);
  }
  return log + Math.log(product);
}

/** The gradient of the log posterior, and minus its second derivatives. */
function slopes(looks: FlatLooks, at: Float64Array): { gradient: number[]; curvature: Matrix } {
  const { precision, steps, width, ways, wayOf, testOf, grades, weights } = looks;
  const effects = new Float64Array(looks.count);
  effectsOfWays(looks, at, effects);
  const gradient = Array.from(precision, (p, i) => -2 * p * at[i]!);
  const curvature = Matrix.diag(Array.from(precision, (p) => 2 * p));
  for (let i = 0; i < grades.length; i++) {
    const effect = effects[wayOf[i]!]! * Math.exp(at[testOf[i]!]!);
    const grade = grades[i]!;
    const upper = grade < steps.length ? 1 / (1 + effect * steps[grade]!) : 1;
    const lower = grade > 0 ? 1 / (1 + effect * steps[grade - 1]!) : 0;
    // (log(U − L))′ is (−u + l)/(U − L), which for the logistic comes to U + L − 1; its own slope is −(u + l).
    const first = upper + lower - 1;
    const second = -(upper * (1 - upper) + lower * (1 - lower));
    const way = wayOf[i]! * width;
    const own = [...ways.subarray(way, way + width), testOf[i]!].filter((term) => term < gradient.length);
    for (const a of own) {
      gradient[a]! += weights[i]! * first;
      for (const b of own) curvature.set(a, b, curvature.get(a, b) - weights[i]! * second);
    }
  }
  return { gradient, curvature };
}

/**
 * Finds the mode of the posterior by Newton's method, each step halved until it climbs. A proportional-odds posterior
 * is log-concave, so there is one mode. Source: McCullagh, regression models for ordinal data.
 */
export function fitOrdinal(looks: FlatLooks): OrdinalFit {
  const size = looks.precision.length;
  let mode = new Float64Array(size + 1);
  let height = logPosterior(looks, mode);
  for (let step = 0; step < MOST_STEPS; step++) {
    const { gradient, curvature } = slopes(looks, mode);
    const move = new CholeskyDecomposition(curvature).solve(Matrix.columnVector(gradient)).to1DArray();
    let moved = mode;
    let then = -Infinity;
    let reach = 1;
    for (let half = 0; half < HALVINGS && !(then > height); half++, reach /= 2) {
      moved = mode.map((x, i) => x + reach * (move[i] ?? 0));
      then = logPosterior(looks, moved);
    }
    if (!(then > height)) break;
    const gained = then - height;
    mode = moved;
    height = then;
    if (gained < CLOSE_ENOUGH) break;
  }
  const lower = new CholeskyDecomposition(slopes(looks, mode).curvature).lowerTriangularMatrix;
  return { mode, factor: Float64Array.from(lower.transpose().to1DArray()), size };
}

/** Where a walk stands: the effects of the terms, and e to the effect of every way. Written over by later steps. */
export interface Stand {
  at: Float64Array;
  effects: Float64Array;
}

/** How far each step of the walk reaches, 0 to 1: near 1 it forgets the last step, near 0 it hardly moves. */
const STEP = 0.85;

/**
 * Walks through the posterior, each call a step. A step is drawn from the normal that touches the posterior, leaning
 * on the last one, and taken as often as the true posterior asks for: where the walk stands are draws from it,
 * whatever its shape. `normalDraw` gives standard normal numbers, `uniformDraw` numbers from 0 to 1.
 * Source: preconditioned Crank–Nicolson proposals (Cotter, Roberts, Stuart and White), with the Laplace normal as reference.
 */
export function walker(
  looks: FlatLooks,
  fit: OrdinalFit,
  normalDraw: () => number,
  uniformDraw: () => number,
): () => Stand {
  const n = fit.size;
  const keep = Math.sqrt(1 - STEP * STEP);
  const standing = () => ({ at: Float64Array.from(fit.mode), effects: new Float64Array(looks.count) });
  // How far from the mode, in steps of the normal; and where the next step is tried: what is not taken is written over.
  let z = new Float64Array(n);
  let tried = new Float64Array(n);
  let here: Stand = standing();
  let there: Stand = standing();
  let gap = logPosterior(looks, here.at, here.effects);
  return () => {
    let half = 0;
    for (let i = 0; i < n; i++) {
      const x = keep * z[i]! + STEP * normalDraw();
      tried[i] = x;
      half += (x * x) / 2;
    }
    unfold(fit, tried, there.at);
    const then = logPosterior(looks, there.at, there.effects) + half;
    if (Math.log(uniformDraw()) < then - gap) {
      [z, tried] = [tried, z];
      [here, there] = [there, here];
      gap = then;
    }
    return here;
  };
}

/** mode + L⁻ᵀ z, solved from the last to the first, into `at`. */
function unfold({ factor, mode, size }: OrdinalFit, z: Float64Array, at: Float64Array): void {
  for (let i = size - 1; i >= 0; i--) {
    let rest = z[i]!;
    const row = i * size;
    for (let j = i + 1; j < size; j++) rest -= factor[row + j]! * at[j]!;
    at[i] = rest / factor[row + i]!;
  }
  for (let i = 0; i < size; i++) at[i]! += mode[i]!;
}
