import { DateTime } from 'luxon';

/**
 * A date of a place, as days since 1 January 1970. What follows from a coat is dated in days and months, not hours: so
 * counted, thousands of finished surfaces are dated in an instant, and no clock change comes between.
 */
export type Day = number;

const DAY_MS = 86_400_000;
const asDate = (day: Day) => new Date(day * DAY_MS);

/** The date on which a moment lies, in its own place. */
export const dayOf = ({ year, month, day }: DateTime): Day => Date.UTC(year, month - 1, day) / DAY_MS;
/** 1 to 12. */
export const monthOf = (day: Day): number => asDate(day).getUTCMonth() + 1;
/** YYYY-MM-DD. */
export const isoDay = (day: Day): string => asDate(day).toISOString().slice(0, 10);

/** The first of the month so many months on. */
export function monthStart(day: Day, months: number): Day {
  const date = asDate(day);
  return Date.UTC(date.getUTCFullYear(), date.getUTCMonth() + months, 1) / DAY_MS;
}

/** The same day so many months on; the last of the month where it has no such day. */
export function plusMonths(day: Day, months: number): Day {
  const last = monthStart(day, months + 1) - 1;
  return Math.min(last, monthStart(day, months) + asDate(day).getUTCDate() - 1);
}
