import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  areaOf,
  assess,
  assessSchema,
  caseOf,
  conditionFindings,
  foundPlaces,
  priceOn,
  readBy,
  surfaceFacts,
  zoneShares,
  type Step,
  type TestRecord,
} from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const WALL = { element: 'wall', substrate: 'skim-plaster', builtYear: 1995, areaM2: 30 } as const;
const at = (kind: TestRecord['kind'], place: string, said: object): TestRecord => ({ kind, place, ...said });
const wet = (place: string) => at('moisture-meter', place, { value: 20 });
const dry = (place: string) => at('moisture-meter', place, { value: 6 });
const slick = (place: string) => at('damp-sponge', place, { result: 'slick' });
const clean = (place: string) => at('damp-sponge', place, { result: 'clean' });
const RUB: TestRecord = { kind: 'spirit-rub', result: 'transfer' };
const read = (tests: readonly TestRecord[], surface: object = {}) =>
  caseOf(readBy(assessSchema, { surface: { ...WALL, ...surface }, tests }));
const parts = (tests: TestRecord[]) => foundPlaces({ places: [], tests }, surfaceFacts(WALL));

describe('what a test found in one place', () => {
  const PLACES = ['window', 'door', 'chimney', 'middle'];
  const readings = fc.array(fc.record({ place: fc.constantFrom(...PLACES), value: fc.constantFrom(4, 6, 18, 30) }), {
    minLength: 1,
    maxLength: 8,
  });
  test('the last reading at each place stands, and a wet place is never outvoted', () => {
    fc.assert(
      fc.property(readings, (some) => {
        const last = new Map(some.map(({ place, value }) => [place, value]));
        const tests = some.map(({ place, value }) => at('moisture-meter', place, { value }));
        const isDamp = conditionFindings(surfaceFacts(WALL), tests).standing.has('damp');
        expect(isDamp).toBe([...last.values()].some((value) => value > 12));
      }),
    );
  });
  test('the parts hold each place once, the wet ones together, whatever the order of the places', () => {
    fc.assert(
      fc.property(fc.subarray(PLACES, { minLength: 1, maxLength: 3 }), fc.boolean(), (damp, turned) => {
        const tests = PLACES.map((place) => (damp.includes(place) ? wet(place) : dry(place)));
        const [there, rest, ...more] = parts(turned ? tests.reverse() : tests);
        expect(more).toEqual([]);
        expect([...there!.places].sort()).toEqual([...damp].sort());
        expect(rest!.places).toEqual([]);
        expect(rest!.tests.every((t) => t.value! <= 12)).toBe(true);
      }),
    );
  });
  test('different things in different places are parts of their own', () => {
    const some = parts([slick('radiator'), clean('middle'), wet('window'), dry('middle')]);
    expect(some.map((part) => part.places)).toEqual([['radiator'], ['window'], []]);
    // Each part is read by what was found there, and by what was found not elsewhere.
    expect(some[0]!.tests.map((t) => [t.kind, t.place])).toEqual([
      ['damp-sponge', 'radiator'],
      ['moisture-meter', 'middle'],
    ]);
  });
  test.each([
    ['found everywhere it was looked for', [wet('window'), wet('middle')]],
    ['found, and nowhere said to be absent', [wet('window')]],
    ['found without a place', [{ kind: 'moisture-meter', value: 20 } as TestRecord, dry('middle')]],
  ])('%s: one part', (_what, tests) => {
    expect(parts(tests)).toHaveLength(1);
  });
});

describe('the work in places that differ', () => {
  const THREE = [RUB, slick('radiator'), clean('middle'), wet('window'), dry('middle')];
  test('no line stands twice for one place', () => {
    const { steps } = assess({ surface: WALL, tests: THREE }).system;
    const lines = steps.map((s) => `${s.kind} ${s.family ?? ''} ${s.grit ?? ''} ${s.scope ?? ''}`);
    expect(lines).toEqual([...new Set(lines)]);
    expect(lines.filter((line) => line.startsWith('dry-out')).length).toBe(2);
  });
  test('places where the same is done have a line each, and are waited for once', () => {
    const one = read([RUB, wet('window'), dry('middle')]);
    const two = read([RUB, wet('window'), wet('door'), dry('middle')]);
    const dryings = (steps: readonly Step[]) => steps.filter((s) => s.kind === 'dry-out').map((s) => s.scope);
    expect(dryings(two.made.steps)).toEqual(['window', 'door']);
    expect(priceOn(two.c, two.made.steps).waitingMin).toBe(priceOn(one.c, one.made.steps).waitingMin);
  });
  test('a place is as large as it was measured; what was not measured shares the rest', () => {
    const tests = [RUB, slick('radiator'), clean('middle')];
    const facts = { conditions: ['paste-residue'], currentFinish: 'waterborne-acrylic' };
    const measured = read(tests, { ...facts, extents: { 'paste-residue': { areaM2: 3 } } });
    expect(zoneShares(measured.d)).toEqual([0.1, 0.9]);
    expect(zoneShares(read(tests, facts).d)).toEqual([0.5, 0.5]);
    const sealer = measured.made.steps.find((s) => s.family === 'penetrating-sealer')!;
    expect([sealer.scope, areaOf(sealer, measured.d.surface)]).toEqual(['radiator', 3]);
    // Nobody measures a place larger than its wall.
    const tooLarge = zoneShares(read(tests, { ...facts, extents: { 'paste-residue': { areaM2: 900 } } }).d);
    expect(tooLarge[0]).toBeCloseTo(0.95, 12);
    expect(tooLarge[0]! + tooLarge[1]!).toBeCloseTo(1, 12);
  });
  test('a block and a risk say where they hold, and nothing where they hold all over', () => {
    const { blocks, risks } = assess({ surface: WALL, tests: [RUB, wet('window'), dry('middle')] });
    expect(blocks.find((b) => b.code === 'paint-on-damp')!.text).toMatch(/ Where: window\.$/);
    expect(risks.find((r) => r.ifSkipped === 'dry-out')!.text).toMatch(/ Where: window\.$/);
    // Read in one place alone it was found there; read without a place it may be anywhere.
    const alone = assess({ surface: WALL, tests: [RUB, wet('window')] });
    expect(alone.blocks.find((b) => b.code === 'paint-on-damp')!.text).toMatch(/ Where: window\.$/);
    const all = assess({ surface: WALL, tests: [RUB, wet('')] });
    expect(JSON.stringify([all.blocks, all.risks])).not.toContain('Where:');
  });
});
