import type { RoundProblem } from './roundProblem.ts';

/** One round: visits by index, in the order they are driven. */
export interface Route {
  stops: readonly number[];
  /** Minutes on the way, yard to yard. */
  legs: number;
  /** Minutes on the spots. */
  work: number;
  /** The days in which every stop may be visited. */
  from: number;
  by: number;
}

/** At which place of the problem a visit stands; the yard is place 0. */
export const placeOf = (stop: number) => stop + 1;

/** Minutes on the way and setting out. */
export const costOf = (p: RoundProblem, routes: readonly Route[]) =>
  routes.reduce((sum, r) => sum + p.setOut + r.legs, 0);

export function routeOf(p: RoundProblem, stops: readonly number[]): Route {
  let legs = 0;
  let at = 0;
  let work = 0;
  let from = -Infinity;
  let by = Infinity;
  for (const stop of stops) {
    legs += p.leg[at]![placeOf(stop)]!;
    at = placeOf(stop);
    work += p.minutes[stop]!;
    from = Math.max(from, p.from[stop]!);
    by = Math.min(by, p.by[stop]!);
  }
  return { stops, legs: legs + p.leg[at]![0]!, work, from, by };
}
