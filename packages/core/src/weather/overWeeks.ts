import type { PlanInput } from '../model/planInput.ts';
import { Benches } from '../schedule/bench.ts';
import { earliestEnds, lowerBound } from '../schedule/bound.ts';
import type { Calendar, Minute } from '../schedule/calendar.ts';
import { construct, type Order } from '../schedule/construct.ts';
import { generator, type FoundPlan } from '../schedule/optimise.ts';
import { planFound, planRead, type FeasiblePlan } from '../schedule/plan.ts';
import { minuteOf, readProblem, type Problem } from '../schedule/problem.ts';
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
export interface Surer {
  plan: FeasiblePlan;
  judged: OverWeeks;
}

const WEEKS = 100;
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
  private readonly input: PlanInput;
  private readonly doubts: Doubts;
  private readonly calendar: Calendar;
  private readonly problems: readonly Problem[];

  constructor(input: PlanInput, doubts: Doubts, seed: number, weeks: number) {
    this.input = input;
    this.doubts = doubts;
    this.calendar = readProblem(input).calendar;
    const random = generator(seed);
    const hours = Math.max(...[...doubts.values()].map((d) => d.air.temperatureC.length));
    this.problems = Array.from({ length: weeks }, () => this.problem(drawWeather(hours, random)));
  }

  problem(draw: WeatherDraw): Problem {
    return readProblem(this.with(draw), this.calendar);
  }

  /** The question in the weather as it departs from the forecast. */
  with(draw: WeatherDraw): PlanInput {
    const given = (zone: string | null) => {
      const doubted = this.doubts.get(zone);
      return doubted && asGiven(departed(doubted, draw));
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

const asGiven = (air: ReturnType<typeof departed>): PlanInput['air'] => ({
  ...air,
  from: new Date(air.from * 60_000).toISOString(),
  temperatureC: [...air.temperatureC],
  relativeHumidityPct: [...air.relativeHumidityPct],
  surfaceC: air.surfaceC ? [...air.surfaceC] : null,
  rainMm: air.rainMm ? [...air.rainMm] : null,
  windMs: air.windMs ? [...air.windMs] : null,
});

/** What comes first in a plan comes first again, whoever does it: that is how it is followed when the weather turns. */
function followed(problem: Problem, plan: FeasiblePlan): { begun: Timetable; found: FoundPlan } | null {
  const starts = new Map(plan.steps.map((s) => [`${s.surface}/${s.id}`, minuteOf(s.start)]));
  const order: Order = {
    rank: Float64Array.from(problem.tasks, (t) => (starts.get(`${t.surface}/${t.id}`) ?? 0) + t.index * 1e-6),
    hand: new Int16Array(problem.tasks.length).fill(-1),
    followUp: true,
  };
  const begun = Timetable.begin(problem);
  const bench = new Benches(begun).take();
  if (construct(begun, order, { left: Infinity }, bench, MOST_REPAIRS)) return null;
  return { begun, found: { ...bench, order, measures: measure(bench.table) } };
}

/**
 * How a plan fares in the weather as it may turn out, and another order of work that keeps its day more
 * often, where there is one: followed in the weather of the forecast. The same question gives the same answer.
 */
export function overWeeks(
  input: PlanInput,
  plan: FeasiblePlan,
  doubts: Doubts,
  { seed = 1, weeks = WEEKS }: { seed?: number; weeks?: number } = {},
): { judged: OverWeeks; surer: Surer | null } | null {
  if (doubts.size === 0) return null;
  const drawn = new Weeks(input, doubts, seed, weeks);
  const judged = drawn.judge(plan, plan.finish);
  const hours = Math.max(...[...doubts.values()].map((d) => d.air.temperatureC.length));
  let surer: Surer | null = null;
  for (const [by, rain] of CAUTIONS) {
    const other = planRead(drawn.with(cautious(hours, by, rain)), { explain: false });
    const onPaper = other.status === 'feasible' ? inForecast(input, other) : null;
    if (!onPaper) continue;
    const found = { plan: onPaper, judged: drawn.judge(onPaper, plan.finish) };
    if (isSurer(found.judged, (surer ?? { judged }).judged)) surer = found;
  }
  return { judged, surer };
}

/** Less than this is luck of the draw. */
const WORTH_SAYING = 0.05;

const isSurer = (a: OverWeeks, b: OverWeeks) => {
  const [mine, other] = [a, b].map(({ nineInTen }) => (nineInTen === null ? Infinity : Date.parse(nineInTen)));
  return mine! < other! || (mine === other && a.inTime >= b.inTime + WORTH_SAYING);
};

/** The order of one plan in the weather that is forecast. */
function inForecast(input: PlanInput, plan: FeasiblePlan): FeasiblePlan | null {
  const problem = readProblem(input);
  const made = followed(problem, plan);
  if (!made) return null;
  const bound = lowerBound(problem, earliestEnds(problem, made.begun.diaries), made.begun.diaries);
  return planFound(problem, made.begun, made.found, bound);
}
