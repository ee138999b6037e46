import { airAt } from '../drying/air.ts';
import { airFault, endOfFirstBad } from '../drying/limits.ts';
import { MOST_DAYS, type Minute } from './calendar.ts';
import { coatTimes, type Problem, type Task } from './problem.ts';
import type { State, WaitCode } from './state.ts';

/** What a rule answers for a start: nothing, or the next start it would allow, and why. */
export interface Push {
  to: Minute;
  code: WaitCode;
  /** The rule's name in a list of reasons. */
  rule: string;
  text: string;
}

/** The rules that bind one coat alone, whatever else is placed. They only ever push a start later. */
export function pushAlone(problem: Problem, task: Task, start: Minute, end: Minute): Push | null {
  return pushByAir(task, start, end) ?? pushByBackBy(problem, task, start, end);
}

/** The air must suit from the start until dust-free, or longer where the sheet says so; no rain until it is rain-safe. */
function pushByAir(task: Task, start: Minute, end: Minute): Push | null {
  if (!task.coat) return null;
  const { figures } = task.coat;
  const { dustFreeAt } = coatTimes(task, end);
  const holdUntil = Math.max(dustFreeAt ?? end, figures.limitsHoldMin == null ? end : end + figures.limitsHoldMin);
  // A coat that takes no time still meets the air of its minute.
  const bad = endOfFirstBad(
    task.air,
    start,
    Math.max(holdUntil, start + 1),
    (hour) => airFault(hour, figures) !== null,
  );
  if (bad !== null) {
    const why =
      airFault(airAt(task.air, Math.min(start, bad === Infinity ? start : bad - 1)), figures) ??
      'the air does not stay within its limits until it is dust-free';
    return { to: bad, code: 'air', rule: 'air', text: `Waits for the air: ${why}.` };
  }
  if (figures.rainSafeMin == null) return null;
  const wet = endOfFirstBad(
    task.air,
    start,
    Math.max(end + figures.rainSafeMin, start + 1),
    (hour) => (hour.rainMm ?? 0) > 0,
  );
  return wet === null
    ? null
    : { to: wet, code: 'air', rule: 'air', text: 'Waits for the rain: it must stay dry until it is rain-safe.' };
}

/** A room that must be back in use by evening: the coat starts and is dust-free on one day, before that hour. */
function pushByBackBy(problem: Problem, task: Task, start: Minute, end: Minute): Push | null {
  const backBy = task.zone?.backBy;
  if (!task.coat || !backBy) return null;
  const { calendar } = problem;
  const day = calendar.dayOf(start);
  const dry = coatTimes(task, end).dustFreeAt ?? end;
  if (dry <= calendar.at(day, backBy)) return null;
  const tooFar = day - calendar.dayOf(problem.start) > MOST_DAYS;
  return {
    to: tooFar ? Infinity : calendar.midnight(day + 1),
    code: 'room',
    rule: 'back-by',
    text: `Waits for a day on which it is dust-free by ${backBy}, when the room is wanted back.`,
  };
}

/** The rules between tasks: no dust near wet film, places on the rack. */
export function pushByOthers(problem: Problem, state: State, task: Task, start: Minute, end: Minute): Push | null {
  return pushByDust(state, task, start, end) ?? pushByRack(problem, state, task, start, end);
}

function pushByDust(state: State, task: Task, start: Minute, end: Minute): Push | null {
  if (!task.zone?.noDustWhileWet) return null;
  const use = state.zone(task.zone.id);
  if (task.dusty) {
    const near = use.wet.find((w) => w.task !== task.index && w.span[0] < end && w.span[1] > start);
    if (near)
      return { to: near.span[1], code: 'dust', rule: 'dust', text: 'Waits until the film in this room is dust-free.' };
  }
  if (!task.coat) return null;
  const wetUntil = coatTimes(task, end).dustFreeAt ?? end;
  const dusty = use.dusty.find((d) => d.task !== task.index && d.span[0] < wetUntil && d.span[1] > start);
  return dusty
    ? {
        to: Math.max(dusty.span[1], start + 1),
        code: 'dust',
        rule: 'dust',
        text: 'Waits until the dusty work in this room is over.',
      }
    : null;
}

function pushByRack(problem: Problem, state: State, task: Task, start: Minute, end: Minute): Push | null {
  if (!task.onRack || problem.racks === Infinity) return null;
  if (problem.racks === 0) return { to: Infinity, code: 'rack', rule: 'rack', text: 'There is no rack.' };
  const until = Math.max(end, coatTimes(task, end).recoatFrom ?? end);
  const near = state.racks.filter(([a, b]) => a < until && b > start);
  // The fullest moment within the stay is the start of one of those there, or its own.
  const full = [start, ...near.map(([a]) => Math.max(a, start))].filter(
    (at) => near.filter(([a, b]) => a <= at && b > at).length >= problem.racks,
  );
  if (full.length === 0) return null;
  const at = Math.min(...full);
  const leaves = Math.min(...near.filter(([a, b]) => a <= at && b > at).map(([, b]) => b));
  return { to: leaves, code: 'rack', rule: 'rack', text: 'Waits for a place on the drying rack.' };
}
