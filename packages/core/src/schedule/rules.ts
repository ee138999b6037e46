import { MOST_DAYS, type Minute } from './calendar.ts';
import { dustFreeAt, recoatFrom, type Problem, type Task } from './problem.ts';
import type { Timetable } from './timetable.ts';

/** The rules that can push a start later, by their name in a list of reasons. */
export type PushRule =
  | 'order'
  | 'wait'
  | 'coat'
  | 'preferred'
  | 'handle'
  | 'hours'
  | 'crew'
  | 'other-trade'
  | 'air'
  | 'rain'
  | 'back-by'
  | 'fumes'
  | 'dust'
  | 'wet'
  | 'rack'
  | 'recoat-closes'
  | 'nights-out'
  | 'same-day'
  | 'posted';

/** What a rule answers for a start: nothing, or the next start it would allow, and which task it has in mind. */
export interface Push {
  to: Minute;
  rule: PushRule;
  by?: number;
}

/** The rules that bind one coat alone, whatever else is placed. They only ever push a start later. */
export function pushAlone(problem: Problem, task: Task, start: Minute, end: Minute): Push | null {
  return task.coat ? (pushByAir(task, start, end) ?? pushByEvening(problem, task, start, end)) : null;
}

/** The air must suit from the start until dust-free, or longer where the sheet says so; no rain until it is rain-safe. */
function pushByAir(task: Task, start: Minute, end: Minute): Push | null {
  const { figures, unsuited, rain } = task.coat!;
  const holdUntil = Math.max(dustFreeAt(task, end), figures.limitsHoldMin == null ? end : end + figures.limitsHoldMin);
  // A coat that takes no time still meets the air of its minute.
  const bad = unsuited.firstEnd(start, Math.max(holdUntil, start + 1));
  if (bad !== null) return { to: bad, rule: 'air' };
  if (!rain) return null;
  const wet = rain.firstEnd(start, Math.max(end + figures.rainSafeMin!, start + 1));
  return wet === null ? null : { to: wet, rule: 'rain' };
}

/** A room that is wanted back, or slept in, by evening: the coat starts and is dust-free on one day, before that hour. */
function pushByEvening(problem: Problem, task: Task, start: Minute, end: Minute): Push | null {
  const { zone } = task;
  if (!zone) return null;
  const backBy = zone.backBy;
  const fumes = task.strongVapour ? zone.fumesOutBy : null;
  if (!backBy && !fumes) return null;
  const clock = backBy && fumes ? (backBy < fumes ? backBy : fumes) : (backBy ?? fumes)!;
  const { calendar } = problem;
  const day = calendar.dayOf(start);
  if (dustFreeAt(task, end) <= calendar.at(day, clock)) return null;
  const tooFar = day - calendar.dayOf(problem.start) > MOST_DAYS;
  return { to: tooFar ? Infinity : calendar.midnight(day + 1), rule: clock === backBy ? 'back-by' : 'fumes' };
}

/** The rules between tasks: no dust near wet film, places on the rack. */
export function pushByOthers(problem: Problem, table: Timetable, task: Task, start: Minute, end: Minute): Push | null {
  return pushByDust(table, task, start, end) ?? pushByRack(problem, table, task, start, end);
}

function pushByDust(table: Timetable, task: Task, start: Minute, end: Minute): Push | null {
  if (!task.zone?.noDustWhileWet) return null;
  const at = task.zone.index;
  if (task.dusty) {
    const { from, to, task: of } = table.wet[at]!;
    for (let i = 0; i < from.length; i++)
      if (from[i]! < end && to[i]! > start) return { to: to[i]!, rule: 'dust', by: of[i]! };
  }
  if (!task.coat) return null;
  const wetUntil = dustFreeAt(task, end);
  const { from, to, task: of } = table.dusty[at]!;
  for (let i = 0; i < from.length; i++)
    if (from[i]! < wetUntil && to[i]! > start) return { to: Math.max(to[i]!, start + 1), rule: 'wet', by: of[i]! };
  return null;
}

function pushByRack(problem: Problem, table: Timetable, task: Task, start: Minute, end: Minute): Push | null {
  const places = problem.racks[task.site]!;
  if (!task.onRack || places === Infinity) return null;
  if (places === 0) return { to: Infinity, rule: 'rack' };
  const until = Math.max(end, recoatFrom(task, end) ?? end);
  const use = table.racks[task.site]!;
  const near: number[] = [];
  for (let i = 0; i < use.from.length; i++) if (use.from[i]! < until && use.to[i]! > start) near.push(i);
  if (near.length < places) return null;
  // The fullest moment within the stay is the start of one of those there, or its own.
  let full = Infinity;
  for (const at of [start, ...near.map((i) => Math.max(use.from[i]!, start))])
    if (at < full && near.filter((i) => use.from[i]! <= at && use.to[i]! > at).length >= places) full = at;
  if (full === Infinity) return null;
  const there = near.filter((i) => use.from[i]! <= full && use.to[i]! > full);
  return { to: Math.min(...there.map((i) => use.to[i]!)), rule: 'rack' };
}
