import type { Air } from '../drying/air.ts';
import { saturationPressure } from '../drying/dewPoint.ts';
import { MONTHS, type Month } from './knowledge/climate.ts';

/** A series with every list there. `from` and the rest as in `Air`. */
export interface Hours {
  kind: 'hourly';
  from: number;
  temperatureC: number[];
  relativeHumidityPct: number[];
  rainMm: number[];
  windMs: number[];
}

/** A place of the simulated weather: its name decides its weather, its hemisphere its seasons. */
export interface Place {
  name: string;
  hemisphere: 'northern' | 'southern';
}

const HOUR = 60;
const DAY = 1440;
const YEAR = 365.2425;
const round = (value: number, places = 1) => Math.round(value * 10 ** places) / 10 ** places;

const hashed = new Map<string, number>();

/** FNV-1a of some words; kept, since the same few are asked for every hour. */
function hashOf(words: string): number {
  let hash = hashed.get(words);
  if (hash !== undefined) return hash;
  hash = 2166136261;
  for (let i = 0; i < words.length; i++) hash = Math.imul(hash ^ words.charCodeAt(i), 16777619);
  hashed.set(words, hash);
  return hash;
}

/** A number 0 to 1 that depends on nothing but the words and the count. */
function drawn(words: string, count: number): number {
  let hash = Math.imul(hashOf(words) ^ count, 2654435761);
  hash = Math.imul(hash ^ (hash >>> 15), 2246822519);
  hash = Math.imul(hash ^ (hash >>> 13), 3266489917);
  return ((hash ^ (hash >>> 16)) >>> 0) / 4294967296;
}

/** Something that changes smoothly, −1 to 1, over about so many hours: the same for a place and an hour, whoever asks. */
function drift(words: string, hour: number, over: number): number {
  const at = hour / over;
  const i = Math.floor(at);
  const x = at - i;
  const smooth = x * x * (3 - 2 * x);
  const [a, b] = [drawn(words, i), drawn(words, i + 1)];
  return 2 * (a + (b - a) * smooth) - 1;
}

/** The usual weather of an hour at a place: between the middles of two months. */
export function usualWeather(place: Place, minute: number): Month {
  const day = minute / DAY + (place.hemisphere === 'southern' ? YEAR / 2 : 0);
  const month = ((((day % YEAR) + YEAR) % YEAR) / YEAR) * 12 - 0.5;
  const i = Math.floor(month);
  const x = month - i;
  const a = MONTHS[(i + 12) % 12]!;
  const b = MONTHS[(i + 13) % 12]!;
  const mix = (of: (m: Month) => number) => of(a) + (of(b) - of(a)) * x;
  return {
    meanC: mix((m) => m.meanC),
    swingC: mix((m) => m.swingC),
    dryC: mix((m) => m.dryC),
    rain: mix((m) => m.rain),
    windMs: mix((m) => m.windMs),
  };
}

export interface Weather {
  temperatureC: number;
  dewPointC: number;
  rainMm: number;
  windMs: number;
}

/** The usual weather of that hour of the day, without what a single day brings. Warmest at three in the afternoon by the sun. */
export function climateHour(place: Place, minute: number): Weather {
  const usual = usualWeather(place, minute);
  const ofDay = (minute % DAY) / HOUR;
  const temperatureC = usual.meanC + usual.swingC * Math.cos(((ofDay - 15) / 24) * 2 * Math.PI);
  return { temperatureC, dewPointC: usual.meanC - usual.dryC, rainMm: 0, windMs: usual.windMs };
}

/** The weather of one hour as the simulated station has it. */
export function stationHour(place: Place, minute: number): Weather {
  const hour = Math.floor(minute / HOUR);
  const usual = usualWeather(place, minute);
  const climate = climateHour(place, hour * HOUR);
  const name = place.name;
  // Warm and cold spells of about five days, single days, and hours.
  const spell = 3.4 * drift(`${name} spell`, hour, 120) + 1.6 * drift(`${name} day`, hour, 30);
  const damp = 1.8 * drift(`${name} damp`, hour, 60);
  // Rain comes in fronts: wet when the front noise is among its highest, by the month's share of wet hours.
  const front = (drift(`${name} front`, hour, 14) + 1) / 2;
  const wet = front > 1 - 1.6 * usual.rain;
  const rainMm = wet ? round(0.2 + 2.6 * drawn(`${name} mm`, hour) ** 2) : 0;
  const temperatureC = climate.temperatureC + spell - (wet ? 1.2 : 0) + 0.4 * drift(`${name} hour`, hour, 2);
  const dewPointC = Math.min(
    temperatureC - (wet ? 0.6 : 0.9),
    climate.dewPointC + 0.8 * spell + damp + (wet ? 1.5 : 0),
  );
  const windMs = Math.max(0.3, usual.windMs * (1 + 0.7 * drift(`${name} wind`, hour, 18)) + (wet ? 1 : 0));
  return { temperatureC, dewPointC, rainMm, windMs };
}

const humidity = (temperatureC: number, dewPointC: number) =>
  Math.min(99, Math.max(15, (100 * saturationPressure(dewPointC)) / saturationPressure(temperatureC)));

/** Weather, hour by hour, as a series of air. `from` is taken to its full hour. */
export function seriesOf(from: number, count: number, hourAt: (minute: number, i: number) => Weather): Hours {
  const first = Math.floor(from / HOUR) * HOUR;
  const weather = Array.from({ length: count }, (_, i) => hourAt(first + i * HOUR, i));
  return {
    kind: 'hourly',
    from: first,
    temperatureC: weather.map((w) => round(w.temperatureC)),
    relativeHumidityPct: weather.map((w) => Math.round(humidity(w.temperatureC, w.dewPointC))),
    rainMm: weather.map((w) => w.rainMm),
    windMs: weather.map((w) => round(w.windMs)),
  };
}

/**
 * What the simulated weather station of a place measures, for `count` hours from a minute since the epoch. Seeded by the
 * place and the date: the same hour is the same whoever asks for it, and plausible for season and hemisphere.
 */
export const stationHours = (place: Place, from: number, count: number): Hours & Air =>
  seriesOf(from, count, (minute) => stationHour(place, minute));
