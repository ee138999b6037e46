import { DateTime } from 'luxon';
import type { Case } from '../systems/case.ts';
import type { AftercareItem } from './aftercare.ts';
import { dayOf, isoDay, plusMonths, type Day } from './days.ts';
import { FOLLOW_UPS, type DueRule, type FollowUpRow } from './knowledge/followUps.ts';
import { afterWetSeason, dryingSeason, type DueSpan, type SeasonPlace } from './seasons.ts';

/** Something that was looked at again on a surface, by the code of its follow-up. */
export interface Inspection {
  code: string;
  /** ISO 8601. */
  at: string;
}

/**
 * The visits that a finished surface asks for, from the day of its last coat and from what was looked at since. Their `at` and `by`
 * are dates of the place, YYYY-MM-DD.
 */
export function visitsOf(
  c: Case,
  end: Day,
  timeZone: string,
  place: SeasonPlace,
  looked: readonly Inspection[],
): AftercareItem[] {
  return FOLLOW_UPS.filter((row) => row.when(c)).flatMap((row) => {
    const seen = lastLook(row, end, timeZone, looked);
    if (seen && row.againMonths === null) return [];
    const span = seen ? spanFrom(seen, again(row), place) : spanFrom(end, row.due, place);
    return [asItem(row, span)];
  });
}

/** The newest look since the last coat: what was seen on an older film says nothing of this one. */
function lastLook(row: FollowUpRow, end: Day, zone: string, looked: readonly Inspection[]): Day | null {
  const own = looked
    .filter((l) => l.code === row.id)
    .map((l) => dayOf(DateTime.fromISO(l.at, { zone })))
    .filter((at) => at >= end);
  return own.length ? Math.max(...own) : null;
}

const WITHIN_DAYS = 60;
/** A second look keeps the season of the first. */
const again = ({ due, againMonths }: FollowUpRow): DueRule =>
  due.after === 'months'
    ? { after: 'months', months: againMonths!, withinDays: WITHIN_DAYS }
    : due.after === 'wet-season'
      ? due
      : { ...due, months: againMonths! };

function spanFrom(from: Day, due: DueRule, place: SeasonPlace): DueSpan {
  if (due.after === 'drying-season') return dryingSeason(plusMonths(from, due.months), place);
  if (due.after === 'wet-season') return afterWetSeason(from, due.months, place);
  const at = plusMonths(from, due.months);
  return { from: at, by: at + due.withinDays };
}

const asItem = ({ id, words, why, minutes }: FollowUpRow, span: DueSpan): AftercareItem => ({
  kind: 'visit',
  code: id,
  at: isoDay(span.from),
  by: isoDay(span.by),
  minutes,
  words,
  why,
});
