import { sayLength } from '@rustic/core';
import QuickLRU from 'quick-lru';
import { now as clockNow, nowText } from '../clock/clock.ts';

type When = string | number;
/** A page of a long plan says the same times again and again, and reading and spelling one is slow. */
const MOST_KEPT = 20_000;
const DAY_MS = 86_400_000;

/** Times as they are said in a zone. A moment is ISO 8601, or minutes since the epoch. */
export interface Times {
  /** Thu 16:40; with the date where it lies more than six days away. */
  sayTime: (when: When, now?: When) => string;
  /** 16:40; with its weekday where that is not the day of `day`. */
  sayHour: (when: When, day?: When) => string;
  /** Thu 26 Nov. */
  sayDay: (when: When) => string;
  /** 3 Feb 2027. */
  sayDate: (when: When) => string;
  /** "2 weeks past", "in 3 months", as aftercare says it. */
  sayDue: (when: string, now: string) => string;
  /** The local day of a moment, as YYYY-MM-DD. */
  localDay: (when: string) => string;
}

/** A moment as it falls in a zone: its day, and the parts that are said. */
interface Parts {
  /** YYYY-MM-DD. */
  iso: string;
  weekday: string;
  day: string;
  month: string;
  year: string;
  clock: string;
}

/** A day by itself belongs to no zone. */
const IS_DAY = /^\d{4}-\d\d-\d\d$/;
const millis = (when: When) => (typeof when === 'number' ? when * 60_000 : Date.parse(when));

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sept', 'Oct', 'Nov', 'Dec'];

/** One formatter says everything of a moment: making one is slow, and each zone asks for its own. */
function formatterIn(timeZone: string | undefined): (date: Date) => Parts {
  const format = new Intl.DateTimeFormat('en-GB', {
    ...(timeZone === undefined ? {} : { timeZone }),
    weekday: 'short',
    day: 'numeric',
    month: '2-digit',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  });
  return (date) => {
    const read = Object.fromEntries(format.formatToParts(date).map(({ type, value }) => [type, value]));
    const { weekday, day, month, year, hour, minute } = read as Record<keyof Parts | 'hour' | 'minute', string>;
    return {
      iso: `${year.padStart(4, '0')}-${month}-${day.padStart(2, '0')}`,
      weekday,
      day: String(Number(day)),
      month: MONTHS[Number(month) - 1]!,
      year,
      clock: `${hour}:${minute}`,
    };
  };
}

/** Reads moments as they fall in a zone; `local` is the device's own. A formatter is made once something is read. */
function partsIn(zone: string): (when: When) => Parts {
  const known = new QuickLRU<When, Parts>({ maxSize: MOST_KEPT });
  const formatters = new Map<string | undefined, (date: Date) => Parts>();
  const formatter = (timeZone: string | undefined) => {
    const made = formatters.get(timeZone) ?? formatterIn(timeZone);
    formatters.set(timeZone, made);
    return made;
  };
  const own = zone === 'local' ? undefined : zone;
  return (when) => {
    let parts = known.get(when);
    if (!parts) {
      const isDay = typeof when === 'string' && IS_DAY.test(when);
      parts = formatter(isDay ? 'UTC' : own)(new Date(millis(when)));
      known.set(when, parts);
    }
    return parts;
  };
}

/** How times are said in a zone. */
export function timesIn(zone: string): Times {
  const at = partsIn(zone);
  const localDay = (when: When) => at(when).iso;
  return {
    localDay,
    sayTime: (when, now = nowText()) => {
      const { weekday, day, month, year, clock } = at(when);
      const days = Math.abs(millis(when) - millis(now)) / DAY_MS;
      if (days > 300) return `${day} ${month} ${year}`;
      return days > 6 ? `${weekday} ${day} ${month} ${clock}` : `${weekday} ${clock}`;
    },
    sayHour: (when, day = when) => {
      const { weekday, clock, iso } = at(when);
      return iso === at(day).iso ? clock : `${weekday} ${clock}`;
    },
    sayDay: (when) => {
      const { weekday, day, month } = at(when);
      return `${weekday} ${day} ${month}`;
    },
    sayDate: (when) => {
      const { day, month, year } = at(when);
      return `${day} ${month} ${year}`;
    },
    sayDue: (when, now) =>
      sayDays(
        Math.round((IS_DAY.test(when) ? millis(when) - millis(localDay(now)) : millis(when) - millis(now)) / DAY_MS),
      ),
  };
}

/** "2 weeks past", "today", "in 3 months". */
function sayDays(days: number): string {
  const size = Math.abs(days);
  const words =
    size < 14
      ? `${size} day${size === 1 ? '' : 's'}`
      : size < 60
        ? `${Math.round(size / 7)} weeks`
        : size < 700
          ? `${Math.round(size / 30.4)} months`
          : `${Math.round(size / 365)} years`;
  return size === 0 ? 'today' : days < 0 ? `${words} past` : `in ${words}`;
}

export { sayLength };

/** A moment as whole minutes, as a page counts them. */
export const minuteOf = (iso: string) => Math.round(Date.parse(iso) / 60_000);

/** A short wait as a clock counts it: 0:45, 2:00; a day as a day. */
export function sayClock(seconds: number): string {
  if (seconds >= 7200) return sayLength(seconds / 60);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/** "in 35 min", "20 min ago". */
export function sayFromNow(minute: number, nowMinute: number): string {
  const away = minute - nowMinute;
  return away >= 0 ? `in ${sayLength(away)}` : `${sayLength(-away)} ago`;
}

export const nowMinute = () => Math.floor(clockNow() / 60_000);
