import { HOUSE_RULES } from '../vocabulary/index.ts';
import type { PlanInput } from '../model/planInput.ts';
import type { Holdbacks } from './bench.ts';
import { construct, type Order } from './construct.ts';
import { optimise, type FoundPlan } from './optimise.ts';
import { planFound, stepsByName, type FeasiblePlan } from './plan.ts';
import { minuteOf, nameOf, readProblem } from './problem.ts';
import { measure, type Measures } from './score.ts';
import { Timetable } from './timetable.ts';

/** What a plan comes to beside its end and its visits. */
export interface ComesTo {
  /** Nights that rooms are out of use, summed over the rooms. */
  nights: number;
  /** Paid minutes between the steps of somebody's day at which there is nothing to do. */
  idleMin: number;
}

/** One plan of those that can be had, where none is better in everything. */
export interface TradedPlan extends ComesTo {
  plan: FeasiblePlan;
}

/** What is traded, and by how much two plans must differ in it for anybody to choose between them. */
const TRADED: readonly (readonly [keyof Measures, number])[] = [
  ['finish', 60],
  ['visits', 1],
  ['nights', 1],
];
/** So many stand side by side. */
const SIDE_BY_SIDE = 5;

/** A plan as it is remembered: what it takes to build it again, and what it comes to. */
interface Remembered {
  order: Order;
  held: Holdbacks;
  measures: Measures;
}

/** The plans that no other is as good as in everything. */
class Front {
  private readonly on: Remembered[] = [];

  readonly see = ({ order, held, measures }: FoundPlan): void => {
    if (this.on.some((r) => isAsGood(r.measures, measures))) return;
    for (let i = this.on.length - 1; i >= 0; i--) if (isAsGood(measures, this.on[i]!.measures)) this.on.splice(i, 1);
    const copy = { tasks: held.tasks.slice(), zones: held.zones.slice(), why: [...held.why] };
    this.on.push({ order, held: copy, measures });
  };

  /** The soonest, what is the best in each measure, and of the others those that are the most unlike them. */
  chosen(): Remembered[] {
    const sorted = [...this.on].sort((a, b) => a.measures.finish - b.measures.finish);
    const out = new Set<Remembered>();
    for (const [by] of TRADED) {
      const best = sorted.reduce((a, b) => (b.measures[by] < a.measures[by] ? b : a), sorted[0]!);
      out.add(best);
    }
    for (const one of sorted)
      if (out.size < SIDE_BY_SIDE && [...out].every((o) => isUnlike(o.measures, one.measures))) out.add(one);
    return sorted.filter((r) => out.has(r));
  }
}

/** Whether the first is at least as good in everything, as far as anybody would choose by it. */
const isAsGood = (a: Measures, b: Measures) =>
  TRADED.every(([by, step]) => a[by] < b[by] + step) &&
  (TRADED.some(([by, step]) => a[by] <= b[by] - step) ||
    a.finish < b.finish ||
    (a.finish === b.finish && a.idle <= b.idle));

const isUnlike = (a: Measures, b: Measures) =>
  TRADED.filter(([by, step]) => Math.abs(a[by] - b[by]) >= step).length > 1;

/**
 * Plans between which a firm can choose: an earlier end, fewer visits, rooms back sooner. None of them is as good as
 * another in everything; the soonest first. None where no plan stands. `tries` for each of the goals that lead there.
 */
export function planFront(input: PlanInput, { tries }: { tries?: number } = {}): TradedPlan[] {
  const front = new Front();
  let bound = -Infinity;
  for (const goal of HOUSE_RULES.planGoal) {
    const found = optimise(readProblem({ ...input, goal }), { onBuilt: front.see, ...(tries ? { tries } : {}) });
    if (!found.best) return [];
    bound = Math.max(bound, found.bound);
  }
  const problem = readProblem(input);
  const begun = Timetable.begin(problem);
  return front.chosen().map(({ order, held }) => {
    const bench = { table: begun.copy(), held };
    if (construct(begun, order, { left: Infinity }, bench)) throw new Error('A plan that stood does not stand again.');
    const measures = measure(bench.table);
    const plan = planFound(problem, begun, { ...bench, order, measures }, bound);
    return { plan, nights: measures.nights, idleMin: measures.idle };
  });
}

/** What a plan of an input comes to, wherever the plan is from. */
export function comesTo(input: PlanInput, plan: FeasiblePlan): ComesTo {
  const problem = readProblem(input);
  const table = Timetable.begin(problem);
  const steps = stepsByName(plan.steps);
  for (const task of problem.tasks) {
    const step = task.done ? undefined : steps.get(nameOf(task));
    if (!step) continue;
    const crew = problem.crew.filter((p) => step.crew.includes(p.id));
    table.put(task, { start: minuteOf(step.start), end: minuteOf(step.end), crew });
  }
  const { nights, idle } = measure(table);
  return { nights, idleMin: idle };
}
