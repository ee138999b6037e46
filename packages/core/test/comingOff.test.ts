import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  assessSchema,
  caseOf,
  chemistryOf,
  comingOff,
  forbiddenIn,
  readBy,
  rescueFrom,
  type Family,
} from '../src/index.ts';
import { anySurface } from './anySurface.ts';

const read = (q: unknown) => caseOf(readBy(assessSchema, q));
const rub = (result: string) => ({ kind: 'spirit-rub', result });
const OIL_DOOR = {
  surface: { element: 'door', substrate: 'softwood', builtYear: 1985, areaM2: 4, conditions: ['glossy'] },
  tests: [rub('no-transfer'), { kind: 'sheen-look', result: 'gloss' }],
};
const nowOn = (q: unknown, family: Family, ageHours: number) =>
  comingOff(read(q).c, family, ageHours).find((way) => way.isNow)!;
const uses = (q: unknown, family: Family, ageHours: number) =>
  nowOn(q, family, ageHours).steps.map((s) => s.family ?? s.kind);

describe('a coat laid by mistake', () => {
  test('comes off tonight with alcohol and a rag, tomorrow with a scraper, next week with a stripper', () => {
    expect(uses(OIL_DOOR, 'acrylic-trim', 0.5)).toContain('alkaline-cleaner');
    expect(uses(OIL_DOOR, 'acrylic-trim', 9)).toEqual(['denatured-alcohol', 'denatured-alcohol']);
    expect(uses(OIL_DOOR, 'acrylic-trim', 30)).toContain('scrape');
    expect(uses(OIL_DOOR, 'acrylic-trim', 30)).not.toContain('stripper');
    expect(uses(OIL_DOOR, 'acrylic-trim', 8 * 24)).toContain('stripper');
  });
  test('oil comes off with white spirit while it is soft, shellac with alcohol however old it is', () => {
    expect(uses(OIL_DOOR, 'oil-enamel', 3)).toEqual(['mineral-spirits', 'mineral-spirits']);
    expect(uses(OIL_DOOR, 'shellac-primer', 24 * 365)).toContain('denatured-alcohol');
  });
  test('what a solvent would take along is scraped dry; what has soaked in is sanded; foil sees no stripper', () => {
    const wall = { surface: { element: 'wall', substrate: 'drywall', areaM2: 10 }, tests: [rub('transfer')] };
    expect(uses(wall, 'acrylic-wall', 20)).toEqual(['scrape', 'sand']);
    const bare = { surface: { element: 'trim', substrate: 'softwood', isNew: true, areaM2: 4 } };
    expect(nowOn(bare, 'acrylic-trim', 20).words).toContain('soaked in');
    const foil = { surface: { element: 'cabinet', substrate: 'thermofoil', areaM2: 4 } };
    for (const age of [1, 30, 1000]) expect(uses(foil, 'acrylic-trim', age)).not.toContain('stripper');
  });
  const families: readonly Family[] = ['acrylic-wall', 'oil-enamel', 'shellac-primer', 'penetrating-epoxy'];
  test('whatever it lies on: one way is it now, the ways follow one another, each dearer, none waits, none is forbidden', () => {
    fc.assert(
      fc.property(
        anySurface,
        fc.constantFrom(...families),
        fc.double({ min: 0, max: 3000, noNaN: true }),
        (q, family, age) => {
          const { c, made } = read({ surface: q });
          const ways = comingOff(c, family, age);
          expect(ways.filter((way) => way.isNow)).toHaveLength(1);
          expect([ways[0]!.fromHours, ways.at(-1)!.untilHours]).toEqual([0, null]);
          ways.slice(1).forEach((way, i) => {
            expect(way.fromHours).toBe(ways[i]!.untilHours);
            // Once it has soaked in, or nothing may touch it, what is left to do may be less: it stays.
            if (!/soaked|solvent would/.test(way.words))
              expect(way.price.minutes).toBeGreaterThanOrEqual(ways[i]!.price.minutes);
          });
          for (const { steps } of ways) {
            expect(steps.some((s) => s.kind === 'cure-hold' || s.kind === 'dry-out')).toBe(false);
            if (c.wetOnly) for (const s of steps) expect(s.technique ?? 'wet').not.toBe('dry');
          }
          const way = rescueFrom(c, { fault: 'wrong-coat', laid: [family], wet: false, ageHours: age });
          expect(way.ways).toEqual(ways);
          expect(forbiddenIn(way.steps, c, made).map((f) => f.code)).not.toContain('dry-sand-lead');
          expect(chemistryOf(family)).toBeTruthy();
        },
      ),
      { numRuns: 150, seed: 5 },
    );
  });
  test('afterwards the right system follows; where nothing is logged the tin is looked for first', () => {
    const { c } = read(OIL_DOOR);
    const way = rescueFrom(c, { fault: 'wrong-coat', laid: ['acrylic-trim'], wet: false, ageHours: 9 });
    expect(way.steps.slice(way.undoes).map((s) => s.kind)).toEqual(expect.arrayContaining(['prime', 'finish-coat']));
    expect(rescueFrom(c, { fault: 'wrong-coat', laid: [], wet: false }).steps.map((s) => s.kind)).toContain('inspect');
  });
  test('waterborne that peels off oil is not left to cure either', () => {
    const { c } = read(OIL_DOOR);
    for (const ageHours of [3, 40, 400]) {
      const { steps, undoes } = rescueFrom(c, { fault: 'peels', laid: ['acrylic-trim'], wet: false, ageHours });
      expect(steps.slice(0, undoes).map((s) => s.kind)).not.toContain('cure-hold');
    }
  });
});
