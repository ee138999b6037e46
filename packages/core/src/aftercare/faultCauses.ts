import type { Fault } from '../vocabulary/index.ts';
import { CAUSE_FIRST, CAUSES, ENDS_FILM, MAKE_GOOD, type CauseRow, type FaultRecord } from './knowledge/causes.ts';

/** A cause of a fault with its share among the causes there are, most likely first; `because` is what of the record speaks for it. */
export interface FaultCause {
  code: string;
  words: string;
  share: number;
  because: string | null;
  lookFor: string;
  /** It lies in the surface, its films or its water, and works on under a mend; false: it happened on the day. */
  stays: boolean;
}

/** Whether the cause has to be found before paint is suggested. */
export const causeFirst = (fault: Fault): boolean => CAUSE_FIRST.has(fault);

/** Whether a fault is the end of its film: it counts against how long films last. */
export const endsFilm = (fault: Fault): boolean => ENDS_FILM.has(fault);

/** What is done before a fault of the hand is painted over; null where its cause comes first. */
export const makeGood = (fault: Fault): string | null => MAKE_GOOD[fault] ?? null;

const expectedOf = ({ mechanisms = [] }: CauseRow, { expected }: FaultRecord) =>
  mechanisms.reduce((sum, mechanism) => sum + (expected[mechanism] ?? 0), 0);

/**
 * The likely causes of a fault by the record of its surface: what the account of failure expects of it as it was really
 * done, and what happened on the day. Shares sum to 1; empty where a fault is of the hand alone.
 */
export function faultCauses(fault: Fault, record: FaultRecord): FaultCause[] {
  const weighed = CAUSES.filter((row) => row.faults.includes(fault)).map((row) => {
    const spoken = row.speaks(record);
    return {
      row,
      weight: expectedOf(row, record) + row.chance * (spoken?.times ?? 1),
      because: spoken?.because ?? null,
    };
  });
  const all = weighed.reduce((sum, { weight }) => sum + weight, 0);
  return weighed
    .map(({ row, weight, because }) => ({
      code: row.code,
      words: row.words,
      share: weight / all,
      because,
      lookFor: row.lookFor,
      stays: (row.mechanisms ?? []).length > 0,
    }))
    .sort((a, b) => b.share - a.share || a.code.localeCompare(b.code));
}
