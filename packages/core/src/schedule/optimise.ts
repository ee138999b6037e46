import { earliestEnds, lowerBound } from './bound.ts';
import { Benches, type Bench } from './bench.ts';
import { anyHand, construct, type Budget, type Obstacle, type Order } from './construct.ts';
import { orderOf } from './exact/decode.ts';
import { modelOf } from './exact/model.ts';
import { Improving } from './exact/solve.ts';
import { latestStarts } from './latest.ts';
import { Moves } from './moves.ts';
import { PRESSURES, Pressing, type Pressure } from './pressing.ts';
import type { Problem, Task } from './problem.ts';
import { isBetter, lateness, measure, shortOf, steer, wishesOf, type Measures } from './score.ts';
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
  /** Some seconds' work instead of what is answered at once. */
  thorough?: boolean;
  /** Asked between plans: true ends the search, and what is best so far stands. */
  stop?: () => boolean;
  /** Told of each better plan, and the share of the budget spent. */
  onBetter?: (found: FoundPlan, share: number) => void;
  /** Told of every plan that was built and stands; what it is built on is used again afterwards. */
  onBuilt?: (found: FoundPlan) => void;
  /** The first plan that stands is enough. */
  first?: boolean;
  /** False to name only the step that finds no place, without looking for the demands that cannot stand together. */
  explain?: boolean;
}

/** As many as are answered at once beside a page. */
const triesFor = (steps: number) => Math.min(600_000, 1000 * steps, 20_000 + 360 * steps);
/** Some seconds, whatever the size: it ends sooner where the end is proven. */
const SOME_SECONDS = 2_000_000;
/** A shaken order that needs much repair is given up sooner than a first one. */
const REPAIRS_WHEN_SHAKEN = 12;
/** Drawn orders to try before a demand counts as impossible. */
const LAST_HOPES = 40;
/** The share of the work that looks for an earlier end; the rest looks for fewer visits, idle minutes and nights. */
const FOR_THE_END = 0.8;
/** The share of that work which puts forward what comes late, and after how many buildings without gain it is left. */
const PRESSED = 0.3;
const PRESSED_IN_VAIN = 30;
/** One cooling takes so many tries for each pair of steps: as slow as pays, and then another begins. */
const COOLING = 250;
/** Minutes of lateness that are still taken for a change, at the beginning of a cooling and at its end. */
const HOT = 250;
/** So many changes for each step are worth all that heat; with fewer there is no time to cool. */
const CHANGES_FOR_HEAT = 15;
const COLD = 4;
/** The same where only what else counts is looked for. */
const WARM = 40;
/** Up to so many steps the earliest end is looked for exactly, where there is time for it. */
const MOST_EXACT = 160;
const leastWork = (steps: number) => (steps > MOST_EXACT ? Infinity : (steps > 100 ? 10 : 3) * steps ** 2);
/** Steps times the minutes to the end: a model knows each start by itself, and memory ends. */
const MOST_STARTS = 8_000_000;
/** The share of that work which a cooling takes first, and the most of it: where the end can be moved by a day, it may find it sooner. */
const BEFORE_EXACT = 0.35;
const COOL_ENOUGH = 200_000;
/** What a step costs to put into an exact model, in tries. */
const A_STEP_OF_A_MODEL = 40;
/** Nothing ends before the bound: so many more plans look for fewer visits, then it is enough. */
const STILL_AT_BOUND = 250;
/** The same for whoever waits longer. */
const STILL_LOOKED = 4_000;
/** So many doors are planned from the evening backwards, each to so many minutes. */
const MOST_DOORS = 30;
const TO_MINUTES = 5;
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
  const bound = lowerBound(problem, ends, begun.diaries);
  const search = new Search(problem, begun, options, bound);
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
    search.improve();
    search.grantWishes();
    search.hangBack();
  }
  return { begun, best: search.best, obstacle: search.best ? null : search.obstacle, bound: search.bound };
}

