import { DateTime } from 'luxon';

/** Times are whole minutes since the epoch. */
export type Minute = number;
export type Span = readonly [from: Minute, to: Minute];

/** A person's hours as they were given; clock times are local to the job. */
export interface PersonHours {
  days: readonly number[];
  from: string;
  to: string;
  off: ReadonlySet<string>;
}

const MINUTE_MS = 60_000;
/** How many days ahead anybody looks before a demand counts as impossible. */
export const MOST_DAYS = 760;

/** Local days and clock times of one time zone, the offset looked up day by day. */
export class Calendar {
  readonly zone: string;
  private readonly first: DateTime;
  private readonly midnights: Minute[] = [];
  private readonly clocks = new Map<string, Minute>();

  constructor(zone: string, start: Minute) {
    this.zone = zone;
    // A few days back, so that what is already done has its day too.
    this.first = DateTime.fromMillis(start * MINUTE_MS, { zone })
      .startOf('day')
      .minus({ days: 60 });
  }

  private day(index: number): DateTime {
    return this.first.plus({ days: index });
  }

  midnight(index: number): Minute {
    if (index < 0) return this.day(index).toMillis() / MINUTE_MS;
    for (let i = this.midnights.length; i <= index; i++)
      this.midnights.push(Math.floor(this.day(i).toMillis() / MINUTE_MS));
    return this.midnights[index]!;
  }

  /** The index of the local day a minute falls on; neighbouring days differ by 1. */
  dayOf(minute: Minute): number {
    let index = Math.floor((minute - this.midnight(0)) / 1440);
    while (this.midnight(index) > minute) index--;
    while (this.midnight(index + 1) <= minute) index++;
    return index;
  }

  /** A clock time on a local day. A time that the spring change skips is moved on, as clocks are. */
  at(index: number, clock: string): Minute {
    const key = `${index}@${clock}`;
    const known = this.clocks.get(key);
    if (known !== undefined) return known;
    const [hour, minute] = clock.split(':').map(Number);
    const time = Math.floor(this.day(index).set({ hour: hour!, minute: minute! }).toMillis() / MINUTE_MS);
    this.clocks.set(key, time);
    return time;
  }

  weekday(index: number): number {
    return this.day(index).weekday;
  }

  date(index: number): string {
    return this.day(index).toISODate()!;
  }

  /** ISO 8601 with the zone's offset at that minute. */
  iso(minute: Minute): string {
    return DateTime.fromMillis(minute * MINUTE_MS, { zone: this.zone }).toISO({ suppressMilliseconds: true })!;
  }

  /** As people say it: Thu 16:40. */
  said(minute: Minute): string {
    return DateTime.fromMillis(minute * MINUTE_MS, { zone: this.zone })
      .setLocale('en-GB')
      .toFormat('ccc HH:mm');
  }
}

/** One person's working spans, made day by day as they are asked for. */
export class WorkingHours {
  private readonly spans: (Span | null)[] = [];
  private readonly calendar: Calendar;
  private readonly hours: PersonHours;
  private readonly firstDay: number;

  constructor(calendar: Calendar, hours: PersonHours, start: Minute) {
    this.calendar = calendar;
    this.hours = hours;
    this.firstDay = calendar.dayOf(start);
  }

  /** The span worked on a day counted from the plan's first, or null on a day off. */
  on(day: number): Span | null {
    for (let i = this.spans.length; i <= day; i++) {
      const index = this.firstDay + i;
      const works =
        this.hours.days.includes(this.calendar.weekday(index)) && !this.hours.off.has(this.calendar.date(index));
      this.spans.push(
        works ? [this.calendar.at(index, this.hours.from), this.calendar.at(index, this.hours.to)] : null,
      );
    }
    return this.spans[day]!;
  }

  /** Day counted from the plan's first that a minute falls on. */
  dayAt(minute: Minute): number {
    return Math.max(0, this.calendar.dayOf(minute) - this.firstDay);
  }
}
