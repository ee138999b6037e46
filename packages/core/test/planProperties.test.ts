import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plan, planRead, planSchema, readBy, type Plan, type PlanInput } from '../src/index.ts';
import { brokenRules } from './planChecker.ts';
import { anyJob } from './planInstances.ts';

// The same cases every run; change the seed to look elsewhere.
fc.configureGlobal({ seed: Number(process.env['SEED'] ?? 20270301), endOnFailure: true });

const read = (given: unknown) => readBy(planSchema, given) as PlanInput;
const daysOfWork = (p: Plan) => p.steps.flatMap((s) => s.crew.map((id) => `${id}${s.start.slice(0, 10)}`));

describe('whatever is asked', () => {
  test('a plan keeps every rule, by a checker that shares no code with it', () => {
    let made = 0;
    let refused = 0;
    fc.assert(
      fc.property(anyJob, (given) => {
        const input = read(given);
        const p = planRead(input, { tries: 60, explain: false });
        if (p.status === 'infeasible') {
          refused++;
          expect(p.reasons.length).toBeGreaterThan(0);
          expect(p.reasons.every((r) => r.text.length > 10 && r.step.startsWith('s'))).toBe(true);
          return;
        }
        made++;
        expect(brokenRules(input, p)).toEqual([]);
        expect(Date.parse(p.lowerBound)).toBeLessThanOrEqual(Date.parse(p.finish));
        const unsplit = p.steps.every((s) => s.start.slice(0, 10) === s.end.slice(0, 10));
        if (unsplit) expect(p.visits).toBe(new Set(daysOfWork(p)).size);
      }),
      { numRuns: 2000 },
    );
    expect(made).toBeGreaterThan(1000);
    expect(refused).toBeGreaterThan(20);
  });

  test('with its whole budget it is no worse, keeps every rule still, and is the same each time', () => {
    fc.assert(
      fc.property(anyJob, (given) => {
        const input = read({ ...(given as object), goal: 'finish-first' });
        const quick = planRead(input, { tries: 60, explain: false });
        const whole = plan({ ...(given as object), goal: 'finish-first' });
        if (whole.status === 'infeasible' || quick.status === 'infeasible') return;
        expect(brokenRules(input, whole)).toEqual([]);
        expect(whole.objective.finishMin).toBeLessThanOrEqual(quick.objective.finishMin);
        expect(planRead(input)).toEqual(whole);
      }),
      { numRuns: 14 },
    );
  });

  test('each plan found on the way is no later than the last, and a search that is stopped keeps its best', () => {
    fc.assert(
      fc.property(anyJob, (given) => {
        const input = read({ ...(given as object), goal: 'finish-first' });
        const finishes: number[] = [];
        const onBetter = ({ measures }: { measures: { finish: number } }) => finishes.push(measures.finish);
        const whole = planRead(input, { tries: 2000, explain: false, onBetter });
        if (whole.status === 'infeasible') return;
        expect([...finishes].sort((a, b) => b - a)).toEqual(finishes);
        expect(Date.parse(whole.finish) / 60_000).toBe(finishes.at(-1));
        const stopped = planRead(input, { tries: 2000, explain: false, stop: () => true });
        expect(brokenRules(input, stopped)).toEqual([]);
        expect(Date.parse(stopped.finish!)).toBeGreaterThanOrEqual(Date.parse(whole.finish));
      }),
      { numRuns: 14 },
    );
  });

  test('the order of the input moves neither the bound nor the possibility', () => {
    fc.assert(
      fc.property(anyJob, (given) => {
        const input = read(given);
        const a = planRead(input, { tries: 400, explain: false });
        const b = planRead({ ...input, surfaces: [...input.surfaces].reverse() }, { tries: 400, explain: false });
        if (a.status === 'feasible' && b.status === 'feasible') expect(b.lowerBound).toBe(a.lowerBound);
      }),
      { numRuns: 40 },
    );
  });

  test('another goal is never worse in what it asks for first', () => {
    fc.assert(
      fc.property(anyJob, (given) => {
        const by = (goal: PlanInput['goal']) =>
          planRead(read({ ...(given as object), goal }), { tries: 3000, explain: false });
        const [finish, visits] = [by('finish-first'), by('fewer-visits')];
        if (finish.status === 'infeasible' || visits.status === 'infeasible') return;
        expect(visits.visits).toBeLessThanOrEqual(finish.visits);
      }),
      { numRuns: 14 },
    );
  });
});
