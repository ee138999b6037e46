import { careDay, careUses } from '@rustic/core';
import { careSurfaces } from '../reading/careSurfaces.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import type { CalendarEvent } from './calendarFile.ts';

/** The dates of a client's sheet that are still to come, each a whole day: what may be done from then, and visits. */
export function careEvents(records: JobRecords, now: Date): CalendarEvent[] {
  const zone = records.firm.timeZone;
  const place = [records.job.title, records.job.place].filter(Boolean).join(', ');
  return careSurfaces(records).flatMap((s) => {
    const dated = [
      ...careUses(s.element).flatMap(([code, words]) => {
        const date = s.dates.find((d) => d.code === code);
        return date
          ? [{ code, day: careDay(date.at, zone), title: `${s.name}: you may ${words}`, note: date.why }]
          : [];
      }),
      ...s.visits.map((v, i) => ({
        code: `visit-${i}`,
        day: careDay(v.at, zone),
        title: `${s.name}: ${v.words}`,
        note: '',
      })),
    ];
    return dated
      .filter(({ day }) => day.toJSDate() > now)
      .map(({ code, day, title, note }): CalendarEvent => ({
        id: `${s.id}/${code}@rustic-ledger`,
        start: wholeDay(day),
        end: wholeDay(day.plus({ days: 1 })),
        allDay: true,
        title,
        place,
        note,
        stamp: now,
      }));
  });
}

/** A day of a place as a calendar has whole days: by its date alone. */
const wholeDay = ({ year, month, day }: { year: number; month: number; day: number }) =>
  new Date(Date.UTC(year, month - 1, day));
