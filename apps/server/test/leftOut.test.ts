import { describe, expect, test } from '@jest/globals';
import { isLeftOut, paintedM2 } from '../src/reading/leftOut.ts';

type Exclusion = Parameters<typeof paintedM2>[0]['exclusions'][number];
const out = (more: Partial<Exclusion> = {}): Exclusion => ({
  whole: false,
  box: { widthM: 1, heightM: 2 },
  ...more,
});
const wall = (areaM2: number | null, ...exclusions: Exclusion[]) => ({
  facts: { areaM2 },
  exclusions,
});

describe('what the client keeps out', () => {
  test('takes its boundary off the size; what has none takes nothing off', () => {
    expect(paintedM2(wall(20))).toBe(20);
    expect(paintedM2(wall(20, out()))).toBe(18);
    expect(paintedM2(wall(20, out(), out({ box: { widthM: 0.5, heightM: 0.5 } })))).toBe(17.75);
    expect(paintedM2(wall(20, out({ box: null })))).toBe(20);
  });
  test('leaves something to paint, however large it was drawn', () => {
    expect(paintedM2(wall(1, out()))).toBeGreaterThan(0);
    expect(paintedM2(wall(2, out()))).toBeGreaterThan(0);
  });
  test('says nothing of a size that nobody measured', () => {
    expect(paintedM2(wall(null, out()))).toBeNull();
    expect(paintedM2({ facts: {}, exclusions: [] })).toBeNull();
  });
  test('whole is whole: the size stays what it is, for the price it would have', () => {
    const whole = wall(20, out({ whole: true }));
    expect(isLeftOut(whole)).toBe(true);
    expect(paintedM2(whole)).toBe(20);
    expect(isLeftOut(wall(20, out()))).toBe(false);
    expect(isLeftOut(wall(20))).toBe(false);
  });
});
