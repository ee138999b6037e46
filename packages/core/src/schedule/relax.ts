import { readBy } from '../model/fault.ts';
import { planSchema, type PlanInput } from '../model/planInput.ts';
import { breachOf } from './breach.ts';
import { narrowest, standsIn, whereIn, type Stands } from './conflict.ts';
import type { Obstacle } from './construct.ts';
import { DEMANDS, type Demand, type Where } from './knowledge/demands.ts';
import { optimise, type SearchOptions } from './optimise.ts';
import { planRead, type FeasiblePlan, type Plan } from './plan.ts';
import { nameOf, readProblem, type Problem } from './problem.ts';

/** A demand that a plan breaks: the step it was found at, and by how much, in the rule's own unit: minutes, nights, places, people. */
export interface Broken {
  rule: string;
  step: string;
  text: string;
  by: number;
}

/** A plan that breaks as few demands as it can, where not all can be met. */
export type RelaxedPlan = Omit<FeasiblePlan, 'status'> & { status: 'relaxed'; broken: Broken[] };

/** What is given up first: wishes of a room before the order of the work, that before people and their hours, and the air last. */
const GIVEN_UP: readonly string[] = [
  'back-by',
  'nights-out',
  'same-day',
  'other-trade',
  'order',
  'dust',
  'rack',
  'recoat-closes',
  'fumes',
  'hours',
  'crew',
  'air',
];
const inTurn = [...DEMANDS].sort((a, b) => GIVEN_UP.indexOf(a.rule) - GIVEN_UP.indexOf(b.rule));
/** More demands than this are not given up one after another. */
const MOST_ROUNDS = 60;

/** A demand that was eased, where, and by how many of its steps; `null` where it was given up whole. */
interface Eased {
  demand: Demand;
  where: Where;
  step: string;
  n: number | null;
}

const withoutAll = (input: PlanInput, demands: readonly Demand[], where: Where) =>
  demands.reduce((left, d) => d.without(left, where), input);

/** Eases demands corner by corner, as few and as little as lets each corner stand, until there is a plan. */
function easedUntilItStands(
  input: PlanInput,
  spared: ReadonlySet<string>,
): { input: PlanInput; eased: readonly Eased[] } | null {
  const eased: Eased[] = [];
  let left = input;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const problem = readProblem(left);
    const { best, obstacle } = optimise(problem, { first: true });
    if (best) return { input: left, eased };
    const found = easeCorner(left, problem, obstacle!, spared);
    if (found.length === 0) return null;
    for (const { demand, where, n } of found)
      left = n === null ? demand.without(left, where) : demand.eased(left, where, n)!.input;
    eased.push(...found);
  }
  return null;
}

/** What lets the corner of an obstacle stand: one demand where one is enough, or the fewest that do it together. */
function easeCorner(
  input: PlanInput,
  problem: Problem,
  obstacle: Obstacle,
  spared: ReadonlySet<string>,
): readonly Eased[] {
  const where = whereIn(input, obstacle);
  const stands = standsIn(problem);
  const step = nameOf(obstacle.task);
  const corner = narrowest(input, where, stands);
  const asked = inTurn.filter((d) => !spared.has(d.rule) && d.says(corner, where) !== null);
  const alone = asked.find((d) => stands(d.without(corner, where)));
  const given = alone ? [alone] : fewest(asked, corner, where, stands);
  return given.map((demand) => {
    const others = withoutAll(
      corner,
      given.filter((d) => d !== demand),
      where,
    );
    return { demand, where, step, n: leastEase(demand, others, where, stands) };
  });
}

/** Of the demands that let a corner stand together, those that cannot be kept: what is dearest is kept first. None where all together do not help. */
function fewest(asked: readonly Demand[], corner: PlanInput, where: Where, stands: Stands): readonly Demand[] {
  if (!stands(withoutAll(corner, asked, where))) return [];
  return asked.reduceRight<readonly Demand[]>((given, demand) => {
    const fewer = given.filter((d) => d !== demand);
    return stands(withoutAll(corner, fewer, where)) ? fewer : given;
  }, asked);
}

/** The least step of easing that lets a corner stand; null where only giving it up does. */
function leastEase(demand: Demand, corner: PlanInput, where: Where, stands: Stands): number | null {
  for (let n = 1; ; n++) {
    const eased = demand.eased(corner, where, n);
    if (!eased) return null;
    if (stands(eased.input)) return n;
  }
}

/** A demand of one room that was eased more than once, as one. */
function asOne(eased: readonly Eased[]): readonly Eased[] {
  const byRoom = new Map<string, Eased>();
  for (const one of eased) {
    const key = `${one.demand.rule} ${one.where.zone ?? one.where.surface}`;
    const before = byRoom.get(key);
    const n = before?.n == null || one.n === null ? null : before.n + one.n;
    byRoom.set(key, before ? { ...before, n } : one);
  }
  return [...byRoom.values()];
}

/** The nearest plan that breaks none of the spared demands; null where there is none. */
function nearestSparing(input: PlanInput, spared: ReadonlySet<string>, options: SearchOptions): RelaxedPlan | null {
  const found = easedUntilItStands(input, spared);
  const plan = found && planRead(found.input, options);
  if (plan?.status !== 'feasible') return null;
  const broken = asOne(found!.eased).map(({ demand, where, step, n }): Broken => {
    const { by, words } = breachOf(demand.rule, { asked: input, where, plan, n: n ?? 1 });
    const said = demand.says(input, where);
    return { rule: demand.rule, step, text: said ? `${said} ${words}` : words, by };
  });
  // What another's easing made room for is not broken after all.
  const really = broken.filter((b) => b.by > 0);
  return { ...plan, status: 'relaxed', broken: really.length ? really : broken };
}

/**
 * The nearest plans to one that cannot stand, the least that is given up first: each spares the demand that the ones
 * before it gave up first.
 */
export function nearestPlans(input: PlanInput, most: number, options: SearchOptions = {}): RelaxedPlan[] {
  const plans: RelaxedPlan[] = [];
  const spared = new Set<string>();
  while (plans.length < most) {
    const plan = nearestSparing(input, spared, options);
    if (!plan) break;
    plans.push(plan);
    spared.add(plan.broken[0]!.rule);
  }
  return plans;
}

/** Plans an input that has been read; where it asks for it, a demand that cannot be met is broken instead of all of the plan. */
export function planNearest(input: PlanInput, options: SearchOptions = {}): Plan | RelaxedPlan {
  const strict = planRead(input, options);
  if (strict.status === 'feasible' || !input.relaxed) return strict;
  return nearestPlans(input, 1, options)[0] ?? strict;
}

/** The same for any JSON value. Throws `UnusableInput` with every fault. */
export const planOrNearest = (input: unknown, options: SearchOptions = {}): Plan | RelaxedPlan =>
  planNearest(readBy(planSchema, input), options);
