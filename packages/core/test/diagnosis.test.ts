import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  assess,
  CONDITIONS,
  demandOf,
  diagnose,
  FINISHES,
  layersUnder,
  METHOD_CARDS,
  posteriorOdds,
  readPatches,
  surfaceFacts,
  systemDifference,
  TEST_KINDS,
  TEST_RESULTS,
  zonesOf,
  type Family,
  type Step,
  type TestRecord,
} from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const trim = surfaceFacts({ element: 'trim', substrate: 'softwood', builtYear: 1931, areaM2: 12 });
const wall = surfaceFacts({ element: 'wall', substrate: 'skim-plaster', builtYear: 1955, areaM2: 20 });
const rub = (result: string, place?: string): TestRecord => ({
  kind: 'spirit-rub',
  result,
  ...(place ? { place } : {}),
});
const patch = (result: string, family: Family, coats: number, minutes: number): TestRecord => ({
  kind: 'test-patch',
  result,
  family,
  coats,
  minutes,
});

describe('zones', () => {
  test('one result, or results that agree, is one zone', () => {
    for (const tests of [
      [],
      [rub('transfer')],
      [rub('transfer', 'a'), rub('transfer', 'b')],
      [rub('no-transfer', 'a')],
    ])
      expect(zonesOf(wall, tests)).toHaveLength(1);
  });

  test('colour in one place and nothing in another are two, each with its own diagnosis', () => {
    const d = diagnose(wall, [rub('transfer', 'above the rail'), rub('no-transfer', 'below the rail')]);
    expect(d.zones.map((z) => z.places)).toEqual([['above the rail'], ['below the rail']]);
    expect(d.zones[0]!.likeliest).toBe('waterborne-acrylic');
    expect(d.zones[1]!.likeliest).toBe('oil-alkyd');
    // Zones are no conflict, and neither finish stands for the whole face.
    expect(d.conflicts).toEqual([]);
    expect(Math.max(...Object.values(d.odds))).toBeLessThanOrEqual(0.9);
  });

  test('a third place joins the zone it agrees with', () => {
    const d = diagnose(wall, [rub('transfer', 'a'), rub('no-transfer', 'b'), rub('transfer', 'c')]);
    expect(d.zones).toHaveLength(2);
    expect(d.zones.find((z) => z.places.includes('c'))!.places).toContain('a');
  });

  test('a test without a place speaks for the zone that explains it, a condition without a place for all', () => {
    const damp: TestRecord = { kind: 'moisture-meter', value: 22 };
    const zones = zonesOf(wall, [rub('transfer', 'a'), rub('no-transfer', 'b'), rub('transfer'), damp]);
    expect(zones).toHaveLength(2);
    expect(zones.every((z) => z.tests.includes(damp))).toBe(true);
    expect(zones.filter((z) => z.tests.some((t) => !t.place && t.kind === 'spirit-rub'))).toHaveLength(1);
  });

  test('every test is somewhere, whatever is recorded', () => {
    const anyTest = fc.record({
      kind: fc.constant('spirit-rub' as const),
      result: fc.constantFrom(...TEST_RESULTS['spirit-rub']),
      place: fc.constantFrom('a', 'b', 'c', null),
    });
    fc.assert(
      fc.property(fc.array(anyTest, { maxLength: 8 }), (tests) => {
        const zones = zonesOf(trim, tests);
        for (const t of tests) expect(zones.some((z) => z.tests.includes(t))).toBe(true);
        const places = zones.flatMap((z) => z.places);
        expect(new Set(places).size).toBe(places.length);
      }),
      { numRuns: 200 },
    );
  });

  test('each zone has steps of its own, scoped by the place that was named', () => {
    const a = assess({
      surface: { element: 'trim', substrate: 'softwood', builtYear: 1995, areaM2: 10 },
      tests: [rub('transfer', 'the new run'), rub('no-transfer', 'the old run')],
      wanted: { chemistry: 'waterborne' },
    });
    const prime = a.system.steps.filter((s) => s.kind === 'prime');
    expect(prime.map((s) => s.scope)).toEqual(['the old run']);
    expect(a.system.steps.filter((s) => s.kind === 'degloss').map((s) => s.scope)).toEqual(['the old run']);
    // The finish is one over the whole face.
    expect(a.system.steps.filter((s) => s.kind === 'finish-coat').map((s) => s.scope)).toEqual([undefined]);
    const kinds = a.system.steps.map((s) => s.kind);
    expect(kinds.indexOf('degloss')).toBeLessThan(kinds.indexOf('prime'));
    expect(kinds.indexOf('prime')).toBeLessThan(kinds.indexOf('finish-coat'));
  });
});

