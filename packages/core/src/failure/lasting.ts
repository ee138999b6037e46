import type { Case } from '../systems/case.ts';
import { heldFactor } from '../systems/held.ts';
import type { Step } from '../model/step.ts';
import { faultsIn, rungFor } from './faults.ts';
import {
  BY_HANDLING,
  CALL_BACK_A_YEAR,
  CLEAR_OVER,
  COAT_MORE,
  ONE_COAT,
  SATURATED,
  WEAR_ROWS,
  WEAR_SHAPE,
  YEARS,
} from './knowledge/wear.ts';
import { outlookOf } from './tallyOf.ts';
import { LONGEST_MONTHS, MOST_THAT_FAIL, TERM_STEP_MONTHS, WITHHELD } from './knowledge/terms.ts';

/** What the firm can stand behind on one surface. Months; odds 0 to 1. */
export interface Guarantee {
  /** Null where it is withheld. */
  months: number | null;
  /** Why it is withheld, in words; empty where it is given. */
  withheld: string[];
  /** The same as the client reads it: no odds, none of the firm's own rules. */
  toClient: string[];
  /** Chance that somebody rings because of how it was made: what is there, prepared and laid so. */
  early: number;
  /** Chance of a call-back in a year, over its first five: how it was made, and how it wears. */
  aYear: number;
  /** How much of that is the firm's own record: so many times what is typical; 1 where it says nothing, or does not count. */
  held: number;
}

/** A departure that somebody signed for, as far as a guarantee asks. */
export interface Departed {
  words: string;
  odds: number;
}

/** How often a sound system is called back in a year because it wears: by exposure, finish, coats, handling, and how the firm's own have held. */
export function wearAYear(c: Case, steps: readonly Step[]): number {
  if (c.wanted.leaveBare) return NOTHING_TO_WEAR;
  const finish = steps.findLast((s) => s.kind === 'finish-coat');
  const coats = steps.reduce((sum, s) => sum + (s.kind === 'finish-coat' ? (s.coats ?? 1) : 0), 0) || 1;
  const wear = WEAR_ROWS.find((row) => row.family === finish?.family && row.when(c))?.factor ?? 1;
  const film = coats < 2 ? ONE_COAT : COAT_MORE ** (coats - 2);
  const clear = finish && steps.some((s) => s.kind === 'clear-coat') ? CLEAR_OVER : 1;
  const soaked =
    c.outside &&
    c.ground === 'timber' &&
    steps.some((s) => s.kind === 'pre-prime' && s.family === 'penetrating-epoxy' && s.scope !== 'spots');
  return (
    CALL_BACK_A_YEAR[c.d.surface.exposure] *
    wear *
    film *
    clear *
    (soaked ? SATURATED : 1) *
    BY_HANDLING[c.wanted.handling] *
    heldFactor(c.held, steps)
  );
}

/** Where no film is left there is none to wear: what somebody still rings for, a year. */
const NOTHING_TO_WEAR = 0.01;

/** The chance of a call-back in a year, over the first years: `early` of how it was made, `wear` a year. */
export const callBackAYear = (early: number, wear: number): number =>
  1 - ((1 - early) * Math.exp(-wear * YEARS)) ** (1 / YEARS);

/** The chance that a film is worn out after so many years, where that comes to `aYear` a year over its first five. */
export const wornBy = (aYear: number, years: number): number =>
  1 - Math.exp(-aYear * YEARS * (years / YEARS) ** WEAR_SHAPE);

/**
 * The longest term, in half years up to five, within which no more than 15 in 100 fail: how it was made, or worn by
 * then. `wornBy` solved for the years. Null where even the shortest is too long.
 */
export function longestTerm(early: number, aYear: number): number | null {
  if (early >= MOST_THAT_FAIL) return null;
  const spare = -Math.log((1 - MOST_THAT_FAIL) / (1 - early));
  const months = 12 * YEARS * (spare / (aYear * YEARS)) ** (1 / WEAR_SHAPE);
  const term = Math.min(LONGEST_MONTHS, Math.floor(months / TERM_STEP_MONTHS) * TERM_STEP_MONTHS);
  return term >= TERM_STEP_MONTHS ? term : null;
}

/** What follows for the guarantee from a system, what is there, and what was departed from. */
export function guaranteeOf(c: Case, steps: readonly Step[], departed: readonly Departed[] = []): Guarantee {
  const outlook = outlookOf(c, steps);
  const early = rungFor(outlook.tally);
  const wear = wearAYear(c, steps);
  const rows = WITHHELD.filter((row) => row.when(c, steps));
  const withheld = [
    ...rows.map((row) => row.reason),
    ...departed.map((d) => `${d.words}: signed for, against what the system asks.`),
  ];
  const toClient = [
    ...rows.map((row) => row.toClient),
    ...departed.map((d) => `It is done otherwise than we advise: ${d.words}.`),
  ];
  const months = longestTerm(early, wear);
  if (months === null && withheld.length === 0) {
    withheld.push(
      early >= MOST_THAT_FAIL
        ? `${Math.round(early * 100)} in 100 are called back early. ${faultsIn(outlook)[0]!.because}`
        : 'It wears too fast here for any term.',
    );
    toClient.push(
      early >= MOST_THAT_FAIL
        ? 'What lies under the new paint here may let go, however well that is laid.'
        : 'It is used and weathered too hard here for a promise of years.',
    );
  }
  return {
    months: withheld.length ? null : months,
    withheld,
    toClient,
    early,
    aYear: callBackAYear(early, wear),
    held: heldFactor(c.held, steps),
  };
}
