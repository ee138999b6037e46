import { FINISHES } from '../vocabulary/index.ts';
import { TREATMENTS, TREATMENT_OF, WRONG_TREATMENT_COST, type Treatment } from './knowledge/treatments.ts';
import type { FinishOdds } from './posterior.ts';

export type { Treatment } from './knowledge/treatments.ts';

/** The odds gathered by what each finish calls for; sums to 1. */
export function treatmentOdds(odds: FinishOdds): Record<Treatment, number> {
  const gathered = Object.fromEntries(TREATMENTS.map((t) => [t, 0])) as Record<Treatment, number>;
  for (const finish of FINISHES) gathered[TREATMENT_OF[finish]] += odds[finish];
  return gathered;
}

/** What a treatment is expected to lose, in minor units per m², against knowing the truth. */
export function expectedLoss(treatAs: Treatment, odds: FinishOdds): number {
  const gathered = treatmentOdds(odds);
  return TREATMENTS.reduce((loss, truth, i) => loss + gathered[truth] * WRONG_TREATMENT_COST[treatAs][i]!, 0);
}

/** The treatment with the least expected loss over the whole posterior: not always that of the likeliest finish. */
export function chooseTreatment(odds: FinishOdds): Treatment {
  return TREATMENTS.reduce((best, t) => (expectedLoss(t, odds) < expectedLoss(best, odds) ? t : best));
}
