import { readMinutes } from '../words/readMinutes.ts';

/** Nobody is at one step, or at one stretch of them, for longer than a day. */
const LONGEST_MIN = 1440;

/** What a form says of the time that somebody was at it. */
export interface HandsOnSaid {
  /** As people write it; empty where nobody says it. */
  handsOn: string;
  /** When a clock was started for it; empty where none runs. */
  clockFrom: string;
}

export const isHandsOn = (text: string): boolean => readMinutes(text) > 0 && readMinutes(text) <= LONGEST_MIN;

/** Whole minutes since a clock was started, one at least; null where none runs. */
export const minutesSince = (clockFrom: string, at: number): number | null =>
  clockFrom === '' ? null : Math.max(1, Math.round((at - Date.parse(clockFrom)) / 60_000));

/** How long somebody was at it, in minutes: as it was typed, else by the clock; null where nobody said it. */
export const handsOnMinutes = ({ handsOn, clockFrom }: HandsOnSaid, endedAt: number): number | null =>
  handsOn.trim() ? readMinutes(handsOn) : minutesSince(clockFrom, endedAt);
