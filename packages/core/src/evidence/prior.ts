import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { groundOf } from './facts.ts';
import { BASE_ROWS, FACTOR_ROWS, type FactorRow } from './knowledge/priors.ts';
import { asOdds, INDEX, normal, ONES, times, vector, type FinishProbabilities, type Vector } from './odds.ts';
import { stacksGiven } from './given.ts';
import { SEEN_TO_HOLD } from './knowledge/bonds.ts';
import { LETS_GO } from './knowledge/laysOpen.ts';
import { byItsTop, overStacks, SAYS_NOTHING, TOP_OF, topsOf } from './stackSpace.ts';

const FLOOR = 0.05;
const RECORD_STANDS = 0.85;

/** The rows that hold. What a test looked at properly is not counted again as a flag. */
export const factorsOf = (surface: SurfaceFacts, tests: readonly TestRecord[]): FactorRow[] =>
  FACTOR_ROWS.filter((row) => row.when(surface) && !(row.overruledBy && tests.some(row.overruledBy)));

const isOfTheHouse = (row: FactorRow) => row.id.startsWith('built-');
const product = (rows: readonly FactorRow[], start: Vector): Vector =>
  rows.reduce<Vector>((v, row) => v.map((x, i) => x * (FACTOR_OF.get(row)![i] ?? 1)), start);
const FACTOR_OF = new Map(FACTOR_ROWS.map((row) => [row, vector((finish) => row.factors[finish] ?? 1)]));

const BASE_OF = new Map(BASE_ROWS.map((row) => [row, vector((finish) => row.weights[finish] ?? FLOOR)]));

/** What a surface of this kind carries in a house of this age, before anybody looks at it. */
export function housePrior(surface: SurfaceFacts): Vector {
  const ground = groundOf(surface.substrate);
  const base = BASE_ROWS.find((row) => row.ground === ground && row.when(surface))!;
  const age = FACTOR_ROWS.filter((row) => isOfTheHouse(row) && row.when(surface));
  return normal(product(age, BASE_OF.get(base)!));
}

/** What the look of this one surface, and the firm's own record of it, say: a likelihood. */
export function lookLikelihood(surface: SurfaceFacts, prior: Vector, tests: readonly TestRecord[]): Vector {
  const seen = product(
    factorsOf(surface, tests).filter((row) => !isOfTheHouse(row)),
    ONES,
  );
  const stated = surface.currentFinish;
  if (!stated) return seen;
  // The record stands for most of the odds, whatever the look: it becomes the factor that brings them there.
  const table = normal(times(prior, seen));
  return seen.map((x, i) => {
    const share = (i === INDEX[stated] ? RECORD_STANDS : 0) + (1 - RECORD_STANDS) * table[i]!;
    return (x * share) / table[i]!;
  });
}

/** The odds before any test: ground, age, look, and what the firm's own record says. */
export function priorVector(surface: SurfaceFacts, tests: readonly TestRecord[]): number[] {
  const prior = housePrior(surface);
  return normal(times(prior, lookLikelihood(surface, prior, tests)));
}

/** Odds over finishes as odds over stacks: under each top what mostly lies under it on such a surface. */
export const asStacks = (surface: SurfaceFacts, finishes: Vector): number[] =>
  times(byItsTop(finishes), stacksGiven(surface));

/** The odds before any test, by finish. */
export function priorOdds(surface: SurfaceFacts): FinishProbabilities {
  return asOdds(priorVector(surface, []));
}

const HOLDS = overStacks(({ bond }) => SEEN_TO_HOLD[bond]);

const held = new WeakMap<Vector, Vector>();

/**
 * What it says of the bonds that nobody saw the film let go: a likelihood. Of which film it is it says nothing more
 * than the look has said: under each top the shares are weighed against one another alone.
 */
export function seenToHold(surface: SurfaceFacts): Vector {
  if (surface.conditions.some((c) => LETS_GO.includes(c))) return SAYS_NOTHING;
  const given = stacksGiven(surface);
  let seen = held.get(given);
  if (!seen) {
    const means = topsOf(times(given, HOLDS));
    held.set(given, (seen = HOLDS.map((x, i) => x / means[TOP_OF[i]!]!)));
  }
  return seen;
}
