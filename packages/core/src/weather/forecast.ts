import { climateHour, seriesOf, stationHour, usualWeather, type Hours, type Place, type Weather } from './station.ts';

/** How far a series may be wrong, hour by hour: 0 where it was measured. */
export interface ForecastDoubt {
  /** One standard deviation of the temperature, °C, and of the humidity, %. */
  temperatureC: number[];
  relativeHumidityPct: number[];
  /** Chance of rain, 0 to 1. */
  rain: number[];
}

export interface Forecast {
  air: Hours;
  doubt: ForecastDoubt;
}

/** Skill falls to a third in about five days: beyond that a forecast is the season's usual weather. */
const SKILL_HOURS = 110;
const SPELL_C = 3;
const NEAR_C = 0.5;
const skill = (lead: number) => Math.exp(-Math.max(0, lead) / SKILL_HOURS);

/**
 * What is known now of the weather: measured until now, forecast after it. A forecast is what will be, drawn toward the
 * season's usual weather the further ahead it looks, and says by how much it may be wrong.
 */
export function forecast(place: Place, from: number, count: number, now: number): Forecast {
  const lead = (minute: number) => (minute - now) / 60;
  const air = seriesOf(from, count, (minute): Weather => {
    const truth = stationHour(place, minute);
    if (minute <= now) return truth;
    const usual = climateHour(place, minute);
    const share = skill(lead(minute));
    const between = (of: (w: Weather) => number) => of(usual) + share * (of(truth) - of(usual));
    return {
      temperatureC: between((w) => w.temperatureC),
      dewPointC: between((w) => w.dewPointC),
      windMs: between((w) => w.windMs),
      // A day or two ahead the front is known; later only its chance.
      rainMm: share > 0.6 ? truth.rainMm : 0,
    };
  });
  const minutes = Array.from({ length: count }, (_, i) => air.from + i * 60);
  const spread = minutes.map((m) => (m <= now ? 0 : Math.hypot(NEAR_C, SPELL_C * Math.sqrt(1 - skill(lead(m)) ** 2))));
  return {
    air,
    doubt: {
      temperatureC: spread.map((s) => Math.round(s * 10) / 10),
      // A degree more is about four per cent less of humidity; the rest is the dew point's own.
      relativeHumidityPct: spread.map((s) => Math.round(3.6 * s)),
      rain: minutes.map((m) => {
        const wet = stationHour(place, m).rainMm > 0 ? 1 : 0;
        const share = m <= now ? 1 : skill(lead(m));
        return Math.round((share * wet + (1 - share) * usualWeather(place, m).rain) * 100) / 100;
      }),
    },
  };
}
