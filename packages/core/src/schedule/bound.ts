import { earliestTeam } from './crewTime.ts';
import { MOST_DAYS, type Minute } from './calendar.ts';
import type { Diary } from './diary.ts';
import { handleFrom, recoatFrom, type Person, type Problem, type Task } from './problem.ts';
import { pushAlone } from './rules.ts';

/** The earliest end of each task if nobody were busy but with what is fixed; infinite where even that is impossible. */
export function earliestEnds(problem: Problem, fixed: readonly Diary[]): Float64Array {
  const ends = new Float64Array(problem.tasks.length);
  for (const index of problem.topological) {
    const task = problem.tasks[index]!;
    ends[index] = task.done ? task.done.end : endAlone(problem, fixed, task, openAt(problem, task, ends));
  }
  return ends;
}

function openAt(problem: Problem, task: Task, ends: Float64Array): Minute {
  let from = Math.max(problem.start, task.notBefore);
  for (const p of task.preds) {
    from = Math.max(from, ends[p]!);
    if (p !== task.before) continue;
    const before = problem.tasks[p]!;
    from = Math.max(from, ends[p]! + before.waitMin, recoatFrom(before, ends[p]!) ?? 0);
  }
  if (task.handles !== null) from = Math.max(from, handleFrom(problem.tasks[task.handles]!, ends[task.handles]!) ?? 0);
  return from;
}

function endAlone(problem: Problem, fixed: readonly Diary[], task: Task, open: Minute): Minute {
  let from = open;
  // Too many teams to try them all: so early, whoever they are.
  if (task.splittable && task.people > 1 && task.able.length > 12) return open + task.minutes;
  while (from !== Infinity) {
    const team = earliestTeam(task, task.able, fixed, from, () => 0);
    if (!team) return Infinity;
    const push = pushAlone(problem, task, team.start, team.end);
    if (!push) return team.end;
    from = Math.max(push.to, team.start + 1);
  }
  return Infinity;
}

/** The least that must pass after a task's end until everything that follows it has ended: label waits and bare work. */
function leastAfter(problem: Problem): Float64Array {
  const after = new Float64Array(problem.tasks.length);
  for (let k = problem.topological.length - 1; k >= 0; k--) {
    const task = problem.tasks[problem.topological[k]!]!;
    const load = (task.coat?.film.thickness ?? 1) ** 2;
    // No air is quicker than the label.
    const own = Math.max(task.waitMin, Math.ceil((task.coat?.figures.recoatMin ?? 0) * load - 1e-6));
    for (const f of problem.followers[task.index]!) {
      const next = problem.tasks[f]!;
      if (next.done) continue;
      const least = (next.before === task.index ? own : 0) + next.minutes + after[f]!;
      if (least > after[task.index]!) after[task.index] = least;
    }
  }
  return after;
}

/** The minute by which these people together have worked this many minutes since `from`, were they never idle. */
function workedBy(people: readonly Person[], from: Minute, minutes: number): Minute {
  if (minutes <= 0 || people.length === 0) return from;
  let left = minutes;
  const first = people[0]!.hours.dayAt(from);
  for (let day = first; day <= first + MOST_DAYS; day++) {
    const spans: [number, number][] = [];
    let worth = 0;
    for (const p of people) {
      const span = p.hours.on(day);
      if (!span || span[1] <= from) continue;
      const start = Math.max(span[0], from);
      spans.push([start, span[1]]);
      worth += span[1] - start;
    }
    if (worth >= left) return within(spans, left);
    left -= worth;
  }
  return from;
}

/** The first minute by which the spans of one day hold this many minutes. */
function within(spans: readonly (readonly [number, number])[], minutes: number): Minute {
  const turns = [...new Set(spans.flat())].sort((a, b) => a - b);
  let left = minutes;
  for (let i = 0; i + 1 < turns.length; i++) {
    const working = spans.filter(([a, b]) => a <= turns[i]! && b >= turns[i + 1]!).length;
    const held = working * (turns[i + 1]! - turns[i]!);
    if (held >= left) return Math.ceil(turns[i]! + left / working);
    left -= held;
  }
  return turns.at(-1)!;
}

/** So many earliest starts and least tails are set against each other: each pair is a bound by itself. */
const CUTS = 10;

