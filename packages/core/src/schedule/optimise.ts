import { earliestEnds, lowerBound } from './bound.ts';
import { Benches, type Bench } from './bench.ts';
import { construct, type Budget, type Obstacle, type Order } from './construct.ts';
import { everyOrder } from './everyOrder.ts';
import type { Problem, Task } from './problem.ts';
import { isBetter, measure, shortOf, steer, wishesOf, type Measures } from './score.ts';
import { Timetable } from './timetable.ts';

/** A plan that stands, with what it takes to build it again. */
export interface FoundPlan extends Bench {
  order: Order;
  measures: Measures;
}

export interface Optimised {
  begun: Timetable;
  best: FoundPlan | null;
  obstacle: Obstacle | null;
  bound: number;
}

export interface SearchOptions {
  seed?: number;
  /** Tries of a start in all; by the size of the job where not given. */
  tries?: number;
  /** Asked between plans: true ends the search, and what is best so far stands. */
  stop?: () => boolean;
  /** Told of each better plan, and the share of the budget spent. */
  onBetter?: (found: FoundPlan, share: number) => void;
  /** The first plan that stands is enough. */
  first?: boolean;
  /** False to name only the step that finds no place, without looking for the demands that cannot stand together. */
  explain?: boolean;
}

/** Small jobs are searched nearly whole; large ones get some hundred plans. */
const triesFor = (steps: number) => Math.min(330_000, 1000 * steps, 8_000 + 180 * steps);
/** A shaken order that needs much repair is given up sooner than a first one. */
const REPAIRS_WHEN_SHAKEN = 12;
/** Drawn orders to try before a demand counts as impossible. */
const LAST_HOPES = 40;
/** How many plans back a plan is compared with: the longer, the more patient. */
const PATIENCE = 30;
/** Nothing ends before the bound: so many more plans look for fewer visits, then it is enough. */
const STILL_AT_BOUND = 120;
/** So many coats are asked, one by one, whether their longer wait costs anything. */
const MOST_WISHES = 30;

