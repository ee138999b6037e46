import type { SeasonPlace } from '@rustic/core';
import type { JobRecords } from './jobRecords.ts';

/** Where a job lies, as far as its seasons ask: its own climate over the firm's. */
export const seasonPlace = ({ firm, job }: JobRecords): SeasonPlace => ({
  hemisphere: firm.hemisphere,
  climate: job.property.climate ?? firm.planning.climate ?? 'mild-coast',
});
