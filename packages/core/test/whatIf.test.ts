import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  assess,
  assessSchema,
  caseOf,
  forbiddenIn,
  HOUSE_RULES,
  faultsOf,
  othersFor,
  readBy,
  recase,
  compose,
  whatIf,
  type Case,
  type Composed,
  type Step,
} from '../src/index.ts';
import { brokenBlocks } from './systemChecker.ts';
import { anyHouseRules, anySurface } from './anySurface.ts';

const read = (question: unknown) => caseOf(readBy(assessSchema, question));
const at = (made: Composed, kind: Step['kind']) => {
  const found = made.steps.findIndex((s) => s.kind === kind);
  expect(found).toBeGreaterThanOrEqual(0);
  return found;
};
const skipping = (question: unknown, kind: Step['kind']) => {
  const { c, made } = read(question);
  return whatIf(c, made, made.steps, [{ act: 'skip', step: at(made, kind) }]);
};

const OIL_TRIM = {
  surface: { element: 'trim', substrate: 'softwood', areaM2: 12, builtYear: 1995, currentColour: '#efe9d8' },
  tests: [
    { kind: 'spirit-rub', result: 'no-transfer' },
    { kind: 'sheen-look', result: 'gloss', yellowed: true },
  ],
  wanted: { chemistry: 'waterborne', colour: '#f4f1e8' },
};

const anyQuestion = fc.record({
  surface: anySurface,
  tests: fc.constantFrom(
    [],
    [{ kind: 'spirit-rub', result: 'no-transfer' }],
    [{ kind: 'spirit-rub', result: 'transfer' }],
    [
      { kind: 'spirit-rub', result: 'transfer' },
      { kind: 'blade-lift', result: 'lifts-in-sheet' },
    ],
  ),
  wanted: fc.record({ colour: fc.constantFrom('#f4f1e8', '#22384d', '#d01020'), lowOdour: fc.boolean() }),
  houseRules: anyHouseRules,
});
const everywhere = (runs: number, property: (c: Case, made: Composed, q: unknown) => void) =>
  fc.assert(
    fc.property(anyQuestion, (q) => {
      const { c, made } = read(q);
      property(c, made, q);
    }),
    { numRuns: runs, seed: 20270301 },
  );

describe('skipping a step', () => {
  test('the primer on old oil: it peels within a month, and nobody may sign for it', () => {
    const told = skipping(OIL_TRIM, 'prime');
    expect(told.consequences[0]).toMatchObject({ kind: 'prime', fault: 'peels', shows: 'P1M' });
    expect(told.consequences[0]!.odds).toBeGreaterThan(0.6);
    expect(told.fails).toEqual({ fault: 'peels', where: 'under' });
    expect(told.forbidden.map((f) => f.code)).toEqual(['waterborne-on-oil']);
    expect(told.saves.cost).toBeGreaterThan(0);
    expect(told.steps.some((s) => s.kind === 'prime')).toBe(false);
  });

  test('dulling the gloss under a waterborne bonding primer is a risk, under shellac hardly one; both may be signed for', () => {
    const peeling = (blocker: string) => {
      const { c, made } = read({ ...OIL_TRIM, houseRules: { blocker } });
      const told = whatIf(c, made, made.steps, [
        { act: 'skip', step: at(made, 'degloss') },
        { act: 'skip', step: at(made, 'sand') },
      ]);
      expect([told.forbidden, told.refused]).toEqual([[], []]);
      return told.consequences.filter((x) => x.fault === 'peels').reduce((sum, x) => sum + x.odds, 0);
    };
    expect(peeling('bonding-acrylic')).toBeGreaterThan(0.1);
    expect(peeling('shellac')).toBeLessThan(0.04);
  });

  test('the odds are mixed over what may be there: surer of oil, worse to leave the primer out', () => {
    const one = (tests: unknown[]) => skipping({ ...OIL_TRIM, tests }, 'prime').consequences[0]!.odds;
    const rub = { kind: 'spirit-rub', result: 'no-transfer', place: 'a' };
    expect(one([rub, { kind: 'acetone-rub', result: 'no-change', place: 'b' }])).toBeGreaterThanOrEqual(one([rub]));
  });

  test.each([
    ['paint-on-damp', { element: 'wall', substrate: 'lime-plaster', conditions: ['damp'] }, 'dry-out'],
    ['paint-on-mould', { element: 'wall', substrate: 'skim-plaster', conditions: ['mould'] }, 'mould-treat'],
    ['paint-on-silicone', { element: 'trim', substrate: 'softwood', conditions: ['silicone'] }, 'remove-sealant'],
    [
      'paint-on-rot',
      { element: 'sill', substrate: 'softwood', exposure: 'exterior-exposed', conditions: ['rot'] },
      'repair',
    ],
  ] as const)('what releases %s may not be left out', (code, surface, kind) => {
    const told = skipping({ surface: { ...surface, areaM2: 6, builtYear: 2001 } }, kind);
    expect(told.forbidden.map((f) => f.code)).toContain(code);
    expect(told.forbidden[0]!.until.length).toBeGreaterThan(10);
  });

  test('what guards people is refused, and so is a system without a finish', () => {
    const old = { ...OIL_TRIM, surface: { ...OIL_TRIM.surface, builtYear: 1931 } };
    expect(skipping(old, 'contain-lead').refused.join()).toContain('guards people');
    expect(skipping(OIL_TRIM, 'finish-coat').refused.join()).toContain('finish');
  });

  test('what follows is the difference that the same reckoning gives without the step, fault by fault', () => {
    everywhere(60, (c, made) => {
      const before = new Map(faultsOf(c, made.steps).map((one) => [one.fault, one.odds]));
      made.steps.forEach((step, i) => {
        const after = faultsOf(
          c,
          made.steps.filter((s) => s !== step),
        );
        for (const told of whatIf(c, made, made.steps, [{ act: 'skip', step: i }]).consequences) {
          const now = after.find((one) => one.fault === told.fault)!.odds;
          expect(Math.abs(told.odds - (now - (before.get(told.fault) ?? 0)))).toBeLessThanOrEqual(0.00051);
          expect(told.cost).toBeGreaterThan(0);
          expect(told.text).toMatch(/^[A-Z].+\.$/);
        }
      });
    });
  });
});

