import { LRUCache } from 'lru-cache';
import { DateTime } from 'luxon';
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

/** How times are said in a zone. */
export function timesIn(zone: string): Times {
  const read = new LRUCache<When, DateTime>({ max: MOST_KEPT });
  const spelt = new LRUCache<string, string>({ max: MOST_KEPT });
  const at = (when: When): DateTime => {
    let time = read.get(when);
    if (!time) {
      time = typeof when === 'number' ? DateTime.fromMillis(when * 60_000, { zone }) : DateTime.fromISO(when, { zone });
      read.set(when, (time = time.setLocale('en-GB')));
    }
    return time;
  };
  const spell = (time: DateTime, format: string): string => {
    const key = `${time.toMillis()} ${format}`;
    let words = spelt.get(key);
    if (words === undefined) spelt.set(key, (words = time.toFormat(format)));
    return words;
  };
  return {
    sayTime: (when, now = nowText()) => {
      const time = at(when);
      const days = Math.abs(time.toMillis() - at(now).toMillis()) / DAY_MS;
      if (days > 300) return spell(time, 'd LLL yyyy');
      return spell(time, days > 6 ? 'ccc d LLL HH:mm' : 'ccc HH:mm');
    },
    sayHour: (when, day = when) => {
      const time = at(when);
      return spell(time, time.hasSame(at(day), 'day') ? 'HH:mm' : 'ccc HH:mm');
    },
    sayDay: (when) => spell(at(when), 'ccc d LLL'),
    sayDate: (when) => spell(at(when), 'd LLL yyyy'),
    sayDue: (when, now) => sayDays(Math.round(at(when).diff(at(now), 'days').days)),
    localDay: (when) => at(when).toISODate()!,
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

/** 45 min, 1 h 20, 5 h, 3 days. */
export function sayLength(minutes: number): string {
  const whole = Math.max(0, Math.round(minutes));
  if (whole < 60) return `${whole} min`;
  if (whole >= 2880) return `${Math.round(whole / 1440)} days`;
  const rest = whole % 60;
  return rest ? `${Math.floor(whole / 60)} h ${String(rest).padStart(2, '0')}` : `${whole / 60} h`;
}

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

/** A day and an hour of a place as a moment, ISO 8601. */
export const instantOf = (day: string, hour: string, timeZone: string) =>
  DateTime.fromISO(`${day}T${hour}`, { zone: timeZone }).toISO({ suppressMilliseconds: true }) ?? '';

export const nowMinute = () => Math.floor(clockNow() / 60_000);
