import { MOST_DAYS, type Minute, type Span } from './calendar.ts';
import type { Diary } from './diary.ts';
import type { Person, Task } from './problem.ts';

/** A placed team: from when to when, and who. */
export interface Team {
  start: Minute;
  end: Minute;
  crew: readonly Person[];
}

/** The earliest minute from `t` at which this person has `minutes` free in one working span; infinite if never. */
function freeFrom(person: Person, diary: Diary | undefined, t: Minute, task: Task): Minute {
  const { minutes, site } = task;
  if (minutes > person.hours.longest) return Infinity;
  const first = person.hours.dayAt(t);
  for (let day = first; day <= first + MOST_DAYS; day++) {
    const span = person.hours.on(day);
    if (!span || (diary && !diary.mayHold(day, minutes))) continue;
    const from = span[0] > t ? span[0] : t;
    if (span[1] - from < minutes) continue;
    if (!diary) return from;
    const at = diary.free(from, span[1], minutes, site);
    if (at !== Infinity) return at;
  }
  return Infinity;
}

/** How a team is chosen among those free at once: the lesser number first. */
export type Prefer = (person: Person, start: Minute) => number;

function alone(
  task: Task,
  people: readonly Person[],
  diaries: readonly Diary[] | null,
  t: Minute,
  prefer: Prefer,
): Team | null {
  let best: Person | null = null;
  let at = Infinity;
  let mark = 0;
  for (const person of people) {
    const from = freeFrom(person, diaries?.[person.index], t, task);
    if (from > at || from === Infinity) continue;
    const liking = prefer(person, from);
    if (from < at || liking < mark) {
      best = person;
      at = from;
      mark = liking;
    }
  }
  return best && { start: at, end: at + task.minutes, crew: [best] };
}

function together(
  task: Task,
  people: readonly Person[],
  diaries: readonly Diary[] | null,
  t: Minute,
  prefer: Prefer,
): Team | null {
  let from = t;
  for (let guard = 0; guard < 4000; guard++) {
    const free = people
      .map((p) => ({ p, at: freeFrom(p, diaries?.[p.index], from, task) }))
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

/** Every way to pick `n` of the people, in order. */
function* picks(people: readonly Person[], n: number, from = 0): Generator<Person[]> {
  if (n === 0) {
    yield [];
    return;
  }
  for (let i = from; i <= people.length - n; i++)
    for (const rest of picks(people, n - 1, i + 1)) yield [people[i]!, ...rest];
}

/** Beyond so many ways to pick a team the first are as good. */
const MOST_TEAMS = 1000;

/** A team that may break off at night: the same people, working all of their common hours from start to end. */
function acrossNights(task: Task, people: readonly Person[], diaries: readonly Diary[] | null, t: Minute): Team | null {
  let best: Team | null = null;
  let tried = 0;
  for (const team of picks(people, task.people)) {
    if (++tried > MOST_TEAMS) break;
    const found = teamAcrossNights(task, team, diaries, t);
    if (found && (!best || found.end < best.end)) best = found;
  }
  return best;
}

function teamAcrossNights(
  task: Task,
  team: readonly Person[],
  diaries: readonly Diary[] | null,
  t: Minute,
): Team | null {
  let from = t;
  for (;;) {
    const span = commonHours(task.minutes, team, from);
    if (!span) return null;
    // The work is theirs from its start to its end: other work in between means beginning again after it.
    let clash: Minute | null = null;
    for (const p of team) {
      const until = diaries?.[p.index]?.clash(span[0], span[1], task.site) ?? null;
      if (until !== null && (clash === null || until > clash)) clash = until;
    }
    if (clash === null) return { start: span[0], end: span[1], crew: team };
    from = Math.max(from + 1, clash);
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
 * The earliest team for a task from minute `t`, out of `people`; null where they can never do it. With `diaries` null
 * they have nothing else to do: the relaxation that the lower bound rests on.
 */
export function earliestTeam(
  task: Task,
  people: readonly Person[],
  diaries: readonly Diary[] | null,
  t: Minute,
  prefer: Prefer,
): Team | null {
  if (task.people === 0) return { start: t, end: t + task.minutes, crew: [] };
  if (people.length < task.people) return null;
  if (task.splittable) return acrossNights(task, people, diaries, t);
  return task.people === 1 ? alone(task, people, diaries, t, prefer) : together(task, people, diaries, t, prefer);
}
