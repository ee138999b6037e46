import type { Climate } from '../vocabulary/index.ts';
import { monthOf, monthStart, plusMonths, type Day } from './days.ts';
import { SEASONS } from './knowledge/seasons.ts';

/** Where in the world a place lies, as far as its seasons ask. */
export interface SeasonPlace {
  hemisphere: 'northern' | 'southern';
  climate: Climate;
}

/** A span of days in which something is to be done, both ends included. */
export interface DueSpan {
  from: Day;
  by: Day;
}

const shifted = (months: readonly number[], { hemisphere }: SeasonPlace): readonly number[] =>
  hemisphere === 'northern' ? months : months.map((m) => ((m + 5) % 12) + 1);

const monthAfter = (month: number, more: number) => ((month - 1 + more) % 12) + 1;

/** The first day on or after `date` whose month is among `months`: `date` itself, or the first of a month. */
function firstIn(date: Day, months: readonly number[]): Day {
  let more = 0;
  while (!months.includes(monthAfter(monthOf(date), more))) more += 1;
  return more === 0 ? date : monthStart(date, more);
}

/** The last day of the run of `months` in which `date` lies. */
function lastOf(date: Day, months: readonly number[]): Day {
  let more = 1;
  while (months.includes(monthAfter(monthOf(date), more))) more += 1;
  return monthStart(date, more) - 1;
}

/**
 * The drying season on or after a date: from the date itself where it lies in one, else from its first day; until its
 * last. Paint outside wants a season in which it can dry.
 */
export function dryingSeason(date: Day, place: SeasonPlace): DueSpan {
  const months = shifted(SEASONS[place.climate].drying, place);
  const from = firstIn(date, months);
  return { from, by: lastOf(from, months) };
}

const TWO_MONTHS_TO_LOOK = 2;

/**
 * The two months after the first wet season that a film has stood through for `months` or longer. Water finds the first
 * weak joint, and what it loosened is seen before the sun closes it again.
 */
export function afterWetSeason(laid: Day, months: number, place: SeasonPlace): DueSpan {
  const wet = shifted(SEASONS[place.climate].wet, place);
  let from = lastOf(firstIn(laid, wet), wet) + 1;
  // A season that it saw only the end of says little.
  while (from < plusMonths(laid, months)) from = lastOf(firstIn(from, wet), wet) + 1;
  return { from, by: plusMonths(from, TWO_MONTHS_TO_LOOK) - 1 };
}
