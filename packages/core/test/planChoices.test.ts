import { describe, expect, test } from '@jest/globals';
import {
  departed,
  drawWeather,
  forecast,
  overWeeks,
  planFront,
  planIf,
  planRead,
  planSchema,
  readBy,
  type Doubts,
  type FeasiblePlan,
  type PlanInput,
} from '../src/index.ts';
import { generator } from '../src/schedule/optimise.ts';
import { brokenRules } from './planChecker.ts';

const coat = { chemistry: 'waterborne', dustFreeMin: 60, recoatMin: 240 };
const outsideCoat = { ...coat, minTempC: 8, maxRhPct: 88, rainSafeMin: 180 };
const steady = { kind: 'steady' as const, temperatureC: 20, relativeHumidityPct: 50 };

const job = (surfaces: number, over: object = {}) =>
  readBy(planSchema, {
    start: '2027-03-01T08:00:00+00:00',
    timeZone: 'Europe/London',
    air: steady,
    crew: [{ id: 'a' }, { id: 'b', days: [1, 2, 3, 4] }, { id: 'c', from: '09:00', to: '14:00' }],
    zones: ['x', 'y', 'z'].map((id) => ({ id, noDustWhileWet: true })),
    surfaces: Array.from({ length: surfaces }, (_, i) => ({
      id: `s${i}`,
      zone: ['x', 'y', 'z'][i % 3],
      steps: [
        { id: '1', kind: 'sand', minutes: 30 + 10 * (i % 4), dusty: true },
        { id: '2', kind: 'prime', minutes: 40, drying: coat },
        { id: '3', kind: 'finish-coat', minutes: 50, drying: coat },
      ],
    })),
    ...over,
  }) as PlanInput;

const feasible = (input: PlanInput): FeasiblePlan => {
  const plan = planRead(input);
  if (plan.status !== 'feasible') throw new Error('it can be planned');
  return plan;
};

describe('what can be traded', () => {
  // Whoever has five surfaces in three rooms can send two people a second morning, or one for longer.
  const input = job(5);
  const front = planFront(input);
  const of = (t: (typeof front)[number]) => [Date.parse(t.plan.finish), t.plan.visits, t.nights];

  test('each plan keeps every rule, and none is as good as another in everything', () => {
    expect(front.length).toBeGreaterThan(1);
    for (const one of front) {
      expect(brokenRules(input, one.plan)).toEqual([]);
      for (const other of front) if (other !== one) expect(of(one).some((x, i) => x < of(other)[i]!)).toBe(true);
    }
  });

  test('the soonest comes first, as soon as the plan by itself; nights are those between the first and the last of a room', () => {
    expect(Date.parse(front[0]!.plan.finish)).toBeLessThanOrEqual(Date.parse(feasible(input).finish));
    const ends = front.map((t) => t.plan.finish);
    expect([...ends].sort()).toEqual(ends);
    for (const { plan, nights } of front) {
      const dates = (zone: string) =>
        plan.steps
          .filter((s) => input.surfaces.find((o) => o.id === s.surface)!.zone === zone)
          .flatMap((s) => [s.start.slice(0, 10), s.end.slice(0, 10)])
          .sort();
      const out = ['x', 'y', 'z'].map((zone) => {
        const of = dates(zone);
        return (Date.parse(of.at(-1)!) - Date.parse(of[0]!)) / 86_400_000;
      });
      expect(nights).toBe(out.reduce((a, b) => a + b, 0));
    }
  });

  test('where no plan stands there is nothing to trade', () => {
    expect(planFront(job(2, { crew: [] }))).toEqual([]);
  });
});

describe('somebody more for some days', () => {
  const input = job(12, { crew: [{ id: 'a' }] });
  const plan = feasible(input);
  const person = { id: 'helper', days: [1, 2, 3, 4, 5], from: '08:00', to: '16:30' };
  const daysOf = (p: FeasiblePlan) =>
    new Set(p.steps.filter((s) => s.crew.includes('helper')).map((s) => s.start.slice(0, 10)));
  const withHelper = (days?: number) => {
    const made = planIf(input, plan, [{ kind: 'painter', person, ...(days ? { days } : {}) }]);
    if (made.status !== 'feasible') throw new Error('it can be planned');
    return made;
  };

  test('is there on no more days than that, and gains the more the longer', () => {
    const [two, four, always] = [withHelper(2), withHelper(4), withHelper()];
    expect(daysOf(two).size).toBeGreaterThan(0);
    expect(daysOf(two).size).toBeLessThanOrEqual(2);
    expect(daysOf(four).size).toBeLessThanOrEqual(4);
    const ends = [plan, two, four, always].map((p) => Date.parse(p.finish));
    expect(ends[1]).toBeLessThan(ends[0]!);
    expect(ends[2]).toBeLessThanOrEqual(ends[1]!);
    expect(ends[3]).toBeLessThanOrEqual(ends[2]!);
  });

  test('their days follow one another as they work', () => {
    const dates = [...daysOf(withHelper(3))].sort();
    const gap = (Date.parse(dates.at(-1)!) - Date.parse(dates[0]!)) / 86_400_000;
    // A weekend may lie between.
    expect(gap).toBeLessThanOrEqual(4);
  });
});

