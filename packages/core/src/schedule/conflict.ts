import type { PlanInput } from '../model/planInput.ts';
import type { Obstacle } from './construct.ts';
import { DEMANDS, type Demand, type Where } from './knowledge/demands.ts';
import { optimise } from './optimise.ts';
import { nameOf, readProblem, stepsIn, type Problem } from './problem.ts';
import { reasonOf, type Reason } from './waits.ts';

/** One look at whether a demand can be met costs so many tries of a start. */
const triesOf = (input: PlanInput) => 500 + 15 * stepsIn(input);

export type Stands = (input: PlanInput) => boolean;

/** Where in a job a step lies. */
export const whereIn = (input: PlanInput, { task }: Obstacle): Where => ({
  surface: task.surface,
  zone: task.zone?.id ?? null,
  site: input.surfaces.find((s) => s.id === task.surface)!.site ?? null,
});

/** Whether there is any plan at all. */
export const standsIn =
  (problem: Problem): Stands =>
  (eased) =>
    optimise(readProblem(eased, problem.calendar), { tries: triesOf(eased), first: true }).best !== null;

/**
 * The smallest set of demands that cannot stand together, found by giving them up one after another: what is given up
 * and changes nothing was never part of it. Each says what would release it. The first names the step that found no place.
 */
export function conflictIn(input: PlanInput, problem: Problem, obstacle: Obstacle): Reason[] {
  const first = reasonOf(problem, obstacle);
  if (obstacle.rule === 'people' || obstacle.rule === 'skill') return [first];
  const { task } = obstacle;
  const where = whereIn(input, obstacle);
  const stands = standsIn(problem);
  const narrow = narrowest(input, where, stands);
  const asked = DEMANDS.filter((d) => d.says(narrow, where) !== null);
  let left = asked.reduce((plan, d) => d.without(plan, where), narrow);
  // Not one of the demands that could be given up: it lies in the step itself.
  if (!stands(left)) return [first];
  left = narrow;
  const needed = asked.filter((demand) => {
    const without = demand.without(left, where);
    if (stands(without)) return true;
    left = without;
    return false;
  });
  const own = needed.filter((d) => d.rule === first.rule);
  const others = needed.filter((d) => d.rule !== first.rule);
  const release = [...own, ...others]
    .map((demand) => releaseOf(demand, { narrow, whole: input }, where, stands))
    .filter((words) => words !== null);
  const released = release.length
    ? ` ${release.length > 1 ? 'Any one of these would release it: ' : ''}${release.join(' ')}`
    : '';
  const said = others.map((d): Reason => ({ rule: d.rule, step: nameOf(task), text: d.says(narrow, where)! }));
  // What the step ran into last need not be what stands in its way.
  const all = own.length || !said.length ? [first, ...said] : said;
  return all.map((reason, i) => (i === 0 ? { ...reason, text: reason.text + released } : reason));
}

/** Is the surface enough to show it, or its room? The less that is looked at, the plainer the answer. */
export function narrowest(input: PlanInput, where: Where, stands: Stands): PlanInput {
  const only = (keep: (s: PlanInput['surfaces'][number]) => boolean): PlanInput => {
    const surfaces = input.surfaces.filter(keep);
    const kept = new Set(surfaces.map((s) => s.id));
    const known = (name: string) => kept.has(name.split('/')[0]!);
    return {
      ...input,
      surfaces: surfaces.map((s) => ({
        ...s,
        steps: s.steps.map((t) => (t.after ? { ...t, after: t.after.filter(known) } : t)),
      })),
    };
  };
  const surface = only((s) => s.id === where.surface);
  if (!stands(surface)) return surface;
  const room = only((s) => s.zone === where.zone);
  return where.zone && !stands(room) ? room : input;
}

/** How little less of a demand would let everything else stand; null where no step of easing it does. */
function releaseOf(
  demand: Demand,
  of: { narrow: PlanInput; whole: PlanInput },
  where: Where,
  stands: Stands,
): string | null {
  for (let n = 1; ; n++) {
    const eased = demand.eased(of.narrow, where, n);
    if (!eased) return null;
    if (stands(eased.input) && (of.narrow === of.whole || stands(demand.eased(of.whole, where, n)!.input)))
      return eased.words;
  }
}
