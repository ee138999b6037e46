import { describe, expect, test } from '@jest/globals';
import { randomExponential, randomLcg } from 'd3-random';
import fc from 'fast-check';
import {
  assessSchema,
  callBackRates,
  caseOf,
  EXPOSURES,
  guaranteeOf,
  heldAs,
  preparationOf,
  readBy,
  risksOf,
  wearAYear,
  type Held,
  type LaidFilm,
  type Step,
} from '../src/index.ts';
import { gammaQuantile } from '../src/distributions/gamma.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

/** Typical share of films called back in a year, written down a second time. */
const TYPICAL = 0.11;
const film = (more: Partial<LaidFilm> = {}): LaidFilm => ({
  primer: 'oil-primer',
  finish: 'exterior-acrylic',
  preparation: 'sanded',
  exposure: 'exterior-exposed',
  outsideLimits: false,
  years: 2,
  failed: false,
  ...more,
});
/** Films that fail at a true rate a year, each looked at after its own time: those that have not failed still stand. */
function seen(count: number, aYear: number, seed: number): LaidFilm[] {
  const source = randomLcg(seed);
  const life = randomExponential.source(source)(aYear);
  return Array.from({ length: count }, () => {
    const looked = 0.5 + 4 * source();
    const lasts = life();
    return film({ years: Math.min(looked, lasts), failed: lasts <= looked });
  });
}
const rate = (films: readonly LaidFilm[]) => callBackRates(films, () => 'all')[0]!;

describe('how often work comes back', () => {
  test('few films say nothing yet: the typical rate stands, and the interval is wide about it', () => {
    const one = rate([film({ years: 0.1 })]);
    expect(one.factor).toBeGreaterThan(0.9);
    expect(one.factor).toBeLessThanOrEqual(1);
    expect(one.from).toBeLessThan(0.6);
    expect(one.to).toBeGreaterThan(1.4);
    expect(one.says).toBe('nothing-yet');
    expect(rate([film({ failed: true, years: 0.2 })]).says).toBe('nothing-yet');
  });
  test('many films outweigh it: the truth they were drawn from is found, half of them still standing', () => {
    for (const truth of [0.03, 0.11, 0.4]) {
      const found = rate(seen(8000, truth, 0.3));
      expect(Math.abs(found.aYear / truth - 1)).toBeLessThan(0.1);
      expect(found.aYearTo - found.aYearFrom).toBeLessThan(truth * 0.25);
    }
  });
  test('a true rate well off the typical is said; one at it is seldom called more or less', () => {
    expect(rate(seen(300, 0.3, 0.4)).says).toBe('more');
    expect(rate(seen(400, 0.03, 0.4)).says).toBe('less');
    let wrong = 0;
    for (let i = 0; i < 200; i++) if (rate(seen(60, TYPICAL, i / 211 + 0.001)).says !== 'nothing-yet') wrong += 1;
    expect(wrong / 200).toBeLessThan(0.2);
  });
  test('about eight in ten of its intervals hold the truth', () => {
    let held = 0;
    for (let i = 0; i < 400; i++) {
      const { aYearFrom, aYearTo } = rate(seen(80, 0.14, i / 419 + 0.001));
      if (aYearFrom <= 0.14 && aYearTo >= 0.14) held += 1;
    }
    expect(held / 400).toBeGreaterThan(0.72);
    expect(held / 400).toBeLessThan(0.92);
  });
  test('a young film that stands is not one that held: only years count', () => {
    const young = Array.from({ length: 50 }, () => film({ years: 0.02 }));
    const old = Array.from({ length: 50 }, () => film({ years: 6 }));
    expect(rate(young).factor).toBeGreaterThan(0.95);
    expect(rate(old).factor).toBeLessThan(0.2);
  });
  test('every film is in one group, groups add up, and no group knows whose hand it was', () => {
    const any = fc.record({
      preparation: fc.constantFrom('sanded', 'washed', 'none'),
      exposure: fc.constantFrom(...EXPOSURES),
      years: fc.double({ min: 0.01, max: 20, noNaN: true }),
      failed: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(any, { minLength: 1, maxLength: 60 }), (given) => {
        const films = given.map((g) => film(g as Partial<LaidFilm>));
        const rates = callBackRates(films, (f) => f.preparation);
        expect(rates.reduce((sum, r) => sum + r.films, 0)).toBe(films.length);
        expect(rates.reduce((sum, r) => sum + r.failed, 0)).toBe(films.filter((f) => f.failed).length);
        for (const r of rates) {
          expect(r.from).toBeLessThan(r.factor);
          expect(r.to).toBeGreaterThan(r.factor);
          expect(r.from).toBeGreaterThanOrEqual(0);
          expect(r.aYear / r.factor).toBeCloseTo(r.typical / r.years, 9);
        }
        expect(films.every((f) => !('by' in f))).toBe(true);
      }),
    );
  });
});

