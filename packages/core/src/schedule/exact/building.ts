import { earliestTeam } from '../crewTime.ts';
import type { Problem, Task } from '../problem.ts';
import { pushAlone } from '../rules.ts';
import type { Timetable } from '../timetable.ts';
import type { Stretches } from './allowed.ts';
import { crewsOf, isAble, type Crew } from './crews.ts';
import { risingTable, NEVER, plus, type Rising } from './rising.ts';
import type { Taken } from './uses.ts';

/** Which of several crews does a step: how many of each, as variables. */
interface Choice {
  crew: Crew;
  variable: number;
}

/** A step whose start is to be found. */
export interface OpenStep {
  task: Task;
  start: number;
  /** Empty where one crew alone may do it, or nobody is needed. */
  choices: readonly Choice[];
  crews: readonly Crew[];
  /** When it ends, by its start. */
  until: Rising;
}

/** What a model is built from, at hand while it is built. */
export class Building {
  readonly problem: Problem;
  readonly until: number;
  readonly crews: readonly Crew[];
  readonly lows: number[] = [];
  readonly highs: number[] = [];
  readonly steps: OpenStep[] = [];
  readonly byTask = new Map<number, OpenStep>();
  private readonly ends = new Map<number, Rising>();
  readonly begun: Timetable;

  constructor(problem: Problem, begun: Timetable, until: number) {
    this.problem = problem;
    this.begun = begun;
    this.until = until;
    this.crews = crewsOf(problem, begun.diaries, until);
  }

  variable(low: number, high: number): number {
    this.lows.push(low);
    this.highs.push(high);
    return this.lows.length - 1;
  }

  private at(minute: number): number {
    return minute === Infinity ? NEVER : minute - this.problem.start;
  }

  /** A function of a step's end as one of its start, in minutes from the plan's start. */
  ofEnd(task: Task, from: (end: number) => number | null): Rising {
    const { start } = this.problem;
    const end = this.end(task);
    const give = (s: number) => {
      const e = end.give(s);
      return e >= NEVER ? NEVER : this.at(Math.max(start + e, from(start + e) ?? 0));
    };
    // In steady air a wait is the same at any hour.
    if (task.air.kind === 'steady' && !task.splittable) {
      const after = give(0);
      return after >= NEVER ? risingTable(this.until, give) : plus(after);
    }
    return risingTable(this.until, give);
  }

  end(task: Task): Rising {
    let known = this.ends.get(task.index);
    if (!known) this.ends.set(task.index, (known = this.endMade(task)));
    return known;
  }

  private endMade(task: Task): Rising {
    if (!task.splittable || task.people === 0) return plus(task.minutes);
    const crews = this.crews.filter((c) => isAble(task, c.people[0]!));
    const teams = crews.filter((c) => c.people.length >= task.people).map((c) => c.people.slice(0, task.people));
    const { start } = this.problem;
    const ofTeam = (s: number) => (team: Crew['people']) =>
      earliestTeam(task, team, null, start + s, () => 0)?.end ?? Infinity;
    // Several crews end at several times; as early as could ever be is still a bound.
    if (teams.length === 0 || crews.length > 1) return plus(task.minutes);
    return risingTable(this.until, (s) => this.at(Math.min(...teams.map(ofTeam(s)))));
  }

  openStep(task: Task): void {
    const { until } = this;
    const crews = this.crews.filter((c) => isAble(task, c.people[0]!));
    const step: OpenStep = {
      task,
      start: this.variable(Math.max(0, task.notBefore - this.problem.start), until),
      crews: task.people === 0 ? [] : crews,
      until: this.end(task),
      choices:
        task.people === 0 || crews.length < 2
          ? []
          : crews.map((crew) => ({ crew, variable: this.variable(0, Math.min(task.people, crew.people.length)) })),
    };
    this.steps.push(step);
    this.byTask.set(task.index, step);
  }

  /** When a crew may begin a step, as far as its hours go. */
  starts(task: Task, crew: Crew): Stretches {
    const { minutes } = task;
    const long = task.splittable ? 0 : Math.max(minutes, 1);
    return crew.free.flatMap(([from, to]): [number, number][] => {
      const last = task.splittable ? to - 1 : to - minutes;
      return to - from >= long && last >= from ? [[from, last]] : [];
    });
  }

  /** When a coat may be laid within some hours, as far as its air and its evening go. */
  suits(task: Task, within: Stretches): Stretches {
    const { problem } = this;
    const { zone, coat } = task;
    if (!coat || task.splittable) return within;
    const evening = zone !== null && (zone.backBy !== null || (task.strongVapour && zone.fumesOutBy !== null));
    const push = (s: number) => pushAlone(problem, task, problem.start + s, problem.start + s + task.minutes);
    if (task.air.kind === 'steady' && !evening) return push(0) ? [] : within;
    const out: [number, number][] = [];
    for (const [from, to] of within)
      for (let s = from; s <= to;) {
        const pushed = push(s);
        if (pushed) s = Math.max(s + 1, pushed.to - problem.start);
        else {
          const last = this.lastGood(s, to, (at) => push(at) === null);
          out.push([s, last]);
          s = last + 1;
        }
      }
    return out;
  }

  /**
   * The end of the good minutes from a good one. Weather changes by the hour and evenings by the day, and between two
   * changes what is good only ever turns bad: so it is enough to look once an hour, and at the last minute of a day.
   */
  private lastGood(from: number, to: number, isGood: (at: number) => boolean): number {
    const { calendar, start } = this.problem;
    for (let at = from; ;) {
      if (at >= to) return to;
      const dayEnds = calendar.midnight(calendar.dayOf(start + at) + 1) - start - 1;
      const next = Math.min(at + 60, to, at < dayEnds ? dayEnds : Infinity);
      if (!isGood(next)) return lastBefore(at, next, isGood);
      at = next;
    }
  }

  /** What is taken of a room or a rack before anything is planned, and never more than there is. */
  taken(of: { from: number[]; to: number[] }, most = 1): Taken[] {
    const turns = [...new Set([...of.from, ...of.to])].sort((a, b) => a - b);
    return turns.slice(0, -1).flatMap((from, i): Taken[] => {
      const inUse = of.from.filter((f, k) => f <= from && of.to[k]! > from).length;
      return inUse ? [{ from: this.at(from), to: this.at(turns[i + 1]!), places: Math.min(most, inUse) }] : [];
    });
  }
}

export function meet(a: Stretches, b: Stretches): Stretches {
  const out: [number, number][] = [];
  let i = 0;
  let j = 0;
  while (i < a.length && j < b.length) {
    const from = Math.max(a[i]![0], b[j]![0]);
    const to = Math.min(a[i]![1], b[j]![1]);
    if (from <= to) out.push([from, to]);
    if (a[i]![1] < b[j]![1]) i++;
    else j++;
  }
  return out;
}

/** The last good one, between a good one and a bad one. */
function lastBefore(good: number, bad: number, isGood: (at: number) => boolean): number {
  let low = good;
  let high = bad;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (isGood(middle)) low = middle;
    else high = middle;
  }
  return low;
}
