import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  coverage,
  dryFilm,
  evenSpacing,
  mixFor,
  mostThatFit,
  SIXTEENTH_M,
  tinsForNeed,
  wetFilm,
} from '../src/index.ts';

describe('pocket calculators', () => {
  test('coverage says its own arithmetic', () => {
    const { answer, formula } = coverage(40, 2, 10, 10);
    expect(answer).toBeCloseTo(8.8);
    expect(formula).toBe('40 m² × 2 ÷ 10 m² per litre, and 10 % for waste = 8.8 L');
  });
  test('wet and dry film undo each other, thinned or not', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 5, max: 300 }),
        fc.integer({ min: 5, max: 100 }),
        fc.integer({ min: 0, max: 30 }),
        (wet, solids, thin) => {
          expect(wetFilm(dryFilm(wet, solids, thin).answer, solids, thin).answer).toBeCloseTo(wet, 6);
          expect(dryFilm(wet, solids, thin).answer).toBeLessThanOrEqual(wet);
        },
      ),
    );
  });
  test('a mix adds up and keeps its ratio', () => {
    const { answer } = mixFor(1.5, 2, 1);
    expect(answer.baseL).toBeCloseTo(1);
    expect(answer.hardenerL).toBeCloseTo(0.5);
  });
  test('tins are named with what they hold', () => {
    expect(
      tinsForNeed(3, [
        { litres: 2.5, price: 10 },
        { litres: 1, price: 6 },
      ]).formula,
    ).toMatch(/1 × 2.5 L \+ 1 × 1 L holds 3.5 L, needed 3 L/);
    expect(tinsForNeed(0, []).formula).toMatch(/no tin/);
  });
});

const wall = fc.record({
  lengthM: fc.double({ min: 0.5, max: 12, noNaN: true }),
  count: fc.integer({ min: 1, max: 30 }),
  widthM: fc.double({ min: 0, max: 0.1, noNaN: true }),
  ends: fc.constantFrom('as-gaps' as const, 'half-gaps' as const, 'at-ends' as const, { endM: 0.1 }),
});

describe('even spacing', () => {
  test('what is set out fills the wall, and no mark is farther off than half the tape', () => {
    fc.assert(
      fc.property(wall, (asked) => {
        const { gapM, endM, marks, fault, leftOverM } = evenSpacing(asked);
        if (fault) return;
        expect(marks).toHaveLength(asked.count);
        const inside = asked.count * asked.widthM + (asked.count - 1) * gapM + 2 * endM;
        expect(inside).toBeCloseTo(asked.lengthM, 6);
        marks.forEach((m, i) =>
          expect(Math.abs(m - (endM + i * (asked.widthM + gapM)))).toBeLessThanOrEqual(0.0005 + 1e-9),
        );
        expect(Math.abs(leftOverM)).toBeLessThanOrEqual(0.0005 + 1e-9);
      }),
    );
  });
  test('battens by hand: 2.40 m, five of 45 mm, gaps at the ends', () => {
    const { gapM, marks } = evenSpacing({ lengthM: 2.4, count: 5, widthM: 0.045, ends: 'as-gaps' });
    expect(gapM).toBeCloseTo((2.4 - 0.225) / 6, 6);
    expect(marks.map((m) => Math.round(m * 1000))).toEqual([363, 770, 1178, 1585, 1993]);
  });
  test('on a tape of inches every mark is a sixteenth', () => {
    const { marks } = evenSpacing({ lengthM: 2, count: 7, widthM: 0.02, ends: 'half-gaps', tapeM: SIXTEENTH_M });
    for (const m of marks) expect(m / SIXTEENTH_M).toBeCloseTo(Math.round(m / SIXTEENTH_M), 6);
  });
  test('what does not fit, or stands too close, is said; the most that fit is the last that does', () => {
    const base = { lengthM: 1, widthM: 0.1, ends: 'as-gaps' as const };
    expect(evenSpacing({ ...base, count: 11 }).fault).toMatch(/do not fit/);
    expect(evenSpacing({ ...base, count: 6, clearanceM: 0.1 }).fault).toMatch(/closer/);
    const most = mostThatFit({ ...base, clearanceM: 0.1 });
    expect(evenSpacing({ ...base, count: most, clearanceM: 0.1 }).fault).toBeNull();
    expect(evenSpacing({ ...base, count: most + 1, clearanceM: 0.1 }).fault).not.toBeNull();
  });
  test('one alone stands in the middle', () => {
    expect(evenSpacing({ lengthM: 1, count: 1, widthM: 0.2, ends: 'at-ends' }).marks[0]).toBeCloseTo(0.4);
  });
});
