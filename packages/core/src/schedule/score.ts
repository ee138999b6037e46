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
}

/** Which measure comes first, by house rule; the next one decides only between equals. */
const ORDERS: Record<HouseRules['planGoal'], readonly (keyof Measures)[]> = {
  'finish-first': ['finish', 'visits', 'hurried', 'idle', 'nights'],
  'fewer-visits': ['visits', 'finish', 'hurried', 'idle', 'nights'],
  'rooms-back-first': ['nights', 'finish', 'visits', 'hurried', 'idle'],
};

/** What a minute, a visit, a night weighs where a search compares plans that differ in several things at once. */
const WEIGHTS: Record<keyof Measures, number> = { finish: 1, visits: 40, hurried: 0.1, idle: 0.15, nights: 40 };

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

/** One number to steer by: the first measure in full, the others by weight, and how early the work ends on the whole. */
export function steer(problem: Problem, table: Timetable, m: Measures): number {
  const [first, ...others] = ORDERS[problem.goal];
  let sum = 0;
  for (let i = 0; i < problem.tasks.length; i++) sum += table.end[i]! - problem.start;
  const mean = problem.tasks.length ? sum / problem.tasks.length : 0;
  const side = others.reduce((s, by) => s + 0.05 * WEIGHTS[by] * worth(problem, m, by), 0);
  return 4 * WEIGHTS[first!] * worth(problem, m, first!) + side + 0.5 * mean;
}

const worth = (problem: Problem, m: Measures, by: keyof Measures) =>
  by === 'finish' ? m.finish - problem.start : m[by];