describe('conflicts', () => {
  test('two rubs of one place that disagree are set side by side, with what would settle it', () => {
    const [c] = diagnose(trim, [rub('no-transfer', 'a'), rub('transfer', 'a')]).conflicts;
    expect(c).toMatchObject({ settle: 'blade-lift' });
    expect(c!.lift).toBeLessThan(1);
    expect(c!.explanation).toContain('waterborne coat on oil');
  });
  test.each<[string, TestRecord, TestRecord, RegExp]>([
    ['a greasy rag', rub('transfer'), rub('no-transfer'), /Grease/],
    ['spirit against acetone', rub('no-transfer'), { kind: 'acetone-rub', result: 'dissolves' }, /lacquer|spray/],
    ['shellac', rub('transfer'), { kind: 'acetone-rub', result: 'no-change' }, /Shellac/],
  ])('%s explains itself', (_what, a, b, words) => {
    const surface = words.source.startsWith('Grease') ? { ...trim, conditions: ['greasy' as const] } : trim;
    expect(diagnose(surface, [a, b]).conflicts[0]?.explanation).toMatch(words);
  });
  test('tests that agree are none', () => {
    expect(
      diagnose(trim, [rub('no-transfer'), { kind: 'sheen-look', result: 'gloss', yellowed: true }]).conflicts,
    ).toEqual([]);
  });
});

describe('patches: bleed or show-through', () => {
  test.each<[string, TestRecord[], string]>([
    ['one coat, old colour shows', [patch('shows-through', 'stain-blocking-acrylic-primer', 1, 120)], 'another-coat'],
    ['covers, but only just dry', [patch('covers', 'shellac-primer', 1, 60)], 'look-again'],
    ['covers the next day', [patch('covers', 'shellac-primer', 1, 1500)], 'covers'],
    [
      'covered, and came back',
      [
        patch('covers', 'stain-blocking-acrylic-primer', 2, 120),
        patch('faint-bleed', 'stain-blocking-acrylic-primer', 2, 2000),
      ],
      'bleeds',
    ],
    [
      'a second coat did not cure it',
      [
        patch('faint-bleed', 'stain-blocking-acrylic-primer', 1, 120),
        patch('faint-bleed', 'stain-blocking-acrylic-primer', 2, 240),
      ],
      'bleeds',
    ],
    ['bleeds outright', [patch('bleeds-through', 'multi-purpose-acrylic-primer', 1, 200)], 'bleeds'],
    ['crawls', [patch('crawls', 'acrylic-wall' as Family, 1, 10)], 'rejects'],
  ])('%s', (_what, tests, verdict) => expect(readPatches(tests)[0]!.verdict).toBe(verdict));

  test('unequal coats are said', () => {
    const read = readPatches([
      patch('covers', 'shellac-primer', 2, 1500),
      patch('bleeds-through', 'stain-blocking-acrylic-primer', 1, 1500),
    ]);
    expect(read.every((r) => r.text.includes('unequal'))).toBe(true);
  });

  test('a primer that bled is not asked again, and another chemistry is', () => {
    const ask = (tests: TestRecord[]) =>
      assess({
        surface: { element: 'wall', substrate: 'drywall', builtYear: 2005, areaM2: 12, conditions: ['marker'] },
        tests: [rub('transfer'), ...tests],
        houseRules: { blocker: 'by-situation' },
      }).system.steps;
    const bled = ask([patch('bleeds-through', 'stain-blocking-acrylic-primer', 2, 1600)]);
    const primers = bled.filter((s) => s.kind === 'prime' || s.kind === 'spot-prime').map((s) => s.family);
    expect(primers.length).toBeGreaterThan(0);
    for (const family of primers) expect(['shellac-primer', 'oil-primer', 'low-odour-oil-primer']).toContain(family);
  });

  test('a primer that let the old colour show through one coat is laid twice, and one that was not asked once', () => {
    const coatsOf = (tests: TestRecord[]) =>
      assess({
        surface: { element: 'wall', substrate: 'drywall', builtYear: 2005, areaM2: 12, conditions: ['marker'] },
        tests: [rub('transfer'), ...tests],
        houseRules: { blocker: 'shellac' },
      })
        .system.steps.filter((s) => s.family === 'shellac-primer' && s.kind !== 'test-patch')
        .map((s) => s.coats);
    expect(coatsOf([])).toEqual([1]);
    expect(coatsOf([patch('shows-through', 'shellac-primer', 1, 120)])).toEqual([2]);
    expect(coatsOf([patch('shows-through', 'oil-primer', 1, 120)])).toEqual([1]);
  });

  test('a patch that was read is not laid again; one that covered has decided, and nothing else is patched', () => {
    const ask = (tests: TestRecord[]) =>
      assess({
        surface: { element: 'furniture', substrate: 'melamine', areaM2: 5 },
        tests,
        wanted: { handling: 'heavy' },
      }).system.steps.filter((s) => s.kind === 'test-patch');
    const families = ask([]).map((s) => s.family!);
    expect(families.length).toBeGreaterThan(1);
    expect(ask([patch('bleeds-through', families[0]!, 2, 4400)]).map((s) => s.family)).toEqual(families.slice(1));
    expect(ask([patch('covers', families[0]!, 1, 4400)])).toEqual([]);
  });
});

