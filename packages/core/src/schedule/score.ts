import type { HouseRules } from '../vocabulary/index.ts';
import { preferredFrom, type Problem, type Task } from './problem.ts';
import type { Timetable } from './timetable.ts';

/** What a plan is measured by. Minutes, but for visits: person-days, and nights: room-nights out of use. */
export interface Measures {
  finish: number;
  visits: number;
  /** Minutes that coats are short of the longer wait their sheets prefer: a wish, never bought with a later end. */
  hurried: number;
  /** Paid minutes between the steps of a person's day at which there is nothing to do. */
  idle: number;
  /** Nights that rooms are out of use, summed over the rooms. */
  nights: number;
  /** Minutes that what is hung again the same evening is off its hinges. */
  off: number;
}

/** Which measure comes first, by house rule; the next one decides only between equals. */
const ORDERS: Record<HouseRules['planGoal'], readonly (keyof Measures)[]> = {
  'finish-first': ['finish', 'visits', 'hurried', 'idle', 'nights', 'off'],
  'fewer-visits': ['visits', 'finish', 'hurried', 'idle', 'nights', 'off'],
  'rooms-back-first': ['nights', 'finish', 'visits', 'hurried', 'idle', 'off'],
};

/** What a visit, a night, a short wait weighs where a search compares plans that differ in several things at once, in minutes. */
const WEIGHTS: Record<Exclude<keyof Measures, 'finish'>, number> = {
  visits: 30,
  hurried: 0.05,
  idle: 0.1,
  nights: 30,
  off: 0.02,
};
/** How much more the first measure of a goal weighs, where it is not the finish. */
const FIRST = 20;

export function measure(table: Timetable): Measures {
  const { tasks, start } = table.problem;
  let finish = tasks.length ? -Infinity : start;
  for (let i = 0; i < tasks.length; i++) if (table.end[i]! > finish) finish = table.end[i]!;
  return {
    finish,
    visits: table.visits,
    hurried: wishesOf(table.problem).reduce((sum, coat) => sum + shortOf(table, coat), 0),
    idle: table.diaries.reduce((sum, d) => sum + d.idle(), 0),
    nights: nightsOf(table),
    off: offMinutes(table),
  };
}

const wishes = new WeakMap<Problem, readonly Task[]>();

/** The coats whose sheet prefers a longer wait than it asks for, and that another step follows. */
export function wishesOf(problem: Problem): readonly Task[] {
  let known = wishes.get(problem);
  if (!known) {
    const { tasks } = problem;
    known = tasks.filter(({ index, coat }) => {
      const next = tasks[index + 1];
      return coat?.figures.recoatPreferredMin != null && next?.before === index && !next.done;
    });
    wishes.set(problem, known);
  }
  return known;
}

/** Minutes that the step after a coat comes before the wait its sheet prefers. */
export function shortOf(table: Timetable, coat: Task): number {
  const wished = preferredFrom(coat, table.end[coat.index]!)!;
  return Math.min(coat.coat!.figures.recoatPreferredMin!, Math.max(0, wished - table.start[coat.index + 1]!));
}

function offMinutes({ problem, start, end }: Timetable): number {
  let off = 0;
  for (const { index, sameDayAs } of problem.tasks) if (sameDayAs !== null) off += end[index]! - start[sameDayAs]!;
  return off;
}

function nightsOf(table: Timetable): number {
  const { tasks, zones, calendar } = table.problem;
  const first = new Float64Array(zones.length).fill(Infinity);
  const last = new Float64Array(zones.length).fill(-Infinity);
  for (const task of tasks) {
    const at = task.zone?.index;
    if (at === undefined || task.done) continue;
    first[at] = Math.min(first[at]!, table.start[task.index]!);
    last[at] = Math.max(last[at]!, table.end[task.index]!);
  }
  let nights = 0;
  for (let i = 0; i < zones.length; i++)
    if (first[i] !== Infinity) nights += calendar.dayOf(last[i]!) - calendar.dayOf(first[i]!);
  return nights;
}

/** Whether the first is better, measure by measure in the order of the goal. */
export function isBetter(problem: Problem, a: Measures, b: Measures): boolean {
  for (const by of ORDERS[problem.goal]) if (a[by] !== b[by]) return a[by] < b[by];
  return false;
}

/** Minutes that steps start later than they may for everything to end in time. A plan in time has none. */
export function lateness({ problem, start }: Timetable, latest: Float64Array): number {
  let late = 0;
  for (let i = 0; i < problem.tasks.length; i++) if (start[i]! > latest[i]!) late += start[i]! - latest[i]!;
  return late;
}

/** One number to steer by, in minutes: how late the steps are, and beside it what else the firm counts. */
export function steer(problem: Problem, late: number, m: Measures): number {
  const [first] = ORDERS[problem.goal];
  let cost = late;
  for (const by of ['visits', 'hurried', 'idle', 'nights', 'off'] as const)
    cost += m[by] * WEIGHTS[by] * (by === first ? FIRST : 1);
  return cost;
}
