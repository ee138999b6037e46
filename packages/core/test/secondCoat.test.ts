import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { assessSchema, caseOf, onFromFirst, readBy, secondCoats } from '../src/index.ts';
import { anySurface } from './anySurface.ts';

const on = (surface: object, wanted: object = {}) => {
  const { c, made } = caseOf(readBy(assessSchema, { surface, wanted }));
  return { c, ways: secondCoats(c, made.steps) };
};
const MELAMINE = { element: 'cabinet', substrate: 'melamine', areaM2: 8, currentColour: '#5a4031' };

describe('a splotchy first coat', () => {
  test('on melamine: the same again, a cheaper primer over it for less money, or a third of finish; each ends even', () => {
    const { ways } = on(MELAMINE, { colour: '#f4f1e8', sheen: 'satin' });
    expect(ways.map((w) => w.code)).toEqual(['same-again', 'cheaper-primer', 'more-finish']);
    const [same, cheaper, finish] = ways;
    expect(cheaper!.adds.cost).toBeLessThan(same!.adds.cost);
    expect(cheaper!.steps.filter((s) => s.kind === 'prime')).toHaveLength(2);
    // The first still grips; the one over it is waterborne and tinted as it is.
    expect(cheaper!.steps[0]!.family).toBe(same!.steps[0]!.family);
    expect(finish!.adds.waitingMin).toBeGreaterThan(same!.adds.waitingMin);
    for (const { left } of ways) expect(left).toBeLessThan(1);
  });
  test('where the first is the cheapest there is, nothing cheaper is offered', () => {
    const { ways } = on({ element: 'wall', substrate: 'drywall', isNew: true, areaM2: 40 }, { colour: '#c0392b' });
    expect(ways.map((w) => w.code)).toEqual(['same-again', 'more-finish']);
  });
  test('where nothing is primed all over there is nothing to choose', () => {
    const wall = { element: 'wall', substrate: 'drywall', areaM2: 20, currentFinish: 'waterborne-acrylic' };
    expect(on(wall, { colour: '#e8e0cc' }).ways).toEqual([]);
  });
  test('whatever is primed: every way costs more and shows less than going on as it is, and is written down as it is laid', () => {
    fc.assert(
      fc.property(anySurface, (surface) => {
        const { c, ways } = on(surface);
        for (const way of ways) {
          expect(way.adds.minutes).toBeGreaterThan(0);
          expect(way.adds.cost).toBeGreaterThan(0);
          expect(way.left).toBeGreaterThanOrEqual(0);
          expect(onFromFirst(c, way)).toMatchObject({ steps: way.steps, undoes: 0, backTo: way.words });
        }
      }),
      { numRuns: 120, seed: 9 },
    );
  });
});
