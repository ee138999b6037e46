import SunCalc from 'suncalc';
import type { Substrate } from '../vocabulary/index.ts';
import type { Facing } from '../vocabulary/index.ts';
import { LATITUDE } from './knowledge/climate.ts';
import type { Hours, Place } from './station.ts';

/** Azimuth from south, westward, in radians, as the sun's is given. */
const AZIMUTH: Record<Facing, number> = Object.fromEntries(
  (['south', 'west', 'north', 'east'] as const).map((facing, i) => [facing, (i * Math.PI) / 2]),
) as Record<Facing, number>;

/** How long a face takes to follow the air and the sun, in hours: boards at once, masonry by the afternoon. Source: typical time constants of light and heavy walls. */
const LAG_HOURS: Partial<Record<Substrate, number>> = {
  brick: 5,
  concrete: 6,
  render: 4,
  'lime-plaster': 5,
  'skim-plaster': 3,
  drywall: 1.5,
};
const USUAL_LAG = 1;
/** Clear-sky sun on a face square to it, W/m²; what the face takes of it; and what it gives to the air, W/m²K. Source: sol-air temperature. */
const CLEAR_SUN = 900;
const TAKES = 0.6;
const GIVES = 20;

/** Sun on a wall of that facing, W/m²: none at night, on the far side, or through rain; less through damp air. */
export function sunOn(
  facing: Facing | null,
  place: Place,
  minute: number,
  air: { humidityPct: number; rainMm: number },
): number {
  if (facing === null || air.rainMm > 0) return 0;
  const latitude = place.hemisphere === 'southern' ? -LATITUDE : LATITUDE;
  const sun = SunCalc.getPosition(new Date((minute + 30) * 60_000), latitude, 0);
  if (sun.altitude <= 0) return 0;
  const onFace = Math.cos(sun.altitude) * Math.cos(sun.azimuth - AZIMUTH[facing]);
  const clear = Math.min(1, Math.max(0.15, (100 - air.humidityPct) / 50));
  return Math.max(0, onFace) * CLEAR_SUN * clear * Math.min(1, Math.sin(sun.altitude) * 4);
}

/**
 * The temperature of a face, hour by hour: walls lag the air, and a sunlit face stands above it. A shaded face at night is
 * close to the air; one that faces no known way has no sun. Source: sol-air temperature, one time constant by substrate.
 */
export function surfaceHours(
  air: Hours,
  face: { facing: Facing | null; substrate: Substrate },
  place: Place,
): number[] {
  const lag = LAG_HOURS[face.substrate] ?? USUAL_LAG;
  const share = 1 - Math.exp(-1 / lag);
  let at = air.temperatureC[0]!;
  return air.temperatureC.map((t, i) => {
    const sun = sunOn(face.facing, place, air.from + i * 60, {
      humidityPct: air.relativeHumidityPct[i]!,
      rainMm: air.rainMm[i]!,
    });
    at += share * (t + (TAKES * sun) / GIVES - at);
    return Math.round(at * 10) / 10;
  });
}
