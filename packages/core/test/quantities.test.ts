import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  areaOf,
  asProduct,
  assess,
  ELEMENTS,
  estimateStep,
  FINISHES,
  isCoat,
  posteriorOdds,
  priceSystem,
  SHIPPED_SHELF,
  STEP_KINDS,
  SUBSTRATES,
  surfaceFacts,
  TEXTURES,
  TREATMENTS,
  treatmentOdds,
  chooseTreatment,
  worthTreating,
  expectedLoss,
  pricesFor,
  SETTINGS,
  wrongTreatmentCosts,
  leastLoss,
  minutesOf,
  type Step,
} from '../src/index.ts';
import { WRONG_TREATMENT } from '../src/evidence/knowledge/wrongTreatment.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const wall = (areaM2: number | null, more: Parameters<typeof surfaceFacts>[0] | object = {}) =>
  surfaceFacts({ element: 'wall', substrate: 'drywall', areaM2, ...more });
const step = (kind: Step['kind'], more: Partial<Step> = {}): Step => ({ kind, why: ['because'], ...more });
const coat = (more: Partial<Step> = {}) => step('finish-coat', { family: 'acrylic-wall', coats: 1, ...more });
const estimate = (s: Step, surface = wall(20)) => estimateStep(s, surface, SHIPPED_SHELF);

describe('what is laid open', () => {
  const bare = { kind: 'prime', scope: 'bare-areas', why: ['x'] } as const;
  const wall = (extents: object) =>
    surfaceFacts({ element: 'wall', substrate: 'skim-plaster', areaM2: 20, conditions: ['peeling', 'mould'], extents });
  test('is as large as what was measured to come away, never larger than the surface, and the usual share where nobody did', () => {
    expect(areaOf({ ...bare, why: ['x'] }, wall({ peeling: { areaM2: 1.5 }, blistering: { areaM2: 0.5 } }))).toBe(2);
    expect(areaOf({ ...bare, why: ['x'] }, wall({ peeling: { areaM2: 40 } }))).toBe(20);
    expect(areaOf({ ...bare, why: ['x'] }, wall({ mould: { areaM2: 3 } }))).toBe(4);
    expect(areaOf({ ...bare, why: ['x'] }, wall({}))).toBe(4);
  });
  test('is the usual share where a part of it was flagged and not measured; rust lays iron open, and plaster it stains', () => {
    expect(areaOf({ ...bare, why: ['x'] }, wall({ blistering: { areaM2: 0.5 } }))).toBe(4);
    const iron = {
      element: 'gate',
      areaM2: 20,
      conditions: ['rust-stain'],
      extents: { 'rust-stain': { areaM2: 0.4 } },
    };
    const of = (substrate: 'ferrous-metal' | 'skim-plaster') =>
      areaOf({ ...bare, why: ['x'] }, surfaceFacts({ ...iron, substrate } as Parameters<typeof surfaceFacts>[0]));
    expect([of('ferrous-metal'), of('skim-plaster')]).toEqual([0.4, 4]);
  });
  test('costs by that size: two square metres of sixty that peel are scraped in a fraction of the time', () => {
    const siding = {
      element: 'siding',
      substrate: 'softwood',
      exposure: 'exterior-exposed',
      builtYear: 2003,
      areaM2: 60,
    };
    const hours = (extents: object) =>
      assess({
        surface: { ...siding, conditions: ['peeling'], extents },
        tests: [{ kind: 'spirit-rub', result: 'transfer' }],
      }).holds.hours;
    expect(hours({ peeling: { areaM2: 2 } })).toBeLessThan(hours({}) - 10);
  });
});

