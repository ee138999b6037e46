import { dewPoint, saturationPressure } from '../drying/dewPoint.ts';
import type { Hours } from './station.ts';

/** A room as its simulated sensor knows it. */
export interface RoomAir {
  /** What the heating is set to, °C; null where it is not heated. */
  heatedToC: number | null;
}

/** Hours in which an unheated house follows the weather by about two thirds. */
const LAG_HOURS = 22;
/** An unheated house is warmer than the air outside by the sun and those within. */
const WARMER_C = 2.5;
/** What people, washing and wet paint add to the water in the air, hPa. */
const DAMPER_HPA = 1.6;

/** What a thermo-hygrometer in a room measures while the weather outside is so: lagged, damped, with the water of the air outside. */
export function roomHours(room: RoomAir, outside: Hours): Hours {
  const { temperatureC: out, relativeHumidityPct: rh } = outside;
  let mean = out.slice(0, 24).reduce((sum, t) => sum + t, 0) / Math.min(24, out.length);
  const temperatureC = out.map((t) => {
    mean += (t - mean) / LAG_HOURS;
    const still = mean + WARMER_C;
    const heated = room.heatedToC === null ? still : Math.max(still, room.heatedToC + 0.12 * (mean - room.heatedToC));
    return Math.round(heated * 10) / 10;
  });
  let water = saturationPressure(dewPoint(out[0]!, rh[0]!));
  const relativeHumidityPct = temperatureC.map((t, i) => {
    water += (saturationPressure(dewPoint(out[i]!, rh[i]!)) - water) / 6;
    return Math.round(Math.min(95, Math.max(20, (100 * (water + DAMPER_HPA)) / saturationPressure(t))));
  });
  return {
    ...outside,
    temperatureC,
    relativeHumidityPct,
    rainMm: out.map(() => 0),
    windMs: out.map(() => 0),
  };
}
