import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plan, UnusableInput, type FeasiblePlan } from '../src/index.ts';

const AT_LABEL = { kind: 'steady', temperatureC: 23, relativeHumidityPct: 50 };
const job = (surfaces: object[], over: object = {}) => ({
  start: '2027-03-01T08:00:00+00:00',
  timeZone: 'Europe/London',
  crew: [{ id: 'a', days: [1, 2, 3, 4, 5, 6, 7] }],
  air: AT_LABEL,
  surfaces,
  ...over,
});
const stands = (given: unknown): FeasiblePlan => {
  const p = plan(given);
  if (p.status !== 'feasible') throw new Error(p.reasons.map((r) => r.text).join());
  return p;
};
const at = (p: FeasiblePlan, name: string) => p.steps.find((s) => `${s.surface}/${s.id}` === name)!;
const film = { chemistry: 'waterborne', dustFreeMin: 30, recoatMin: 60 };
const coats = (preferred: number | null) => [
  { id: '1', kind: 'prime', minutes: 30, drying: { ...film, recoatPreferredMin: preferred } },
  { id: '2', kind: 'finish-coat', minutes: 30, drying: film },
];
const long = (minutes: number) => ({ id: 'other', steps: [{ id: '1', kind: 'wash', minutes }] });

describe('the longer wait that a sheet prefers', () => {
  test('is given where the day is long enough anyway, and says so', () => {
    const p = stands(job([{ id: 's', steps: coats(240) }, long(400)]));
    const second = at(p, 's/2');
    expect(Date.parse(second.start) - Date.parse(at(p, 's/1').end)).toBeGreaterThanOrEqual(240 * 60_000);
    expect(p.finish).toBe(stands(job([{ id: 's', steps: coats(null) }, long(400)])).finish);
    expect(p.warnings).toEqual([]);
  });
  test('is no demand: what would end later for it, does without, and is told', () => {
    const p = stands(job([{ id: 's', steps: coats(240) }]));
    expect(p.objective.finishMin).toBe(120);
    expect(p.warnings.map((w) => w.code)).toEqual(['preferred-wait']);
  });
  test('counts in the air of its place, as every wait does', () => {
    const cold = { kind: 'steady', temperatureC: 15, relativeHumidityPct: 50 };
    const p = stands(job([{ id: 's', steps: coats(90) }, long(330)], { air: cold }));
    const waited = (Date.parse(at(p, 's/2').start) - Date.parse(at(p, 's/1').end)) / 60_000;
    expect(waited).toBeGreaterThan(90);
    expect(p.warnings).toEqual([]);
  });
  test('never costs an hour or a visit', () => {
    const any = fc.array(
      fc.record({ first: fc.integer({ min: 10, max: 120 }), wish: fc.integer({ min: 60, max: 900 }) }),
      {
        minLength: 1,
        maxLength: 3,
      },
    );
    const asked = (given: { first: number; wish: number }[], wished: boolean) =>
      stands(
        job(
          given.map(({ first, wish }, i) => ({
            id: `s${i}`,
            steps: coats(wished ? wish : null).map((s) => ({ ...s, minutes: first })),
          })),
        ),
      );
    fc.assert(
      fc.property(any, (given) => {
        const [with_, without] = [asked(given, true), asked(given, false)];
        expect(with_.objective.finishMin).toBeLessThanOrEqual(without.objective.finishMin);
        if (with_.objective.finishMin === without.objective.finishMin)
          expect(with_.visits).toBeLessThanOrEqual(without.visits);
      }),
      { numRuns: 12 },
    );
  });
});

describe('handling and closing', () => {
  const door = (handleMin: number | null) => [
    { id: '1', kind: 'finish-coat', minutes: 30, drying: { ...film, handleMin } },
    { id: '2', kind: 'refit-hardware', minutes: 20 },
    { id: '3', kind: 'rehang', minutes: 20 },
  ];
  test('wait for a film that bears it, where the sheet says when', () => {
    const p = stands(job([{ id: 's', steps: door(300) }]));
    expect(at(p, 's/2')).toMatchObject({ start: '2027-03-01T13:30:00+00:00', waitsFor: { code: 'coat' } });
    expect(at(p, 's/2').waitsFor!.text).toContain('handled');
  });
  test('wait for the next coat to open where it does not', () => {
    expect(at(stands(job([{ id: 's', steps: door(null) }])), 's/2').start).toBe('2027-03-01T09:30:00+00:00');
  });
  test('are impossible in air that never lets the film get there, and say what would help', () => {
    const steps = [
      { ...door(300)[0], drying: { chemistry: 'waterborne', minTempC: 10, handleMin: 300 } },
      door(300)[1],
    ];
    const thaw = {
      kind: 'hourly',
      from: '2027-03-01T08:00:00+00:00',
      temperatureC: [12, 12, 4],
      relativeHumidityPct: [50, 50, 50],
    };
    const p = plan(job([{ id: 's', steps }], { air: thaw }));
    expect(p).toMatchObject({ status: 'infeasible', reasons: [{ rule: 'air', step: 's/2' }] });
  });
  test('may not be said to come before dust-free', () => {
    expect(() => plan(job([{ id: 's', steps: door(10) }]))).toThrow(UnusableInput);
  });
});