describe('taking another product', () => {
  const swap = (question: unknown, kind: Step['kind'], family: Step['family']) => {
    const { c, made } = read(question);
    return whatIf(c, made, made.steps, [{ act: 'swap', step: at(made, kind), family: family! }]);
  };
  test('a primer that does as much changes little but its price', () => {
    for (const { odds } of swap(OIL_TRIM, 'prime', 'bonding-acrylic-primer').consequences)
      expect(odds).toBeLessThan(0.05);
    expect(swap(OIL_TRIM, 'prime', 'bonding-acrylic-primer').forbidden).toEqual([]);
  });
  test('a board primer on oil gloss peels, and is forbidden', () => {
    const told = swap(OIL_TRIM, 'prime', 'pva-primer');
    expect(told.consequences.map((x) => x.fault)).toContain('peels');
    expect(told.forbidden.map((f) => f.code)).toContain('waterborne-on-oil');
  });
  test('what half blocks fails less often than what does not block at all', () => {
    const stained = {
      surface: { element: 'ceiling', substrate: 'skim-plaster', conditions: ['water-stain'], areaM2: 14 },
    };
    const odds = (family: Step['family']) =>
      swap(stained, 'spot-prime', family).consequences.find((x) => x.fault === 'bleeds')?.odds ?? 0;
    expect(odds('pva-primer')).toBeGreaterThan(odds('stain-blocking-acrylic-primer'));
    expect(odds('stain-blocking-acrylic-primer')).toBeGreaterThan(odds('oil-primer'));
    expect(odds('oil-primer')).toBe(0);
  });
  test('an indoor finish outside is told with its fault and its block', () => {
    const door = {
      surface: { element: 'door', substrate: 'softwood', exposure: 'exterior-exposed', areaM2: 4, builtYear: 2012 },
    };
    const told = swap(door, 'finish-coat', 'acrylic-trim');
    expect(told.consequences[0]).toMatchObject({ fault: 'peels' });
    expect(told.forbidden.map((f) => f.code)).toContain('interior-product-outside');
  });
  test('wall paint on woodwork stays soft; silicone under paint crawls', () => {
    expect(swap(OIL_TRIM, 'finish-coat', 'acrylic-wall').consequences.map((x) => x.fault)).toContain('knock');
    const gaps = {
      surface: { element: 'trim', substrate: 'softwood', conditions: ['gaps'], areaM2: 4, builtYear: 2012 },
    };
    expect(swap(gaps, 'caulk', 'silicone-sealant').consequences[0]).toMatchObject({ fault: 'crawls' });
  });
  test('only what could be taken is offered, and nothing else is accepted', () => {
    const { made } = read(OIL_TRIM);
    expect(othersFor(made.steps[at(made, 'prime')]!)).not.toContain('acrylic-trim');
    expect(othersFor(made.steps[at(made, 'sand')]!)).toEqual([]);
    expect(swap(OIL_TRIM, 'prime', 'acrylic-trim').refused).toHaveLength(1);
  });
});