interface Cooling {
  work: number;
  hot: number;
  /** So many plans are still tried where nothing can end sooner; none where only the end is looked for. */
  still: number | null;
}

class Search {
  /** Proven: nothing ends sooner. */
  bound: number;
  best: FoundPlan | null = null;
  obstacle: Obstacle | null = null;
  /** The plan that the search stands on: not always the best. */
  private now: FoundPlan | null = null;
  private readonly moves: Moves;
  private readonly benches: Benches;
  private readonly budget: Budget;
  private readonly tries: number;
  private readonly random: () => number;
  private readonly open: readonly Task[];
  private readonly problem: Problem;
  private readonly begun: Timetable;
  private readonly options: SearchOptions;

  constructor(problem: Problem, begun: Timetable, options: SearchOptions, bound: number) {
    this.bound = bound;
    this.problem = problem;
    this.begun = begun;
    this.options = options;
    this.benches = new Benches(begun);
    this.open = problem.tasks.filter((t) => !t.done);
    this.tries = options.tries ?? (options.thorough ? SOME_SECONDS : triesFor(this.open.length));
    this.budget = { left: this.tries };
    this.random = generator(options.seed ?? 1);
    this.moves = new Moves(problem, this.random);
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
    this.options.onBuilt?.(found);
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
      this.attempt(anyHand(this.moves.drawn()));
  }

  /**
   * First an earlier end, then what else counts at that end. Whoever waits longer gets what is answered at once, and
   * then more of the same: never less.
   */
  improve(): void {
    if (this.open.length < 2) return;
    const atOnce = triesFor(this.open.length);
    const begun = this.tries - this.budget.left;
    if (this.options.thorough && this.tries > atOnce) this.round(atOnce - begun, STILL_AT_BOUND);
    this.round(this.budget.left, this.options.thorough ? STILL_LOOKED : STILL_AT_BOUND);
  }

  private round(work: number, still: number): void {
    const begun = this.budget.left;
    const forTheEnd = work * FOR_THE_END;
    this.press(forTheEnd * PRESSED);
    const isExact = this.problem.goal === 'finish-first' && forTheEnd >= leastWork(this.open.length);
    this.coolSooner(isExact ? Math.min(forTheEnd * BEFORE_EXACT, COOL_ENOUGH) : forTheEnd);
    if (isExact) this.proveSooner(forTheEnd - (begun - this.budget.left));
    const { order, measures } = this.best!;
    const left = work - (begun - this.budget.left);
    this.cool(order, latestStarts(this.problem, measures.finish), { work: left, hot: WARM, still });
  }

  /** Puts forward what comes late, with one pressure after another, for so much of the budget. */
  private press(tries: number): void {
    const keep = this.budget.left - tries;
    const done = () => this.best!.measures.finish === this.bound || this.options.stop?.() === true;
    for (let k = 0; this.budget.left > keep && !done(); k++) {
      const way = PRESSURES[k % PRESSURES.length]!;
      this.pressBy(way, Math.min(this.budget.left - keep, tries / PRESSURES.length));
    }
  }

  private pressBy(pressure: Pressure, tries: number): void {
    const { problem, bound } = this;
    const keep = this.budget.left - tries;
    const pressing = new Pressing(problem, latestStarts(problem, bound), pressure, this.random);
    let finish = Infinity;
    let latest: Float64Array = new Float64Array();
    for (let vain = 0; vain < PRESSED_IN_VAIN && this.budget.left > keep && !this.options.stop?.(); vain++) {
      const built = this.attempt(pressing.order(), REPAIRS_WHEN_SHAKEN);
      if (!built) return;
      if (this.best!.measures.finish < finish) {
        finish = this.best!.measures.finish;
        latest = latestStarts(problem, Math.max(bound, finish - pressure.sooner));
        vain = 0;
      }
      pressing.see(built.table, latest);
      this.release(built);
    }
  }

