import type { JobRecords } from '../reading/jobRecords.ts';
import { timesOf } from '../reading/visitTimes.ts';
import type { VisitEntity } from '../record/visitEntities.ts';
import type { CalendarEvent } from './calendarFile.ts';

/** Visits that are fixed, as a calendar has them. */
export const visitEvents = (
  { firm, job }: Pick<JobRecords, 'firm' | 'job'>,
  visits: readonly VisitEntity[],
): CalendarEvent[] =>
  visits.map((visit) => ({
    id: `${visit.id}@rustic-ledger`,
    ...timesOf(visit, firm.timeZone),
    title: `${job.title}: ${visit.calls.map((c) => c.words).join('; ')}`.slice(0, 200),
    place: [job.title, job.place].filter(Boolean).join(', '),
    note: visit.calls.map((c) => `${c.words}, ${c.minutes} min`).join('\n'),
    stamp: visit.at,
  }));
