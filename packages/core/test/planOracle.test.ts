import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { planRead, planSchema, readBy, type PlanInput } from '../src/index.ts';
import { loadHighs } from './loadHighs.ts';
import { brokenRules } from './planChecker.ts';
import { GRID, programOf } from './planOracle.ts';

fc.configureGlobal({ seed: Number(process.env['SEED'] ?? 20270301), endOnFailure: true });

const half = (min: number, max: number) => fc.integer({ min, max }).map((k) => k * GRID);
const coat = fc.record({
  chemistry: fc.constant('waterborne'),
  dustFreeMin: half(1, 4),
  recoatMin: half(2, 12),
  recoatMaxMin: fc.constantFrom(null, null, 1440, 600),
  rainSafeMin: fc.constantFrom(null, 60, 120),
  maxWindMs: fc.constantFrom(null, 8),
});
const anyStep = fc.record({
  minutes: half(1, 8),
  people: fc.constantFrom(1, 1, 1, 2),
  dusty: fc.boolean(),
  onRack: fc.constantFrom(false, false, true),
  skill: fc.constantFrom(null, null, null, 'spray'),
  drying: fc.option(coat, { freq: 3 }),
  waitMin: fc.constantFrom(0, 0, 60, 300),
});
const anyJob = fc
  .record({
    surfaces: fc.array(
      fc.record({ zone: fc.constantFrom('hall', 'shop'), steps: fc.array(anyStep, { minLength: 2, maxLength: 3 }) }),
      {
        minLength: 2,
        maxLength: 4,
      },
    ),
    rain: fc.array(fc.constantFrom(0, 0, 0, 0, 0, 1), { minLength: 72, maxLength: 72 }),
    wind: fc.array(fc.constantFrom(2, 4, 6, 10), { minLength: 72, maxLength: 72 }),
    weather: fc.boolean(),
    racks: fc.constantFrom(null, 1, 2),
    backBy: fc.constantFrom(null, null, '18:00'),
    nights: fc.constantFrom(null, null, 2, 3),
    noDust: fc.boolean(),
    after: fc.boolean(),
    late: fc.boolean(),
  })
  .map(
    (x): PlanInput =>
      readBy(planSchema, {
        start: '2027-03-01T08:00:00+00:00',
        timeZone: 'Europe/London',
        // At the label's air a film takes the label's time; only rain and wind shut hours out.
        air: x.weather
          ? {
              kind: 'hourly',
              from: '2027-03-01T00:00:00+00:00',
              temperatureC: [...x.rain.map(() => 23), 23],
              relativeHumidityPct: [...x.rain.map(() => 50), 50],
              rainMm: [...x.rain, 0],
              windMs: [...x.wind, 2],
            }
          : { kind: 'steady', temperatureC: 23, relativeHumidityPct: 50 },
        racks: x.racks,
        zones: [
          { id: 'hall', noDustWhileWet: x.noDust, backBy: x.backBy },
          { id: 'shop', noDustWhileWet: true, maxNightsOut: x.nights },
        ],
        crew: [
          { id: 'a', days: [1, 2, 3, 4, 5, 6, 7], from: '08:00', to: '16:30', skills: ['spray'] },
          { id: 'b', days: [1, 2, 3, 4, 5, 6, 7], from: x.late ? '09:30' : '08:00', to: '16:30' },
        ],
        surfaces: x.surfaces.map((s, i) => ({
          id: `s${i}`,
          zone: s.zone,
          steps: s.steps.map((step, k) => ({
            ...step,
            id: `${k}`,
            kind: step.drying ? 'prime' : 'wash',
            skill: step.people === 2 ? null : step.skill,
            // What closes must be able to open.
            drying: step.drying && {
              ...step.drying,
              recoatMaxMin: step.drying.recoatMaxMin && Math.max(step.drying.recoatMaxMin, step.drying.recoatMin),
            },
            after: x.after && i === 1 && k === 1 ? ['s0/1'] : undefined,
          })),
        })),
      }) as PlanInput,
  );

test('small jobs end exactly when a general solver of whole-number programs says, whatever binds them', async () => {
  const highs = await loadHighs();
  const seen = { planned: 0, proven: 0, none: 0 };
  fc.assert(
    fc.property(anyJob, (input) => {
      const plan = planRead(input, { thorough: true });
      if (plan.status === 'infeasible') {
        // Nothing within four days either.
        expect(highs.solve(programOf(input, 4 * 1440)).Status).toBe('Infeasible');
        seen.none++;
        return;
      }
      expect(brokenRules(input, plan)).toEqual([]);
      const finish = plan.objective.finishMin;
      const bound = (Date.parse(plan.lowerBound) - Date.parse(input.start)) / 60_000;
      const { Status, ObjectiveValue } = highs.solve(programOf(input, finish));
      expect(Status).toBe('Optimal');
      expect(finish).toBe(Math.round(ObjectiveValue));
      expect(bound).toBeLessThanOrEqual(finish);
      seen.planned++;
      if (bound === finish) seen.proven++;
    }),
    { numRuns: Number(process.env['RUNS'] ?? 8) },
  );
  expect(seen.planned).toBeGreaterThan(3);
  expect(seen.proven).toBeGreaterThan(seen.planned * 0.9);
});
