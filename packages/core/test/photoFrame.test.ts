import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  intoPicture,
  outOfPicture,
  placeInPhoto,
  placeOnWall,
  type PhotoFrame,
  type SketchWall,
} from '../src/index.ts';
import { takenBy } from '../src/practice/drills/drawPatches.ts';

const WALL: SketchWall = { name: 'a wall', widthM: 4, heightM: 2.4, openings: [] };
const WALLS = [WALL, WALL];
const near = (x: number) => expect.closeTo(x, 9) as unknown as number;

describe('a photo that is set to its wall', () => {
  test('straight on, shares of the photo are shares of the wall', () => {
    const corners = {
      topLeft: { x: 0, y: 0 },
      topRight: { x: 1, y: 0 },
      bottomRight: { x: 1, y: 1 },
      bottomLeft: { x: 0, y: 1 },
    };
    const frame: PhotoFrame = { corners, wall: 1, part: { x: 0, y: 0, widthM: 4, heightM: 2.4 } };
    expect(placeOnWall(frame, { x: 0.25, y: 0.5 }, WALLS)).toEqual({ wall: 1, x: 1, y: 1.2 });
    expect(placeInPhoto(frame, { wall: 1, x: 3, y: 0.6 })).toEqual({ x: near(0.75), y: near(0.75) });
    expect(placeInPhoto(frame, { wall: 0, x: 3, y: 0.6 })).toBeNull();
    expect(placeOnWall({ ...frame, wall: 2 }, { x: 0.5, y: 0.5 }, WALLS)).toBeNull();
  });
  test('from a camera that stands anywhere a place is found again, to a centimetre', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 10_000 }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        fc.double({ min: 0, max: 2.4, noNaN: true }),
        (seed, x, y) => {
          // A pinhole camera's own corners, and the window that they are the corners of.
          const { corners } = takenBy(seed);
          const frame: PhotoFrame = { corners, wall: 0, part: { x: 1, y: 0.8, widthM: 2, heightM: 1.2 } };
          const seen = placeInPhoto(frame, { wall: 0, x, y });
          if (!seen) return;
          const found = placeOnWall(frame, seen, WALLS)!;
          expect(Math.abs(found.x - x)).toBeLessThan(0.006);
          expect(Math.abs(found.y - y)).toBeLessThan(0.006);
        },
      ),
      // On the skirting line itself, where the way there and back ends a hair below the floor.
      {
        examples: [
          [1742, 2.7790440441019686, 0],
          [7, 0, 2.4],
        ],
      },
    );
  });
  test('a straight line on the wall is a straight line in the photo, and there and back is the same', () => {
    for (const seed of [1, 2, 3, 4, 5]) {
      const { corners } = takenBy(seed);
      const [into, out] = [intoPicture(corners), outOfPicture(corners)];
      const [a, b, c] = [0.1, 0.45, 0.9].map((t) => into(t, 0.2 + 0.5 * t)) as [Point, Point, Point];
      expect((b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x)).toBeCloseTo(0, 9);
      for (const [u, v] of [
        [0, 0],
        [1, 1],
        [0.3, 0.8],
        [-0.2, 1.1],
      ] as const)
        expect(out(into(u, v))).toEqual({ along: near(u), down: near(v) });
    }
  });
  test('what lies beside the wall is no place on it', () => {
    const { corners } = takenBy(9);
    const frame: PhotoFrame = { corners, wall: 0, part: { x: 0, y: 0, widthM: 4, heightM: 2.4 } };
    expect(placeOnWall(frame, { x: 0.001, y: 0.001 }, WALLS)).toBeNull();
  });
});
interface Point {
  x: number;
  y: number;
}
