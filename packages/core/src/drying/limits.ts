import { airAt, hoursOf, keptByAir, type Air, type AirHour } from './air.ts';
import { dewPoint } from './dewPoint.ts';
import type { DryingFigures } from '../model/product.ts';

/** Why a coat may not be laid in this air; null where it may. */
export function airFault(air: AirHour, limits: Partial<DryingFigures>): string | null {
  const { minTempC, maxTempC, maxRhPct, dewMarginC, maxWindMs } = limits;
  const colder = Math.min(air.temperatureC, air.surfaceC);
  if (minTempC != null && colder < minTempC) return `${colder} °C is under its ${minTempC} °C`;
  if (maxTempC != null && Math.max(air.temperatureC, air.surfaceC) > maxTempC)
    return `${Math.max(air.temperatureC, air.surfaceC)} °C is over its ${maxTempC} °C`;
  if (maxRhPct != null && air.relativeHumidityPct > maxRhPct)
    return `${air.relativeHumidityPct} % is over its ${maxRhPct} %`;
  if (dewMarginC != null) {
    const margin = air.surfaceC - dewPoint(air.temperatureC, air.relativeHumidityPct);
    if (margin < dewMarginC) return `only ${margin.toFixed(1)} °C above the dew point, ${dewMarginC} °C needed`;
  }
  if (maxWindMs != null && air.windMs !== null && air.windMs > maxWindMs)
    return `wind of ${air.windMs} m/s is over its ${maxWindMs} m/s`;
  return null;
}

/** The hours of an air that do not suit a coat, found once. */
export interface BadHours {
  /** The end of the first stretch within [from, to) that does not suit; null where all of it suits, infinite where it never ends. */
  firstEnd: (from: number, to: number) => number | null;
}

const HOUR = 60;
const NEVER: BadHours = { firstEnd: () => null };
const ALWAYS: BadHours = { firstEnd: (from, to) => (from < to ? Infinity : null) };
const badHoursIn = keptByAir<BadHours>();

/** The hours outside a coat's limits. */
export function unsuited(air: Air, limits: Partial<DryingFigures>): BadHours {
  const { minTempC, maxTempC, maxRhPct, dewMarginC, maxWindMs } = limits;
  const key = [minTempC, maxTempC, maxRhPct, dewMarginC, maxWindMs].join('|');
  return badHours(air, key, (hour) => airFault(hour, limits) !== null);
}

/** The hours with rain. */
export function rainy(air: Air): BadHours {
  return badHours(air, 'rain', (hour) => (hour.rainMm ?? 0) > 0);
}

const badHours = (air: Air, key: string, bad: (hour: AirHour) => boolean): BadHours =>
  badHoursIn(air, key, () => {
    if (air.kind === 'hourly') return inSeries(air, bad);
    return bad(airAt(air, 0)) ? ALWAYS : NEVER;
  });

function inSeries(air: Air & { kind: 'hourly' }, bad: (hour: AirHour) => boolean): BadHours {
  const count = hoursOf(air);
  /** For each hour the next bad one from there on, and the hour after the bad stretch it lies in. */
  const next = new Float64Array(count + 1).fill(Infinity);
  const ends = new Float64Array(count + 1);
  for (let i = count - 1; i >= 0; i--) {
    const here = bad(airAt(air, air.from + i * HOUR));
    // The last hour holds for ever.
    ends[i] = here ? (i === count - 1 ? Infinity : next[i + 1] === i + 1 ? ends[i + 1]! : i + 1) : 0;
    next[i] = here ? i : next[i + 1]!;
  }
  if (next[0] === Infinity) return NEVER;
  return {
    firstEnd: (from, to) => {
      if (from >= to) return null;
      const hour = Math.min(count - 1, Math.max(0, Math.floor((from - air.from) / HOUR)));
      const first = next[hour]!;
      if (first === Infinity) return null;
      if (first > hour && air.from + first * HOUR >= to) return null;
      return ends[first] === Infinity ? Infinity : air.from + ends[first]! * HOUR;
    },
  };
}
