import type { ClientPhoto } from '@rustic/core';
import type { JobRecords } from './jobRecords.ts';

/** The photos that were chosen for the client and are still there: a pair whose later picture is gone stands alone. */
export function photosForClient({ job, photos }: Pick<JobRecords, 'job' | 'photos'>): ClientPhoto[] {
  const there = new Set(photos.map((p) => p.id));
  return (job.clientPhotos ?? [])
    .filter(({ before }) => there.has(before))
    .map((chosen) => ({ ...chosen, after: chosen.after !== null && there.has(chosen.after) ? chosen.after : null }));
}
