import { unanswered } from '@rustic/core';
import { In } from 'typeorm';
import { ClientReplyEntity } from '../record/documentEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';
import { JobEntity } from '../record/jobEntities.ts';
import { STANDS } from '../record/takenOut.ts';

/** What clients have said, on all jobs, that nobody has answered yet; with the job's name. */
export async function openReplies(scope: FirmScope) {
  const open = unanswered(await scope.find(ClientReplyEntity, {}, { at: 'ASC', id: 'ASC' }));
  const jobs = await scope.find(JobEntity, { id: In([...new Set(open.map((r) => r.jobId))]), ...STANDS });
  return open.flatMap(({ id, jobId, kind, about, words, name, at }) => {
    const job = jobs.find((j) => j.id === jobId);
    return job ? [{ id, jobId, jobTitle: job.title, kind, about, words, name, at }] : [];
  });
}
