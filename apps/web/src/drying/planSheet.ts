import type { FirmSheet, PlanPage } from '../store/endpoints.ts';

/** What a plan is drawn from: of one job, or of all. */
export type PlanSheet = Omit<FirmSheet, 'cannot'> &
  Partial<Pick<PlanPage, 'job' | 'posted' | 'latestStarts' | 'nearest'>>;
