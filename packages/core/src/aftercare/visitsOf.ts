import { DateTime } from 'luxon';
import type { Case } from '../systems/case.ts';
import type { AftercareItem } from './aftercare.ts';
import { FOLLOW_UPS, type DueRule, type FollowUpRow } from './knowledge/followUps.ts';
import { afterWetSeason, dryingSeason, type DueSpan, type SeasonPlace } from './seasons.ts';

/** Something that was looked at again on a surface, by the code of its follow-up. */
export interface Looked {
  code: string;
  /** ISO 8601. */
  at: string;
}

/** The visits that a finished surface asks for, from its last coat and from what was looked at since. */
export function visitsOf(c: Case, end: DateTime, place: SeasonPlace, looked: readonly Looked[]): AftercareItem[] {
  return FOLLOW_UPS.filter((row) => row.when(c)).flatMap((row) => {
    const last = lastLook(row, end, looked);
    if (last && row.againMonths === null) return [];
    const span = last ? spanFrom(last, again(row), place) : spanFrom(end, row.due, place);
    return [asItem(row, span)];
  });
}

/** The newest look since the last coat: what was seen on an older film says nothing of this one. */
function lastLook(row: FollowUpRow, end: DateTime, looked: readonly Looked[]): DateTime | null {
  const own = looked
    .filter((l) => l.code === row.id)
    .map((l) => DateTime.fromISO(l.at, { zone: end.zone }))
    .filter((at) => at >= end);
  return DateTime.max(...own) ?? null;
}

const WITHIN_DAYS = 60;
/** A second look keeps the season of the first. */
const again = ({ due, againMonths }: FollowUpRow): DueRule =>
  due.after === 'months'
    ? { after: 'months', months: againMonths!, withinDays: WITHIN_DAYS }
    : due.after === 'wet-season'
      ? due
      : { ...due, months: againMonths! };

function spanFrom(from: DateTime, due: DueRule, place: SeasonPlace): DueSpan {
  if (due.after === 'drying-season') return dryingSeason(from.plus({ months: due.months }), place);
  if (due.after === 'wet-season') return afterWetSeason(from, due.months, place);
  const at = from.plus({ months: due.months });
  return { from: at, by: at.plus({ days: due.withinDays }) };
}

const iso = (date: DateTime) => date.toISO({ suppressMilliseconds: true })!;
const asItem = ({ id, words, why, minutes }: FollowUpRow, span: DueSpan): AftercareItem => ({
  kind: 'visit',
  code: id,
  at: iso(span.from),
  by: iso(span.by),
  minutes,
  words,
  why,
});
