import { jobColoursSchema, type NamedColour } from '@rustic/core';
import { JobEntity } from '../record/jobEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';

/**
 * A colour that was chosen by its name is in the job's schedule from then on. What the colour is called there already
 * stays, and so does a name that another colour has. The job's ledger is held by whoever asks.
 */
export async function nameColour(
  scope: FirmScope,
  jobId: string,
  named: NamedColour | null | undefined,
): Promise<void> {
  if (!named) return;
  const job = await scope.one(JobEntity, jobId, 'job');
  const colours = [...(job.colours ?? []), { ...named, name: named.name.trim(), colour: named.colour.toLowerCase() }];
  if (jobColoursSchema.safeParse(colours).success) await scope.set(JobEntity, job, { colours });
}
