import { USUAL_EFFORT, visitWishes, type RoundsAsked, type VisitWish } from '@rustic/core';
import type { HouseSketch } from './houseSketch.ts';
import { callKey } from './visitCalls.ts';
import type { AftercarePage } from '../store/endpoints.ts';
import type { Times } from '../words/time.ts';

const DAY_MS = 86_400_000;
const MONTH_DAYS = 30.4;
const SETTING_OUT_MIN = 20;
const SEED = 0.5;
/** Nobody is called on sooner: letters are written first. */
const NOTICE_DAYS = 7;

/** How rounds are to be: as it is asked on the page. */
export interface RoundWish {
  months: number;
  hours: number;
  kmPerHour: number;
}
export const USUAL_ROUND: RoundWish = { months: 12, hours: 7.5, kmPerHour: 25 };

export const dayNumber = (date: string) => Math.floor(Date.parse(date) / DAY_MS);
export const dayText = (day: number) => new Date(day * DAY_MS).toISOString().slice(0, 10);
const isWeekday = (day: number) => ![0, 6].includes(new Date(day * DAY_MS).getUTCDay());

/** What is asked of the rounds, from everything that is due and in no visit yet; and the wishes behind it, by visit. */
export function roundsAsked(
  data: AftercarePage,
  { months, hours, kmPerHour }: RoundWish,
  localDay: Times['localDay'],
  { map, placed }: Pick<HouseSketch, 'map' | 'placed'>,
): { asked: RoundsAsked; wishes: Map<string, VisitWish> } {
  const today = dayNumber(localDay(data.now));
  const horizon = today + Math.round(months * MONTH_DAYS);
  const wants = data.calls
    .filter((c) => c.visitId === null && placed.has(c.jobId))
    .map((c) => ({
      key: callKey(c),
      jobId: c.jobId,
      minutes: c.minutes,
      fromDay: dayNumber(localDay(c.at)),
      byDay: dayNumber(localDay(c.by)),
    }));
  const wishes = new Map(visitWishes(wants, today + NOTICE_DAYS, horizon).map((wish, i) => [`${i}`, wish]));
  const taken = new Set(data.visits.filter((v) => v.roundId).map((v) => dayNumber(v.onDay)));
  const last = Math.max(horizon, ...[...wishes.values()].map((w) => w.byDay));
  const days = Array.from({ length: Math.max(0, last - today - NOTICE_DAYS + 1) }, (_, i) => today + NOTICE_DAYS + i);
  return {
    wishes,
    asked: {
      visits: [...wishes].map(([id, { jobId, minutes, fromDay, byDay }]) => ({
        id,
        place: placed.get(jobId)!,
        minutes,
        fromDay,
        byDay,
      })),
      map,
      days: days.filter((day) => isWeekday(day) && !taken.has(day)),
      dayMinutes: Math.round(hours * 60),
      kmPerHour,
      setOutMin: SETTING_OUT_MIN,
      seed: SEED,
      effort: USUAL_EFFORT,
    },
  };
}

const LEAVES_AT_MIN = 8 * 60;
/** The hour at which a round that leaves at eight is at a stop, after setting out. */
export function clockAt(arriveMin: number): string {
  const minute = LEAVES_AT_MIN + SETTING_OUT_MIN + arriveMin;
  return `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
}