  /** Looks for the earliest end by exact search, for so much of the budget, or until it is proven. */
  private proveSooner(tries: number): void {
    const { problem, begun } = this;
    const { start } = problem;
    const { finish } = this.best!.measures;
    if (finish === this.bound || (finish - start) * this.open.length > MOST_STARTS) return;
    const model = modelOf(problem, begun, finish - start);
    this.budget.left -= A_STEP_OF_A_MODEL * this.open.length;
    const known = { finish: finish - start, bound: this.bound - start };
    const exact = new Improving(model, known, (values) => this.release(this.attempt(orderOf(problem, model, values))));
    if (this.options.stop) model.search.stop = this.options.stop;
    exact.improve(tries - A_STEP_OF_A_MODEL * this.open.length);
    this.budget.left -= model.search.work;
    this.bound = Math.max(this.bound, Math.min(exact.bound + start, this.best!.measures.finish));
  }

  /** Looks for an earlier end by cooling, again and again. */
  private coolSooner(tries: number): void {
    const { bound } = this;
    const keep = this.budget.left - tries;
    const cooling = COOLING * this.open.length ** 2;
    const soonest = latestStarts(this.problem, bound);
    for (let from: Order = this.best!.order; ;) {
      const work = Math.min(cooling, this.budget.left - keep);
      if (work <= 0 || this.best!.measures.finish === bound || this.options.stop?.()) break;
      const heat = Math.min(1, work / this.open.length ** 2 / CHANGES_FOR_HEAT);
      this.cool(from, soonest, { work, hot: Math.max(COLD, HOT * heat), still: null });
      // By turns from the best and from nowhere: what is near one plan is not near every good one.
      from = this.random() < 0.5 ? this.best!.order : anyHand(this.moves.drawn());
    }
  }

  /** Cooling: a change for the worse is taken the less readily the longer it goes on. Ends where nothing can be gained. */
  private cool(from: Order, latest: Float64Array, { work, hot, still }: Cooling): void {
    if (work <= 0) return;
    const begun = this.budget.left;
    const first = this.attempt(from);
    if (!first) return;
    const before: FoundPlan | null = this.now;
    this.now = first;
    this.release(before);
    let cost = steer(this.problem, lateness(first.table, latest), first.measures);
    for (let plans = 0; !this.options.stop?.(); plans++) {
      const spent = (begun - this.budget.left) / work;
      if (spent >= 1 || this.budget.left <= 0) return;
      if (this.best!.measures.finish === this.bound && plans >= (still ?? 0)) return;
      const now: FoundPlan = this.now;
      const tried = this.attempt(this.moves.changed(now.order, now.table, latest), REPAIRS_WHEN_SHAKEN);
      if (!tried) continue;
      const mark = steer(this.problem, lateness(tried.table, latest), tried.measures);
      if (mark <= cost || this.random() < Math.exp((cost - mark) / (hot * (COLD / hot) ** spent))) {
        this.now = tried;
        cost = mark;
        this.release(now);
      } else this.release(tried);
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

  /** What comes off and is hung again by evening is planned from there backwards: off as late as costs nothing else. */
  hangBack(): void {
    for (const { index, sameDayAs } of this.open.filter((t) => t.sameDayAs !== null).slice(0, MOST_DOORS)) {
      const off = sameDayAs!;
      if (this.problem.tasks[off]!.done) continue;
      let late = this.best!.table.start[index]!;
      for (let from = this.best!.table.start[off]!; late - from > TO_MINUTES && !this.options.stop?.();) {
        const middle = Math.ceil((from + late) / 2);
        const { order } = this.best!;
        const offFrom = new Map([...(order.offFrom ?? []), [off, middle]]);
        const tried = this.attempt({ ...order, offFrom });
        if (tried && tried === this.best) from = this.best.table.start[off]!;
        else late = middle;
        this.release(tried);
      }
    }
  }
}
