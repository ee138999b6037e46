import type { Chemistry } from '../vocabulary/index.ts';
import { airAt, nextChange, type Air } from './air.ts';
import { dryingRate } from './rate.ts';

/** A film that dries: its chemistry and the floor below which it forms nothing. */
export interface Film {
  chemistry: Chemistry;
  minTempC: number | null;
  /** Wet film over that of the label; time grows about with its square. 1 at the label's film. */
  thickness?: number;
}

/** Times are minutes since the epoch; a film that has not got there in this long never will. */
const NEVER_AFTER = 60 * 24 * 800;

/**
 * The minute at which a film laid at `from` has gathered `labelMinutes`, hour by hour, rounded up to the minute;
 * null where this air never gets it there. Source: dose of label minutes, thickness squared.
 */
export function reaches(film: Film, air: Air, from: number, labelMinutes: number): number | null {
  let left = labelMinutes * (film.thickness ?? 1) ** 2;
  let minute = from;
  while (left > 1e-6) {
    const rate = dryingRate(film.chemistry, airAt(air, minute), film.minTempC);
    const until = nextChange(air, minute);
    if (rate > 0 && minute + left / rate <= until) return Math.ceil(minute + left / rate - 1e-6);
    if (until === Infinity || minute - from > NEVER_AFTER) return null;
    left -= rate * (until - minute);
    minute = until;
  }
  return minute;
}

/** The share of `labelMinutes` gathered between two minutes, 0 to 1: the curve of a drying wedge. */
export function doseBetween(film: Film, air: Air, from: number, to: number, labelMinutes: number): number {
  const needed = labelMinutes * (film.thickness ?? 1) ** 2;
  if (needed <= 0) return 1;
  let gathered = 0;
  let minute = from;
  while (minute < to && gathered < needed) {
    const until = Math.min(to, nextChange(air, minute));
    gathered += dryingRate(film.chemistry, airAt(air, minute), film.minTempC) * (until - minute);
    minute = until;
  }
  return Math.min(1, gathered / needed);
}
