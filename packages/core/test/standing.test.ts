import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  alternativesTo,
  anotherYear,
  assessSchema,
  caseOf,
  compose,
  CONDITIONS,
  ELEMENTS,
  FAULTS,
  forbiddenIn,
  guaranteeOf,
  HOUSE_RULES,
  HOUSE_RULE_CODES,
  isCoat,
  longestTerm,
  wornBy,
  priceSystem,
  readBy,
  recase,
  rescueFrom,
  SCHOOLS,
  schoolsSideBySide,
  scoreOf,
  SUBSTRATES,
  TEXTURES,
  toolsFor,
  underDoubt,
  USUAL_WEIGHTS,
  WEIGHT_CODES,
  type Case,
  type Fault,
  type Family,
  type Step,
  type Weights,
} from '../src/index.ts';
import { wearAYear } from '../src/failure/lasting.ts';

const read = (question: unknown) => caseOf(readBy(assessSchema, question));
const rub = (result: string, place = 'a') => ({ kind: 'spirit-rub', result, place });
const OLD_OIL = {
  surface: { element: 'door', substrate: 'softwood', areaM2: 8, builtYear: 1995, currentColour: '#efe9d8' },
  tests: [rub('no-transfer'), { kind: 'sheen-look', result: 'gloss', yellowed: true }],
  wanted: { chemistry: 'waterborne', colour: '#f4f1e8' },
};
const WALL = {
  surface: { element: 'wall', substrate: 'drywall', areaM2: 20, builtYear: 2005, currentColour: '#f4f1e8' },
  tests: [rub('transfer')],
};
const anySurface = fc.record({
  surface: fc.record({
    element: fc.constantFrom(...ELEMENTS),
    substrate: fc.constantFrom(...SUBSTRATES),
    exposure: fc.constantFrom('interior-dry', 'interior-wet', 'exterior-exposed', 'interior-hot'),
    conditions: fc.subarray([...CONDITIONS], { maxLength: 3 }),
    areaM2: fc.integer({ min: 1, max: 40 }),
    builtYear: fc.constantFrom(1905, 2012),
  }),
  tests: fc.constantFrom([], [rub('no-transfer')], [rub('transfer')]),
});

describe('a guarantee', () => {
  test('its term is the longest half year within which no more than 15 in 100 fail', () => {
    // An oracle by walking the months, against the closed form.
    for (const early of [0, 0.01, 0.05, 0.1, 0.14, 0.2, 0.6])
      for (const rate of [0.02, 0.06, 0.11, 0.4]) {
        let longest: number | null = null;
        for (let months = 6; months <= 60; months += 6)
          if (1 - (1 - early) * (1 - wornBy(rate, months / 12)) <= 0.15) longest = months;
        expect([early, rate, longestTerm(early, rate)]).toEqual([early, rate, longest]);
      }
  });
  test('wear comes late: hardly any of it in the first year, and over five as much as is said a year', () => {
    for (const rate of [0.02, 0.06, 0.11]) {
      expect(wornBy(rate, 5)).toBeCloseTo(1 - Math.exp(-5 * rate), 12);
      expect(wornBy(rate, 1)).toBeLessThan(rate / 5);
      for (let year = 1; year < 5; year++)
        expect(wornBy(rate, year + 1) - wornBy(rate, year)).toBeGreaterThan(
          wornBy(rate, year) - wornBy(rate, year - 1),
        );
    }
  });
  test('a tested, sound wall has the full term; outside in the weather it is shorter', () => {
    const inside = read(WALL);
    const g = guaranteeOf(inside.c, inside.made.steps);
    expect(g).toMatchObject({ months: 60, withheld: [] });
    const gable = read({
      ...WALL,
      surface: { ...WALL.surface, element: 'siding', substrate: 'softwood', exposure: 'exterior-exposed' },
    });
    const out = guaranteeOf(gable.c, gable.made.steps);
    expect(out.months === null || out.months < 36).toBe(true);
  });
  test('a system for the wrong thing fails early: the untested surface is promised less, or nothing', () => {
    const untested = read({ ...OLD_OIL, tests: [], surface: { ...OLD_OIL.surface, builtYear: 1972 } });
    const wrong = read({ ...OLD_OIL, tests: [rub('transfer'), rub('transfer', 'b')] }).made.steps;
    const mixed = guaranteeOf(untested.c, wrong);
    const right = guaranteeOf(untested.c, untested.made.steps);
    expect(mixed.early).toBeGreaterThan(right.early);
  });
  test('is withheld, with the reason, where a rule or a person departs', () => {
    const kept = read({
      surface: { element: 'trim', substrate: 'softwood', areaM2: 8, builtYear: 1995 },
      tests: [rub('lifts-to-lower-coat'), { kind: 'blade-lift', result: 'holds' }, { kind: 'cross-cut', grade: 0 }],
    });
    if (kept.c.treatAs === 'over-oil')
      expect(guaranteeOf(kept.c, kept.made.steps).withheld.join()).toContain('kept on old oil');
    const bridged = read({
      surface: { element: 'trim', substrate: 'softwood', conditions: ['silicone'], areaM2: 3, builtYear: 2001 },
      tests: [rub('transfer')],
      houseRules: { silicone: 'bridge' },
    });
    expect(guaranteeOf(bridged.c, bridged.made.steps)).toMatchObject({ months: null });
    const { c, made } = read(WALL);
    const signed = guaranteeOf(c, made.steps, [{ words: 'Sand left out', odds: 0.3 }]);
    expect(signed.months).toBeNull();
    expect(signed.withheld[0]).toContain('Sand left out');
  });
  test('whatever is asked, a term is whole half years or a reason is given', () => {
    fc.assert(
      fc.property(anySurface, (q) => {
        const { c, made } = read(q);
        const g = guaranteeOf(c, made.steps);
        expect(g.early).toBeGreaterThanOrEqual(0);
        expect(g.early).toBeLessThanOrEqual(1);
        if (g.months === null) expect(g.withheld.length).toBeGreaterThan(0);
        else expect([g.months % 6, g.withheld]).toEqual([0, []]);
      }),
      { numRuns: 120, seed: 3 },
    );
  });
});

