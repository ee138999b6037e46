import type { PlanInput } from '../model/planInput.ts';
import { airAt, type Air } from '../drying/air.ts';
import { stepsByName, type FeasiblePlan } from '../schedule/plan.ts';
import type { ForecastDoubt } from './forecast.ts';

/** A coat that holds only if the forecast does. */
export interface Reliance {
  surface: string;
  id: string;
  /** Chance, 0 to 1, that every limit holds from its start until the sheet no longer asks. */
  chance: number;
  /** What is the likeliest to fail, in words. */
  text: string;
}

/** Coats that are surer than this are left unsaid. */
const SURE = 0.9;
const HOUR = 60;

/** The standard normal's share below z. Source: Abramowitz and Stegun 26.2.17, to 7.5e-8. */
export function below(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const poly = t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const tail = (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * poly;
  return z >= 0 ? 1 - tail : tail;
}

/**
 * Which coats of a plan depend on the forecast: for each, the chance that temperature, humidity and rain stay within its
 * sheet from its start until dust-free, or as long as its limits hold. The worst hour decides: hours of one day err together.
 */
export function relianceOf(
  input: PlanInput,
  plan: FeasiblePlan,
  doubts: ReadonlyMap<string | null, { from: number; doubt: ForecastDoubt }>,
): Reliance[] {
  const zones = new Map((input.zones ?? []).map((z) => [z.id, z.air]));
  const planned = stepsByName(plan.steps);
  return input.surfaces.flatMap((surface) => {
    const own = surface.zone ? zones.get(surface.zone) : null;
    const known = doubts.get(own ? (surface.zone ?? null) : null);
    const air = own ?? input.air;
    if (!known || air.kind !== 'hourly') return [];
    const series: Air = { ...air, from: known.from };
    return surface.steps.flatMap((step): Reliance[] => {
      const at = planned.get(`${surface.id}/${step.id}`);
      if (!step.drying || step.done || !at) return [];
      const start = Date.parse(at.start) / 60_000;
      const end = Date.parse(at.end) / 60_000;
      const dry = at.dustFreeAt ? Date.parse(at.dustFreeAt) / 60_000 : end;
      const until = Math.max(dry, end + (step.drying.limitsHoldMin ?? 0));
      const rainUntil = step.drying.rainSafeMin == null ? null : end + step.drying.rainSafeMin;
      const worst = worstHour(series, known, step.drying, { start, until, rainUntil });
      return worst.chance >= SURE ? [] : [{ surface: surface.id, id: step.id, ...worst }];
    });
  });
}

function worstHour(
  air: Air,
  { from, doubt }: { from: number; doubt: ForecastDoubt },
  drying: NonNullable<PlanInput['surfaces'][number]['steps'][number]['drying']>,
  { start, until, rainUntil }: { start: number; until: number; rainUntil: number | null },
): { chance: number; text: string } {
  let worst = { chance: 1, text: '' };
  const worse = (chance: number, text: () => string) => {
    if (chance < worst.chance) worst = { chance: Math.round(chance * 100) / 100, text: text() };
  };
  const { minTempC, maxTempC, maxRhPct } = drying;
  for (let minute = start; minute < Math.max(until, rainUntil ?? 0); minute += HOUR) {
    const i = Math.min(doubt.rain.length - 1, Math.max(0, Math.floor((minute - from) / HOUR)));
    const hour = airAt(air, minute);
    const [t, rh] = [doubt.temperatureC[i]!, doubt.relativeHumidityPct[i]!];
    const colder = Math.min(hour.temperatureC, hour.surfaceC);
    if (minute < until && t > 0) {
      if (minTempC != null)
        worse(
          below((colder - minTempC) / t),
          () => `${round(colder)} °C, give or take ${round(t)}, for its ${minTempC} °C`,
        );
      if (maxTempC != null)
        worse(
          below((maxTempC - hour.surfaceC) / t),
          () => `${round(hour.surfaceC)} °C on the face, for its ${maxTempC} °C at most`,
        );
      if (maxRhPct != null && rh > 0)
        worse(
          below((maxRhPct - hour.relativeHumidityPct) / rh),
          () => `${hour.relativeHumidityPct} %, give or take ${rh}, for its ${maxRhPct} % at most`,
        );
    }
    if (rainUntil !== null && minute < rainUntil && doubt.rain[i]! > 0)
      worse(1 - doubt.rain[i]!, () => `a ${Math.round(100 * doubt.rain[i]!)} % chance of rain before it is rain-safe`);
  }
  return worst;
}

const round = (value: number) => Math.round(value * 10) / 10;
