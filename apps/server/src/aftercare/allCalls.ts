import { repaintLook, type AftercareItem } from '@rustic/core';
import type { JobEntity, SurfaceEntity } from '../record/jobEntities.ts';
import type { FollowUpEntity } from '../record/siteEntities.ts';
import type { JobCare } from './calls.ts';

/** How long a follow-up takes on the spot, where nobody said: minutes. */
const FOLLOW_UP_MIN = 10;
/** Days within which one is looked at. */
const FOLLOW_UP_DAYS = 30;
const DAY_MS = 86_400_000;

type CareOf = ReadonlyMap<string, JobCare>;

/** What is to be looked at after the work. */
export const looksDue = (jobs: readonly JobEntity[], care: CareOf) =>
  jobs.flatMap((job) => care.get(job.id)!.calls.map((call) => ({ ...call, jobId: job.id, what: 'look' as const })));

/** A film with the day on which it is due for painting again. */
export type Repaint = AftercareItem & { jobId: string; surfaceId: string; name: string; agedLook: string | null };

/** Ageing films that want a look before some moment. */
export const filmsToLookAt = (repaints: readonly Repaint[], before: number) =>
  repaints
    .map(({ jobId, surfaceId, name, agedLook, ...repaint }) => ({
      ...repaintLook(repaint, agedLook),
      jobId,
      surfaceId,
      name,
      subject: surfaceId,
      what: 'look' as const,
    }))
    .filter(({ at }) => Date.parse(at) < before);

/** Faults that are still open, each as something to be mended. */
export const mendsDue = (jobs: readonly JobEntity[], care: CareOf, open: ReadonlySet<string>) =>
  jobs.flatMap((job) =>
    care
      .get(job.id)!
      .mends.filter(({ id }) => open.has(id))
      .map(({ id, ...mend }) => ({
        ...mend,
        subject: id,
        jobId: job.id,
        what: 'fault' as const,
        why: 'It stands on the punch list: it can be mended once its film is hard enough to be sanded at its edge.',
      })),
  );

/** Follow-ups of coats that were laid outside their limits. */
export const followUpsDue = (followUps: readonly FollowUpEntity[], named: ReadonlyMap<string, SurfaceEntity>) =>
  followUps.map((f) => ({
    jobId: f.jobId,
    what: 'follow-up' as const,
    subject: f.id,
    surfaceId: f.surfaceId,
    name: named.get(f.surfaceId)!.name,
    code: f.kind,
    words: f.words,
    why: 'Opened by the log of a coat that was laid outside its limits.',
    at: f.dueAt.toISOString(),
    by: new Date(f.dueAt.getTime() + FOLLOW_UP_DAYS * DAY_MS).toISOString(),
    minutes: FOLLOW_UP_MIN,
  }));
