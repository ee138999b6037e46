import { FINISHES, type Finish } from '../vocabulary/index.ts';

/** Odds over every finish; sums to 1. */
export type FinishProbabilities = Record<Finish, number>;

/** One finish with its probability, 0 to 1. */
export interface FinishChance {
  code: Finish;
  probability: number;
}

/** One number for each finish, in the order of FINISHES: what the arithmetic runs on. */
export type Vector = readonly number[];

/** Where a finish stands in a vector. */
export const INDEX = Object.fromEntries(FINISHES.map((finish, i) => [finish, i])) as Record<Finish, number>;

/** A vector read finish by finish. */
export const vector = (f: (finish: Finish, i: number) => number): number[] => FINISHES.map(f);

/** Says nothing either way. */
export const ONES: Vector = FINISHES.map(() => 1);

export const asOdds = (v: Vector): FinishProbabilities =>
  Object.fromEntries(FINISHES.map((finish, i) => [finish, v[i]!])) as FinishProbabilities;

export const asVector = (odds: FinishProbabilities): number[] => vector((finish) => odds[finish]);

export function times(a: Vector, b: Vector): number[] {
  const product = new Array<number>(a.length);
  for (let i = 0; i < a.length; i++) product[i] = a[i]! * b[i]!;
  return product;
}

/** The sum of a times b: the chance of evidence `b` under odds `a`. */
export function dot(a: Vector, b: Vector): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!;
  return sum;
}

export function normal(v: Vector): number[] {
  let total = 0;
  for (let i = 0; i < v.length; i++) total += v[i]!;
  const shares = new Array<number>(v.length);
  for (let i = 0; i < v.length; i++) shares[i] = v[i]! / total;
  return shares;
}

const temperedOf = new WeakMap<Vector, Map<number, Vector>>();
/** A likelihood that counts in part: to the power of its weight. The columns of tables are asked for again and again. */
export function tempered(v: Vector, weight: number): Vector {
  if (weight === 1) return v;
  let known = temperedOf.get(v);
  if (!known) temperedOf.set(v, (known = new Map<number, Vector>()));
  let part = known.get(weight);
  if (!part) known.set(weight, (part = v.map((x) => x ** weight)));
  return part;
}

/** The place of the largest. */
export function topOf(v: Vector): number {
  let top = 0;
  for (let i = 1; i < v.length; i++) if (v[i]! > v[top]!) top = i;
  return top;
}

/** Odds of which none stands above the ceiling; what is taken off goes to the others in their proportion. */
export function capped(v: Vector, ceiling: number): Vector {
  const top = topOf(v);
  if (v[top]! <= ceiling) return v;
  const rest = 1 - v[top]!;
  const even = (1 - ceiling) / (v.length - 1);
  return v.map((x, i) => (i === top ? ceiling : rest > 1e-9 ? (x / rest) * (1 - ceiling) : even));
}

/** Most likely first, rounded to four places, summing to 1. */
export function rankedFinishes(odds: FinishProbabilities): FinishChance[] {
  const ranked = FINISHES.map((code) => ({ code, probability: Math.round(odds[code] * 1e4) / 1e4 }))
    .filter((chance) => chance.probability >= 0.001)
    .sort((a, b) => b.probability - a.probability);
  const missing = 1 - ranked.reduce((total, chance) => total + chance.probability, 0);
  // What was too small to list goes to the second, so that the first is never rounded up past its ceiling.
  const taker = ranked[1] ?? ranked[0]!;
  taker.probability = Math.round((taker.probability + missing) * 1e4) / 1e4;
  return ranked.sort((a, b) => b.probability - a.probability);
}
