import { DateTime } from 'luxon';
import type { VisitEntity } from '../database/visitEntities.ts';
import type { JobRecords } from '../jobs/jobRecords.ts';
import type { CalendarEvent } from './calendarFile.ts';

/** When a fixed visit begins and ends. */
export function timesOf({ onDay, fromTime, minutes }: VisitEntity, zone: string): { start: Date; end: Date } {
  const start = DateTime.fromISO(`${onDay}T${fromTime}`, { zone });
  return { start: start.toJSDate(), end: start.plus({ minutes }).toJSDate() };
}

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
