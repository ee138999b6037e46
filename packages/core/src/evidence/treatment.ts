import { FINISHES } from '../vocabulary/index.ts';
import { TREATMENTS, TREATMENT_OF, WRONG_TREATMENT_COST, type Treatment } from './knowledge/treatments.ts';
import type { FinishOdds } from './odds.ts';

export type { Treatment } from './knowledge/treatments.ts';

/** The odds gathered by what each finish calls for; sums to 1. */
export function treatmentOdds(odds: FinishOdds): Record<Treatment, number> {
  const gathered = Object.fromEntries(TREATMENTS.map((t) => [t, 0])) as Record<Treatment, number>;
  for (const finish of FINISHES) gathered[TREATMENT_OF[finish]] += odds[finish];
  return gathered;
}

const TREATED: readonly number[] = FINISHES.map((finish) => TREATMENTS.indexOf(TREATMENT_OF[finish]));
const COSTS = TREATMENTS.map((treatAs) => WRONG_TREATMENT_COST[treatAs]);

/** Shares in the order of FINISHES, gathered by treatment. */
function gathered(shares: ArrayLike<number>): number[] {
  const by = TREATMENTS.map(() => 0);
  for (let i = 0; i < shares.length; i++) by[TREATED[i]!]! += shares[i]!;
  return by;
}

function lossOf(at: number, by: readonly number[]): number {
  const costs = COSTS[at]!;
  let loss = 0;
  for (let i = 0; i < by.length; i++) loss += by[i]! * costs[i]!;
  return loss;
}

/** The least loss that any treatment can expect, per m², for shares in the order of FINISHES. */
export function leastLoss(shares: ArrayLike<number>): number {
  const by = gathered(shares);
  let least = Infinity;
  for (let at = 0; at < TREATMENTS.length; at++) least = Math.min(least, lossOf(at, by));
  return least;
}

const inOrder = (odds: FinishOdds) => gathered(FINISHES.map((finish) => odds[finish]));

/** What a treatment is expected to lose, in minor units per m², against knowing the truth. */
export function expectedLoss(treatAs: Treatment, odds: FinishOdds): number {
  return lossOf(TREATMENTS.indexOf(treatAs), inOrder(odds));
}

/** The treatment with the least expected loss over the whole posterior: not always that of the likeliest finish. */
export function chooseTreatment(odds: FinishOdds): Treatment {
  const shares = inOrder(odds);
  return TREATMENTS.reduce((best, t, at) => (lossOf(at, shares) < lossOf(TREATMENTS.indexOf(best), shares) ? t : best));
}
