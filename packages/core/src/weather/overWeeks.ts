import type { PlanInput } from '../model/planInput.ts';
import { Benches } from '../schedule/bench.ts';
import { earliestEnds, lowerBound } from '../schedule/bound.ts';
import type { Calendar, Minute } from '../schedule/calendar.ts';
import { anyHand, construct, type Order } from '../schedule/construct.ts';
import { givenAir } from '../schedule/givenAir.ts';
import { comesTo, planFront, type ComesTo, type TradedPlan } from '../schedule/front.ts';
import { generator, type FoundPlan } from '../schedule/optimise.ts';
import { planFound, planRead, stepsByName, type FeasiblePlan, type Plan } from '../schedule/plan.ts';
import { minuteOf, nameOf, readProblem, type Problem } from '../schedule/problem.ts';
import { measure } from '../schedule/score.ts';
import { Timetable } from '../schedule/timetable.ts';
import { cautious, departed, drawWeather, type WeatherDraw, type DoubtedAir } from './drawnWeather.ts';

/** The doubt of each air of a plan: by zone, and null for the air that the zones without their own have. */
export type Doubts = ReadonlyMap<string | null, DoubtedAir>;

/** What becomes of a plan in the weather as it may turn out. */
export interface OverWeeks {
  /** How many ways the weather was drawn. */
  weeks: number;
  /** The share of them, 0 to 1, in which everything ends on the day that the plan asked about says, or sooner. */
  inTime: number;
  /** The last minute of the local day by which it has ended in nine of ten; null where it has not. */
  nineInTen: string | null;
}

/** A plan that keeps its day more often. */
export interface Surer extends TradedPlan {
  judged: OverWeeks;
}

/** A plan as it stands, to hold the choices against. */
export interface AsItStands extends ComesTo {
  /** How it fares in the weather as it may turn out; null where nothing hangs on it. */
  judged: OverWeeks | null;
}

/** One of the plans to choose from. */
export interface PlanChoice extends TradedPlan {
  /** How it fares in the weather as it may turn out; null where nothing hangs on it. */
  judged: OverWeeks | null;
  /** It is offered because it keeps the day of the soonest more often. */
  surer: boolean;
}

/** A plan as it stands, and what could be had instead. */
export interface PlanChoices {
  /** Null where no plan stands. */
  asItStands: AsItStands | null;
  choices: PlanChoice[];
}

const WEEKS = 100;
const SEED = 1;
const IN_TEN = 0.9;
/** How cautious the weather is that other plans are made for: standard deviations colder and damper, and rain from which chance. */
const CAUTIONS = [
  [0.5, 0.5],
  [1, 0.35],
  [1.5, 0.2],
] as const;
const MOST_REPAIRS = 20;

/** A plan's order in the same weather for any plan, so that two are judged alike. */
class Weeks {
  readonly input: PlanInput;
  /** The hours of the longest series. */
  readonly hours: number;
  private readonly doubts: Doubts;
  private readonly calendar: Calendar;
  private readonly problems: readonly Problem[];

  constructor(input: PlanInput, doubts: Doubts, seed: number, weeks: number) {
    this.input = input;
    this.doubts = doubts;
    this.calendar = readProblem(input).calendar;
    const random = generator(seed);
    this.hours = Math.max(...[...doubts.values()].map((d) => d.air.temperatureC.length));
    this.problems = Array.from({ length: weeks }, () =>
      readProblem(this.with(drawWeather(this.hours, random)), this.calendar),
    );
  }

  /** The question in the weather as it departs from the forecast. */
  with(draw: WeatherDraw): PlanInput {
    const given = (zone: string | null) => {
      const doubted = this.doubts.get(zone);
      return doubted && givenAir(departed(doubted, draw));
    };
    return {
      ...this.input,
      air: given(null) ?? this.input.air,
      zones: this.input.zones?.map((z) => ({ ...z, air: given(z.id) ?? z.air })) ?? null,
    };
  }

  /** `by`: the end of the plan whose day is to be kept. */
  judge(plan: FeasiblePlan, by: string): OverWeeks {
    const ends = this.problems.map((problem) => followed(problem, plan)?.found.measures.finish ?? Infinity);
    ends.sort((a, b) => a - b);
    const day = this.calendar.dayOf(minuteOf(by) - 1);
    const ninth = ends[Math.ceil(IN_TEN * ends.length) - 1]!;
    const dayEnds = (minute: Minute) => this.calendar.midnight(this.calendar.dayOf(minute - 1) + 1) - 1;
    return {
      weeks: ends.length,
      inTime: ends.filter((e) => e !== Infinity && this.calendar.dayOf(e - 1) <= day).length / ends.length,
      nineInTen: ninth === Infinity ? null : this.calendar.iso(dayEnds(ninth)),
    };
  }
}

