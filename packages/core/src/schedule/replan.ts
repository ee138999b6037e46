import type { PlanInput } from '../model/planInput.ts';
import { earliestEnds, lowerBound } from './bound.ts';
import type { Minute } from './calendar.ts';
import { Benches, holdTo, type Bench } from './bench.ts';
import { construct, type Budget, type Order } from './construct.ts';
import { generator, type FoundPlan } from './optimise.ts';
import { planRead, planFound, stepsByName, type FeasiblePlan, type Plan } from './plan.ts';
import { minuteOf, readProblem, type Problem, type Task } from './problem.ts';
import { measure } from './score.ts';
import { Timetable } from './timetable.ts';

/** What was posted of one step: when, and who. */
interface Promise {
  start: Minute;
  hand: number;
}

/** A start that moved less than this is kept: nobody tells a client of it. */
export const SAME_MIN = 15;
/** Starts of what is hit are put behind everything that can stay where it was. */
const BEHIND = 1e7;
const triesFor = (steps: number) => 2500 + 30 * steps;
const MOST_REPAIRS = 20;
const A_CHANGE_OF_HANDS_MIN = 30;

/**
 * Plans anew from now, moving as little as possible of what was posted: what is done is fixed, what can stay stays with
 * its people, what is hit comes as soon after as it can. Ends no later than posted where that can be had. Falls back to
 * a plan from the beginning where the posted order cannot stand at all.
 */
export function replan(input: PlanInput, posted: FeasiblePlan, options: { seed?: number; tries?: number } = {}): Plan {
  const problem = readProblem(input);
  const begun = Timetable.begin(problem);
  const ends = earliestEnds(problem, begun.diaries);
  const kept = new Keeper(problem, begun, promisesOf(problem, posted), minuteOf(posted.finish), ends, options);
  const found = kept.search();
  return found ? planFound(problem, begun, found, lowerBound(problem, ends, begun.diaries)) : planRead(input);
}

function promisesOf(problem: Problem, posted: FeasiblePlan): (Promise | null)[] {
  const steps = stepsByName(posted.steps);
  const people = new Map(problem.crew.map((p) => [p.id, p.index]));
  return problem.tasks.map((task): Promise | null => {
    const step = task.done ? undefined : steps.get(`${task.surface}/${task.id}`);
    if (!step) return null;
    const hand = step.crew.length === 1 ? (people.get(step.crew[0]!) ?? -1) : -1;
    return { start: minuteOf(step.start), hand: task.able.some((p) => p.index === hand) ? hand : -1 };
  });
}

/** A way to keep what was posted: the order, and which steps are held to their posted start. */
interface Keeping {
  order: Order;
  holds: Uint8Array;
}

interface Kept extends Keeping {
  found: FoundPlan;
  cost: number;
}

class Keeper {
  private readonly benches: Benches;
  private readonly budget: Budget;
  private readonly random: () => number;
  private readonly open: readonly Task[];
  private readonly problem: Problem;
  private readonly begun: Timetable;
  private readonly promises: readonly (Promise | null)[];
  private readonly finish: Minute;
  private readonly ends: Float64Array;

  constructor(
    problem: Problem,
    begun: Timetable,
    promises: readonly (Promise | null)[],
    finish: Minute,
    ends: Float64Array,
    options: { seed?: number; tries?: number },
  ) {
    this.problem = problem;
    this.begun = begun;
    this.benches = new Benches(begun);
    this.promises = promises;
    this.finish = finish;
    this.ends = ends;
    this.open = problem.tasks.filter((t) => !t.done);
    this.budget = { left: options.tries ?? triesFor(this.open.length) };
    this.random = generator(options.seed ?? 1);
  }

  search(): FoundPlan | null {
    let best: Kept | null = null;
    for (const keeping of this.beginnings()) {
      const made = this.build(keeping);
      if (made && (!best || made.cost < best.cost)) best = made;
    }
    while (best && best.cost > 0 && this.budget.left > 0) {
      const made = this.build(this.changed(best));
      if (!made) continue;
      const worse: Kept = made.cost <= best.cost ? best : made;
      if (worse === best) best = made;
      this.benches.giveBack(worse.found);
    }
    return best?.found ?? null;
  }

  /** As posted; with what is hit behind all that can stay; the same with any hands. */
  private beginnings(): Keeping[] {
    const startOf = (task: Task) => this.promises[task.index]?.start ?? this.ends[task.index]! - task.minutes;
    const hit = (task: Task) => this.ends[task.index]! - task.minutes >= startOf(task) + SAME_MIN;
    const rank = Float64Array.from(this.problem.tasks, startOf);
    const behind = Float64Array.from(this.problem.tasks, (t) => startOf(t) + (hit(t) ? BEHIND : 0));
    const hand = Int16Array.from(this.promises, (p) => p?.hand ?? -1);
    const any = new Int16Array(hand.length).fill(-1);
    const holds = Uint8Array.from(this.promises, (p) => (p ? 1 : 0));
    const followUp = true;
    return [
      { order: { rank: behind, hand, followUp }, holds },
      { order: { rank, hand, followUp }, holds },
      { order: { rank: behind, hand: any, followUp }, holds },
      { order: { rank, hand: any, followUp }, holds: new Uint8Array(holds.length) },
    ];
  }

  private build({ order, holds }: Keeping): Kept | null {
    const bench = this.benches.take();
    for (const { index } of this.open) {
      if (holds[index]) holdTo(bench.held, index, this.promises[index]!.start, 'posted');
    }
    if (construct(this.begun, order, this.budget, bench, MOST_REPAIRS)) {
      this.benches.giveBack(bench);
      return null;
    }
    const found: FoundPlan = { ...bench, order, measures: measure(bench.table) };
    return { order, holds, found, cost: this.cost(bench, found.measures.finish) };
  }

  /** Minutes: how much later it all ends than posted, first of all; then how far starts moved, and whose they are. */
  private cost({ table }: Bench, finish: Minute): number {
    let moved = 0;
    for (const { index } of this.open) {
      const promise = this.promises[index];
      if (!promise) continue;
      const by = Math.abs(table.start[index]! - promise.start);
      if (by >= SAME_MIN) moved += by;
      if (promise.hand >= 0 && !table.crew[index]!.includes(promise.hand)) moved += A_CHANGE_OF_HANDS_MIN;
    }
    return Math.max(0, finish - this.finish) * 100 + moved;
  }

  /** One thing otherwise: a moved step sooner, or no longer held, or in other hands. */
  private changed({ order, holds, found }: Kept): Keeping {
    const { table } = found;
    const rank = order.rank.slice();
    const hand = order.hand.slice();
    const free = holds.slice();
    const moved = this.open.filter((t) => {
      const promise = this.promises[t.index];
      return !promise || Math.abs(table.start[t.index]! - promise.start) >= SAME_MIN;
    });
    const from = moved.length && this.random() < 0.8 ? moved : this.open;
    const { index, able } = from[Math.floor(this.random() * from.length)]!;
    const dice = this.random();
    if (dice < 0.4) rank[index] = table.start[index]! - this.random() * 1440;
    else if (dice < 0.6) rank[index] = table.start[index]! + this.random() * 600;
    else if (dice < 0.8) free[index] = this.promises[index] && !free[index] ? 1 : 0;
    else
      hand[index] = able.length > 1 && this.random() < 0.7 ? able[Math.floor(this.random() * able.length)]!.index : -1;
    return { order: { rank, hand, followUp: order.followUp }, holds: free };
  }
}