/** Values at even places of a sorted list, each once, the least among them. */
function cutsOf(values: readonly number[]): number[] {
  const sorted = [...values].sort((a, b) => a - b);
  const at = Array.from({ length: CUTS }, (_, i) => sorted[Math.floor((i * sorted.length) / CUTS)]!);
  return [...new Set(at)];
}

/**
 * All the work of a crew that cannot begin before some minute, and that leaves at least so much after it, set against
 * the hours of those who may do it.
 */
function workBound(people: readonly Person[], of: readonly Task[], ends: Float64Array, after: Float64Array): Minute {
  if (of.length === 0 || people.length === 0) return 0;
  const from = (t: Task) => ends[t.index]! - (t.splittable ? 0 : t.minutes);
  // A step that breaks off at night began at some earlier day: it counts only for the bound from the very start.
  const whole = of.filter((t) => !t.splittable && ends[t.index]! !== Infinity);
  const starts = cutsOf(whole.map(from));
  const tails = cutsOf(whole.map((t) => after[t.index]!));
  let bound = 0;
  for (const start of starts)
    for (const tail of tails) {
      let work = 0;
      for (const t of whole) if (from(t) >= start && after[t.index]! >= tail) work += t.minutes * t.people;
      if (work > 0) bound = Math.max(bound, workedBy(people, start, work) + tail);
    }
  return bound;
}

/**
 * Coats that share a few places: one place takes at least its even share of them, one after the other, each laid within
 * hours and none before the last has opened. What then follows the last of them is still to come.
 */
function placesBound(problem: Problem, fixed: readonly Diary[], ends: Float64Array, site: number): Minute {
  const places = problem.racks[site]!;
  const coats = problem.tasks.filter((t) => !t.done && t.onRack && t.site === site && !t.splittable);
  if (places === Infinity || places === 0 || coats.length <= places) return 0;
  const begins = (from: Minute) => Math.min(...coats.map((t) => endAlone(problem, fixed, t, from) - t.minutes));
  const opens = (start: Minute) => {
    const at = (t: Task) => Math.max(start + t.minutes, recoatFrom(t, start + t.minutes) ?? 0);
    return Math.min(...coats.map(at));
  };
  let start = begins(Math.min(...coats.map((t) => ends[t.index]! - t.minutes)));
  for (let k = 1; k < Math.ceil(coats.length / places) && start !== Infinity; k++) start = begins(opens(start));
  return Math.min(...coats.map((t) => endAfter(problem, fixed, t, start)));
}

/** The earliest end of everything that follows a step which starts no sooner than a minute. */
function endAfter(problem: Problem, fixed: readonly Diary[], first: Task, start: Minute): Minute {
  // No end is before the beginning: 0 is of what does not follow it.
  const ends = new Float64Array(problem.tasks.length);
  let last = (ends[first.index] = endAlone(problem, fixed, first, start));
  for (const index of problem.topological) {
    const task = problem.tasks[index]!;
    if (index === first.index || task.done || !task.preds.some((p) => ends[p]! > 0)) continue;
    last = Math.max(last, (ends[index] = endAlone(problem, fixed, task, openAt(problem, task, ends))));
  }
  return last;
}

/**
 * A proven earliest finish, whatever the order: the longest chain with everybody free, and all the work of the crew
 * (and of each skill) set against the hours it has, from every head and before every tail, and what shares few places.
 */
export function lowerBound(problem: Problem, ends: Float64Array, fixed: readonly Diary[]): Minute {
  const open = problem.tasks.filter((t) => !t.done && t.people > 0);
  const after = leastAfter(problem);
  const work = (of: readonly Task[]) => of.reduce((sum, t) => sum + t.minutes * t.people, 0);
  const skills = [...new Set(open.map((t) => t.skill).filter((s) => s !== null))];
  const groups = [
    { people: problem.crew, of: open },
    ...skills.map((skill) => {
      const of = open.filter((t) => t.skill === skill);
      return { people: of[0]!.able, of };
    }),
  ];
  let bound = problem.tasks.length ? Math.max(...ends) : problem.start;
  for (let site = 0; site < problem.racks.length; site++)
    bound = Math.max(bound, placesBound(problem, fixed, ends, site));
  for (const { people, of } of groups)
    bound = Math.max(bound, workedBy(people, problem.start, work(of)), workBound(people, of, ends, after));
  return bound;
}
