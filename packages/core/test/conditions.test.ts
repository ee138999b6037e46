import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  asbestosPossible,
  conditionFindings,
  CONDITIONS,
  gripFailed,
  gripHeld,
  leadStanding,
  moistureLimit,
  SUBSTRATES,
  surfaceFacts,
  TEST_RESULTS,
  type Condition,
  type SurfaceFacts,
  type TestKind,
  type TestRecord,
} from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const wall = (over: Partial<SurfaceFacts> = {}) =>
  surfaceFacts({ element: 'wall', substrate: 'skim-plaster', ...over });
const found = (kind: TestKind, more: Partial<TestRecord> | string, over: Partial<SurfaceFacts> = {}) =>
  conditionFindings(wall(over), [{ kind, ...(typeof more === 'string' ? { result: more } : more) }]);

describe('a test overrules the flag it tests', () => {
  test.each<[TestKind, string, Condition]>([
    ['bleach-drop', 'lightens', 'mould'],
    ['damp-sponge', 'slick', 'paste-residue'],
    ['rot-probe', 'soft-surface', 'rot'],
    ['rot-probe', 'soft-deep', 'rot'],
    ['paint-dab', 'beads', 'silicone'],
    ['ease-test', 'stuck', 'painted-shut'],
    ['sheen-look', 'gloss', 'glossy'],
    ['sheen-look', 'semi-gloss', 'glossy'],
    ['hand-wipe', 'heavy', 'chalking'],
  ])('%s, %s: raises %s', (kind, result, condition) => {
    const { standing, found: raised } = found(kind, result);
    expect(standing.has(condition)).toBe(true);
    expect(raised.has(condition)).toBe(true);
    // Seen before it was tested, it stands, but it is nothing the test found.
    expect(found(kind, result, { conditions: [condition] }).found.has(condition)).toBe(false);
  });

  test.each<[TestKind, string, Condition]>([
    ['bleach-drop', 'unchanged', 'mould'],
    ['damp-sponge', 'clean', 'paste-residue'],
    ['rot-probe', 'firm', 'rot'],
    ['paint-dab', 'wets', 'silicone'],
    ['paint-dab', 'wets', 'sealant-unknown'],
    ['paint-dab', 'beads', 'sealant-unknown'],
    ['ease-test', 'moves', 'painted-shut'],
    ['sheen-look', 'flat', 'glossy'],
    ['hand-wipe', 'clean', 'chalking'],
    ['hand-wipe', 'clean', 'sanding-dust'],
    ['water-drop', 'soaks-in', 'wax'],
  ])('%s, %s: clears %s', (kind, result, condition) => {
    const { standing, cleared } = found(kind, result, { conditions: [condition, 'cracking'] });
    expect(standing.has(condition)).toBe(false);
    expect(cleared.has(condition)).toBe(true);
    expect(standing.has('cracking')).toBe(true);
  });

  test('one bad place is enough: a good one elsewhere does not clear it', () => {
    for (const order of [0, 1]) {
      const tests: TestRecord[] = [
        { kind: 'rot-probe', result: 'firm', place: 'top rail' },
        { kind: 'rot-probe', result: 'soft-deep', place: 'sill' },
      ];
      const read = conditionFindings(wall(), order ? tests : tests.reverse());
      expect(read.standing.has('rot')).toBe(true);
      expect(read.rotDeep).toBe(true);
    }
  });

  test('dust on what was sanded is dust; off a weathered face it is chalk; a little inside is neither', () => {
    expect([...found('hand-wipe', 'light', { sanded: true }).found]).toEqual(['sanding-dust']);
    expect([...found('hand-wipe', 'light', { exposure: 'exterior-exposed' }).found]).toEqual(['chalking']);
    expect([...found('hand-wipe', 'light', { substrate: 'brick' }).found]).toEqual(['chalking']);
    expect([...found('hand-wipe', 'light').found]).toEqual([]);
  });

  test('a reading at the limit is dry, over it is damp, and the last one stands', () => {
    for (const substrate of SUBSTRATES) {
      const limit = moistureLimit(substrate);
      expect(found('moisture-meter', { value: limit }, { substrate }).standing.has('damp')).toBe(false);
      expect(found('moisture-meter', { value: limit + 0.1 }, { substrate }).standing.has('damp')).toBe(true);
    }
    const series = (...values: number[]) =>
      conditionFindings(
        wall({ conditions: ['damp'] }),
        values.map((value) => ({ kind: 'moisture-meter', value })),
      ).standing.has('damp');
    expect(series(22, 17, 11)).toBe(false);
    expect(series(11, 17)).toBe(true);
  });

  test('timber may hold more water than plaster, and metal none that a meter reads', () => {
    expect(moistureLimit('softwood')).toBeGreaterThan(moistureLimit('skim-plaster'));
    expect(moistureLimit('aluminium')).toBe(100);
  });

  test('whatever is seen and tested, what stands is what was seen or found, less what was cleared', () => {
    const records = fc.array(
      fc.constantFrom(...(Object.keys(TEST_RESULTS) as TestKind[])).chain((kind): fc.Arbitrary<TestRecord> => {
        const results = TEST_RESULTS[kind] as readonly string[];
        return results.length
          ? fc.record({ kind: fc.constant(kind), result: fc.constantFrom(...results) })
          : fc.record({ kind: fc.constant(kind), value: fc.integer({ min: 0, max: 60 }) });
      }),
      { maxLength: 6 },
    );
    fc.assert(
      fc.property(fc.subarray([...CONDITIONS]), records, (conditions, tests) => {
        const read = conditionFindings(wall({ conditions }), tests);
        const seen = new Set<Condition>(conditions.filter((c) => c !== 'sound'));
        for (const c of read.standing) expect(seen.has(c) || read.found.has(c)).toBe(true);
        for (const c of seen) expect(read.standing.has(c) || read.cleared.has(c)).toBe(true);
        expect(read.standing.has('sound')).toBe(false);
      }),
    );
  });
});

