import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  changedInput,
  differenceOf,
  planIf,
  planRead,
  planSchema,
  readBy,
  replan,
  type FeasiblePlan,
  type Plan,
  type PlanInput,
} from '../src/index.ts';
import { brokenRules } from './planChecker.ts';

const read = (given: unknown) => readBy(planSchema, given) as PlanInput;
const acrylic = { chemistry: 'waterborne', dustFreeMin: 60, recoatMin: 240, minTempC: 10, maxRhPct: 85 };
const surface = (id: string, zone = 'hall') => ({
  id,
  zone,
  steps: [
    { id: 'wash', kind: 'wash', minutes: 40, waitMin: 60 },
    { id: 'prime', kind: 'prime', minutes: 60, drying: { ...acrylic, recoatMin: 90 } },
    { id: 'coat', kind: 'finish-coat', minutes: 60, drying: acrylic },
  ],
});
const job = (over: object = {}) =>
  read({
    start: '2027-03-01T08:00:00+00:00',
    timeZone: 'Europe/London',
    crew: [{ id: 'a' }, { id: 'b' }],
    air: { kind: 'steady', temperatureC: 20, relativeHumidityPct: 50 },
    zones: [{ id: 'hall' }, { id: 'shop' }],
    surfaces: [surface('s'), surface('t'), surface('u', 'shop')],
    ...over,
  });
const made = (p: Plan): FeasiblePlan => {
  if (p.status !== 'feasible') throw new Error(p.reasons.map((r) => r.text).join());
  return p;
};
const at = (p: Plan, surfaceId: string, id: string) => p.steps.find((s) => s.surface === surfaceId && s.id === id)!;

/** The job at a later hour: what has ended is done, and one step ended later than planned. */
function later(input: PlanInput, plan: FeasiblePlan, now: string, late?: { step: string; minutes: number }): PlanInput {
  const shift = (iso: string, minutes: number) => new Date(Date.parse(iso) + minutes * 60_000).toISOString();
  return {
    ...input,
    start: now,
    surfaces: input.surfaces.map((s) => ({
      ...s,
      steps: s.steps.map((t) => {
        const p = at(plan, s.id, t.id);
        if (Date.parse(p.end) > Date.parse(now)) return t;
        const by = late?.step === `${s.id}/${t.id}` ? late.minutes : 0;
        return { ...t, done: true, start: p.start, end: shift(p.end, by), crew: p.crew };
      }),
    })),
  };
}

describe('a posted plan', () => {
  test('that nothing has happened to stays as it was', () => {
    const input = job();
    const posted = made(planRead(input));
    const again = made(replan(input, posted));
    expect(differenceOf(posted, again, new Set()).moved).toEqual([]);
    expect(brokenRules(input, again)).toEqual([]);
  });

  test('moves what a late coat hits, and nothing in another room', () => {
    const input = job();
    const posted = made(planRead(input));
    const first = posted.steps.filter((s) => s.id === 'prime').sort((a, b) => (a.end < b.end ? -1 : 1))[0]!;
    const now = later(input, posted, first.end, { step: `${first.surface}/prime`, minutes: 0 });
    const cold = {
      ...now,
      zones: now.zones!.map((z) => ({
        ...z,
        air: { kind: 'steady' as const, temperatureC: z.id === 'hall' ? 11 : 20, relativeHumidityPct: 70 },
      })),
    };
    const again = made(replan(cold, posted));
    expect(brokenRules(cold, again)).toEqual([]);
    const done = new Set(now.surfaces.flatMap((s) => s.steps.filter((t) => t.done).map((t) => `${s.id}/${t.id}`)));
    const { moved } = differenceOf(posted, again, done);
    expect(moved.length).toBeGreaterThan(0);
    expect(moved.every((m) => m.why !== null)).toBe(true);
    for (const m of moved) expect(done.has(`${m.surface}/${m.id}`)).toBe(false);
  });

  test('ends no later than from the beginning where the posted finish can be had', () => {
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 900 }), fc.integer({ min: 0, max: 200 }), (hours, late) => {
        const input = job();
        const posted = made(planRead(input));
        const now = new Date(Date.parse(input.start) + hours * 60_000).toISOString();
        const rest = later(input, posted, now, { step: 's/prime', minutes: late });
        const again = made(replan(rest, posted));
        expect(brokenRules(rest, again)).toEqual([]);
        const d = differenceOf(posted, again, new Set());
        expect(d.finishLaterMin).toBeLessThanOrEqual(
          Math.max(0, differenceOf(posted, planRead(rest), new Set()).finishLaterMin) + 240,
        );
      }),
      { numRuns: 5 },
    );
  });

  test('whose step goes to another pair of hands says so, though nothing moves', () => {
    const posted = made(planRead(job()));
    const [first, ...rest] = posted.steps;
    const crew = [first!.crew[0] === 'a' ? 'b' : 'a'];
    const { moved } = differenceOf(posted, { ...posted, steps: [{ ...first!, crew }, ...rest] }, new Set());
    expect(moved).toEqual([
      expect.objectContaining({ id: first!.id, surface: first!.surface, laterMin: 0, hands: crew }),
    ]);
  });

  test('says which steps were added and dropped', () => {
    const input = job();
    const posted = made(planRead(input));
    const other = made(planRead(job({ surfaces: [surface('s'), surface('v')] })));
    const d = differenceOf(posted, other, new Set());
    expect(new Set(d.added.map((s) => s.surface))).toEqual(new Set(['v']));
    expect(new Set(d.dropped.map((s) => s.surface))).toEqual(new Set(['t', 'u']));
  });
});

