import type { Air } from '../drying/air.ts';
import type { ForecastDoubt } from './forecast.ts';
import { below } from './reliance.ts';

/** An hourly air as it may turn out, with how far its forecast may be wrong. */
export interface DoubtedAir {
  air: Air & { kind: 'hourly' };
  doubt: ForecastDoubt;
}

/** How the weather departs from its forecast, hour by hour, in standard deviations; rain as a share from 0, wet, to 1. */
export interface WeatherDraw {
  warmer: Float64Array;
  damper: Float64Array;
  rain: Float64Array;
}

/** A spell that is warmer than forecast lasts some days; a shower some hours. */
const SPELL_HOURS = 30;
const SHOWER_HOURS = 4;
/** A degree more is about four per cent less of humidity: so much of its doubt is the warmth's, the rest the dew point's. */
const BY_WARMTH = 0.7;
/** What rains where none was forecast, mm in the hour. */
const SHOWER_MM = 0.6;

/** One way the hours may depart from their forecast, drawn by `random`. */
export function drawWeather(hours: number, random: () => number): WeatherDraw {
  const warmer = drawn(hours, SPELL_HOURS, random);
  const dew = drawn(hours, SPELL_HOURS, random);
  return {
    warmer,
    damper: warmer.map((w, i) => -BY_WARMTH * w + Math.sqrt(1 - BY_WARMTH ** 2) * dew[i]!),
    rain: drawn(hours, SHOWER_HOURS, random).map(below),
  };
}

/** Colder and damper than forecast by so many standard deviations throughout, and rain wherever its chance is more than `rain`. */
export function cautious(hours: number, by: number, rain: number): WeatherDraw {
  return {
    warmer: new Float64Array(hours).fill(-by),
    damper: new Float64Array(hours).fill(by),
    rain: new Float64Array(hours).fill(rain),
  };
}

/** The air as it is with a draw: places of one town share the same one, each by its own doubt. */
export function departed({ air, doubt }: DoubtedAir, { warmer, damper, rain }: WeatherDraw): Air & { kind: 'hourly' } {
  const at = (list: ArrayLike<number>, i: number) => list[Math.min(i, list.length - 1)]!;
  const by = (i: number) => at(doubt.temperatureC, i) * at(warmer, i);
  const humidity = (rh: number, i: number) => rh + at(doubt.relativeHumidityPct, i) * at(damper, i);
  const rained = (mm: number, i: number) => (at(rain, i) < at(doubt.rain, i) ? Math.max(mm, SHOWER_MM) : 0);
  return {
    ...air,
    temperatureC: air.temperatureC.map((t, i) => t + by(i)),
    relativeHumidityPct: air.relativeHumidityPct.map((rh, i) => Math.min(100, Math.max(1, humidity(rh, i)))),
    surfaceC: air.surfaceC?.map((t, i) => t + by(i)) ?? null,
    rainMm: air.rainMm?.map(rained) ?? null,
  };
}

/** Standard normals in a row, each like the one before it for about so many hours. */
function drawn(hours: number, lasts: number, random: () => number): Float64Array {
  const kept = Math.exp(-1 / lasts);
  const fresh = Math.sqrt(1 - kept ** 2);
  const out = new Float64Array(hours);
  let now = normal(random);
  for (let i = 0; i < hours; i++) {
    out[i] = now;
    now = kept * now + fresh * normal(random);
  }
  return out;
}

/** A standard normal. Source: Box and Muller. */
const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