describe('another order', () => {
  test('sanding before washing grinds the grease in', () => {
    const { c, made } = read({
      surface: {
        element: 'cabinet',
        substrate: 'softwood',
        exposure: 'interior-grease',
        conditions: ['greasy'],
        areaM2: 6,
        builtYear: 2003,
      },
      tests: [{ kind: 'spirit-rub', result: 'transfer' }],
    });
    const told = whatIf(c, made, made.steps, [{ act: 'move', step: at(made, 'sand'), to: at(made, 'wash') }]);
    expect(told.consequences.map((x) => x.text).join()).toContain('ground into');
    expect(told.saves.cost).toBe(0);
  });
  test('a system as it is composed has nothing in the wrong place, and left alone nothing follows', () => {
    everywhere(150, (c, made) => {
      const told = whatIf(c, made, made.steps, []);
      expect(told).toMatchObject({ consequences: [], fails: null, odds: 0, expectedCost: 0, forbidden: [] });
      expect(told.steps).toEqual(made.steps);
    });
  });
  test('nothing that is composed gains by being done later', () => {
    everywhere(40, (c, made) => {
      const kinds: readonly Step['kind'][] = [
        'wash',
        'rinse',
        'degloss',
        'scrape',
        'mould-treat',
        'dry-out',
        'remove-sealant',
      ];
      for (const kind of kinds) {
        const step = made.steps.findIndex((s) => s.kind === kind);
        if (step < 0) continue;
        const told = whatIf(c, made, made.steps, [{ act: 'move', step, to: made.steps.length - 1 }]);
        const left = whatIf(c, made, made.steps, [{ act: 'skip', step }]);
        // Done when all is painted, it does no more good than where it is left out.
        expect([kind, told.expectedCost >= left.expectedCost - 1]).toEqual([kind, true]);
      }
    });
  });
  test('a line that is not there is an error, not a guess', () => {
    const { c, made } = read(OIL_TRIM);
    expect(() => whatIf(c, made, made.steps, [{ act: 'skip', step: 99 }])).toThrow(RangeError);
    expect(() => whatIf(c, made, made.steps, [{ act: 'move', step: 0, to: -1 }])).toThrow(RangeError);
  });
  test('several departures keep their lines, and their odds join', () => {
    const { c, made } = read(OIL_TRIM);
    const both = whatIf(c, made, made.steps, [
      { act: 'skip', step: at(made, 'degloss') },
      { act: 'skip', step: at(made, 'sand') },
    ]);
    expect(both.steps.map((s) => s.kind)).toEqual(
      made.steps.filter((_, i) => i !== at(made, 'degloss') && i !== at(made, 'sand')).map((s) => s.kind),
    );
    const odds = both.consequences.map((x) => x.odds);
    expect(both.odds).toBeCloseTo(1 - odds.reduce((held, o) => held * (1 - o), 1), 10);
    expect(both.expectedCost).toBe(Math.round(both.consequences.reduce((sum, x) => sum + x.odds * x.cost, 0)));
  });
});

describe('what a block forbids', () => {
  test('is in no system, no alternative and no school, whatever is asked: by a checker of its own', () => {
    fc.assert(
      fc.property(anyQuestion, (q) => {
        const answer = assess(q);
        expect(answer.alternatives.length).toBeGreaterThanOrEqual(3);
        for (const { steps } of [answer.system, ...answer.alternatives.map((a) => a.system)])
          expect(
            brokenBlocks(steps, answer, { ...q.surface, silicone: (q.houseRules['silicone'] as string) ?? 'cut-out' }),
          ).toEqual([]);
      }),
      { numRuns: 250, seed: 7 },
    );
  });
  test('the engine’s own reading agrees, under every choice of every rule', () => {
    everywhere(60, (c, made) => {
      expect(forbiddenIn(made.steps, c, made)).toEqual([]);
      for (const [rule, choices] of Object.entries(HOUSE_RULES))
        for (const choice of choices) {
          const under = recase(c, { [rule]: choice });
          const other = compose(under);
          expect([rule, choice, forbiddenIn(other.steps, under, other)]).toEqual([rule, choice, []]);
        }
    });
  });
});
