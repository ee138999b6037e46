import type { JobRecords } from '../reading/jobRecords.ts';
import type { FirmScope } from '../record/firmScope.ts';
import { JobEntity } from '../record/jobEntities.ts';

/** A log begins a job. It does not end it: that is the hand-over, an act of its own. */
export async function setStatus(scope: FirmScope, { job }: JobRecords): Promise<void> {
  if (job.status !== 'active' && job.status !== 'aftercare') await scope.set(JobEntity, job, { status: 'active' });
}
