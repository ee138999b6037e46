import { describe, expect, test } from '@jest/globals';
import { planRead, planSchema, readBy, type PlanInput } from '../src/index.ts';
import { earliestEnds, lowerBound } from '../src/schedule/bound.ts';
import { Benches } from '../src/schedule/bench.ts';
import { construct } from '../src/schedule/construct.ts';
import { latestStarts } from '../src/schedule/latest.ts';
import { Pressing } from '../src/schedule/pressing.ts';
import { readProblem } from '../src/schedule/problem.ts';
import { Timetable } from '../src/schedule/timetable.ts';
import { brokenRules } from './planChecker.ts';

const coat = { chemistry: 'waterborne', dustFreeMin: 45, recoatMin: 240 };

/** Many walls, and among the last of them some doors that share one place on the rack. */
const scarceRack = (walls: number, doors: number) =>
  readBy(planSchema, {
    start: '2027-03-01T08:00:00+00:00',
    timeZone: 'Europe/London',
    air: { kind: 'steady', temperatureC: 23, relativeHumidityPct: 50 },
    racks: 1,
    crew: ['a', 'b', 'c'].map((id) => ({ id, days: [1, 2, 3, 4, 5], from: '08:00', to: '16:30' })),
    surfaces: Array.from({ length: walls + doors }, (_, i) => ({
      id: `s${i}`,
      steps: [
        { id: '1', kind: 'wash', minutes: 20 + ((i * 7) % 40) },
        { id: '2', kind: 'sand', minutes: 30 + ((i * 13) % 50) },
        ...(i < walls
          ? [{ id: '3', kind: 'finish-coat', minutes: 60, drying: coat }]
          : [{ id: '3', kind: 'finish-coat', minutes: 25, onRack: true, drying: coat }]),
        { id: '4', kind: 'finish-coat', minutes: 35, drying: coat },
      ],
    })),
  }) as PlanInput;

describe('whoever comes late is put forward', () => {
  const input = scarceRack(30, 10);
  const problem = readProblem(input);
  const begun = Timetable.begin(problem);
  const bound = lowerBound(problem, earliestEnds(problem, begun.diaries), begun.diaries);

  const ends = (pressing: Pressing, times: number): number[] => {
    const soonest = latestStarts(problem, bound);
    return Array.from({ length: times }, () => {
      const bench = new Benches(begun).take();
      expect(construct(begun, pressing.order(), { left: Infinity }, bench)).toBeNull();
      pressing.see(bench.table, soonest);
      return Math.max(...bench.table.end);
    });
  };
  const pressed = (forward: number) =>
    new Pressing(problem, latestStarts(problem, bound), { forward, drawn: 0 }, () => 0.5);

  test('what many wait for is begun with, after a few buildings, and not where nothing is put forward', () => {
    const still = ends(pressed(0), 8);
    expect(new Set(still).size).toBe(1);
    const learnt = ends(pressed(0.3), 8);
    expect(learnt[0]).toBe(still[0]);
    // A day and more is gained by the rack alone.
    expect(Math.min(...learnt)).toBeLessThan(still[0]! - 1000);
  });

  test('a plan of 160 steps answered at once keeps every rule and lies near what is proven', () => {
    const plan = planRead(input);
    expect(brokenRules(input, plan)).toEqual([]);
    if (plan.status !== 'feasible') throw new Error('it can be planned');
    const least = (Date.parse(plan.lowerBound) - Date.parse(input.start)) / 60_000;
    expect(plan.objective.finishMin).toBeLessThan(1.05 * least);
  });
});