describe('how the bond stands', () => {
  test.each<[Partial<TestRecord> & { kind: TestKind }, boolean, boolean]>([
    [{ kind: 'cross-cut', grade: 0 }, false, true],
    [{ kind: 'cross-cut', grade: 1 }, false, true],
    [{ kind: 'cross-cut', grade: 2 }, false, false],
    [{ kind: 'cross-cut', grade: 3 }, true, false],
    [{ kind: 'cross-cut', grade: 5 }, true, false],
    [{ kind: 'nail-scratch', result: 'peels-in-sheet' }, true, false],
    [{ kind: 'nail-scratch', result: 'marks' }, false, true],
    [{ kind: 'blade-lift', result: 'lifts-in-sheet' }, true, false],
    [{ kind: 'blade-lift', result: 'chips' }, false, false],
    [{ kind: 'scraper-drag', result: 'scratches-off' }, true, false],
    [{ kind: 'tape-pull', result: 'lifts' }, true, false],
    [{ kind: 'tape-pull', result: 'specks' }, false, true],
    [{ kind: 'spirit-rub', result: 'lifts-to-lower-coat' }, false, false],
  ])('%j', (record, failed, held) => {
    expect(gripFailed(record)).toBe(failed);
    expect(gripHeld(record)).toBe(held);
    // A film of one day says nothing of how it will hold.
    const young = { ...record, filmAgeHours: 24 };
    expect([gripFailed(young), gripHeld(young)]).toEqual([false, false]);
    expect(gripFailed({ ...record, filmAgeHours: 72 })).toBe(failed);
  });

  test('one place that lets go outweighs many that hold, and says in which plane', () => {
    const tests: TestRecord[] = [
      { kind: 'cross-cut', grade: 0 },
      { kind: 'tape-pull', result: 'holds' },
      { kind: 'blade-lift', result: 'lifts-in-sheet', plane: 'between-coats' },
    ];
    expect(conditionFindings(wall(), tests.slice(0, 2)).adhesion).toBe('grips');
    expect(conditionFindings(wall(), tests)).toMatchObject({ adhesion: 'weak', weakPlane: 'between-coats' });
    expect(conditionFindings(wall(), []).adhesion).toBe('unknown');
  });

  test('a hollow sound and a clean palm are kept as what they are', () => {
    expect(found('tap-test', 'hollow').hollow).toBe(true);
    expect(found('tap-test', 'solid').hollow).toBe(false);
    expect(found('hand-wipe', 'clean').handWipeClean).toBe(true);
    expect(found('hand-wipe', 'heavy').handWipeClean).toBe(false);
    expect(found('moisture-meter', { value: 9 }).moistureRead).toBe(true);
  });
});

describe('lead', () => {
  const swab = (...results: string[]): TestRecord[] => results.map((result) => ({ kind: 'lead-swab', result }));
  test.each<[string, Partial<SurfaceFacts>, TestRecord[], string]>([
    ['an old house, not tested', { builtYear: 1908 }, [], 'presumed'],
    ['the year before the place’s date', { builtYear: 1991, leadYear: 1992 }, [], 'presumed'],
    ['the year of the place’s date', { builtYear: 1992, leadYear: 1992 }, [], 'none'],
    ['a year not known', {}, [], 'year-unknown'],
    ['a year not known, and a swab that does not say', {}, swab('inconclusive'), 'presumed'],
    ['an old house, swabbed clean', { builtYear: 1908 }, swab('negative'), 'none'],
    ['an old house, a swab that does not say', { builtYear: 1908 }, swab('inconclusive'), 'presumed'],
    ['a new house that swabs positive', { builtYear: 2010 }, swab('positive'), 'positive'],
    ['two swabs that differ', { builtYear: 1908 }, swab('negative', 'positive'), 'positive'],
    ['two swabs that differ, in the other order', { builtYear: 1908 }, swab('positive', 'negative'), 'positive'],
    ['new timber in an old house', { builtYear: 1908, isNew: true }, [], 'none'],
  ])('%s', (_what, over, tests, standing) => expect(leadStanding(wall(over), tests)).toBe(standing));
});

describe('old coatings that may hold fibres', () => {
  test.each<[string, Partial<SurfaceFacts>, boolean]>([
    ['a textured ceiling of 1970', { element: 'ceiling', texture: 'sprayed', builtYear: 1970 }, true],
    ['the same, smooth', { element: 'ceiling', builtYear: 1970 }, false],
    ['a textured wall of 1970', { texture: 'heavy', builtYear: 1970 }, true],
    ['a floor of 1970', { element: 'floor', builtYear: 1970 }, true],
    ['a soffit of 1970', { element: 'fascia-soffit', builtYear: 1970 }, true],
    [
      'a textured ceiling of the place’s year',
      { element: 'ceiling', texture: 'sprayed', builtYear: 1985, asbestosYear: 1985 },
      false,
    ],
    ['a textured ceiling put up new', { element: 'ceiling', texture: 'sprayed', builtYear: 1970, isNew: true }, false],
    ['a textured ceiling of no known year', { element: 'ceiling', texture: 'sprayed' }, false],
    ['a textured door', { element: 'door', texture: 'heavy', builtYear: 1970 }, false],
  ])('%s', (_what, over, possible) => expect(asbestosPossible(wall(over))).toBe(possible));
});
