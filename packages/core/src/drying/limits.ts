import { airAt, nextChange, type Air, type AirHour } from './air.ts';
import { dewPoint } from './dewPoint.ts';
import type { DryingFigures } from '../shelf/product.ts';

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

/** The end of the first stretch within [from, to) that `bad` holds of, or null where it never does; infinite where it never ends. */
export function endOfFirstBad(air: Air, from: number, to: number, bad: (air: AirHour) => boolean): number | null {
  let minute = from;
  while (minute < to) {
    const until = nextChange(air, minute);
    if (bad(airAt(air, minute))) return until;
    if (until === Infinity) return null;
    minute = until;
  }
  return null;
}