describe('what if', () => {
  const input = job();
  const plan = made(planRead(input));
  test('a dragged block starts where it was let go, or as soon after as the rules allow', () => {
    const to = '2027-03-02T09:30:00+00:00';
    const p = made(planIf(input, plan, [{ kind: 'drag', surface: 'u', step: 'wash', to }]));
    expect(Date.parse(at(p, 'u', 'wash').start)).toBeGreaterThanOrEqual(Date.parse(to));
    expect(Date.parse(at(p, 'u', 'wash').start)).toBeLessThan(Date.parse('2027-03-02T11:00:00+00:00'));
    expect(brokenRules(input, p)).toEqual([]);
  });
  test('another painter, a Saturday, better air: each is answered by the plan of the changed question', () => {
    const crowded = job({ surfaces: Array.from({ length: 8 }, (_, i) => surface(`s${i}`)) });
    const now = made(planRead(crowded));
    for (const change of [
      { kind: 'painter', person: { id: 'c' } },
      { kind: 'day', weekday: 6 },
      { kind: 'air', zone: 'hall', air: { kind: 'steady', temperatureC: 23, relativeHumidityPct: 45 } },
    ] as const) {
      const p = made(planIf(crowded, now, [change]));
      expect(brokenRules(changedInput(crowded, change), p)).toEqual([]);
      expect(Date.parse(p.finish)).toBeLessThanOrEqual(Date.parse(now.finish));
    }
  });
  test('another product dries by its own sheet', () => {
    const drying = { chemistry: 'alcohol-borne', dustFreeMin: 15, recoatMin: 45 } as const;
    const p = made(planIf(input, plan, [{ kind: 'product', surface: 's', step: 'prime', drying }]));
    const step = at(p, 's', 'prime');
    expect(Date.parse(step.recoatFrom!) - Date.parse(step.end)).toBeLessThan(80 * 60_000);
  });
});

describe('what cannot stand together', () => {
  const reasons = (over: object) => {
    const p = planRead(job(over));
    if (p.status !== 'infeasible') throw new Error('stands');
    return p.reasons;
  };
  test('a room wanted back before its coat can be dry: the hour, and the hour that would do', () => {
    const [first, ...others] = reasons({ zones: [{ id: 'hall', backBy: '09:30' }, { id: 'shop' }] });
    expect(first).toMatchObject({ rule: 'back-by', text: expect.stringMatching(/Back by 1\d:[03]0 would do/) });
    expect(others.map((r) => r.rule)).not.toContain('nights-out');
  });
  test('giving up any one of the demands that it names lets the plan stand', () => {
    const over = { zones: [{ id: 'hall', maxNightsOut: 0 }, { id: 'shop' }], crew: [{ id: 'a', to: '12:00' }] };
    const rules = reasons(over).map((r) => r.rule);
    expect(rules).toContain('nights-out');
    const longer = planRead(job({ ...over, crew: [{ id: 'a', to: '22:00' }] }));
    const without = planRead(job({ ...over, zones: [{ id: 'hall' }, { id: 'shop' }] }));
    expect(rules.includes('hours') ? longer.status : 'feasible').toBe('feasible');
    expect(without.status).toBe('feasible');
  });
  test('nobody with hours: said, not thrown', () => {
    expect(reasons({ crew: [{ id: 'a', days: [] }] })[0]).toMatchObject({ rule: expect.stringMatching(/hours|crew/) });
    expect(reasons({ crew: [{ id: 'a', from: '08:00', to: '08:10' }] })[0]!.text).toMatch(/working day/);
  });
});
