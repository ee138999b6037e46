import { currencyOfSum, type OwnSum } from '@rustic/core';
import type { JobEntity } from '../record/jobEntities.ts';

/** Sums that somebody set by hand in this currency: those of another are no prices here. */
export const sumsHere = (job: Pick<JobEntity, 'cameFrom' | 'ownSums'>, here: string): OwnSum[] =>
  (job.ownSums ?? []).filter((sum) => currencyOfSum(sum, job, here) === here);

/** Sums that were set in another currency, and stand in none of the prices. */
export const sumsElsewhere = (job: Pick<JobEntity, 'cameFrom' | 'ownSums'>, here: string) =>
  (job.ownSums ?? [])
    .filter((sum) => currencyOfSum(sum, job, here) !== here)
    .map((sum) => ({ words: sum.words, amount: sum.amount, currency: currencyOfSum(sum, job, here) }));
