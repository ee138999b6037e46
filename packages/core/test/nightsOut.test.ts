import { describe, expect, test } from '@jest/globals';
import { assess, assessSchema, caseOf, readBy, type Step } from '../src/index.ts';
import { nightsOut } from '../src/pricing/nightsOut.ts';

const DOOR = { element: 'door', substrate: 'softwood', exposure: 'exterior-exposed', areaM2: 2, builtYear: 1995 };
const ask = (maxNightsOut: number | null) => ({
  surface: DOOR,
  tests: [{ kind: 'spirit-rub', result: 'transfer' }],
  wanted: { maxNightsOut },
});
const { c } = caseOf(readBy(assessSchema, ask(0)));
const step = (kind: Step['kind'], more: Partial<Step> = {}): Step => ({ kind, why: ['x'], ...more });
const hung = (...between: Step[]) => [step('unhang'), ...between, step('rehang')];

describe('nights out of the opening', () => {
  test('what stays hung is out for none that anybody counts', () => {
    expect(nightsOut(c, [step('finish-coat', { family: 'exterior-acrylic' })])).toBeNull();
  });
  test('a morning’s work is back the same day; a wait runs on through the night', () => {
    expect(nightsOut(c, hung(step('sand', { waitMin: 0 })))).toBe(0);
    expect(nightsOut(c, hung(step('dry-out', { waitMin: 300 })))).toBe(0);
    // Past the end of the day: it is the next morning before anybody goes on.
    expect(nightsOut(c, hung(step('dry-out', { waitMin: 500 })))).toBe(1);
    expect(nightsOut(c, hung(step('dry-out', { waitMin: 1440 })))).toBe(1);
    expect(nightsOut(c, hung(step('dry-out', { waitMin: 3 * 1440 })))).toBe(3);
  });
  test('each coat waits by its label; a cure may be had hanging ajar, a return visit is another time', () => {
    const oil = (coats: number) => step('finish-coat', { family: 'exterior-oil', coats });
    const [one, two] = [nightsOut(c, hung(oil(1)))!, nightsOut(c, hung(oil(2)))!];
    expect(one).toBeGreaterThanOrEqual(1);
    expect(two).toBeGreaterThan(one);
    expect(nightsOut(c, hung(oil(1), step('cure-hold', { waitMin: 10_000 })))).toBe(one);
    expect(nightsOut(c, hung(oil(1), { ...oil(1), later: 'P12M' }))).toBe(one);
  });
  test('the answer says it beside the wish, and what is nearest where the wish cannot be met', () => {
    const rehung = (nights: number | null) =>
      assess(ask(nights))
        .system.steps.find((s) => s.kind === 'rehang')!
        .why.join(' ');
    expect(rehung(null)).not.toMatch(/night/);
    expect(rehung(5)).toMatch(/it is out for \w+ nights? with these coats, and five nights may pass\.$/);
    const wish = nightsOut(c, assess(ask(0)).system.steps)!;
    expect(wish).toBeGreaterThan(0);
    expect(rehung(0)).toMatch(/no nights may pass\. The nearest: the last coat once it hangs again, out for/);
  });
});
