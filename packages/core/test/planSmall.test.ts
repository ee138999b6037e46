import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plan, planSchema, readBy, type PlanInput } from '../src/index.ts';
import { brokenRules } from './planChecker.ts';
import { endsBefore } from './planExhaustive.ts';

fc.configureGlobal({ seed: Number(process.env['SEED'] ?? 20270301), endOnFailure: true });

const read = (given: unknown) => readBy(planSchema, given) as PlanInput;

const coat = (recoatMin: number, recoatMaxMin: number | null) => ({
  chemistry: 'waterborne',
  dustFreeMin: 30,
  recoatMin,
  recoatMaxMin,
});
const half = (min: number, max: number) => fc.integer({ min, max }).map((k) => k * 30);
const smallJob = fc
  .record({
    surfaces: fc.array(
      fc.record({
        onRack: fc.boolean(),
        closes: fc.constantFrom(null, null, 1500, 600),
        coats: fc.array(fc.record({ minutes: half(1, 7), recoat: half(1, 10) }), { minLength: 1, maxLength: 3 }),
      }),
      { minLength: 2, maxLength: 3 },
    ),
    crew: fc.array(fc.record({ from: fc.constantFrom('08:00', '09:00'), to: fc.constantFrom('14:30', '16:30') }), {
      minLength: 1,
      maxLength: 2,
    }),
    racks: fc.constantFrom(null, 1),
  })
  .map((x): unknown => ({
    start: '2027-03-01T08:00:00+00:00',
    timeZone: 'Europe/London',
    air: { kind: 'steady', temperatureC: 23, relativeHumidityPct: 50 },
    racks: x.racks,
    crew: x.crew.map((p, i) => ({ id: `p${i}`, days: [1, 2, 3, 4, 5, 6, 7], ...p })),
    surfaces: x.surfaces.map((s, i) => ({
      id: `s${i}`,
      steps: s.coats.map((c, j) => ({
        id: `${j}`,
        kind: 'prime',
        minutes: c.minutes,
        onRack: s.onRack,
        drying: coat(c.recoat, s.closes === null ? null : Math.max(s.closes, c.recoat)),
      })),
    })),
  }));

describe('small jobs of up to nine coats', () => {
  test('no plan on the half-hour grid ends sooner, by exhaustive search, and the bound lies at or before the end', () => {
    let made = 0;
    fc.assert(
      fc.property(smallJob, (given) => {
        const p = plan(given);
        if (p.status === 'infeasible') return;
        made++;
        expect(brokenRules(read(given), p)).toEqual([]);
        expect(endsBefore(read(given), p.objective.finishMin)).toBe(false);
        // The search is one: a later target it reaches.
        expect(endsBefore(read(given), p.objective.finishMin + 30)).toBe(true);
      }),
      { numRuns: 12 },
    );
    expect(made).toBeGreaterThan(8);
  });
});
