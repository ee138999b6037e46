import { stepWords } from '@rustic/core';
import ical, { ICalCalendarMethod } from 'ical-generator';
import type { PostedPlan } from '../reading/newestPlan.ts';
import { allStepsOf, workOn } from '../reading/houseReading.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import { isLeftOut } from '../reading/leftOut.ts';
import { saidBy } from '../reading/pricedJob.ts';

/** One stretch of hands-on work, as a calendar has it. Its id stays from one posting to the next. */
export interface CalendarEvent {
  id: string;
  start: Date;
  end: Date;
  title: string;
  place: string;
  note: string;
  /** When the plan it is of was posted: a later one stands over it. */
  stamp: Date;
  /** A day rather than a time. */
  allDay?: boolean;
}

/** The steps of a posted plan that want hands: everybody's, or those of one person. */
export function eventsOf(records: JobRecords, posted: PostedPlan, personId: string | null): CalendarEvent[] {
  const said = saidBy(records);
  return records.surfaces
    .filter((s) => !isLeftOut(s))
    .flatMap((surface) => {
      const steps = allStepsOf(records, surface);
      const work = new Map(workOn(records, surface).work.map((w) => [w.plan.id, w]));
      const room = records.rooms.find((r) => r.id === surface.roomId)?.name ?? '';
      return posted.plan.steps
        .filter(
          (s) => s.surface === surface.id && s.crew.length > 0 && (personId === null || s.crew.includes(personId)),
        )
        .map((step): CalendarEvent => {
          const w = work.get(step.id);
          const line = w && steps[w.step];
          return {
            id: `${surface.id}/${step.id}@rustic-ledger`,
            start: new Date(step.start),
            end: new Date(step.end),
            title: `${surface.name}: ${line ? said(stepWords(line)) : step.id}`,
            place: [records.job.title, room, records.job.place].filter(Boolean).join(', '),
            note: step.waitsFor ? said(step.waitsFor.text) : '',
            stamp: posted.at,
          };
        });
    });
}

/** The library folds and escapes what is said of an event; a calendar's name and an event's id it takes as they are. */
const oneLine = (text: string) => text.replaceAll(/[\s\p{Cc}]+/gu, ' ').trim();

/** Whatever some reader could take for the end of a line is one that the library escapes. */
const escapable = (text: string) => text.replaceAll(/\r\n|[\p{Cc}\u2028\u2029]/gu, '\n');

/** Events as an iCalendar file (RFC 5545). Times in UTC: every calendar shows them in its own zone. */
export function calendarFile(name: string, events: readonly CalendarEvent[]): string {
  const calendar = ical({
    name: oneLine(name),
    prodId: { company: 'Rustic Ledger', product: 'Drying plan', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const { id, start, end, title, place, note, stamp, allDay = false } of events)
    calendar.createEvent({
      id: oneLine(id),
      start,
      end,
      summary: escapable(title),
      location: escapable(place),
      description: escapable(note),
      stamp,
      allDay,
    });
  return calendar.toString();
}
