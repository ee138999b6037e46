import type { PlanInput } from '../model/planInput.ts';
import { below } from './reliance.ts';
import { climateHour, type Place } from './station.ts';

/** Spells of a season: one standard deviation of a day against what is usual then, °C. */
const SPELL_C = 2.6;
/** Four years in five. */
const OFTEN = 0.8;
const DAY = 1440;
const LOOK_AHEAD_DAYS = 300;

type Drying = NonNullable<PlanInput['surfaces'][number]['steps'][number]['drying']>;

/**
 * The latest day on which work outside may begin before the cold: the last of which, four years in five, the coats that
 * follow find their least temperature by day. `workDays` is how long the surface takes from its first coat to its last.
 * Null where no cold is in sight within 300 days, or where it is too cold now.
 */
export function latestStart(place: Place, coats: readonly Drying[], now: number, workDays: number): number | null {
  const floor = Math.max(...coats.map((d) => d.minTempC ?? -Infinity));
  if (!Number.isFinite(floor)) return null;
  const holds = Math.max(0, ...coats.map((d) => Math.max(d.limitsHoldMin ?? 0, d.dustFreeMin ?? 0)));
  const suits = (day: number) => {
    // From ten in the morning until the last coat's limits no longer hold, the coldest hour decides.
    let coldest = Infinity;
    for (let m = day + 600; m <= day + 900 + holds; m += 60)
      coldest = Math.min(coldest, climateHour(place, m).temperatureC);
    return below((coldest - floor) / SPELL_C) >= OFTEN;
  };
  const today = Math.floor(now / DAY) * DAY;
  if (!suits(today)) return null;
  for (let i = 1; i <= LOOK_AHEAD_DAYS; i++) {
    if (suits(today + i * DAY)) continue;
    const latest = today + (i - 1 - Math.ceil(workDays)) * DAY;
    return Math.max(latest, today);
  }
  return null;
}