describe('a rescue', () => {
  const kinds = (question: unknown, fault: Fault, laid: Family[], wet = false) =>
    rescueFrom(read(question).c, { fault, laid, wet });
  test('waterborne on oil: to the oil with scraper and spirit, then the system for old oil', () => {
    const way = kinds(OLD_OIL, 'peels', ['acrylic-trim']);
    expect(way.backTo).toBe('the old oil');
    const undone = way.steps.slice(0, way.undoes).map((s) => s.kind);
    expect(undone).toEqual(expect.arrayContaining(['scrape', 'solvent-wipe', 'sand']));
    const after = way.steps.slice(way.undoes);
    expect(after.find((s) => s.kind === 'prime')?.family).toMatch(/shellac|bonding|oil/);
    expect(after.at(-1)!.kind).not.toBe('scrape');
  });
  test('crawling while wet is wiped off with water; dry, it is sanded off', () => {
    expect(kinds(OLD_OIL, 'crawls', ['acrylic-trim'], true).steps.map((s) => s.kind)).not.toContain('scrape');
    expect(kinds(OLD_OIL, 'crawls', ['acrylic-trim'], true).backTo).toContain('as it was');
    expect(kinds(OLD_OIL, 'crawls', ['acrylic-trim']).steps[0]!.kind).not.toBe('wash');
  });
  test('bubbling paper is slit and stuck down; wrinkling waits until it is hard', () => {
    const paper = {
      surface: { element: 'wall', substrate: 'wallpaper-paper', areaM2: 12, builtYear: 1990 },
      tests: [],
    };
    expect(kinds(paper, 'bubbles', ['acrylic-wall']).steps.map((s) => s.kind)).toContain('stick-down');
    const wrinkled = kinds(OLD_OIL, 'wrinkles', ['oil-enamel']).steps;
    expect(wrinkled.find((s) => s.kind === 'cure-hold')!.waitMin).toBeGreaterThanOrEqual(5 * 1440);
  });
  test('what bled is blocked by another chemistry than water', () => {
    const way = kinds(WALL, 'bleeds', ['acrylic-wall']);
    expect(way.steps.find((s) => s.kind === 'spot-prime')!.family).toMatch(/shellac|oil/);
  });
  test('every fault on every surface has a way back that ends in a finish and breaks no block', () => {
    fc.assert(
      fc.property(anySurface, fc.constantFrom(...FAULTS), fc.boolean(), (q, fault, wet) => {
        const { c, made } = read(q);
        const way = rescueFrom(c, { fault, laid: ['acrylic-wall'], wet });
        expect([way.cause.length > 5, way.backTo.length > 3, way.undoes > 0]).toEqual([true, true, true]);
        expect(way.steps.slice(way.undoes).some((s) => isCoat(s.kind))).toBe(true);
        for (const step of way.steps) {
          expect(step.why.length).toBeGreaterThan(0);
          if (c.wetOnly) expect(step.technique ?? 'wet').not.toBe('dry');
        }
        expect(way.price.cost).toBeGreaterThan(0);
        const never = forbiddenIn(way.steps, c, made).map((f) => f.code);
        expect(never).not.toContain('dry-sand-lead');
        expect(never).not.toContain('interior-product-outside');
        expect(never).not.toContain('shellac-on-heat');
      }),
      { numRuns: 250, seed: 11 },
    );
  });
});

