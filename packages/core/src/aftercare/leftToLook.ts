import { DateTime } from 'luxon';
import { LEFT_ROWS, type LeftKind } from './knowledge/leftToLook.ts';

export type { LeftKind } from './knowledge/leftToLook.ts';

/** Something left by decision, or a trial left to stand. */
export interface LeftOver {
  kind: LeftKind;
  /** Of the decision, test or trial. */
  id: string;
  words: string;
  /** When it was left, ISO 8601. */
  at: string;
  /** When it was last looked at again, ISO 8601; null: not yet. */
  lookedAt: string | null;
}

/** A visit to something that was left. Times ISO 8601, minutes on the spot. */
export interface LeftVisit {
  id: string;
  code: LeftKind;
  at: string;
  by: string;
  minutes: number;
  words: string;
  why: string;
}

/** When what was left is looked at again. One look is enough for some; the rest come round. */
export function leftToLook(left: readonly LeftOver[], timeZone: string): LeftVisit[] {
  return left.flatMap(({ kind, id, words, at, lookedAt }): LeftVisit[] => {
    const row = LEFT_ROWS[kind];
    if (lookedAt !== null && row.againMonths === null) return [];
    const months = lookedAt === null ? row.months : row.againMonths!;
    const due = DateTime.fromISO(lookedAt ?? at, { zone: timeZone }).plus({ months });
    return [
      {
        id,
        code: kind,
        at: due.toISO({ suppressMilliseconds: true })!,
        by: due.plus({ days: row.withinDays }).toISO({ suppressMilliseconds: true })!,
        minutes: row.minutes,
        words: row.words(words),
        why: row.why,
      },
    ];
  });
}
