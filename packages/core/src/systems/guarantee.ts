import { treatmentOdds, type Treatment } from '../evidence/treatment.ts';
import type { Case } from './case.ts';
import { compose } from './compose.ts';
import { failureIf } from './consequences.ts';
import {
  CALL_BACK_A_YEAR,
  LONGEST_MONTHS,
  MOST_THAT_FAIL,
  TERM_STEP_MONTHS,
  WITHHELD,
} from './knowledge/guaranteeTerms.ts';
import type { Step } from './step.ts';

/** What the firm can stand behind on one surface. Months; odds 0 to 1. */
export interface Guarantee {
  /** Null where it is withheld. */
  months: number | null;
  /** Why it is withheld, in words; empty where it is given. */
  withheld: string[];
  /** Chance that it lets go early because something else is there than was taken. */
  early: number;
  /** Chance of a call-back in a year once it has held, from exposure. */
  aYear: number;
}

/** A departure that somebody signed for, as far as a guarantee asks. */
export interface Departed {
  words: string;
  odds: number;
}

const WORTH_ASKING = 0.01;

/** The chance that these steps let go early, over everything that may be there. */
export function earlyFailure(c: Case, steps: readonly Step[]): number {
  const shares = treatmentOdds(c.d.odds);
  let total = 0;
  for (const treatAs of Object.keys(shares) as Treatment[]) {
    const share = shares[treatAs];
    if (treatAs === c.treatAs || share < WORTH_ASKING) continue;
    const zones = c.d.zones.map((zone) => ({ ...zone, treatAs }));
    const truth: Case = { ...c, treatAs, bare: treatAs === 'bare', d: { ...c.d, treatAs, zones } };
    total += share * failureIf(truth, compose(truth).steps, steps);
  }
  return total;
}

/**
 * The longest term, in half years up to five, within which no more than 15 in 100 fail: 1 − (1 − early) · e^(−rate · t).
 * Null where even the shortest is too long.
 */
export function longestTerm(early: number, aYear: number): number | null {
  const months = (-Math.log((1 - MOST_THAT_FAIL) / (1 - early)) / aYear) * 12;
  const term = Math.min(LONGEST_MONTHS, Math.floor(months / TERM_STEP_MONTHS) * TERM_STEP_MONTHS);
  return early < MOST_THAT_FAIL && term >= TERM_STEP_MONTHS ? term : null;
}

/** What follows for the guarantee from a system, what is there, and what was departed from. */
export function guaranteeOf(c: Case, steps: readonly Step[], departed: readonly Departed[] = []): Guarantee {
  const early = earlyFailure(c, steps);
  const aYear = CALL_BACK_A_YEAR[c.d.surface.exposure];
  const withheld = [
    ...WITHHELD.filter((row) => row.when(c, steps)).map((row) => row.reason),
    ...departed.map((d) => `${d.words}: signed for, against what the system asks.`),
  ];
  const months = longestTerm(early, aYear);
  if (months === null && withheld.length === 0)
    withheld.push(
      `What is there is not sure enough: ${Math.round(early * 100)} in 100 that it lets go early. Test before a promise is given.`,
    );
  return { months: withheld.length ? null : months, withheld, early, aYear };
}