describe('what a step takes', () => {
  test('paint by spread, coats and waste, in closed form', () => {
    const shelf = [asProduct({ family: 'acrylic-wall', spreadM2PerL: 12 })];
    const { litres } = estimateStep(coat({ coats: 2 }), wall(24), shelf);
    expect(litres).toBeCloseTo((2 * 24 * 1.1) / 12, 2);
  });
  test('minutes in closed form: setting up for each coat, the rate by the square metre, and the way up to it once', () => {
    // The rates as they are set: ten minutes and 4.2 a square metre for a finish coat; a patch takes a quarter of an hour.
    expect(estimate(coat(), wall(20)).minutes).toBe(10 + 4.2 * 20);
    expect(estimate(coat({ coats: 2 }), wall(20)).minutes).toBe(2 * (10 + 4.2 * 20));
    expect(minutesOf(coat({ coats: 2 }), wall(20), { access: 'ladder' })).toBe(
      Math.round(2 * (10 + 4.2 * 20 * 1.4) + 12),
    );
    expect(minutesOf(step('test-patch'), wall(20), { access: 'ladder' })).toBe(15);
    expect(minutesOf(coat(), wall(20), { pace: { 'finish-coat': 1.5 } })).toBe(Math.round(1.5 * (10 + 4.2 * 20)));
  });
  test('grows with area and coats, and never shrinks on a rougher face', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 1, max: 4 }), (area, coats) => {
        const one = estimate(coat({ coats }), wall(area));
        const larger = estimate(coat({ coats }), wall(area + 10));
        const more = estimate(coat({ coats: coats + 1 }), wall(area));
        expect(larger.minutes).toBeGreaterThan(one.minutes);
        expect(larger.litres).toBeGreaterThan(one.litres);
        expect(more.minutes).toBeGreaterThan(one.minutes);
        let before = 0;
        for (const texture of TEXTURES) {
          const { litres } = estimate(coat({ coats }), wall(area, { texture }));
          expect(litres).toBeGreaterThanOrEqual(before);
          before = litres;
        }
      }),
    );
  });
  test('joinery takes longer by the square metre than a wall, a ceiling a little', () => {
    const minutes = (element: 'wall' | 'ceiling' | 'door') =>
      estimate(coat(), surfaceFacts({ element, substrate: 'softwood', areaM2: 20 })).minutes;
    expect(minutes('ceiling')).toBeGreaterThan(minutes('wall'));
    expect(minutes('door')).toBeGreaterThan(minutes('ceiling'));
  });
  test('spots take their own size where it is known, a share where it is not', () => {
    const spots = step('spot-prime', { family: 'shellac-primer', coats: 1, scope: 'spots' });
    expect(areaOf(spots, wall(20, { extents: { 'water-stain': { areaM2: 0.6 } } }))).toBe(0.6);
    expect(areaOf(spots, wall(20))).toBeCloseTo(1.6, 6);
    expect(areaOf(spots, wall(0.5, { extents: { mould: { areaM2: 3 } } }))).toBe(0.5);
    expect(areaOf(coat({ scope: 'bare-areas' }), wall(20))).toBe(4);
    expect(areaOf(coat({ scope: 'below the rail' }), wall(20))).toBe(10);
    expect(areaOf(coat({ scope: 'all' }), wall(20))).toBe(20);
  });
  test('ten square metres are taken where nothing was measured', () => {
    expect(estimate(coat(), wall(null))).toEqual(estimate(coat(), wall(10)));
  });
  test('only coats and wet helpers take litres', () => {
    for (const kind of STEP_KINDS) {
      const { litres, minutes } = estimate(step(kind));
      if (!isCoat(kind)) expect(litres).toBe(0);
      expect(minutes).toBeGreaterThanOrEqual(0);
    }
    expect(estimate(step('wash', { family: 'alkaline-cleaner' })).litres).toBeGreaterThan(0);
  });
  test('the next step waits for the coat’s recoat time, or for the wait that was said', () => {
    const recoat = SHIPPED_SHELF.find((p) => p.family === 'acrylic-wall')!.drying.recoatMin!;
    expect(estimate(coat()).readyAfterMin).toBe(recoat);
    expect(estimate(step('rinse', { waitMin: 120 })).readyAfterMin).toBe(120);
  });
});

describe('what a system costs', () => {
  test('time at the hour’s cost and paint by the litre, in whole minor units', () => {
    const steps = [step('wash', { family: 'alkaline-cleaner' }), coat({ coats: 2 })];
    const price = priceSystem(steps, wall(20), SHIPPED_SHELF, 4200);
    expect(price.minutes).toBe(steps.reduce((s, one) => s + estimate(one).minutes, 0));
    expect(price.labour).toBe(Math.round((price.minutes / 60) * 4200));
    expect(price.cost).toBe(price.labour + price.materials);
    for (const figure of [price.cost, price.labour, price.materials]) expect(Number.isInteger(figure)).toBe(true);
  });
  test('a dearer hour makes a dearer system, and the same paint', () => {
    const at = (hour: number) => priceSystem([coat()], wall(20), SHIPPED_SHELF, hour);
    expect(at(5000).cost).toBeGreaterThan(at(4000).cost);
    expect(at(5000).materials).toBe(at(4000).materials);
  });
  test('a visit in a year is no waiting', () => {
    const price = priceSystem([coat(), step('revisit', { waitMin: 525_600 })], wall(20), SHIPPED_SHELF);
    expect(price.waitingMin).toBeLessThan(10_000);
  });
  test('the risk of a skipped step is priced from the system it belongs to', () => {
    const risk = (areaM2: number) =>
      assess({
        surface: { element: 'trim', substrate: 'softwood', builtYear: 1931, areaM2 },
        tests: [{ kind: 'spirit-rub', result: 'no-transfer' }],
        wanted: { chemistry: 'waterborne' },
      }).risks.find((r) => r.ifSkipped === 'prime')!;
    expect(risk(30).cost).toBeGreaterThan(risk(10).cost);
    expect(risk(30).odds).toBe(risk(10).odds);
  });
});

