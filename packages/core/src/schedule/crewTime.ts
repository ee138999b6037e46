import { MOST_DAYS, type Minute, type Span } from './calendar.ts';
import type { Person, Task } from './problem.ts';

/** A placed team: from when to when, and who. */
export interface Team {
  start: Minute;
  end: Minute;
  crew: readonly Person[];
}

/** Who is busy when; spans sorted by start. */
export type Busy = readonly (readonly Span[])[];

/** The earliest minute from `t` at which this person has `minutes` free in one working span; infinite if never. */
function freeFrom(person: Person, busy: readonly Span[], t: Minute, minutes: number): Minute {
  const last = person.hours.dayAt(t) + MOST_DAYS;
  for (let day = person.hours.dayAt(t); day <= last; day++) {
    const span = person.hours.on(day);
    if (!span || span[1] - Math.max(span[0], t) < minutes) continue;
    let from = Math.max(span[0], t);
    for (const [a, b] of busy) {
      if (b <= from) continue;
      if (a >= from + Math.max(minutes, 1)) break;
      from = b;
    }
    if (from + minutes <= span[1]) return from;
  }
  return Infinity;
}

const NOBODY: readonly Span[] = [];

/** The people who may do a task. */
export function eligible(task: Task, crew: readonly Person[]): Person[] {
  return crew.filter((p) => task.skill === null || p.skills.has(task.skill));
}

function together(
  task: Task,
  people: readonly Person[],
  busy: Busy | null,
  t: Minute,
  prefer: (p: Person, start: Minute) => number,
): Team | null {
  let from = t;
  for (let guard = 0; guard < 4000; guard++) {
    const free = people
      .map((p) => ({ p, at: freeFrom(p, busy?.[p.index] ?? NOBODY, from, task.minutes) }))
      .sort((a, b) => a.at - b.at);
    const at = free[task.people - 1]!.at;
    if (at === Infinity) return null;
    if (at === from) {
      const ready = free.filter((f) => f.at === from).map((f) => f.p);
      ready.sort((a, b) => prefer(a, from) - prefer(b, from) || a.index - b.index);
      return {
        start: from,
        end: from + task.minutes,
        crew: ready.slice(0, task.people).sort((a, b) => a.index - b.index),
      };
    }
    from = at;
  }
  return null;
}

/** Every way to pick `n` of the people, in order; a hundred at the most, since beyond that the first few are as good. */
function* picks(people: readonly Person[], n: number, from = 0): Generator<Person[]> {
  if (n === 0) {
    yield [];
    return;
  }
  for (let i = from; i <= people.length - n; i++)
    for (const rest of picks(people, n - 1, i + 1)) yield [people[i]!, ...rest];
}

/** A team that may break off at night: the same people, working all of their common hours from start to end. */
function acrossNights(task: Task, people: readonly Person[], busy: Busy | null, t: Minute): Team | null {
  let best: Team | null = null;
  let tried = 0;
  for (const team of picks(people, task.people)) {
    if (++tried > 100) break;
    const found = teamAcrossNights(task, team, busy, t);
    if (found && (!best || found.end < best.end)) best = found;
  }
  return best;
}

function teamAcrossNights(task: Task, team: readonly Person[], busy: Busy | null, t: Minute): Team | null {
  let from = t;
  for (;;) {
    const span = commonHours(task.minutes, team, from);
    if (!span) return null;
    // The work is theirs from its start to its end: other work in between means beginning again after it.
    const clash = team.flatMap((p) => busy?.[p.index] ?? NOBODY).filter(([a, b]) => a < span[1] && b > span[0]);
    if (clash.length === 0) return { start: span[0], end: span[1], crew: team };
    from = Math.max(from + 1, ...clash.map(([, b]) => b));
  }
}

/** From when to when these people gather so many minutes of hours they share; null where they never do. */
function commonHours(minutes: number, team: readonly Person[], t: Minute): Span | null {
  let left = minutes;
  let start: Minute | null = null;
  const firstDay = team[0]!.hours.dayAt(t);
  for (let day = firstDay; day <= firstDay + MOST_DAYS; day++) {
    const spans = team.map((p) => p.hours.on(day));
    if (spans.some((s) => !s)) continue;
    const from = Math.max(t, ...spans.map((s) => s![0]));
    const to = Math.min(...spans.map((s) => s![1]));
    if (from >= to) continue;
    start ??= from;
    const worked = Math.min(left, to - from);
    left -= worked;
    if (left <= 0) return [start, from + worked];
  }
  return null;
}

/**
 * The earliest team for a task from minute `t`; null where nobody can ever do it. With `busy` null the people have
 * nothing else to do: the relaxation that the lower bound rests on.
 */
export function earliestTeam(
  task: Task,
  crew: readonly Person[],
  busy: Busy | null,
  t: Minute,
  prefer: (p: Person, start: Minute) => number,
): Team | null {
  if (task.people === 0) return { start: t, end: t + task.minutes, crew: [] };
  const people = eligible(task, crew);
  if (people.length < task.people) return null;
  return task.splittable ? acrossNights(task, people, busy, t) : together(task, people, busy, t, prefer);
}
