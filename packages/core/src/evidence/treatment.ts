import { FINISHES } from '../vocabulary/index.ts';
import { TREATMENTS, TREATMENT_OF, WRONG_TREATMENT_COST, type Treatment } from './knowledge/treatments.ts';
import type { FinishProbabilities } from './odds.ts';

export { TREATMENTS, type Treatment } from './knowledge/treatments.ts';

/** The odds gathered by what each finish calls for; sums to 1. */
export function treatmentOdds(odds: FinishProbabilities): Record<Treatment, number> {
  const gathered = Object.fromEntries(TREATMENTS.map((t) => [t, 0])) as Record<Treatment, number>;
  for (const finish of FINISHES) gathered[TREATMENT_OF[finish]] += odds[finish];
  return gathered;
}

const TREATED = Uint8Array.from(FINISHES, (finish) => TREATMENTS.indexOf(TREATMENT_OF[finish]));
const SIZE = TREATMENTS.length;
/** Costs row after row, the treatment down and the truth across. */
const COSTS = Float64Array.from(TREATMENTS.flatMap((treatAs) => WRONG_TREATMENT_COST[treatAs]));

/** Shares in the order of FINISHES, gathered by treatment. */
function gathered(shares: ArrayLike<number>, by = new Float64Array(SIZE)): Float64Array {
  by.fill(0);
  for (let i = 0; i < shares.length; i++) by[TREATED[i]!]! += shares[i]!;
  return by;
}

function lossOf(at: number, by: Float64Array): number {
  let loss = 0;
  for (let i = 0; i < SIZE; i++) loss += by[i]! * COSTS[at * SIZE + i]!;
  return loss;
}

const scratch = new Float64Array(SIZE);

/**
 * The least loss that any treatment can expect, per m², for shares in the order of FINISHES. Begun with the treatment
 * of the likeliest truth: the others mostly lose more by that truth alone, and are put aside at once.
 */
export function leastLoss(shares: ArrayLike<number>): number {
  gathered(shares, scratch);
  let top = 0;
  for (let at = 1; at < SIZE; at++) if (scratch[at]! > scratch[top]!) top = at;
  let least = lossOf(top, scratch);
  for (let at = 0; at < SIZE; at++)
    if (at !== top && scratch[top]! * COSTS[at * SIZE + top]! < least) least = Math.min(least, lossOf(at, scratch));
  return least;
}

const inOrder = (odds: FinishProbabilities) => gathered(FINISHES.map((finish) => odds[finish]));

/** What a treatment is expected to lose, in minor units per m², against knowing the truth. */
export function expectedLoss(treatAs: Treatment, odds: FinishProbabilities): number {
  return lossOf(TREATMENTS.indexOf(treatAs), inOrder(odds));
}

/** The treatment with the least expected loss over the whole posterior: not always that of the likeliest finish. */
export function chooseTreatment(odds: FinishProbabilities): Treatment {
  const shares = inOrder(odds);
  return TREATMENTS.reduce((best, t, at) => (lossOf(at, shares) < lossOf(TREATMENTS.indexOf(best), shares) ? t : best));
}