/** Odds of somebody who knows what it is. */
const sureOf = (finish: (typeof FINISHES)[number]) =>
  Object.fromEntries(FINISHES.map((f) => [f, Number(f === finish)])) as ReturnType<typeof posteriorOdds>;

describe('treating under doubt', () => {
  const anyOdds = fc
    .array(fc.integer({ min: 0, max: 100 }), { minLength: FINISHES.length, maxLength: FINISHES.length })
    .filter((w) => w.some((x) => x > 0))
    .map((w) => {
      const total = w.reduce((a, b) => a + b, 0);
      return Object.fromEntries(FINISHES.map((f, i) => [f, w[i]! / total])) as ReturnType<typeof posteriorOdds>;
    });
  const anySetting = fc.constantFrom(
    ...([
      { element: 'wall', substrate: 'skim-plaster', exposure: 'interior-dry' },
      { element: 'wall', substrate: 'wallpaper-vinyl', exposure: 'interior-dry' },
      { element: 'trim', substrate: 'softwood', exposure: 'interior-dry' },
      { element: 'cabinet', substrate: 'mdf', exposure: 'interior-grease' },
      { element: 'siding', substrate: 'softwood', exposure: 'exterior-exposed' },
      { element: 'masonry', substrate: 'brick', exposure: 'exterior-exposed' },
      { element: 'radiator', substrate: 'ferrous-metal', exposure: 'interior-hot' },
    ] as const),
  );
  test('the treatment taken loses no more than any other that is worth asking, over the whole of the odds', () => {
    fc.assert(
      fc.property(anyOdds, anySetting, (odds, surface) => {
        const prices = pricesFor(surface);
        const taken = expectedLoss(chooseTreatment(odds, prices), odds, prices);
        const by = treatmentOdds(odds);
        for (const t of TREATMENTS)
          if (by[t] > worthTreating(t)) expect(taken).toBeLessThanOrEqual(expectedLoss(t, odds, prices) + 1e-9);
        const chosen = chooseTreatment(odds, prices);
        expect(by[chosen]).toBeGreaterThan(worthTreating(chosen) - 1e-9);
        const shares = FINISHES.map((f) => odds[f]);
        expect(leastLoss(shares, prices)).toBeCloseTo(taken, 9);
        expect(
          leastLoss(
            shares.map((x) => x / 7),
            prices,
          ),
        ).toBeCloseTo(taken / 7, 9);
        expect(TREATMENTS.reduce((s, t) => s + by[t], 0)).toBeCloseTo(1, 9);
      }),
      { numRuns: 300 },
    );
  });
  test('what is sure is treated as what it is, and loses nothing', () => {
    for (const f of FINISHES) {
      const odds = sureOf(f);
      const prices = pricesFor({ element: 'trim', substrate: 'softwood', exposure: 'interior-dry' });
      expect(expectedLoss(chooseTreatment(odds, prices), odds, prices)).toBe(0);
      for (const t of TREATMENTS)
        if (t !== chooseTreatment(odds, prices)) expect(expectedLoss(t, odds, prices)).toBeGreaterThan(0);
    }
  });
  test('even chances of paint that would peel and paint that would not are treated as the one that would', () => {
    const odds = Object.fromEntries(
      FINISHES.map((f) => [f, f === 'oil-alkyd' || f === 'waterborne-acrylic' ? 0.5 : 0]),
    ) as ReturnType<typeof posteriorOdds>;
    for (const [element, exposure] of [
      ['wall', 'interior-dry'],
      ['trim', 'interior-dry'],
      ['siding', 'exterior-exposed'],
    ] as const)
      expect(chooseTreatment(odds, pricesFor({ element, substrate: 'softwood', exposure }))).toBe('oil');
  });
  test('what a wrong treatment costs is what the account of failure says, and stands as it was written', () => {
    for (const setting of SETTINGS) expect(wrongTreatmentCosts(setting)).toEqual(WRONG_TREATMENT[setting]);
  });
});

test('every element on every substrate can be estimated', () => {
  for (const element of ELEMENTS)
    for (const substrate of SUBSTRATES) {
      const surface = surfaceFacts({ element, substrate, areaM2: 10 });
      const { minutes, litres } = estimateStep(coat(), surface, SHIPPED_SHELF);
      expect(Number.isFinite(minutes) && minutes > 0 && litres > 0).toBe(true);
    }
});
