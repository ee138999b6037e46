import { DateTime } from 'luxon';
import { now as clockNow, nowText } from '../clock/clock.ts';

/** The zone in which times are said: the firm's. Set once it is known. */
let zone = 'local';
export const sayTimesIn = (timeZone: string) => {
  zone = timeZone;
  read.clear();
};

/** A page of a long plan says the same times again and again, and reading and spelling one is slow. */
const MOST_KEPT = 20_000;
const read = new Map<string | number, DateTime>();
const spelt = new Map<string, string>();

function at(when: string | number): DateTime {
  let time = read.get(when);
  if (!time) {
    if (read.size > MOST_KEPT) read.clear();
    time = typeof when === 'number' ? DateTime.fromMillis(when * 60_000, { zone }) : DateTime.fromISO(when, { zone });
    read.set(when, (time = time.setLocale('en-GB')));
  }
  return time;
}

function spell(time: DateTime, format: string): string {
  const key = `${time.toMillis()} ${time.zoneName} ${format}`;
  let words = spelt.get(key);
  if (words === undefined) {
    if (spelt.size > MOST_KEPT) spelt.clear();
    spelt.set(key, (words = time.toFormat(format)));
  }
  return words;
}

/** Thu 16:40; with the date where it lies more than six days away. */
export function sayTime(when: string | number, now: string | number = nowText()): string {
  const time = at(when);
  const days = Math.abs(time.toMillis() - at(now).toMillis()) / 86_400_000;
  if (days > 300) return spell(time, 'd LLL yyyy');
  return spell(time, days > 6 ? 'ccc d LLL HH:mm' : 'ccc HH:mm');
}

/** 16:40; with its weekday where that is not the day of `day`. */
export function sayHour(when: string | number, day: string | number = when): string {
  const time = at(when);
  return spell(time, time.hasSame(at(day), 'day') ? 'HH:mm' : 'ccc HH:mm');
}

/** Thu 26 Nov. */
export const sayDay = (when: string | number) => spell(at(when), 'ccc d LLL');

/** 3 Feb 2027. */
export const sayDate = (when: string | number) => at(when).toFormat('d LLL yyyy');

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

/** "2 weeks overdue", "due in 3 months", as aftercare says it. */
export function sayDue(when: string, now: string): string {
  const days = Math.round(at(when).diff(at(now), 'days').days);
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

/** The local day of a moment, as YYYY-MM-DD. */
export const localDay = (when: string) => at(when).toISODate()!;

/** A day and an hour of a place as a moment, ISO 8601. */
export const instantOf = (day: string, hour: string, timeZone: string) =>
  DateTime.fromISO(`${day}T${hour}`, { zone: timeZone }).toISO({ suppressMilliseconds: true }) ?? '';

export const nowMinute = () => Math.floor(clockNow() / 60_000);
