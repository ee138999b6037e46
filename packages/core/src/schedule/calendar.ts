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
  /** Kept at the start and the end of each day for setting up and packing up. */
  setUpMin?: number;
  packUpMin?: number;
}

const MINUTE_MS = 60_000;
/** How many days ahead anybody looks before a demand counts as impossible. */
export const MOST_DAYS = 760;

const DAY = 1440;
/** Minutes from midnight of a clock time. */
export const minutesOf = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
/** A clock time of minutes from midnight. */
export const clockOf = (minutes: number) => `${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;
const two = (n: number) => String(n).padStart(2, '0');

/** The local days of one zone, counted from 1 January 1970. What was looked up once is kept: zones do not change. */
class LocalDays {
  private readonly midnights = new Map<number, Minute>();
  private readonly zone: string;
  /** A zone of fixed offset is written by the library. */
  readonly fixed: boolean;

  constructor(zone: string) {
    this.zone = zone;
    this.fixed = DateTime.fromMillis(0, { zone }).zone.isUniversal;
  }

  midnight(day: number): Minute {
    let found = this.midnights.get(day);
    if (found === undefined) {
      const { year, month, day: of } = DateTime.fromMillis(day * DAY * MINUTE_MS, { zone: 'utc' });
      found = Math.floor(
        DateTime.fromObject({ year, month, day: of }, { zone: this.zone }).startOf('day').toMillis() / MINUTE_MS,
      );
      this.midnights.set(day, found);
    }
    return found;
  }

  /** A day on which no clock is changed. */
  plain(day: number): boolean {
    return this.midnight(day + 1) - this.midnight(day) === DAY;
  }

  /** The day a minute falls on. */
  of(minute: Minute): number {
    let day = Math.floor(minute / DAY);
    while (this.midnight(day) > minute) day--;
    while (this.midnight(day + 1) <= minute) day++;
    return day;
  }
}

const zones = new Map<string, LocalDays>();

function localDays(zone: string): LocalDays {
  let known = zones.get(zone);
  if (!known) zones.set(zone, (known = new LocalDays(zone)));
  return known;
}

/** Days before the start that have an index too: what is already done has its day. */
const BEFORE = 60;

/** Local days and clock times of one time zone, the offset looked up day by day. Days are counted from some before the start. */
export class Calendar {
  readonly zone: string;
  private readonly days: LocalDays;
  private readonly first: number;
  /** The midnights of the days that a search asks for thousands of times. */
  private readonly midnights: Float64Array;
  private known = 0;

  constructor(zone: string, start: Minute) {
    this.zone = zone;
    this.days = localDays(zone);
    this.first = this.days.of(start) - BEFORE;
    this.midnights = new Float64Array(BEFORE + MOST_DAYS);
  }

  midnight(index: number): Minute {
    if (index < 0 || index >= this.midnights.length) return this.days.midnight(this.first + index);
    for (; this.known <= index; this.known++) this.midnights[this.known] = this.days.midnight(this.first + this.known);
    return this.midnights[index]!;
  }

  /** The index of the local day a minute falls on; neighbouring days differ by 1. */
  dayOf(minute: Minute): number {
    let day = Math.floor(minute / DAY) - this.first;
    while (this.midnight(day) > minute) day--;
    while (this.midnight(day + 1) <= minute) day++;
    return day;
  }

  /** A clock time on a local day. A time that the spring change skips is moved on, as clocks are. */
  at(index: number, clock: string): Minute {
    const midnight = this.midnight(index);
    if (this.days.plain(this.first + index)) return midnight + minutesOf(clock);
    const day = DateTime.fromMillis(midnight * MINUTE_MS, { zone: this.zone });
    return Math.floor(
      day.set({ hour: Math.floor(minutesOf(clock) / 60), minute: minutesOf(clock) % 60 }).toMillis() / MINUTE_MS,
    );
  }

  /** ISO weekday and date of a local day. */
  named(index: number): { weekday: number; date: string } {
    const day = this.first + index;
    // 1 January 1970 was a Thursday.
    const weekday = ((((day + 3) % 7) + 7) % 7) + 1;
    return { weekday, date: new Date(day * DAY * MINUTE_MS).toISOString().slice(0, 10) };
  }

  /** ISO 8601 with the zone's offset at that minute. */
  iso(minute: Minute): string {
    const day = this.days.of(minute);
    if (this.days.fixed || !this.days.plain(day))
      return DateTime.fromMillis(minute * MINUTE_MS, { zone: this.zone }).toISO({ suppressMilliseconds: true })!;
    const midnight = this.days.midnight(day);
    const into = minute - midnight;
    const offset = day * DAY - midnight;
    const { date } = this.named(day - this.first);
    const away = Math.abs(offset);
    return `${date}T${clockOf(into)}:00${offset < 0 ? '-' : '+'}${clockOf(away)}`;
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
  /** More than this nobody works on any day, the longer day of an autumn change included. */
  readonly longest: number;

  constructor(calendar: Calendar, hours: PersonHours, start: Minute) {
    this.calendar = calendar;
    this.hours = hours;
    this.firstDay = calendar.dayOf(start);
    const { from, to, setUpMin = 0, packUpMin = 0 } = hours;
    this.longest = minutesOf(to) - minutesOf(from) - setUpMin - packUpMin + 60;
  }

  /** The span worked on a day counted from the plan's first, or null on a day off. */
  on(day: number): Span | null {
    for (let i = this.spans.length; i <= day; i++) {
      const index = this.firstDay + i;
      const { weekday, date } = this.calendar.named(index);
      const works = this.hours.days.includes(weekday) && !this.hours.off.has(date);
      const from = this.calendar.at(index, this.hours.from) + (this.hours.setUpMin ?? 0);
      const to = this.calendar.at(index, this.hours.to) - (this.hours.packUpMin ?? 0);
      this.spans.push(works && to > from ? [from, to] : null);
    }
    return this.spans[day]!;
  }

  /** Day counted from the plan's first that a minute falls on. */
  dayAt(minute: Minute): number {
    return Math.max(0, this.calendar.dayOf(minute) - this.firstDay);
  }
}