describe('a plan over many drawn weeks', () => {
  const place = { name: 'Pellworth Staithe', hemisphere: 'northern' as const };
  const START = '2027-04-12T08:00:00+01:00';
  const now = Date.parse(START) / 60_000;
  const { air, doubt } = forecast(place, now - 1440, 24 * 30, now);
  const doubts: Doubts = new Map([[null, { air, doubt }]]);
  const given = { ...air, from: new Date(air.from * 60_000).toISOString() };
  /** Twelve surfaces, four of them outside unless all are in. */
  const outside = (some: boolean) =>
    job(0, {
      start: START,
      air: given,
      crew: [{ id: 'a' }, { id: 'b' }],
      zones: [{ id: 'out' }, { id: 'in', air: steady }],
      surfaces: Array.from({ length: 12 }, (_, i) => {
        const isOut = some && i % 3 === 0;
        const drying = isOut ? outsideCoat : coat;
        return {
          id: `s${i}`,
          zone: isOut ? 'out' : 'in',
          steps: [
            { id: '1', kind: 'sand', minutes: 60, dusty: true },
            { id: '2', kind: 'prime', minutes: 60, drying },
            { id: '3', kind: 'finish-coat', minutes: 60, drying },
          ],
        };
      }),
    });

  test('says how often its day is kept, the same each time, and never less often by a later day', () => {
    const input = outside(true);
    const plan = feasible(input);
    const weeks = 60;
    const first = overWeeks(input, plan, doubts, { weeks })!;
    expect(overWeeks(input, plan, doubts, { weeks })).toEqual(first);
    expect(first.judged.inTime).toBeGreaterThan(0.2);
    expect(first.judged.inTime).toBeLessThan(1);
    expect(Date.parse(first.judged.nineInTen!)).toBeGreaterThan(Date.parse(plan.finish));
    const later = { ...plan, finish: new Date(Date.parse(plan.finish) + 3 * 86_400_000).toISOString() };
    expect(overWeeks(input, later, doubts, { weeks })!.judged.inTime).toBeGreaterThanOrEqual(first.judged.inTime);
  });

  test('what is offered as surer keeps every rule in the forecast, and its day more often', () => {
    let offered = 0;
    for (const seed of [1, 2, 3]) {
      const input = outside(true);
      const { judged, surer } = overWeeks(input, feasible(input), doubts, { seed, weeks: 40 })!;
      if (!surer) continue;
      offered++;
      expect(brokenRules(input, surer.plan)).toEqual([]);
      const sooner = Date.parse(surer.judged.nineInTen!) < Date.parse(judged.nineInTen!);
      expect(sooner || surer.judged.inTime > judged.inTime).toBe(true);
    }
    expect(offered).toBeGreaterThan(0);
  });

  test('where nothing depends on it, every week keeps the day; without doubt there is nothing to say', () => {
    const input = outside(false);
    const { judged, surer } = overWeeks(input, feasible(input), doubts)!;
    expect(judged.inTime).toBe(1);
    expect(surer).toBeNull();
    expect(overWeeks(input, feasible(input), new Map())).toBeNull();
  });

  test('drawn hours depart as far as the forecast may be wrong, and it rains as often as it says', () => {
    const random = generator(5);
    const hours = 200;
    const doubted = {
      air: {
        kind: 'hourly' as const,
        from: 0,
        temperatureC: Array.from({ length: hours }, () => 12),
        relativeHumidityPct: Array.from({ length: hours }, () => 60),
        rainMm: Array.from({ length: hours }, () => 0),
      },
      doubt: {
        temperatureC: Array.from({ length: hours }, () => 2),
        relativeHumidityPct: Array.from({ length: hours }, () => 6),
        rain: Array.from({ length: hours }, () => 0.3),
      },
    };
    const drawn = Array.from({ length: 400 }, () => departed(doubted, drawWeather(hours, random)));
    const all = (of: (a: (typeof drawn)[number]) => readonly number[]) => drawn.flatMap((a) => [...of(a)]);
    const mean = (xs: number[]) => xs.reduce((a, b) => a + b, 0) / xs.length;
    const spread = (xs: number[]) => Math.sqrt(mean(xs.map((x) => x * x)) - mean(xs) ** 2);
    expect(mean(all((a) => a.temperatureC))).toBeCloseTo(12, 0);
    expect(spread(all((a) => a.temperatureC))).toBeCloseTo(2, 0);
    expect(spread(all((a) => a.relativeHumidityPct))).toBeCloseTo(6, 0);
    expect(mean(all((a) => a.rainMm!.map((mm) => (mm > 0 ? 1 : 0))))).toBeCloseTo(0.3, 1);
  });
});
