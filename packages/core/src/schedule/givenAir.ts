import type { Air } from '../drying/air.ts';
import type { PlanInput } from '../model/planInput.ts';

/** An air as the planner is asked it: the first hour of a series in words, ISO 8601. */
export const givenAir = (air: Air): PlanInput['air'] =>
  air.kind === 'steady'
    ? air
    : {
        ...air,
        from: new Date(air.from * 60_000).toISOString(),
        temperatureC: [...air.temperatureC],
        relativeHumidityPct: [...air.relativeHumidityPct],
        surfaceC: air.surfaceC ? [...air.surfaceC] : null,
        rainMm: air.rainMm ? [...air.rainMm] : null,
        windMs: air.windMs ? [...air.windMs] : null,
      };
