import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  assess,
  conditionFindings,
  diagnose,
  ELEMENTS,
  FINISHES,
  posteriorOdds,
  priorOdds,
  REACH,
  STACKS,
  SUBSTRATES,
  surfaceFacts,
  TEST_RESULTS,
  testsThatPay,
  type Finish,
  type TestKind,
  type TestRecord,
} from '../src/index.ts';
import { GRIP_TABLES, LIKELIHOODS } from '../src/evidence/knowledge/likelihoods.ts';
import { BASE_ROWS } from '../src/evidence/knowledge/priors.ts';
import { heard, passed, resultsOf, says, stackPrior, times, tops, transition, unseen } from './stackOracle.ts';

// The same cases every run; change the seed to look elsewhere.
fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const trim = surfaceFacts({ element: 'trim', substrate: 'softwood', builtYear: 1931, areaM2: 12 });
const rub = (result: string, place?: string): TestRecord => ({
  kind: 'spirit-rub',
  result,
  ...(place ? { place } : {}),
});
const highest = (odds: Record<Finish, number>) => Math.max(...Object.values(odds));

const anyTest = fc.oneof(
  ...(Object.keys(TEST_RESULTS) as TestKind[])
    .filter((k) => TEST_RESULTS[k].length > 0)
    .map((kind) =>
      fc.record({
        kind: fc.constant(kind),
        result: fc.constantFrom(...(TEST_RESULTS[kind] as readonly string[])),
        place: fc.constantFrom('a', 'b', null),
      }),
    ),
  fc.record({ kind: fc.constant('cross-cut' as const), grade: fc.integer({ min: 0, max: 5 }) }),
) as fc.Arbitrary<TestRecord>;
const anySurface = fc
  .record({
    element: fc.constantFrom(...ELEMENTS),
    substrate: fc.constantFrom(...SUBSTRATES),
    builtYear: fc.option(fc.integer({ min: 1700, max: 2030 })),
  })
  .map((s) => surfaceFacts(s));

describe('grounds that shine bare', () => {
  const odds = (substrate: string, over: object = {}, tests: object[] = []) => {
    const { finish } = assess({ surface: { element: 'wall', substrate, exposure: 'interior-wet', ...over }, tests });
    return Object.fromEntries(finish.map((f) => [f.code, f.probability])) as Record<Finish, number>;
  };
  const SHINING = ['ceramic-tile', 'glass', 'upvc', 'plastic'];

  test.each(SHINING)(
    '%s that is glossy and sheds water is most likely bare, where plaster would be painted',
    (substrate) => {
      const looked = [
        { kind: 'sheen-look', result: 'gloss' },
        { kind: 'water-drop', result: 'beads' },
      ];
      expect(odds(substrate, { conditions: ['glossy'] }).bare).toBeGreaterThan(0.7);
      expect(odds(substrate, {}, looked).bare).toBeGreaterThan(0.7);
      expect(odds('skim-plaster', { conditions: ['glossy'] }, looked).bare ?? 0).toBeLessThan(0.05);
    },
  );

  test.each(SHINING)(
    '%s: nothing on the rag leaves it bare, colour on the rag says that it was painted',
    (substrate) => {
      const before = odds(substrate).bare;
      expect(odds(substrate, {}, [rub('no-transfer')]).bare).toBeGreaterThan(0.7);
      const coloured = odds(substrate, {}, [rub('transfer')]);
      expect(coloured.bare).toBeLessThan(before / 3);
      expect(coloured['waterborne-acrylic']).toBeGreaterThan(0.5);
    },
  );

  test('render that chalks outside was masonry paint before it was distemper; a ceiling that comes off on the palm the other way', () => {
    const chalks = { conditions: ['chalking'] };
    const outside = odds('render', { element: 'masonry', exposure: 'exterior-exposed', ...chalks });
    expect(outside['waterborne-acrylic']).toBeGreaterThan(3 * outside.distemper);
    const old = { element: 'ceiling', exposure: 'interior-dry', builtYear: 1900 };
    const inside = odds('lime-plaster', old, [
      { kind: 'hand-wipe', result: 'heavy' },
      { kind: 'damp-sponge', result: 'slick' },
    ]);
    expect(inside.distemper).toBeGreaterThan(inside['waterborne-acrylic']);
  });
});

