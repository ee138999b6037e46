import { visitLetterPaper, type Paper } from '@rustic/core';
import type { VisitEntity } from '../record/visitEntities.ts';
import { paperHead } from '../reading/letterhead.ts';
import type { JobRecords } from '../reading/jobRecords.ts';

/** The letter to the client of a job about visits that are fixed. */
export function visitLetter(records: JobRecords, visits: readonly VisitEntity[], now: Date): Paper {
  const { job } = records;
  return visitLetterPaper(
    visits.map(({ onDay, fromTime, minutes, calls }) => ({
      onDay,
      fromTime,
      minutes,
      calls: calls.map(({ what, words, id }) => ({ what, words, where: whereOf(records, id) })),
    })),
    job.client,
    paperHead(records, now),
  );
}

function whereOf({ surfaces, rooms, faults }: JobRecords, id: string): string {
  const of = faults.find((f) => f.id === id)?.surfaceId ?? id;
  const surface = surfaces.find((s) => s.id === of);
  return [rooms.find((r) => r.id === surface?.roomId)?.name, surface?.name].filter(Boolean).join(', ');
}
