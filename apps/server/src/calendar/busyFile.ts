import ICAL from 'ical.js';
import { DateTime, IANAZone } from 'luxon';

/** A time that is taken, as a calendar file has it. */
export interface Busy {
  title: string;
  startsAt: Date;
  endsAt: Date;
}

/** So many repetitions of one event, and times in all, are read. */
const MOST_REPEATS = 800;
const MOST_TIMES = 3000;
const LONGEST_TITLE = 200;

/** A file that cannot be read, in words for whoever sent it. */
export class UnreadableCalendar extends Error {}

/**
 * The busy times of an iCalendar file (RFC 5545) between two moments: repeated events laid out one by one, exceptions
 * moved, cancelled and free ones left out. Whole days run from midnight to midnight, and times without a zone stand, in
 * `zone`. Throws `UnreadableCalendar`.
 */
export function busyTimes(text: string, zone: string, from: Date, to: Date): Busy[] {
  const out: Busy[] = [];
  for (const event of eventsIn(text)) {
    if (event.isRecurrenceException() || leftOut(event.component)) continue;
    for (const { start, end, title, component } of occurrences(event, to)) {
      if (leftOut(component)) continue;
      const startsAt = instant(start, zone);
      const endsAt = instant(end, zone);
      if (endsAt <= from || startsAt >= to || endsAt <= startsAt) continue;
      out.push({ title: title.slice(0, LONGEST_TITLE), startsAt, endsAt });
      if (out.length > MOST_TIMES)
        throw new UnreadableCalendar(`It holds more than ${MOST_TIMES} times. Send fewer months of it.`);
    }
  }
  return out.sort((a, b) => a.startsAt.getTime() - b.startsAt.getTime());
}

function eventsIn(text: string): ICAL.Event[] {
  try {
    const calendar = new ICAL.Component(ICAL.parse(text) as ConstructorParameters<typeof ICAL.Component>[0]);
    if (calendar.name !== 'vcalendar') throw new Error('no calendar');
    const events = calendar.getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));
    for (const event of events.filter((e) => e.isRecurrenceException()))
      events.find((e) => e.uid === event.uid && !e.isRecurrenceException())?.relateException(event);
    return events;
  } catch {
    throw new UnreadableCalendar('This is no calendar file that can be read. Save it as .ics and send it again.');
  }
}

const propertyText = (component: ICAL.Component, name: string) =>
  String(component.getFirstPropertyValue(name) ?? '').toUpperCase();
const leftOut = (component: ICAL.Component) =>
  propertyText(component, 'status') === 'CANCELLED' || propertyText(component, 'transp') === 'TRANSPARENT';

interface Occurrence {
  start: ICAL.Time;
  end: ICAL.Time;
  title: string;
  component: ICAL.Component;
}

/** One of a recurring event, which the package's own types do not reach. */
interface Repeat {
  item: ICAL.Event;
  startDate: ICAL.Time;
  endDate: ICAL.Time;
}

function occurrences(event: ICAL.Event, to: Date): Occurrence[] {
  const once = (e: ICAL.Event, start: ICAL.Time, end: ICAL.Time): Occurrence => ({
    start,
    end,
    // The package's own types promise what a file may lack.
    title: (e.summary as string | null) ?? '',
    component: e.component,
  });
  if (!(event.startDate as ICAL.Time | null)) return [];
  if (!event.isRecurring()) return [once(event, event.startDate, event.endDate)];
  const out: Occurrence[] = [];
  const steps = event.iterator();
  for (let i = 0; i < MOST_REPEATS; i++) {
    const next = steps.next() as ICAL.Time | null;
    if (!next || next.toJSDate() > to) break;
    const at = event.getOccurrenceDetails(next) as Repeat;
    out.push(once(at.item, at.startDate, at.endDate));
  }
  return out;
}

/** A moment of a calendar: in universal time, in the zone it names, or in the firm's where it names none that is known. */
function instant(time: ICAL.Time, zone: string): Date {
  if (time.zone === ICAL.Timezone.utcTimezone) return time.toJSDate();
  // Its type leaves out the name of a zone that the file does not define.
  const named = (time as ICAL.Time & { timezone?: string }).timezone;
  const { year, month, day, hour, minute, second } = time;
  return DateTime.fromObject(
    { year, month, day, ...(time.isDate ? {} : { hour, minute, second }) },
    { zone: named && IANAZone.isValidZone(named) ? named : zone },
  ).toJSDate();
}
