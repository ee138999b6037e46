/** Air as the plan takes it: the same throughout, or hour by hour from a first hour. */
export type Air =
  | {
      kind: 'steady';
      temperatureC: number;
      relativeHumidityPct: number;
      surfaceC?: number | null;
      rainMm?: number | null;
      windMs?: number | null;
    }
  | {
      kind: 'hourly';
      from: number;
      temperatureC: readonly number[];
      relativeHumidityPct: readonly number[];
      surfaceC?: readonly number[] | null;
      rainMm?: readonly number[] | null;
      windMs?: readonly number[] | null;
    };

/** One hour's air. Surface temperature is the air's unless given. Rain and wind are null where not known. */
export interface AirHour {
  temperatureC: number;
  relativeHumidityPct: number;
  surfaceC: number;
  rainMm: number | null;
  windMs: number | null;
}

const HOUR = 60;

/** Reads an air series at a minute since the epoch. Value i holds for the hour from `from` + i h; outside the series the nearest holds. */
export function airAt(air: Air, minute: number): AirHour {
  if (air.kind === 'steady') {
    return {
      temperatureC: air.temperatureC,
      relativeHumidityPct: air.relativeHumidityPct,
      surfaceC: air.surfaceC ?? air.temperatureC,
      rainMm: air.rainMm ?? null,
      windMs: air.windMs ?? null,
    };
  }
  const hour = Math.floor((minute - air.from) / HOUR);
  const at = <T>(list: readonly T[] | null | undefined): T | null =>
    list?.length ? list[Math.min(list.length - 1, Math.max(0, hour))]! : null;
  const temperatureC = at(air.temperatureC)!;
  return {
    temperatureC,
    relativeHumidityPct: at(air.relativeHumidityPct)!,
    surfaceC: at(air.surfaceC) ?? temperatureC,
    rainMm: at(air.rainMm),
    windMs: at(air.windMs),
  };
}

/** How many hours a series tells of: its longest list. */
export function hoursOf(air: Air & { kind: 'hourly' }): number {
  return Math.max(
    air.temperatureC.length,
    air.relativeHumidityPct.length,
    air.surfaceC?.length ?? 0,
    air.rainMm?.length ?? 0,
    air.windMs?.length ?? 0,
  );
}

/** The first minute after `minute` at which this air may change; infinite once it never does again. */
export function nextChange(air: Air, minute: number): number {
  if (air.kind === 'steady') return Infinity;
  const hour = Math.floor((minute - air.from) / HOUR);
  if (hour >= hoursOf(air) - 1) return Infinity;
  return air.from + HOUR * (Math.max(hour, 0) + 1);
}

/** Keeps what is made of an air, by a key, for as long as that air is about: a plan asks thousands of times. */
export function keptByAir<T>(): (air: Air, key: string, make: () => T) => T {
  const kept = new WeakMap<Air, Map<string, T>>();
  return (air, key, make) => {
    let of = kept.get(air);
    if (!of) kept.set(air, (of = new Map<string, T>()));
    let found = of.get(key);
    if (found === undefined) of.set(key, (found = make()));
    return found;
  };
}