describe('what held is what was really done', () => {
  test.each([
    [['wash', 'scrape', 'sand'], 'stripped'],
    [['wash', 'sand', 'dust-off'], 'sanded'],
    [['wash', 'degloss'], 'deglossed'],
    [['wash', 'rinse'], 'washed'],
    [['protect', 'fill'], 'none'],
  ] as const)('%j is %s', (kinds, preparation) => {
    expect(preparationOf(kinds.map((kind) => ({ kind })))).toBe(preparation);
  });
  test('a system is known by its main primer and its finish', () => {
    expect(
      heldAs([
        { kind: 'spot-prime', family: 'shellac-primer' },
        { kind: 'prime', family: 'oil-primer' },
        { kind: 'finish-coat', family: 'oil-enamel' },
      ]),
    ).toEqual({ primer: 'oil-primer', finish: 'oil-enamel' });
    expect(heldAs([{ kind: 'finish-coat', family: 'acrylic-wall' }])).toEqual({ primer: null, finish: 'acrylic-wall' });
  });
});

describe('what came back bears on the next choice', () => {
  const input = readBy(assessSchema, {
    surface: {
      element: 'siding',
      substrate: 'softwood',
      exposure: 'exterior-exposed',
      conditions: ['peeling'],
      areaM2: 20,
    },
    tests: [{ kind: 'spirit-rub', result: 'transfer' }],
  });
  const steps = caseOf(input).made.steps as Step[];
  const { primer, finish } = heldAs(steps);
  const withHeld = (held?: Held) => caseOf(input, held ? { held } : {}).c;
  const system = (factor: number): Held => ({ systems: [{ primer, finish: finish!, factor }], preparations: [] });

  test('a system that came back twice as often wears twice as fast, is called back more, and guaranteed for less', () => {
    const usual = guaranteeOf(withHeld(), steps);
    const worse = guaranteeOf(withHeld(system(2)), steps);
    expect(wearAYear(withHeld(system(2)), steps)).toBeCloseTo(wearAYear(withHeld(), steps) * 2, 9);
    // Over five years: what was made so, and what wears, each by itself.
    expect(1 - worse.aYear).toBeCloseTo((1 - usual.aYear) * Math.exp(-wearAYear(withHeld(), steps)), 9);
    expect([usual.held, worse.held]).toEqual([1, 2]);
    expect(worse.months ?? 0).toBeLessThan(usual.months ?? 999);
    const other: Held = { systems: [{ primer: 'pva-primer', finish: 'oil-enamel', factor: 5 }], preparations: [] };
    expect(guaranteeOf(withHeld(other), steps).aYear).toBe(usual.aYear);
  });
  test('where films that were only washed came back, leaving out the sanding is riskier; never surer than 98 in 100', () => {
    const price = { cost: 100_000 } as never;
    const door = readBy(assessSchema, {
      surface: { element: 'door', substrate: 'softwood', areaM2: 4, builtYear: 1996 },
      tests: [
        { kind: 'spirit-rub', result: 'no-transfer' },
        { kind: 'sheen-look', result: 'gloss', yellowed: true },
      ],
      houseRules: { blocker: 'bonding-acrylic' },
    });
    const onDoor = (held?: Held) => caseOf(door, held ? { held } : {}).c;
    const ofDoor = caseOf(door).made.steps.filter((s) => s.kind !== 'degloss');
    const sanding = (held?: Held) =>
      risksOf(ofDoor, onDoor(held), price).find((r) => r.ifSkipped === 'sand' && r.fault === 'peels');
    const odds = (held?: Held) => sanding(held)?.odds;
    const prepared = (washed: number, sanded: number): Held => ({
      systems: [],
      preparations: [
        { preparation: 'washed', factor: washed },
        { preparation: 'sanded', factor: sanded },
      ],
    });
    expect(odds()).toBeGreaterThan(0);
    expect(odds(prepared(1.5, 0.9))).toBeGreaterThan(odds()!);
    expect(sanding(prepared(60, 0.9))!.text).toContain("The firm's own record: films prepared so come back 60.0 times");
    expect(odds(prepared(0.5, 1))).toBeLessThan(odds()!);
    expect(odds(prepared(400, 0.1))).toBeLessThanOrEqual(0.98);
  });
});

describe('the quantile of a gamma distribution', () => {
  test('of shape 1 is that of an exponential, and scales with its rate', () => {
    for (const p of [0.1, 0.5, 0.9]) {
      expect(gammaQuantile(1, 2, p)).toBeCloseTo(-Math.log(1 - p) / 2, 8);
      expect(gammaQuantile(3.5, 4, p)).toBeCloseTo(gammaQuantile(3.5, 1, p) / 4, 8);
    }
  });
  test('of shape 2 gives its share back', () => {
    const below = (x: number) => 1 - (1 + x) * Math.exp(-x);
    for (const p of [0.05, 0.1, 0.9, 0.99]) expect(below(gammaQuantile(2, 1, p))).toBeCloseTo(p, 8);
  });
});
