import type { DateTime } from 'luxon';
import { SEASONS, type Climate } from './knowledge/seasons.ts';

/** Where in the world a place lies, as far as its seasons ask. */
export interface SeasonPlace {
  hemisphere: 'northern' | 'southern';
  climate: Climate;
}

/** A span of local days in which something is to be done, both ends included. */
export interface DueSpan {
  from: DateTime;
  by: DateTime;
}

const shifted = (months: readonly number[], { hemisphere }: SeasonPlace): readonly number[] =>
  hemisphere === 'northern' ? months : months.map((m) => ((m + 5) % 12) + 1);

/** The first day on or after `date` whose month is among `months`: `date` itself, or the first of a month. */
function firstIn(date: DateTime, months: readonly number[]): DateTime {
  let at = date;
  while (!months.includes(at.month)) at = at.plus({ months: 1 }).startOf('month');
  return at;
}

/** The last day of the run of `months` in which `date` lies. */
function lastOf(date: DateTime, months: readonly number[]): DateTime {
  let at = date.startOf('month');
  while (months.includes(at.plus({ months: 1 }).month)) at = at.plus({ months: 1 });
  return at.endOf('month').startOf('day');
}

/**
 * The drying season on or after a date: from the date itself where it lies in one, else from its first day; until its
 * last. Paint outside wants a season in which it can dry.
 */
export function dryingSeason(date: DateTime, place: SeasonPlace): DueSpan {
  const months = shifted(SEASONS[place.climate].drying, place);
  const from = firstIn(date, months);
  return { from, by: lastOf(from, months) };
}

const TWO_MONTHS_TO_LOOK = 2;

/**
 * The two months after the first wet season that a film has stood through for `months` or longer. Water finds the first
 * weak joint, and what it loosened is seen before the sun closes it again.
 */
export function afterWetSeason(laid: DateTime, months: number, place: SeasonPlace): DueSpan {
  const wet = shifted(SEASONS[place.climate].wet, place);
  let from = lastOf(firstIn(laid, wet), wet).plus({ days: 1 });
  // A season that it saw only the end of says little.
  while (from < laid.plus({ months })) from = lastOf(firstIn(from, wet), wet).plus({ days: 1 });
  return { from, by: from.plus({ months: TWO_MONTHS_TO_LOOK }).minus({ days: 1 }) };
}
