import { describe, expect, test } from '@jest/globals';
import { middleOf } from '../src/photos/camera.ts';

describe('a picture cut to the shape of another', () => {
  test.each([
    ['a wide one to an upright one', 1920, 1080, 3 / 4, { x: 555, y: 0, width: 810, height: 1080 }],
    ['an upright one to a wide one', 1080, 1920, 4 / 3, { x: 0, y: 555, width: 1080, height: 810 }],
    ['one of its own shape', 1600, 1200, 4 / 3, { x: 0, y: 0, width: 1600, height: 1200 }],
  ])('%s: its middle, as much as fits', (_what, width, height, shape, cut) => {
    const middle = middleOf(width, height, shape);
    for (const [field, value] of Object.entries(cut)) expect(middle[field as keyof typeof cut]).toBeCloseTo(value, 6);
    expect(middle.width / middle.height).toBeCloseTo(shape, 9);
  });
});
