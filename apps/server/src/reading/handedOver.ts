import { JOB_STATUSES, type JobStatus } from '@rustic/core';
import type { Derivation } from './derived.ts';
import { jobMark, recordMark, type FirmMark } from './marks.ts';

/** What is handed over, and what is still in hand. */
export const OVER: JobStatus = 'aftercare';
export const IN_HAND = JOB_STATUSES.filter((status) => status !== OVER);

/** What is handed over is kept as its own record stands: later prices make nothing of it another, and a later release may wait. */
export const settledOnceOver = (firm: FirmMark): Pick<Derivation, 'markOf' | 'mayWait'> => ({
  markOf: (job) => (job.status === OVER ? recordMark(job) : jobMark(firm, job)),
  mayWait: ({ status }) => status === OVER,
});
