import { FAULT_LABELS } from '@rustic/core';
import type { ConsequenceLine } from '../store/endpoints.ts';
import { isTold, sayRoundMoney } from './figures.ts';

const WITHIN: Record<string, string> = {
  PT1H: 'within the hour',
  PT4H: 'the same day',
  P1D: 'by the next day',
  P1W: 'within a week',
  P1M: 'within a month',
  P2M: 'within two months',
  P3M: 'within three months',
  P6M: 'within half a year',
  P1Y: 'within a year',
  P2Y: 'within two years',
};

/** When a fault shows, from its ISO 8601 duration. */
export const sayShows = (duration: string) => WITHIN[duration] ?? 'in time';

/** 78 in 100; never more than it is. */
export const sayInHundred = (odds: number) => `${Math.round(odds * 100)} in 100`;

/** What follows, in a line: "peels within a month, 78 in 100, £960 to put right". */
export const sayConsequence = (one: ConsequenceLine, currency: string) =>
  `${FAULT_LABELS[one.fault]} ${sayShows(one.shows)}, ${sayInHundred(one.odds)}${isTold(one.cost) ? `, ${sayRoundMoney(one.cost, currency)} to put right` : ''}`;

/** A term of months as a firm would write it. */
export function sayTerm(months: number): string {
  if (months < 12) return `${months} months`;
  const years = Math.floor(months / 12);
  const half = months % 12 >= 6;
  if (years === 1) return half ? 'a year and a half' : 'one year';
  return `${years}${half ? '½' : ''} years`;
}