describe('layers', () => {
  test('stacks sum to the odds of their tops', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...TEST_RESULTS['spirit-rub']),
        fc.constantFrom(1890, 1931, 1965, 1999, null),
        (result, builtYear) => {
          const surface = { ...trim, builtYear };
          const odds = posteriorOdds(surface, [rub(result)]);
          const { stacks } = diagnose(surface, [rub(result)]);
          const total = stacks.reduce((s, one) => s + one.probability, 0);
          expect(total).toBeGreaterThan(0.8);
          expect(total).toBeLessThanOrEqual(1.0001);
          for (const top of FINISHES) {
            const own = stacks.filter((s) => s.top === top).reduce((s, one) => s + one.probability, 0);
            expect(own).toBeLessThanOrEqual(odds[top] + 1e-9);
          }
        },
      ),
    );
  });
  test('a lower coat on the rag makes an older layer likelier; a bond that let go at the primer shows there is one', () => {
    const surface = { ...trim, builtYear: 1965 };
    const under = (tests: TestRecord[], layer: string) =>
      layersUnder(diagnose(surface, tests).stacks, 'oil-alkyd').find((l) => l.layer === layer)!.probability;
    const blade = (plane: 'primer' | 'between-coats'): TestRecord => ({ kind: 'blade-lift', result: 'chips', plane });
    expect(under([blade('between-coats')], 'older-oil')).toBeGreaterThan(under([], 'older-oil'));
    expect(under([blade('primer')], 'primer')).toBeGreaterThan(0.95);
  });
  test('new surfaces have none', () => {
    expect(diagnose({ ...trim, isNew: true }, []).stacks).toEqual([]);
  });
});

describe('what tests mean for the place', () => {
  test('the dates for lead and asbestos are the place’s own', () => {
    const house = surfaceFacts({ element: 'ceiling', substrate: 'skim-plaster', texture: 'heavy', builtYear: 1985 });
    expect(diagnose(house, [])).toMatchObject({ lead: 'none', asbestos: true });
    expect(diagnose({ ...house, leadYear: 1992, asbestosYear: 1980 }, [])).toMatchObject({
      lead: 'presumed',
      asbestos: false,
    });
  });
  test('a film scratched young is weighed less than one at cure', () => {
    const lifts = (filmAgeHours: number) =>
      posteriorOdds(trim, [{ kind: 'blade-lift', result: 'lifts-in-sheet', filmAgeHours }])['waterborne-over-oil'];
    expect(lifts(12)).toBeLessThan(lifts(500));
  });
  test.each([
    'damp',
    'rot',
    'mould',
    'paste-residue',
    'silicone',
    'wax',
    'chalking',
    'tannin-bleed',
    'sanding-dust',
  ] as const)('%s demands something, forbids something, and says until when', (condition) => {
    const demand = demandOf(condition)!;
    for (const words of [demand.demands, demand.forbids, demand.until, demand.source]) expect(words).not.toBe('');
  });
  test('no demand names a condition that does not exist', () => {
    for (const c of CONDITIONS) expect(demandOf(c)?.condition ?? c).toBe(c);
  });
});

describe('method cards', () => {
  test.each(TEST_KINDS)('%s says what to use, how, how to read it, and what misleads', (kind) => {
    const card = METHOD_CARDS[kind];
    expect(card.materials.length).toBeGreaterThan(0);
    for (const words of [card.how, card.reads, card.misleads, card.source]) expect(words.length).toBeGreaterThan(5);
    expect(card.waitSec).toBeGreaterThanOrEqual(0);
  });
  test('what burns and what must never be mixed is said where it is used', () => {
    expect(METHOD_CARDS['spirit-rub'].cautions).toContain('flammable-vapour');
    expect(METHOD_CARDS['acetone-rub'].cautions).toContain('flammable-vapour');
    expect(METHOD_CARDS['bleach-drop'].cautions).toContain('bleach-mixing');
    expect(METHOD_CARDS['cross-cut'].cautions).toContain('lead-presumed');
  });
});

describe('what a finding changes', () => {
  const step = (kind: Step['kind'], more: Partial<Step> = {}): Step => ({ kind, why: [], ...more });
  test('lines added, taken away and changed; order alone is nothing', () => {
    const before = [step('wash'), step('prime', { family: 'oil-primer', coats: 1 }), step('finish-coat', { coats: 1 })];
    const after = [step('finish-coat', { coats: 2 }), step('wash'), step('repair')];
    expect(systemDifference(before, after)).toEqual({
      added: [step('repair')],
      removed: [step('prime', { family: 'oil-primer', coats: 1 })],
      changed: [{ before: step('finish-coat', { coats: 1 }), after: step('finish-coat', { coats: 2 }) }],
    });
    expect(systemDifference(before, [...before].reverse())).toEqual({ added: [], removed: [], changed: [] });
  });
});
