import { CholeskyDecomposition, Matrix } from 'ml-matrix';

/** One graded look: which terms it carries, its grade 0 … K, and how much it counts. */
export interface Observation {
  terms: readonly number[];
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

const logistic = (x: number) => 1 / (1 + Math.exp(-x));
const TINY = 1e-12;
const MOST_STEPS = 60;
const HALVINGS = 30;
const CLOSE_ENOUGH = 1e-9;

/** The chance of a grade above a threshold, at effect `eta`. */
export const aboveThreshold = (eta: number, threshold: number) => logistic(eta - threshold);

/** Looks laid flat for the thousands of times they are asked: as many terms for each, padded with a slot that is 0. */
export interface FlatLooks {
  width: number;
  terms: Int32Array;
  grades: Uint8Array;
  weights: Float64Array;
}

/** Looks alike in terms and grade are one look of more weight. */
function gathered(looks: readonly Observation[]): Observation[] {
  const alike = new Map<string, Observation>();
  for (const look of looks) {
    const key = `${look.terms.join()}/${look.grade}`;
    alike.set(key, { ...look, weight: look.weight + (alike.get(key)?.weight ?? 0) });
  }
  return [...alike.values()];
}

/** Lays looks flat. The padding slot is the one after the last effect: parameters hold 0 there. */
export function flatten(model: OrdinalModel, all: readonly Observation[]): FlatLooks {
  const looks = gathered(all);
  const width = Math.max(1, ...looks.map((l) => l.terms.length));
  const terms = new Int32Array(looks.length * width).fill(model.termSd.length);
  looks.forEach((look, i) => look.terms.forEach((term, j) => (terms[i * width + j] = term)));
  return {
    width,
    terms,
    grades: Uint8Array.from(looks, (l) => l.grade),
    weights: Float64Array.from(looks, (l) => l.weight),
  };
}

/** The sum of the effects that look `i` carries. */
function effectOn(looks: FlatLooks, i: number, at: Float64Array): number {
  let eta = 0;
  for (let j = i * looks.width; j < (i + 1) * looks.width; j++) eta += at[looks.terms[j]!]!;
  return eta;
}

/** The logarithm of the posterior at these effects. */
export function logPosterior(model: OrdinalModel, looks: FlatLooks, at: Float64Array): number {
  const { termSd, thresholds } = model;
  let log = 0;
  for (let i = 0; i < termSd.length; i++) log -= (at[i]! / termSd[i]!) ** 2 / 2;
  for (let i = 0; i < looks.grades.length; i++) {
    const eta = effectOn(looks, i, at);
    const grade = looks.grades[i]!;
    const upper = grade < thresholds.length ? logistic(thresholds[grade]! - eta) : 1;
    const lower = grade > 0 ? logistic(thresholds[grade - 1]! - eta) : 0;
    log += looks.weights[i]! * Math.log(Math.max(TINY, upper - lower));
  }
  return log;
}

/** First and second derivative in `eta` of the logarithm of one grade's chance. */
function slopeOf(model: OrdinalModel, grade: number, eta: number): { first: number; second: number } {
  const { thresholds } = model;
  const fu = grade < thresholds.length ? logistic(thresholds[grade]! - eta) : 1;
  const fl = grade > 0 ? logistic(thresholds[grade - 1]! - eta) : 0;
  // (log(Fu − Fl))′ = −(fu − fl)/(Fu − Fl), which for the logistic comes to Fu + Fl − 1; its own slope is −(fu + fl).
  return { first: fu + fl - 1, second: -(fu * (1 - fu) + fl * (1 - fl)) };
}

function slopes(model: OrdinalModel, looks: FlatLooks, at: Float64Array): { gradient: number[]; curvature: Matrix } {
  const gradient = model.termSd.map((sd, i) => -at[i]! / sd ** 2);
  const curvature = Matrix.diag(model.termSd.map((sd) => 1 / sd ** 2));
  for (let i = 0; i < looks.grades.length; i++) {
    const { first, second } = slopeOf(model, looks.grades[i]!, effectOn(looks, i, at));
    const weight = looks.weights[i]!;
    const own = [...looks.terms.subarray(i * looks.width, (i + 1) * looks.width)].filter((t) => t < gradient.length);
    for (const a of own) {
      gradient[a]! += weight * first;
      for (const b of own) curvature.set(a, b, curvature.get(a, b) - weight * second);
    }
  }
  return { gradient, curvature };
}

/**
 * Finds the mode of the posterior by Newton's method, each step halved until it climbs. A proportional-odds posterior
 * is log-concave, so there is one mode. Source: McCullagh, regression models for ordinal data.
 */
export function fitOrdinal(model: OrdinalModel, looks: FlatLooks): OrdinalFit {
  const size = model.termSd.length;
  let mode = new Float64Array(size + 1);
  let height = logPosterior(model, looks, mode);
  for (let step = 0; step < MOST_STEPS; step++) {
    const { gradient, curvature } = slopes(model, looks, mode);
    const move = new CholeskyDecomposition(curvature).solve(Matrix.columnVector(gradient)).to1DArray();
    let moved = mode;
    let then = -Infinity;
    let reach = 1;
    for (let half = 0; half < HALVINGS && !(then > height); half++, reach /= 2) {
      moved = mode.map((x, i) => x + reach * (move[i] ?? 0));
      then = logPosterior(model, looks, moved);
    }
    if (!(then > height)) break;
    const gained = then - height;
    mode = moved;
    height = then;
    if (gained < CLOSE_ENOUGH) break;
  }
  const lower = new CholeskyDecomposition(slopes(model, looks, mode).curvature).lowerTriangularMatrix;
  return { mode, factor: Float64Array.from(lower.transpose().to1DArray()), size };
}

/** How far each step of the walk reaches, 0 to 1: near 1 it forgets the last step, near 0 it hardly moves. */
const STEP = 0.85;

/**
 * Walks through the posterior: each step is drawn from the normal that touches it, leaning on the last one, and taken
 * as often as the true posterior asks for. The walk's states are draws from the posterior, whatever its shape.
 * `normalDraw` gives standard normal numbers, `uniformDraw` numbers from 0 to 1.
 * Source: preconditioned Crank–Nicolson proposals (Cotter, Roberts, Stuart and White), with the Laplace normal as reference.
 */
export function walker(
  model: OrdinalModel,
  looks: FlatLooks,
  fit: OrdinalFit,
  normalDraw: () => number,
  uniformDraw: () => number,
): () => Float64Array {
  const n = fit.size;
  const keep = Math.sqrt(1 - STEP * STEP);
  // Where the walk stands, in steps of the normal around the mode.
  let z = new Float64Array(n);
  let at = fit.mode;
  let gap = logPosterior(model, looks, at);
  return () => {
    const tried = new Float64Array(n);
    let half = 0;
    for (let i = 0; i < n; i++) {
      tried[i] = keep * z[i]! + STEP * normalDraw();
      half += tried[i]! ** 2 / 2;
    }
    const there = unfolded(fit, tried);
    const then = logPosterior(model, looks, there) + half;
    if (Math.log(uniformDraw()) < then - gap) {
      z = tried;
      at = there;
      gap = then;
    }
    return at;
  };
}

/** mode + L⁻ᵀ z, solved from the last to the first. */
function unfolded({ factor, mode, size }: OrdinalFit, z: Float64Array): Float64Array {
  const at = new Float64Array(size + 1);
  for (let i = size - 1; i >= 0; i--) {
    let rest = z[i]!;
    const row = i * size;
    for (let j = i + 1; j < size; j++) rest -= factor[row + j]! * at[j]!;
    at[i] = rest / factor[row + i]!;
  }
  for (let i = 0; i < size; i++) at[i]! += mode[i]!;
  return at;
}
