import { NOTHING_WANTED } from '../model/surface.ts';
import { treatmentOdds, type Treatment } from '../evidence/treatment.ts';
import { DEFAULT_HOUSE_RULES } from '../vocabulary/index.ts';
import { asIf, recase, type Case } from './case.ts';
import { compose } from './compose.ts';
import { failureIf } from './consequences.ts';
import { COAT_MORE, ONE_COAT, WEARS } from './knowledge/durability.ts';
import {
  CALL_BACK_A_YEAR,
  LONGEST_MONTHS,
  MOST_THAT_FAIL,
  TERM_STEP_MONTHS,
  WITHHELD,
} from './knowledge/guaranteeTerms.ts';
import { heldFactor } from './held.ts';
import type { Step } from '../model/step.ts';

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
  /** How much of that is the firm's own record: so many times what is typical; 1 where it says nothing, or does not count. */
  held: number;
}

/** A departure that somebody signed for, as far as a guarantee asks. */
export interface Departed {
  words: string;
  odds: number;
}

const WORTH_ASKING = 0.01;

/** What else may be there, with its share of the odds and what it asks for. */
interface Otherwise {
  truth: Case;
  share: number;
  needed: readonly Step[];
}
const otherwise = new WeakMap<object, Map<string, readonly Otherwise[]>>();

/** The same surface under the usual rules, going to the same kind of finish: what it asks for, whoever paints it. */
function asUsual(c: Case): Case {
  const chemistry = c.goesTo === 'solvent-borne' ? 'solvent-borne' : 'waterborne';
  return recase(c, DEFAULT_HOUSE_RULES, { ...NOTHING_WANTED, colour: c.wanted.colour, chemistry });
}

/** Read once for one diagnosis and kind of finish: what is there does not change with the way it is painted. */
function whatElse(c: Case): readonly Otherwise[] {
  let kinds = otherwise.get(c.d);
  if (!kinds) otherwise.set(c.d, (kinds = new Map<string, readonly Otherwise[]>()));
  const known = kinds.get(c.goesTo);
  if (known) return known;
  const usual = asUsual(c);
  const shares = treatmentOdds(c.d.odds);
  const found = (Object.keys(shares) as Treatment[])
    .filter((treatAs) => treatAs !== c.treatAs && shares[treatAs] >= WORTH_ASKING)
    .map((treatAs): Otherwise => {
      const truth = asIf(usual, treatAs);
      return { truth, share: shares[treatAs], needed: compose(truth).steps };
    });
  kinds.set(c.goesTo, found);
  return found;
}

/** The chance that these steps let go early, over everything that may be there. */
export function earlyFailure(c: Case, steps: readonly Step[]): number {
  return whatElse(c).reduce((sum, { truth, share, needed }) => sum + share * failureIf(truth, needed, steps), 0);
}

/** How often a system is called back in a year: by exposure, by how its finish wears, by its coats, and by how the firm's own have held. */
export function callBacksAYear(c: Case, steps: readonly Step[]): number {
  const finish = steps.find((s) => s.kind === 'finish-coat');
  const wear = WEARS.find((row) => row.family === finish?.family && row.when(c))?.factor ?? 1;
  const coats = finish?.coats ?? 2;
  const film = coats < 2 ? ONE_COAT : COAT_MORE ** (coats - 2);
  return CALL_BACK_A_YEAR[c.d.surface.exposure] * wear * film * heldFactor(c.held, steps);
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
  const aYear = callBacksAYear(c, steps);
  const withheld = [
    ...WITHHELD.filter((row) => row.when(c, steps)).map((row) => row.reason),
    ...departed.map((d) => `${d.words}: signed for, against what the system asks.`),
  ];
  const months = longestTerm(early, aYear);
  if (months === null && withheld.length === 0)
    withheld.push(
      `What is there is not sure enough: ${Math.round(early * 100)} in 100 that it lets go early. Test before a promise is given.`,
    );
  return { months: withheld.length ? null : months, withheld, early, aYear, held: heldFactor(c.held, steps) };
}
