import type { DryingFigures } from '../model/product.ts';
import type { Chemistry } from '../vocabulary/index.ts';
import { airAt, hoursOf, keptByAir, nextChange, type Air } from './air.ts';
import { dryingRate } from './rate.ts';

/** A film that dries: its chemistry and the floor below which it forms nothing. */
export interface Film {
  chemistry: Chemistry;
  minTempC: number | null;
  /** Wet film over that of the label; time grows about with its square. 1 at the label's film. */
  thickness?: number;
}

/** The film that a data sheet tells of, at the thickness of its label. */
export const filmOf = ({ chemistry, minTempC }: Pick<DryingFigures, 'chemistry' | 'minTempC'>): Film => ({
  chemistry,
  minTempC: minTempC ?? null,
});

/** What a film gathers in one air, summed hour by hour once, so that any time is looked up and not walked to. */
export interface DoseTable {
  /** The minute at which a film laid at `from` has gathered `labelMinutes`, rounded up; infinite where it never does. */
  reach: (from: number, labelMinutes: number) => number;
}

const ALMOST = 1e-6;
const HOUR = 60;

/** Sums up a film's progress in an air. Source: dose of label minutes, thickness squared. */
export function doseTable(film: Film, air: Air): DoseTable {
  const load = (film.thickness ?? 1) ** 2;
  if (air.kind === 'steady') {
    const rate = dryingRate(film.chemistry, airAt(air, 0), film.minTempC);
    return { reach: (from, label) => steadily(rate, from, label * load) };
  }
  const series = sumsOf(film, air);
  return { reach: (from, label) => hourly(series, from, label * load) };
}

function steadily(rate: number, from: number, needed: number): number {
  if (needed <= ALMOST) return from;
  return rate > 0 ? Math.ceil(from + needed / rate - ALMOST) : Infinity;
}

interface Sums {
  from: number;
  rates: Float64Array;
  /** What has been gathered by the start of each hour, and after the last. */
  sums: Float64Array;
}

const summed = keptByAir<Sums>();

const sumsOf = (film: Film, air: Air & { kind: 'hourly' }): Sums =>
  summed(air, `${film.chemistry}|${film.minTempC}`, () => summedUp(film, air));

function summedUp(film: Film, air: Air & { kind: 'hourly' }): Sums {
  const count = hoursOf(air);
  const rates = new Float64Array(count);
  const sums = new Float64Array(count + 1);
  for (let i = 0; i < count; i++) {
    rates[i] = dryingRate(film.chemistry, airAt(air, air.from + i * HOUR), film.minTempC);
    sums[i + 1] = sums[i]! + rates[i]! * HOUR;
  }
  return { from: air.from, rates, sums };
}

/** What is gathered between the series' first hour and a minute; below 0 before it. */
function gathered({ from, rates, sums }: Sums, minute: number): number {
  const last = rates.length - 1;
  const hour = Math.floor((minute - from) / HOUR);
  if (hour < 0) return rates[0]! * (minute - from);
  if (hour > last) return sums[last + 1]! + rates[last]! * (minute - from - (last + 1) * HOUR);
  return sums[hour]! + rates[hour]! * (minute - from - hour * HOUR);
}

function hourly(series: Sums, start: number, needed: number): number {
  if (needed <= ALMOST) return start;
  const { from, rates, sums } = series;
  const last = rates.length - 1;
  const target = gathered(series, start) + needed;
  // Rounding may leave a full hour a hair short of what was asked.
  const nearly = target - ALMOST;
  if (nearly <= 0) return Math.ceil(from + target / rates[0]! - ALMOST);
  if (nearly > sums[last + 1]!) {
    const end = from + (last + 1) * HOUR;
    return rates[last]! > 0 ? Math.ceil(end + (target - sums[last + 1]!) / rates[last]! - ALMOST) : Infinity;
  }
  let low = 0;
  let high = last;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (sums[middle + 1]! >= nearly) high = middle;
    else low = middle + 1;
  }
  const within = rates[low]! > 0 ? Math.min(HOUR, (target - sums[low]!) / rates[low]!) : 0;
  return Math.ceil(from + low * HOUR + within - ALMOST);
}

/**
 * The minute at which a film laid at `from` has gathered `labelMinutes`, hour by hour, rounded up to the minute;
 * null where this air never gets it there. Times are minutes since the epoch.
 */
export function reaches(film: Film, air: Air, from: number, labelMinutes: number): number | null {
  const at = doseTable(film, air).reach(from, labelMinutes);
  return at === Infinity ? null : at;
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
