import { airAt, filmOf, rainy, reaches, unsuited, type Air } from '../../drying/index.ts';
import type { Product } from '../../model/product.ts';
import { SHIPPED_SHELF } from '../../shelf/shippedShelf.ts';
import { sayLength } from '../../units/duration.ts';
import { stationHours, type Hours } from '../../weather/station.ts';
import { drawnBy } from '../byLot.ts';
import type { DrawnDrill, DrillLine, DrillTruth } from './drill.ts';

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;
const DAY = 1440;
const HOUR = 60;
/** Coats are begun on the hour, from then until then, and take so long. */
const FIRST_START = 8 * HOUR;
const LAST_START = 14 * HOUR;
const COAT_MIN = 3 * HOUR;
/** A Monday: weeks are drawn from it on. */
const FROM = Date.UTC(2024, 0, 1) / 60_000;
const MOST_DRAWS = 80;
/** The first coat is best begun on one of the first so many days. */
const WANTED_DAYS = 5;

/** True where a coat may be begun at a minute: fit air while it is laid and for as long as its sheet says, and dry until rain no longer harms it. */
export function mayBegin({ drying }: Product, air: Hours & Air, at: number): boolean {
  const end = at + COAT_MIN;
  const safe = reaches(filmOf(drying), air, end, drying.rainSafeMin ?? 0);
  if (safe === null) return false;
  const isFit = unsuited(air, drying).firstEnd(at, end + (drying.limitsHoldMin ?? 0)) === null;
  return isFit && rainy(air).firstEnd(at, safe) === null;
}

/** The starts of a day, on the hour. */
const startsOn = (day: number) =>
  Array.from({ length: (LAST_START - FIRST_START) / HOUR + 1 }, (_, i) => day * DAY + FIRST_START + i * HOUR);

/** When two coats are on, were the first begun on this day; null: it may not be begun then, or the second never comes. */
export function twoCoatsFrom(product: Product, air: Hours & Air, day: number): number | null {
  const first = startsOn(day).find((at) => mayBegin(product, air, air.from + at));
  if (first === undefined) return null;
  const ready = reaches(filmOf(product.drying), air, air.from + first + COAT_MIN, product.drying.recoatMin ?? 0);
  if (ready === null) return null;
  for (let on = day; on < DAYS.length; on += 1) {
    const second = startsOn(on).find((at) => air.from + at >= ready && mayBegin(product, air, air.from + at));
    if (second !== undefined) return second + COAT_MIN;
  }
  return null;
}

const outside = SHIPPED_SHELF.filter((p) => p.family === 'exterior-acrylic' || p.family === 'exterior-oil');

interface DrawnWeek {
  product: Product;
  air: Hours & Air;
  /** When two coats are on, by the day on which the first is begun. */
  ends: (number | null)[];
}

function drawnWith(seed: number, draw: number): DrawnWeek {
  const week = 10 + Math.floor(drawnBy('week', seed, draw, 'when') * 32);
  const product = outside[Math.floor(drawnBy('week', seed, draw, 'paint') * outside.length)]!;
  const place = { name: `practice ${seed}/${draw}`, hemisphere: 'northern' } as const;
  const air = stationHours(place, FROM + week * 7 * DAY, 8 * 24);
  return { product, air, ends: DAYS.map((_, day) => twoCoatsFrom(product, air, day)) };
}

/** On which day to begin so that both coats are on soonest, and when they are; no day and never where none does. */
function soonest(ends: DrawnWeek['ends']): { day: number; end: number } {
  const end = Math.min(...ends.map((on) => on ?? Infinity));
  return { day: ends.indexOf(end), end };
}

/** How a stretch of a day is told: the least and most of its air, and its rain. */
function told(air: Hours & Air, day: number, from: number, to: number): string {
  const hours = Array.from({ length: to - from }, (_, i) => airAt(air, air.from + day * DAY + (from + i) * HOUR));
  const temps = hours.map((h) => h.temperatureC);
  const rain = hours.reduce((sum, h) => sum + (h.rainMm ?? 0), 0);
  const wet = hours.flatMap((h, i) => ((h.rainMm ?? 0) > 0 ? [from + i] : []));
  const damp = Math.round(hours.reduce((sum, h) => sum + h.relativeHumidityPct, 0) / hours.length);
  const clock = (hour: number) => `${hour % 24}:00`;
  const when = wet.length
    ? `, rain from ${clock(wet[0]!)} to ${clock(wet.at(-1)! + 1)}, ${rain.toFixed(1)} mm`
    : ', dry';
  return `${Math.round(Math.min(...temps))} to ${Math.round(Math.max(...temps))} °C, ${damp} % humidity${when}`;
}

/** A week of weather and two coats outside: on which day to begin, and when both are on. */
export function weekDrill(seed: number): DrawnDrill {
  // Of all weeks, those that begin well are by far the most: the day is drawn first, and then a week that has it.
  const wanted = Math.floor(drawnBy('week', seed, 'day') * WANTED_DAYS);
  let draw = 0;
  let drawn = drawnWith(seed, draw);
  while (draw < MOST_DRAWS && soonest(drawn.ends).day !== wanted) drawn = drawnWith(seed, (draw += 1));
  const { product, air, ends } = drawn;
  const { day: first, end: best } = soonest(ends);
  const dayOf = (minute: number) => DAYS[Math.floor(minute / DAY)]!;
  const bestDay = DAYS[first] ?? null;
  const never = 'not-this-week';
  const options = [...DAYS.map((day) => ({ code: day, words: day })), { code: never, words: 'Not this week' }];
  const begin: DrillTruth = {
    truth: bestDay ?? never,
    fits: (says) => (bestDay ? ends[DAYS.indexOf(says as (typeof DAYS)[number])] === best : says === never),
    words: bestDay ?? 'Not this week',
    because: bestDay
      ? `Begun before it, the first coat meets rain, damp or cold before it is safe, or the second has to wait as long. Both are on by ${dayOf(best)}.`
      : 'No day keeps a first coat dry until rain no longer harms it, with a second after it.',
  };
  const done: DrillTruth = {
    truth: bestDay ? dayOf(best) : never,
    fits: (says) => says === (bestDay ? dayOf(best) : never),
    words: bestDay ? dayOf(best) : 'Not this week',
    because: `Coats are begun from 8:00 to 14:00 and take three hours; the next waits ${sayLength(product.drying.recoatMin ?? 0)} by its label, longer in the cold and the damp.`,
  };
  const { drying } = product;
  const sheet: DrillLine[] = DAYS.map((words, day) => ({
    words,
    says: `${told(air, day, 6, 18)}; at night ${told(air, day, 18, 30)}`,
  }));
  return {
    drill: {
      code: 'week',
      seed,
      name: 'A week of weather',
      story: `Two coats of ${product.name} on a gable. Its sheet: next coat after ${sayLength(drying.recoatMin ?? 0)}, safe from rain after ${sayLength(drying.rainSafeMin ?? 0)}${drying.minTempC != null ? `, not under ${drying.minTempC} °C` : ''}${drying.maxRhPct != null ? `, not over ${drying.maxRhPct} % humidity` : ''}. This is the forecast, and for once it keeps its word.`,
      sheet,
      questions: [
        { id: 'begin', asks: 'On which day is the first coat begun, so that both are on soonest?', options, unit: '' },
        { id: 'done', asks: 'On which day is the second coat on?', options, unit: '' },
      ],
    },
    truths: { begin, done },
  };
}