describe('the tables', () => {
  test('every likelihood row sums to one and has a chance for everything', () => {
    for (const table of LIKELIHOODS)
      for (const row of [
        ...Object.values(table.rows),
        table.rest,
        ...[table.shiningBare ?? [], table.closedBare ?? []].filter((row) => row.length),
        ...Object.values(table.onWalls ?? {}),
        ...Object.values(table.weathered ?? {}),
      ]) {
        expect(row.length).toBe(table.results.length);
        expect(row.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 6);
        expect(Math.min(...row)).toBeGreaterThan(0);
      }
    for (const table of GRIP_TABLES)
      for (const row of [table.bond, table.sound ?? {}, table.whatever ?? {}].flatMap((rows) => Object.values(rows))) {
        expect(row.length).toBe(table.results.length);
        expect(row.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 6);
        expect(Math.min(...row)).toBeGreaterThan(0);
      }
  });
  test('a worse bond is found more often by every grip test, and a sound one holds more often', () => {
    for (const { bond, kind } of GRIP_TABLES) {
      const [holds, fails] = [(row: readonly number[]) => row[0]!, (row: readonly number[]) => row.at(-1)!];
      expect([kind, holds(bond.sound) > holds(bond.weak), holds(bond.weak) > holds(bond.gone)]).toEqual([
        kind,
        true,
        true,
      ]);
      expect([kind, fails(bond.gone) > fails(bond.weak), fails(bond.weak) > fails(bond.sound)]).toEqual([
        kind,
        true,
        true,
      ]);
    }
  });
  test('every ground has a last row that fits anything', () => {
    for (const ground of new Set(BASE_ROWS.map((r) => r.ground)))
      expect(
        BASE_ROWS.filter((r) => r.ground === ground)
          .at(-1)!
          .when(trim),
      ).toBe(true);
  });
});

describe('odds over finishes', () => {
  test('always sum to one and are never certain', () => {
    fc.assert(
      fc.property(anySurface, fc.array(anyTest, { maxLength: 6 }), (surface, tests) => {
        const odds = posteriorOdds(surface, tests);
        expect(Object.values(odds).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 6);
        expect(highest(odds)).toBeLessThanOrEqual(0.99 + 1e-9);
      }),
      { numRuns: 300 },
    );
  });

  test('with nothing tested no finish stands above 0.95, whatever the surface', () => {
    fc.assert(
      fc.property(
        anySurface,
        fc.option(fc.constantFrom(...FINISHES)),
        fc.option(fc.boolean()),
        (surface, currentFinish, isNew) => {
          expect(highest(posteriorOdds({ ...surface, currentFinish, isNew }, []))).toBeLessThanOrEqual(0.95 + 1e-9);
        },
      ),
    );
  });

  test('a rub with nothing on the rag leans to oil, colour on it to waterborne', () => {
    const before = priorOdds(trim);
    expect(posteriorOdds(trim, [rub('no-transfer')])['oil-alkyd']).toBeGreaterThan(before['oil-alkyd']);
    expect(posteriorOdds(trim, [rub('transfer')])['waterborne-acrylic']).toBeGreaterThan(0.6);
  });

  test('a slight transfer alone, and two rubs that disagree, leave none above 0.9', () => {
    fc.assert(
      fc.property(anySurface, (surface) => {
        expect(highest(posteriorOdds(surface, [rub('slight-transfer')]))).toBeLessThanOrEqual(0.9 + 1e-9);
        expect(highest(posteriorOdds(surface, [rub('no-transfer', 'a'), rub('transfer', 'b')]))).toBeLessThanOrEqual(
          0.9 + 1e-9,
        );
      }),
    );
  });

  test('the same test again in one place counts for less than in another', () => {
    const once = posteriorOdds(trim, [rub('slight-transfer', 'a')])['waterborne-over-oil'];
    const again = posteriorOdds(trim, [rub('slight-transfer', 'a'), rub('slight-transfer', 'a')])[
      'waterborne-over-oil'
    ];
    const elsewhere = posteriorOdds(trim, [rub('slight-transfer', 'a'), rub('slight-transfer', 'b')])[
      'waterborne-over-oil'
    ];
    expect(again).toBeGreaterThan(once);
    expect(elsewhere).toBeGreaterThan(again);
  });

  test('a neighbour of the same campaign speaks louder than one of none, and a test here louder than both', () => {
    const door = { element: 'door' as const, tests: [rub('transfer')] };
    const alone = posteriorOdds(trim, [])['waterborne-acrylic'];
    const unknown = posteriorOdds(trim, [], [{ campaign: 'unknown', ...door }])['waterborne-acrylic'];
    const same = posteriorOdds(trim, [], [{ campaign: 'same', ...door }])['waterborne-acrylic'];
    expect(unknown).toBeGreaterThan(alone);
    expect(same).toBeGreaterThan(unknown);
    expect(posteriorOdds(trim, [rub('no-transfer')], [{ campaign: 'same', ...door }])['oil-alkyd']).toBeGreaterThan(
      0.5,
    );
  });

  test('a finish on record starts high and is overturned by a clear test', () => {
    const stated = { ...trim, currentFinish: 'oil-alkyd' as const };
    expect(posteriorOdds(stated, [])['oil-alkyd']).toBeGreaterThan(0.8);
    expect(posteriorOdds(stated, [rub('transfer', 'a'), rub('transfer', 'b')])['oil-alkyd']).toBeLessThan(0.2);
  });

  test('summing out the campaign agrees with the sum over every stack that may be shared', () => {
    const tests = [rub('slight-transfer')];
    const message = posteriorOdds({ ...trim }, [], [{ campaign: 'same', element: 'trim', tests }]);
    const prior = stackPrior(trim);
    const follows = transition(prior, prior, REACH.campaign.sameElement);
    const there = heard(follows, times(says(tests[0]!), unseen(trim)));
    const joint = tops(times(passed(follows, times(prior, there)), unseen(trim)));
    for (const finish of FINISHES) expect(message[finish]).toBeCloseTo(joint[finish], 6);
  });

  test('is calibrated: what is said to be 80 % likely is so about 80 % of the time', () => {
    let seed = 7;
    const random = () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648;
    const pick = <T>(weights: readonly (readonly [T, number])[]): T => {
      let u = random() * weights.reduce((s, [, w]) => s + w, 0);
      return (weights.find(([, w]) => (u -= w) <= 0) ?? weights.at(-1)!)[0];
    };
    const prior = stackPrior(trim).map((p, i) => [STACKS[i]!, p] as const);
    let said = 0;
    let right = 0;
    for (let i = 0; i < 4000; i++) {
      const truth = pick(prior);
      const tests = (['spirit-rub', 'blade-lift'] as const).map((kind): TestRecord => {
        return { kind, result: pick(resultsOf(kind, truth)) };
      });
      const [top, chance] = (Object.entries(posteriorOdds(trim, tests)) as [Finish, number][]).reduce((a, b) =>
        b[1] > a[1] ? b : a,
      );
      if (chance < 0.72 || chance > 0.88) continue;
      said += chance;
      right += Number(top === truth.top);
    }
    expect(said).toBeGreaterThan(50);
    expect(Math.abs(right - said) / said).toBeLessThan(0.12);
  });
});

