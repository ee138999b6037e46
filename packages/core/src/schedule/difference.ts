import { DateTime } from 'luxon';
import type { Plan } from './plan.ts';

/** A step that starts at another time than was posted. Minutes later, or earlier below 0. */
export interface Moved {
  surface: string;
  id: string;
  from: string;
  to: string;
  laterMin: number;
}

export interface Difference {
  finishLaterMin: number;
  moved: Moved[];
}

/** Starts that moved less than this are the same to a painter. */
const SAME_MIN = 15;
const minutes = (a: string, b: string) =>
  Math.round((DateTime.fromISO(b).toMillis() - DateTime.fromISO(a).toMillis()) / 60_000);

/** What changed between a posted plan and one made now, the largest move first. Steps already done are left out. */
export function differenceOf(posted: Plan, now: Plan, done: ReadonlySet<string>): Difference {
  if (posted.status !== 'feasible' || now.status !== 'feasible') return { finishLaterMin: 0, moved: [] };
  const before = new Map(posted.steps.map((s) => [`${s.surface}/${s.id}`, s]));
  const moved = now.steps.flatMap((step): Moved[] => {
    const then = before.get(`${step.surface}/${step.id}`);
    if (!then || done.has(`${step.surface}/${step.id}`)) return [];
    const laterMin = minutes(then.start, step.start);
    return Math.abs(laterMin) < SAME_MIN
      ? []
      : [{ surface: step.surface, id: step.id, from: then.start, to: step.start, laterMin }];
  });
  return {
    finishLaterMin: minutes(posted.finish, now.finish),
    moved: moved.sort((a, b) => Math.abs(b.laterMin) - Math.abs(a.laterMin)),
  };
}