/** A small deterministic generator (mulberry32): the seed decides, nothing else. */
export function generator(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** What lies after each task at the best, in minutes: the longer the tail, the sooner it should start. */
function tails(problem: Problem): Float64Array {
  const tail = new Float64Array(problem.tasks.length);
  for (let k = problem.topological.length - 1; k >= 0; k--) {
    const task = problem.tasks[problem.topological[k]!]!;
    const dry = task.coat?.figures.recoatMin ?? 0;
    let longest = 0;
    for (const f of problem.followers[task.index]!) {
      const own = problem.tasks[f]!.before === task.index;
      longest = Math.max(longest, tail[f]! + (own ? Math.max(task.waitMin, dry) : 0));
    }
    tail[task.index] = task.minutes + longest;
  }
  return tail;
}

/** Starts from several orders, then improves the best until the budget is spent. Anytime: the best so far always stands. */
export function optimise(problem: Problem, options: SearchOptions = {}): Optimised {
  const begun = Timetable.begin(problem);
  const ends = earliestEnds(problem, begun.diaries);
  const bound = lowerBound(problem, ends);
  const search = new Search(problem, begun, options);
  const tail = tails(problem);
  const usual = [
    tail.map((t) => -t),
    Float64Array.from(ends),
    tail.map((t, i) => ends[i]! - 0.5 * t),
    Float64Array.from(problem.tasks, (t) => t.index),
    tail.map((t, i) => ends[i]! - t),
  ];
  for (const rank of usual) {
    search.attempt(anyHand(rank));
    if (search.hopeless || (options.first && search.best)) break;
  }
  if (!search.best && !search.hopeless) search.hope();
  if (search.best && !options.first) {
    if (!options.tries) search.goThrough(everyOrder(problem), bound);
    search.improve(bound);
    search.grantWishes();
  }
  return { begun, best: search.best, obstacle: search.best ? null : search.obstacle, bound };
}

const anyHand = (rank: Float64Array): Order => ({
  rank,
  hand: new Int16Array(rank.length).fill(-1),
  followUp: true,
});

class Search {
  best: FoundPlan | null = null;
  obstacle: Obstacle | null = null;
  /** The plan that the search stands on: not always the best. */
  private now: FoundPlan | null = null;
  private readonly benches: Benches;
  private readonly budget: Budget;
  private readonly tries: number;
  private readonly random: () => number;
  private readonly open: readonly Task[];
  private readonly problem: Problem;
  private readonly begun: Timetable;
  private readonly options: SearchOptions;

  constructor(problem: Problem, begun: Timetable, options: SearchOptions) {
    this.problem = problem;
    this.begun = begun;
    this.options = options;
    this.benches = new Benches(begun);
    this.open = problem.tasks.filter((t) => !t.done);
    this.tries = options.tries ?? triesFor(this.open.length);
    this.budget = { left: this.tries };
    this.random = generator(options.seed ?? 1);
  }

  /** No order can help: a rule forbids a step by itself. */
  get hopeless(): boolean {
    return !this.best && this.obstacle?.proven === true;
  }

  attempt(order: Order, repairs?: number): FoundPlan | null {
    const bench = this.benches.take();
    const refused = construct(this.begun, order, this.budget, bench, repairs);
    if (refused) {
      this.benches.giveBack(bench);
      this.obstacle = this.obstacle && !refused.proven ? this.obstacle : refused;
      return null;
    }
    const found: FoundPlan = { ...bench, order, measures: measure(bench.table) };
    if (!this.best || isBetter(this.problem, found.measures, this.best.measures)) {
      const before = this.best;
      this.best = found;
      this.release(before);
      this.options.onBetter?.(found, 1 - this.budget.left / this.tries);
    }
    return found;
  }

  private release(found: FoundPlan | null): void {
    if (found && found !== this.best && found !== this.now) this.benches.giveBack(found);
  }

  /** Orders drawn at random: the last hope before a demand counts as impossible. */
  hope(): void {
    for (let i = 0; i < LAST_HOPES && !this.best && !this.hopeless && this.budget.left > 0; i++)
      this.attempt(anyHand(Float64Array.from(this.problem.tasks, () => this.random())));
  }

  /** Small jobs: every order once, as long as something sooner is possible at all. */
  goThrough(orders: Iterable<Float64Array>, bound: number): void {
    for (const rank of orders) {
      if (this.best!.measures.finish === bound || this.options.stop?.()) return;
      this.release(this.attempt({ ...anyHand(rank), followUp: false }, REPAIRS_WHEN_SHAKEN));
    }
  }

  /** Late acceptance: a plan stays if it is no worse than the one of some plans ago. */
  improve(bound: number): void {
    if (this.open.length < 2) return;
    this.now = this.best!;
    let cost = steer(this.problem, this.now.table, this.now.measures);
    const before = new Float64Array(PATIENCE).fill(cost);
    let atBound = 0;
    for (let round = 0; this.budget.left > 0 && !this.options.stop?.(); round++) {
      if (this.best!.measures.finish === bound && ++atBound > STILL_AT_BOUND) return;
      const tried = this.attempt(this.changed(this.now), REPAIRS_WHEN_SHAKEN);
      if (!tried) continue;
      const mark = steer(this.problem, tried.table, tried.measures);
      const slot = round % PATIENCE;
      if (mark <= cost || mark <= before[slot]!) {
        const before: FoundPlan = this.now;
        this.now = tried;
        this.release(before);
        cost = mark;
      } else this.release(tried);
      before[slot] = cost;
    }
  }

  /** The longer waits that sheets prefer: all at once, then each by itself; what ends later for it does not stand. */
  grantWishes(): void {
    const wishes = wishesOf(this.problem);
    if (wishes.length === 0) return;
    const grant = (coats: readonly Task[]) => {
      const { order } = this.best!;
      const patient = new Set([...(order.patient ?? []), ...coats.map((t) => t.index)]);
      this.release(this.attempt({ ...order, patient }));
    };
    grant(wishes);
    for (const coat of wishes.slice(0, MOST_WISHES))
      if (shortOf(this.best!.table, coat) > 0 && !this.options.stop?.()) grant([coat]);
  }

  private pick<T>(list: readonly T[]): T {
    return list[Math.floor(this.random() * list.length)]!;
  }

  /** A neighbour of a plan: its own order by start, with one thing changed. */
  private changed(from: FoundPlan): Order {
    const { table } = from;
    // What was built is an order itself: ranks are starts, so that a change has a known size in minutes.
    const rank = Float64Array.from(this.problem.tasks, (t) => table.start[t.index]! + t.index * 1e-6);
    const hand = from.order.hand.slice();
    const followUp = this.random() < 0.05 ? !from.order.followUp : from.order.followUp;
    const order: Order = { ...from.order, rank, hand, followUp };
    const dice = this.random();
    if (dice < 0.35) this.pullCritical(order, table);
    else if (dice < 0.55) this.shiftSome(order);
    else if (dice < 0.7) this.shiftSurface(order);
    else if (dice < 0.82) this.swap(order);
    else if (dice < 0.94) this.otherHand(order);
    else this.shake(order);
    return order;
  }

  private spread(): number {
    return [90, 400, 1440, 4320][Math.floor(this.random() * 4)]!;
  }

  /** What ends last waits for something: one of the steps that lead there comes sooner. */
  private pullCritical({ rank }: Order, table: Timetable): void {
    let at = this.open[0]!;
    for (const t of this.open) if (table.end[t.index]! > table.end[at.index]!) at = t;
    const steps = Math.floor(this.random() * 12);
    for (let i = 0; i < steps; i++) {
      const earlier = at.preds.map((p) => this.problem.tasks[p]!).filter((t) => !t.done);
      if (earlier.length === 0) break;
      at = earlier.reduce((a, b) => (table.end[b.index]! > table.end[a.index]! ? b : a));
    }
    rank[at.index] = rank[at.index]! - this.random() * this.spread();
  }

  private shiftSome({ rank }: Order): void {
    const count = 1 + Math.floor(this.random() * 3);
    const spread = this.spread();
    for (let i = 0; i < count; i++) {
      const task = this.pick(this.open);
      rank[task.index] = rank[task.index]! + (this.random() * 2 - 1) * spread;
    }
  }

  private shiftSurface({ rank }: Order): void {
    const { surface } = this.pick(this.open);
    const by = (this.random() * 2 - 1) * this.spread();
    for (const t of this.open) if (t.surface === surface) rank[t.index] = rank[t.index]! + by;
  }

  private swap({ rank }: Order): void {
    const a = this.pick(this.open).index;
    const b = this.pick(this.open).index;
    [rank[a], rank[b]] = [rank[b]!, rank[a]!];
  }

  private otherHand({ hand, rank }: Order): void {
    const task = this.pick(this.open);
    if (task.people !== 1 || task.able.length < 2) {
      rank[task.index] = rank[task.index]! - this.random() * 600;
      return;
    }
    hand[task.index] = hand[task.index]! >= 0 && this.random() < 0.5 ? -1 : this.pick(task.able).index;
  }

  private shake({ rank }: Order): void {
    const share = this.random() * 0.4;
    const spread = this.spread();
    for (const t of this.open)
      if (this.random() < share) rank[t.index] = rank[t.index]! + (this.random() - 0.5) * spread;
  }
}