describe('conditions', () => {
  const found = (conditions: string[], ...tests: TestRecord[]) => [
    ...conditionFindings(
      surfaceFacts({ element: 'wall', substrate: 'skim-plaster', conditions: conditions as never }),
      tests,
    ).standing,
  ];
  test.each([
    ['mould', { kind: 'bleach-drop', result: 'unchanged' }, { kind: 'bleach-drop', result: 'lightens' }],
    ['damp', { kind: 'moisture-meter', value: 8 }, { kind: 'moisture-meter', value: 24 }],
    ['paste-residue', { kind: 'damp-sponge', result: 'clean' }, { kind: 'damp-sponge', result: 'slick' }],
    ['rot', { kind: 'rot-probe', result: 'firm' }, { kind: 'rot-probe', result: 'soft-deep' }],
    ['silicone', { kind: 'paint-dab', result: 'wets' }, { kind: 'paint-dab', result: 'beads' }],
    ['painted-shut', { kind: 'ease-test', result: 'moves' }, { kind: 'ease-test', result: 'stuck' }],
  ])('a test overrules the flag that it tests: %s', (code, clears, raises) => {
    expect(found([code], clears as TestRecord)).not.toContain(code);
    expect(found([], raises as TestRecord)).toContain(code);
  });
  test('the last moisture reading stands', () => {
    expect(found([], { kind: 'moisture-meter', value: 30 }, { kind: 'moisture-meter', value: 9 })).not.toContain(
      'damp',
    );
  });
  test('a film scratched young is not held against it', () => {
    const d = diagnose(trim, [{ kind: 'nail-scratch', result: 'scratches-off', filmAgeHours: 5 }]);
    expect(d.findings.adhesion).toBe('unknown');
  });
});

describe('the next test', () => {
  test('pays where nothing is known and stops where all is', () => {
    const open = testsThatPay(trim, [], []);
    expect(open.some((t) => t.kind === 'spirit-rub')).toBe(true);
    expect(
      assess({
        surface: { element: 'wall', substrate: 'drywall', builtYear: 2015, areaM2: 12 },
        tests: [rub('transfer', 'a'), rub('transfer', 'b')],
      }).nextTest,
    ).toBeNull();
  });
  test('is worth more on a larger surface', () => {
    const worth = (areaM2: number) =>
      testsThatPay({ ...trim, areaM2 }, [], []).find((t) => t.kind === 'spirit-rub')?.expectedSaving ?? 0;
    expect(worth(40)).toBeGreaterThan(worth(10));
  });
});
