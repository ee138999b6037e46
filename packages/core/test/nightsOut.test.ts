import { describe, expect, test } from '@jest/globals';
import { assess, assessSchema, caseOf, readBy, type Step } from '../src/index.ts';
import { nightsOut, withNights } from '../src/pricing/nightsOut.ts';

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
  test('what is done before it comes off and after it hangs is not counted', () => {
    const long = step('dry-out', { waitMin: 5 * 1440 });
    expect(nightsOut(c, [long, ...hung(step('sand')), long])).toBe(0);
  });
  test('what cannot be done in what is left of a day is done the next morning', () => {
    // 300 minutes are waited, then more is asked than the 120 that are left of seven hours.
    const big = { ...c, d: { ...c.d, surface: { ...c.d.surface, areaM2: 40 } } };
    expect(nightsOut(big, hung(step('dry-out', { waitMin: 300 }), step('sand', { grit: 120 })))).toBeGreaterThanOrEqual(
      1,
    );
    expect(nightsOut(c, hung(step('dry-out', { waitMin: 60 }), step('sand', { grit: 120 })))).toBe(0);
  });
  describe('against a wish', () => {
    const oil = (coats: number, more: Partial<Step> = {}) =>
      step('finish-coat', { family: 'exterior-oil', coats, ...more });
    const told = (steps: Step[], granted: number) =>
      withNights({ ...c, wanted: { ...c.wanted, maxNightsOut: granted } }, steps)
        .find((s) => s.kind === 'rehang')!
        .why.at(-1)!;
    const WORDS = ['no nights', 'one night', 'two nights', 'three nights', 'four nights', 'five nights', 'six nights'];
    test('met to the night it is said, and nothing nearer is offered', () => {
      const nights = nightsOut(c, hung(oil(2)))!;
      expect(told(hung(oil(2)), nights)).toBe(
        `By the labels it is out for ${WORDS[nights]} with these coats, and ${WORDS[nights]} may pass.`,
      );
      expect(told(hung(oil(2)), nights - 1)).toContain('The nearest');
    });
    test('the nearest leaves the last coat before it hangs for afterwards, not one of a return visit', () => {
      const [one, two] = [nightsOut(c, hung(oil(1)))!, nightsOut(c, hung(oil(2)))!];
      expect(told(hung(oil(2)), 0)).toContain(`out for ${WORDS[one]}, its edges painted in place`);
      expect(one).toBeLessThan(two);
      const back = [...hung(oil(1)), oil(1, { later: 'P12M' })];
      expect(told(back, 0)).toContain('out for no nights, its edges painted in place');
      // What is no coat is not what is left for afterwards.
      const waited = hung(oil(1), step('dry-out', { waitMin: 2 * 1440 }));
      expect(told(waited, 0)).toContain('out for two nights, its edges painted in place');
    });
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
