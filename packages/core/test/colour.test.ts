import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { chroma, colourDifference, lightness } from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const byte = fc.integer({ min: 0, max: 255 });
const hex = (r: number, g: number, b: number) => `#${[r, g, b].map((v) => v.toString(16).padStart(2, '0')).join('')}`;
const anyColour = fc.tuple(byte, byte, byte).map(([r, g, b]) => hex(r, g, b));

/** L* of a grey by its definition: sRGB made linear, then the cube root of CIE 15. */
function lightnessOfGrey(level: number): number {
  const v = level / 255;
  const y = v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
  return y > 216 / 24389 ? 116 * Math.cbrt(y) - 16 : (24389 / 27) * y;
}

describe('lightness', () => {
  test('runs from black to white, and agrees with its definition on every grey', () => {
    expect(lightness('#000000')).toBeCloseTo(0, 6);
    expect(lightness('#ffffff')).toBeCloseTo(100, 3);
    for (let level = 0; level <= 255; level++)
      expect(lightness(hex(level, level, level))).toBeCloseTo(lightnessOfGrey(level), 2);
  });
  test('is nothing where there is no colour, or none that can be read', () => {
    expect(lightness(null)).toBeNull();
    expect(chroma(null)).toBeNull();
    expect(lightness('#xyz')).toBeNull();
  });
});

describe('chroma', () => {
  test('is nothing for a grey and much for a pure colour', () => {
    for (const level of [0, 60, 128, 255]) expect(chroma(hex(level, level, level))).toBeCloseTo(0, 1);
    expect(chroma('#d01020')).toBeGreaterThan(70);
    expect(chroma('#8f9a86')).toBeLessThan(15);
  });
});

describe('the difference of two colours', () => {
  test('is the same both ways, nothing only for the same, and never negative', () => {
    fc.assert(
      fc.property(anyColour, anyColour, (a, b) => {
        expect(colourDifference(a, b)).toBeCloseTo(colourDifference(b, a), 9);
        expect(colourDifference(a, a)).toBe(0);
        if (a !== b) expect(colourDifference(a, b)).toBeGreaterThan(0);
      }),
    );
  });
  test('of greys grows with the step between them', () => {
    fc.assert(
      fc.property(byte, byte, byte, (a, b, c) => {
        const [low, mid, high] = [a, b, c].sort((x, y) => x - y) as [number, number, number];
        const grey = (v: number) => hex(v, v, v);
        expect(colourDifference(grey(low), grey(high))).toBeGreaterThanOrEqual(
          colourDifference(grey(low), grey(mid)) - 1e-9,
        );
      }),
    );
  });
});