describe('another year', () => {
  test('a sound wall inside loses nothing', () => {
    expect(anotherYear(read(WALL).c)).toMatchObject({ brings: [], expectedCost: 0 });
  });
  test('a peeling board outside greys and rots, and that is what waiting costs', () => {
    const { c } = read({
      surface: {
        element: 'siding',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        conditions: ['peeling'],
        areaM2: 18,
        builtYear: 2001,
      },
      tests: [],
    });
    const year = anotherYear(c);
    expect(year.brings.map((b) => b.condition)).toEqual(expect.arrayContaining(['rot', 'weathered-wood']));
    expect(year.expectedCost).toBeGreaterThan(0);
    expect(year.expectedCost).toBe(Math.round(year.brings.reduce((sum, b) => sum + b.odds * b.addedCost, 0)));
  });
  test('never brings what is there already, and never makes the system cheaper', () => {
    fc.assert(
      fc.property(anySurface, (q) => {
        const { c } = read(q);
        const year = anotherYear(c);
        for (const b of year.brings) {
          expect(c.is(b.condition)).toBe(false);
          expect(b.addedCost).toBeGreaterThanOrEqual(0);
        }
        expect(new Set(year.brings.map((b) => b.condition)).size).toBe(year.brings.length);
      }),
      { numRuns: 100, seed: 5 },
    );
  });
});

describe('a decision under doubt', () => {
  test('is silent where there is nothing to doubt', () => {
    expect(
      underDoubt(read({ ...WALL, surface: { ...WALL.surface, currentFinish: 'waterborne-acrylic' } }).c, null),
    ).toBeNull();
  });
  test('takes what it expects to lose least by, not always the likeliest', () => {
    fc.assert(
      fc.property(anySurface, (q) => {
        const doubt = underDoubt(read(q).c, null);
        if (!doubt) return;
        const losses = doubt.options.map((o) => o.expectedLoss);
        expect(losses).toEqual([...losses].sort((a, b) => a - b));
        expect(doubt.options.filter((o) => o.chosen)).toHaveLength(1);
        expect(doubt.options.find((o) => o.chosen)!.expectedLoss).toBe(losses[0]);
        const top = Math.max(...doubt.options.map((o) => o.share));
        expect(doubt.safer).toBe(doubt.options.find((o) => o.chosen)!.share < top);
      }),
      { numRuns: 150, seed: 2 },
    );
  });
  test('waterborne a little likelier, but the safer system is taken', () => {
    const { c } = read({
      ...OLD_OIL,
      tests: [rub('slight-transfer')],
      surface: { ...OLD_OIL.surface, builtYear: 1988 },
    });
    const doubt = underDoubt(c, null)!;
    const likeliest = doubt.options.reduce((best, o) => (o.share > best.share ? o : best));
    const chosen = doubt.options.find((o) => o.chosen)!;
    expect(chosen.expectedLoss).toBeLessThanOrEqual(likeliest.expectedLoss);
  });
});