/**
 * A plan as it is followed when the weather turns: what comes first comes first again, in the hands it was planned for or
 * in any, whichever ends sooner.
 */
function followed(problem: Problem, plan: FeasiblePlan): { begun: Timetable; found: FoundPlan } | null {
  const begun = Timetable.begin(problem);
  const benches = new Benches(begun);
  const planned = asPlanned(problem, plan);
  let best: FoundPlan | null = null;
  for (const order of [planned, anyHand(planned.rank)]) {
    const bench = benches.take();
    if (construct(begun, order, { left: Infinity }, bench, MOST_REPAIRS)) continue;
    const measures = measure(bench.table);
    if (!best || measures.finish < best.measures.finish) best = { ...bench, order, measures };
  }
  return best && { begun, found: best };
}

/** A plan as an order: by its starts, in its hands. */
function asPlanned(problem: Problem, plan: FeasiblePlan): Order {
  const steps = stepsByName(plan.steps);
  const people = new Map(problem.crew.map((p) => [p.id, p.index]));
  const teams = new Map<number, readonly number[]>();
  const order: Order = { ...anyHand(new Float64Array(problem.tasks.length)), teams, followUp: false };
  for (const task of problem.tasks) {
    const step = task.done ? undefined : steps.get(nameOf(task));
    if (!step) continue;
    order.rank[task.index] = minuteOf(step.start) + task.index * 1e-6;
    const team = step.crew.flatMap((p) => people.get(p) ?? []);
    if (task.people === 1 && team.length === 1) order.hand[task.index] = team[0]!;
    else if (task.people > 1 && team.length === task.people) teams.set(task.index, team);
  }
  return order;
}

/**
 * How a plan fares in the weather as it may turn out, and another order of work that keeps its day more
 * often, where there is one: followed in the weather of the forecast. The same question gives the same answer.
 */
export function overWeeks(
  input: PlanInput,
  plan: FeasiblePlan,
  doubts: Doubts,
  { seed = SEED, weeks = WEEKS }: { seed?: number; weeks?: number } = {},
): { judged: OverWeeks; surer: Surer | null } | null {
  if (doubts.size === 0) return null;
  const drawn = new Weeks(input, doubts, seed, weeks);
  const judged = drawn.judge(plan, plan.finish);
  return { judged, surer: surerThan(drawn, plan, judged) };
}

/** The order of work that keeps a plan's day more often, of those that are best in cautious weather; null where none does. */
function surerThan(drawn: Weeks, plan: FeasiblePlan, judged: OverWeeks): Surer | null {
  let surer: Surer | null = null;
  for (const [by, rain] of CAUTIONS) {
    const other = planRead(drawn.with(cautious(drawn.hours, by, rain)), { explain: false });
    const onPaper = other.status === 'feasible' ? inForecast(drawn.input, other) : null;
    if (!onPaper) continue;
    const found = { ...onPaper, judged: drawn.judge(onPaper.plan, plan.finish) };
    if (isSurer(found.judged, (surer ?? { judged }).judged)) surer = found;
  }
  return surer;
}

/** Less than this is luck of the draw. */
const WORTH_SAYING = 0.05;

const isSurer = (a: OverWeeks, b: OverWeeks) => {
  const [mine, other] = [a, b].map(({ nineInTen }) => (nineInTen === null ? Infinity : Date.parse(nineInTen)));
  return mine! < other! || (mine === other && a.inTime >= b.inTime + WORTH_SAYING);
};

/** The order of one plan in the weather that is forecast. */
function inForecast(input: PlanInput, plan: FeasiblePlan): TradedPlan | null {
  const problem = readProblem(input);
  const made = followed(problem, plan);
  if (!made) return null;
  const bound = lowerBound(problem, earliestEnds(problem, made.begun.diaries), made.begun.diaries);
  const { nights, idle } = made.found.measures;
  return { plan: planFound(problem, made.begun, made.found, bound), nights, idleMin: idle };
}

/**
 * The plans that a firm can choose from, beside the one that stands: what can be traded, each judged over the same weather
 * as it may turn out, and the order that keeps the day of the soonest more often, where there is one.
 */
export function planChoices(input: PlanInput, plan: Plan, doubts: Doubts): PlanChoices {
  if (plan.status !== 'feasible') return { asItStands: null, choices: [] };
  const drawn = doubts.size ? new Weeks(input, doubts, SEED, WEEKS) : null;
  const judge = (of: FeasiblePlan) => drawn?.judge(of, of.finish) ?? null;
  const asItStands = { ...comesTo(input, plan), judged: judge(plan) };
  const front = planFront(input).map((t): PlanChoice => ({ ...t, judged: judge(t.plan), surer: false }));
  const [soonest] = front;
  const surer = drawn && soonest?.judged ? surerThan(drawn, soonest.plan, soonest.judged) : null;
  return { asItStands, choices: surer ? [...front, { ...surer, surer: true }] : front };
}
