import { diagnoseBy } from '../evidence/diagnosis.ts';
import { surfaceFacts } from '../evidence/facts.ts';
import { priceOn } from '../pricing/price.ts';
import type { Condition } from '../vocabulary/index.ts';
import { rediagnosed, type Case } from '../systems/case.ts';
import { compose } from '../systems/compose.ts';
import { ANOTHER_YEAR } from './knowledge/anotherYear.ts';

/** What leaving a surface another year may bring. Money in minor units; odds 0 to 1. */
export interface AnotherYear {
  brings: { condition: Condition; odds: number; text: string; addedCost: number }[];
  /** Odds times what each would add to the system, added up. */
  expectedCost: number;
  /** What the system would come to, were all of it to happen. */
  atWorst: number;
}

/** Below this chance a year of waiting brings nothing worth a line. */
const WORTH_SAYING = 0.02;

/** The same surface with conditions that it does not have yet. */
function worsened(c: Case, conditions: readonly Condition[]): Case {
  const { surface, tests } = c.d;
  const standing = [...new Set([...surface.conditions, ...c.d.findings.standing, ...conditions])];
  const facts = surfaceFacts({ ...surface, conditions: standing });
  // A test that cleared a condition speaks of today, not of next year.
  const d = diagnoseBy(facts, tests, () => c.d.lies);
  const next = rediagnosed(c, d);
  return { ...next, is: (...any) => any.some((one) => standing.includes(one)) };
}

/** What a year of waiting may bring to a surface, what each would add to the cost of its system, and their sum by odds. */
export function anotherYear(c: Case): AnotherYear {
  const costOf = (at: Case) => priceOn(c, compose(at).steps).cost;
  const now = costOf(c);
  const rows = ANOTHER_YEAR.filter((row) => !c.is(row.brings) && row.when(c))
    .map((row) => ({ ...row, odds: typeof row.odds === 'number' ? row.odds : row.odds(c) }))
    .filter((row) => row.odds >= WORTH_SAYING);
  const strongest = rows.filter((row) => !rows.some((o) => o.brings === row.brings && o.odds > row.odds));
  const brings = strongest.map(({ brings: condition, odds, text }) => ({
    condition,
    odds,
    text,
    addedCost: Math.max(0, costOf(worsened(c, [condition])) - now),
  }));
  return {
    brings,
    expectedCost: Math.round(brings.reduce((sum, one) => sum + one.odds * one.addedCost, 0)),
    atWorst: brings.length
      ? Math.max(
          now,
          costOf(
            worsened(
              c,
              brings.map((b) => b.condition),
            ),
          ),
        )
      : now,
  };
}