describe('the schools side by side', () => {
  test('each choice is the system that rule composes, ours among them once', () => {
    const { c, made } = read(OLD_OIL);
    const schools = schoolsSideBySide(c, made);
    expect(schools.has('oilTrim')).toBe(true);
    for (const [rule, ways] of schools) {
      expect(ways.filter((w) => w.ours)).toHaveLength(1);
      expect(ways.length).toBeGreaterThan(1);
      for (const way of ways) expect(way.steps).toEqual(compose(recase(c, { [rule]: way.choice })).steps);
      expect(ways.find((w) => w.ours)!.steps).toEqual(made.steps);
    }
  });
  test('every choice of every rule says who works so, and why', () => {
    for (const rule of HOUSE_RULE_CODES) {
      expect(Object.keys(SCHOOLS[rule]).sort()).toEqual([...HOUSE_RULES[rule]].sort());
      for (const { prefers, because } of Object.values(SCHOOLS[rule]))
        expect([prefers.length > 3, because.length > 10]).toEqual([true, true]);
    }
  });
});

describe('tools', () => {
  test('the nap grows with the texture, and is short where paint is laid off', () => {
    const naps = TEXTURES.map((texture) => {
      const { c, made } = read({ ...WALL, surface: { ...WALL.surface, texture } });
      return toolsFor(
        made.steps.find((s) => s.kind === 'finish-coat')!,
        c,
      ).napMm!;
    });
    expect(naps).toEqual([...naps].sort((a, b) => a - b));
    const door = read(OLD_OIL);
    expect(
      toolsFor(
        door.made.steps.find((s) => s.kind === 'finish-coat')!,
        door.c,
      ).napMm,
    ).toBeLessThan(naps[0]!);
  });
  test('new sleeves or washed ones by house rule; shellac’s are thrown away under either', () => {
    const words = (rollers: string, kind: 'prime' | 'finish-coat') => {
      const { c, made } = read({ ...OLD_OIL, houseRules: { rollers } });
      return toolsFor(
        made.steps.find((s) => s.kind === kind)!,
        c,
      ).words.join();
    };
    expect(words('new-each-coat', 'finish-coat')).toContain('new one each coat');
    expect(words('wash', 'finish-coat')).toContain('washed between coats');
    expect([words('wash', 'prime'), words('new-each-coat', 'prime')].every((w) => w.includes('thrown away'))).toBe(
      true,
    );
  });
});

describe('what matters to the firm', () => {
  const price = (steps: readonly Step[], c: Case) => priceSystem(steps, c.d.surface, c.shelf);
  test('the same ways, ranked by other weights, come in another order', () => {
    const ways = (weights: Partial<Weights>) => {
      const { c, made } = caseOf(readBy(assessSchema, { ...OLD_OIL, wanted: { colour: '#f4f1e8' } }), {
        weights: { ...USUAL_WEIGHTS, ...weights },
      });
      return alternativesTo(c, made);
    };
    const hasty = ways({ time: 8, cost: 0.1 });
    const patient = ways({ time: 0 });
    expect(hasty.map((w) => w.differs)).not.toEqual(patient.map((w) => w.differs));
    expect(hasty.every((w, i) => i === 0 || w.against >= hasty[i - 1]!.against)).toBe(true);
  });
  test('a score is the sum of its parts, each times its weight', () => {
    const { c, made } = read(OLD_OIL);
    const p = price(made.steps, c);
    const of = (weights: Partial<Weights>) =>
      scoreOf({ ...c, weights: { cost: 0, time: 0, fumes: 0, durability: 0, risk: 0, ...weights } }, made.steps, p);
    const parts = WEIGHT_CODES.map((code) => of({ [code]: 1 }));
    expect(of({ cost: 1, time: 1, fumes: 1, durability: 1, risk: 1 })).toBeCloseTo(
      parts.reduce((a, b) => a + b, 0),
      6,
    );
    expect(of({ cost: 2 })).toBeCloseTo(2 * p.cost, 6);
    expect(of({})).toBe(0);
  });
  test('a coat more is called back less, a softer finish more', () => {
    const { c, made } = read(OLD_OIL);
    const coats = (n: number) =>
      wearAYear(
        c,
        made.steps.map((s) => (s.kind === 'finish-coat' ? { ...s, coats: n } : s)),
      );
    expect(coats(1)).toBeGreaterThan(coats(2));
    expect(coats(3)).toBeLessThan(coats(2));
    const as = (family: Family) =>
      wearAYear(
        c,
        made.steps.map((s) => (s.kind === 'finish-coat' ? { ...s, family } : s)),
      );
    expect(as('waterborne-alkyd')).toBeLessThan(as('acrylic-trim'));
    expect(as('chalk-style')).toBeGreaterThan(as('acrylic-trim'));
  });
});
