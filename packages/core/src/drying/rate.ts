import type { Chemistry } from '../vocabulary/index.ts';
import type { AirHour } from './air.ts';
import { vapourDeficit } from './dewPoint.ts';

/** Label times hold at this air. */
export const LABEL_AIR = { temperatureC: 23, relativeHumidityPct: 50 } as const;
const LABEL_DEFICIT = vapourDeficit(LABEL_AIR.temperatureC, LABEL_AIR.relativeHumidityPct);

interface DryingLaw {
  chemistry: Chemistry;
  /** Label minutes gathered in one minute of this air, before the cap. 1 at 23 °C and 50 %. */
  speed: (air: AirHour) => number;
  /** Below its least temperature this film forms nothing. */
  stopsWhenCold: boolean;
  source: string;
}

/** How each chemistry dries. Monotone: warmer is never slower, damper is never faster. */
const LAWS: Record<Chemistry, DryingLaw> = {
  waterborne: {
    chemistry: 'waterborne',
    stopsWhenCold: true,
    source:
      'Evaporation goes with the vapour-pressure deficit (Dalton), quicker in moving air; film formation stops below a floor. Stages after ASTM D1640 / ISO 9117.',
    speed: (air) => (vapourDeficit(air.temperatureC, air.relativeHumidityPct) / LABEL_DEFICIT) * movement(air),
  },
  'solvent-borne': {
    chemistry: 'solvent-borne',
    stopsWhenCold: false,
    source: 'Oxidation about doubles per 10 °C; damp air slows it a little.',
    speed: (air) => 2 ** ((air.temperatureC - 23) / 10) * dampFactor(air, 0.004),
  },
  'alcohol-borne': {
    chemistry: 'alcohol-borne',
    stopsWhenCold: false,
    source: 'Spirit evaporates fast, by temperature: about doubling per 15 °C; damp air blushes and slows it a little.',
    speed: (air) => 2 ** ((air.temperatureC - 23) / 15) * dampFactor(air, 0.002),
  },
  'two-part': {
    chemistry: 'two-part',
    stopsWhenCold: true,
    source: 'Reaction about doubles per 10 °C and stops in the cold.',
    speed: (air) => 2 ** ((air.temperatureC - 23) / 10),
  },
};

/** Moving air carries the vapour off: a fifth quicker for each m/s, up to a fresh breeze. Still where not known. */
const movement = (air: AirHour) => 1 + 0.2 * Math.min(air.windMs ?? 0, 5);

const dampFactor = (air: AirHour, perPct: number) =>
  1 - perPct * (air.relativeHumidityPct - LABEL_AIR.relativeHumidityPct);

/**
 * Label minutes that one minute of this air is worth, 0 to 1. Label times are floors: good air never counts for more.
 * The film takes the temperature of its surface.
 */
export function dryingRate(chemistry: Chemistry, air: AirHour, minTempC: number | null): number {
  const law = LAWS[chemistry];
  const film = { ...air, temperatureC: Math.min(air.temperatureC, air.surfaceC) };
  if (law.stopsWhenCold && minTempC !== null && film.temperatureC < minTempC) return 0;
  return Math.max(0, Math.min(1, law.speed(film)));
}

/** Where a film's drying law comes from, in words. */
export function dryingSource(chemistry: Chemistry): string {
  return LAWS[chemistry].source;
}
