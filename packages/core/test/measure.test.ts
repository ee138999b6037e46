import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  areaOfMeasure,
  DOOR_PATTERNS,
  measureFault,
  measureSchema,
  MOULDINGS,
  readBy,
  readLength,
  sayLengthM,
  SHAPES,
  UnusableInput,
  workingOf,
  type Measure,
} from '../src/index.ts';

const ft = (text: string) => readLength(text, 'ft')!;
const SQ_FT = 0.09290304;
const face = (
  widthM: number,
  heightM: number,
  more: Partial<Extract<Measure, { bothSides: boolean; openings: unknown }>> = {},
) => ({ widthM, heightM, count: 1, bothSides: false, openings: [], ...more }) as Measure;

/** One measure of each shape, plain enough to be worked out on paper. */
const EACH: Record<(typeof SHAPES)[number], { measure: Measure; m2: number }> = {
  face: { measure: face(4, 2.5, { openings: [{ widthM: 1, heightM: 2, count: 1 }] }), m2: 8 },
  moulding: { measure: { shape: 'moulding', moulding: 'skirting', lengthM: 10, count: 2 }, m2: 3.2 },
  panelling: {
    measure: {
      shape: 'panelling',
      widthM: 4,
      heightM: 1,
      panels: 4,
      panelWidthM: 0.7,
      panelHeightM: 0.6,
      standsOutM: 0.05,
      openings: [],
    },
    // 4 of face, and 4 × 2.6 round the panels × 0.05.
    m2: 4.52,
  },
  spindles: { measure: { shape: 'spindles', section: 'square', heightM: 0.8, thicknessM: 0.032, count: 42 }, m2: 4.3 },
  doors: {
    measure: { shape: 'doors', pattern: 'flush', widthM: 0.8, heightM: 2, count: 3, bothSides: true },
    // Two faces of 1.6 and 0.04 round two sides and the top.
    m2: 10.18,
  },
  windows: {
    measure: { shape: 'windows', pattern: 'one-pane', widthM: 1, heightM: 1, count: 2, bothSides: false },
    m2: 0.6,
  },
  siding: {
    measure: { shape: 'siding', widthM: 10, heightM: 3, gableM: 2, showsM: 0.15, thickM: 0.03, openings: [] },
    // 30 of wall and 10 of gable, a fifth more under the laps.
    m2: 48,
  },
  radiators: {
    measure: { shape: 'radiators', widthM: 1, heightM: 0.6, panels: 2, finned: false, count: 1 },
    m2: 2.4,
  },
};

describe('what was measured', () => {
  test.each(SHAPES)('%s comes to what paper says', (shape) => {
    const { measure, m2 } = EACH[shape];
    expect(areaOfMeasure(measure)).toBeCloseTo(m2, 2);
    expect(measureFault(measure)).toBeNull();
    expect(readBy(measureSchema, measure)).toEqual(measure);
    expect(workingOf(measure, (m) => sayLengthM(m, 'metric'))).not.toMatch(/undefined|NaN/);
  });

  test('a measure from before there were shapes is a face', () => {
    const old = { widthM: 3, heightM: 2, count: 2, bothSides: true, openings: [] };
    expect(readBy(measureSchema, old)).toEqual(old);
    expect(areaOfMeasure(old)).toBe(24);
  });

  test('a room by hand, in metres', () => {
    // 4.20 by 3.60, 2.40 high, a door of 0.84 × 2.03 and two windows of 1.20 × 1.20.
    const walls = face(2 * (4.2 + 3.6), 2.4, {
      openings: [
        { widthM: 0.84, heightM: 2.03, count: 1 },
        { widthM: 1.2, heightM: 1.2, count: 2 },
      ],
    });
    expect(areaOfMeasure(walls)).toBe(32.85);
    expect(areaOfMeasure(face(4.2, 3.6))).toBe(15.12);
    const skirting: Measure = { shape: 'moulding', moulding: 'skirting', lengthM: 15.6 - 0.84, count: 1 };
    expect(areaOfMeasure(skirting)).toBe(2.36);
  });

  test('the same kind of room by hand, in feet and inches with fractions', () => {
    // 13' 6" by 11' 4 1/2", 8' high: 398 sq ft of wall; less 2' 8" × 6' 8" and two of 3' × 4'.
    const around = 2 * (ft(`13' 6"`) + ft(`11' 4 1/2"`));
    const walls = face(around, ft('8'), {
      openings: [
        { widthM: ft(`2' 8"`), heightM: ft(`6' 8"`), count: 1 },
        { widthM: ft('3'), heightM: ft('4'), count: 2 },
      ],
    });
    const byHand = 2 * (13.5 + 11.375) * 8 - (2 + 8 / 12) * (6 + 8 / 12) - 24;
    expect(areaOfMeasure(walls) / SQ_FT).toBeCloseTo(byHand, 1);
    expect(Math.round(areaOfMeasure(walls) / SQ_FT)).toBe(356);
  });

  test('what is taken off never adds, what is added never takes off', () => {
    const m = fc.double({ min: 0.3, max: 9, noNaN: true });
    fc.assert(
      fc.property(m, m, fc.integer({ min: 1, max: 9 }), (w, h, n) => {
        const plain = areaOfMeasure(face(w, h, { count: n }));
        const cut = areaOfMeasure(face(w, h, { count: n, openings: [{ widthM: w / 3, heightM: h / 3, count: 1 }] }));
        expect(cut).toBeLessThanOrEqual(plain);
        expect(areaOfMeasure(face(w, h, { count: n, bothSides: true }))).toBeCloseTo(2 * plain, 1);
        const flush = areaOfMeasure({
          shape: 'doors',
          pattern: 'flush',
          widthM: w,
          heightM: h,
          count: n,
          bothSides: true,
        });
        for (const pattern of ['ledged', 'four-panel', 'six-panel', 'louvred'] as const)
          expect(
            areaOfMeasure({ shape: 'doors', pattern, widthM: w, heightM: h, count: n, bothSides: true }),
          ).toBeGreaterThan(flush);
      }),
    );
  });

  test('a girth that was measured wins over the usual one', () => {
    const of = (girthM?: number) =>
      areaOfMeasure({ shape: 'moulding', moulding: 'cornice', lengthM: 10, count: 1, ...(girthM ? { girthM } : {}) });
    expect(of()).toBeCloseTo(10 * MOULDINGS.cornice.girthM);
    expect(of(0.33)).toBe(3.3);
    expect(DOOR_PATTERNS.flush.factor).toBe(1);
  });

  test('what cannot be is said', () => {
    expect(measureFault(face(2, 2, { openings: [{ widthM: 3, heightM: 3, count: 1 }] }))).toMatch(
      /openings take off more/,
    );
    expect(measureFault({ ...EACH.spindles.measure, count: 0 } as Measure)).toMatch(/At least one/);
    expect(measureFault({ ...EACH.panelling.measure, panels: 40 } as Measure)).toMatch(/more face than the wall/);
    for (const wrong of [
      { shape: 'moulding', moulding: 'gilded', lengthM: 1, count: 1 },
      { shape: 'hexagon', widthM: 1 },
      { widthM: -1, heightM: 2, count: 1, bothSides: false, openings: [] },
      { widthM: 1, heightM: 2, count: 1, bothSides: false, openings: [], extra: 1 },
      { shape: 'radiators', widthM: 1, heightM: 1, panels: 9, finned: true, count: 1 },
      null,
    ])
      expect(() => readBy(measureSchema, wrong)).toThrow(UnusableInput);
  });
});
