import { DateTime } from 'luxon';
import type { Plan, PlannedStep } from './plan.ts';
import { SAME_MIN } from './replan.ts';

/** A step that starts at another time than was posted, or goes to other hands. Minutes later, or earlier below 0. */
export interface Moved {
  surface: string;
  id: string;
  from: string;
  to: string;
  laterMin: number;
  /** What it waits for now. */
  why: string | null;
  /** Who does it now, where that is somebody else. */
  hands: string[] | null;
}

export interface Difference {
  finishLaterMin: number;
  visitsMore: number;
  moved: Moved[];
  /** Steps that were not posted, and posted ones that are no longer asked for. */
  added: PlannedStep[];
  dropped: PlannedStep[];
}

const nameOf = (step: PlannedStep) => `${step.surface}/${step.id}`;
const minutes = (a: string, b: string) =>
  Math.round((DateTime.fromISO(b).toMillis() - DateTime.fromISO(a).toMillis()) / 60_000);
const otherHands = (a: PlannedStep, b: PlannedStep) => a.crew.join() !== b.crew.join();

/** What changed between a posted plan and one made now, the largest move first. Steps already done are left out. */
export function differenceOf(posted: Plan, now: Plan, done: ReadonlySet<string>): Difference {
  if (posted.status !== 'feasible' || now.status !== 'feasible')
    return { finishLaterMin: 0, visitsMore: 0, moved: [], added: [], dropped: [] };
  const before = new Map(posted.steps.map((s) => [nameOf(s), s]));
  const asked = new Set(now.steps.map(nameOf));
  const moved = now.steps.flatMap((step): Moved[] => {
    const then = before.get(nameOf(step));
    if (!then || done.has(nameOf(step))) return [];
    const laterMin = minutes(then.start, step.start);
    const hands = otherHands(then, step) ? step.crew : null;
    if (Math.abs(laterMin) < SAME_MIN && !hands) return [];
    const why = step.waitsFor?.text ?? null;
    return [{ surface: step.surface, id: step.id, from: then.start, to: step.start, laterMin, why, hands }];
  });
  return {
    finishLaterMin: minutes(posted.finish, now.finish),
    visitsMore: now.visits - posted.visits,
    moved: moved.sort((a, b) => Math.abs(b.laterMin) - Math.abs(a.laterMin)),
    added: now.steps.filter((s) => !before.has(nameOf(s)) && !done.has(nameOf(s))),
    dropped: posted.steps.filter((s) => !asked.has(nameOf(s))),
  };
}
