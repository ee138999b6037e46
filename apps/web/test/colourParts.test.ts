import { describe, expect, test } from '@jest/globals';
import { colourPartsSchema, drawParts, type ColourParts, type PartShape } from '@rustic/core';
import {
  addPart,
  changePart,
  firstShape,
  handlesOf,
  liftPart,
  SHAPE_WORDS,
  withoutPart,
  withPoint,
  type ShapeKind,
} from '../src/colourParts/partActs.ts';

const WALLS = [
  {
    name: 'first wall',
    widthM: 4,
    heightM: 2.4,
    openings: [{ kind: 'door' as const, x: 1.6, y: 0, widthM: 0.8, heightM: 2 }],
  },
  { name: 'second wall', widthM: 3, heightM: 2.4, openings: [] },
];
const KINDS = Object.keys(SHAPE_WORDS) as ShapeKind[];
const NONE: ColourParts = { face: { kind: 'walls' }, parts: [] };
const all = KINDS.reduce((given, kind) => addPart(given, kind, WALLS, '#3f5b4c'), NONE);

describe('parts that are put on a wall', () => {
  test('each begins as something that can be kept, and is seen', () => {
    expect(colourPartsSchema.safeParse(all).success).toBe(true);
    for (const kind of KINDS) {
      const { parts } = drawParts(addPart(NONE, kind, WALLS, '#3f5b4c'), { walls: WALLS }, null);
      expect(parts[0]!.areaM2).toBeGreaterThan(0);
    }
  });
  test('an outline begins where most of a wall is free', () => {
    expect(firstShape('outline', WALLS)).toMatchObject({ wall: 1 });
  });
  test('two of a kind have names and ids of their own, whatever was taken away between', () => {
    const three = addPart(
      withoutPart(addPart(addPart(NONE, 'band', WALLS, '#111111'), 'band', WALLS, '#111111'), 'p1'),
      'band',
      WALLS,
      '#111111',
    );
    expect(new Set(three.parts.map((p) => p.id)).size).toBe(2);
    expect(new Set(three.parts.map((p) => p.name)).size).toBe(2);
  });
  test('one is laid over the next and back; the last stays where it is', () => {
    const order = (given: ColourParts) => given.parts.map((p) => p.id).join();
    expect(order(liftPart(liftPart(all, 'p1', 1), 'p1', -1))).toBe(order(all));
    expect(order(liftPart(all, all.parts.at(-1)!.id, 1))).toBe(order(all));
    expect(liftPart(all, 'p1', 1).parts[1]!.id).toBe('p1');
  });
});

describe('what is taken hold of', () => {
  test('drawn to where it is, nothing changes', () => {
    for (const { shape } of all.parts)
      for (const handle of handlesOf(shape, WALLS)) {
        const now = handle.to(handle.place.x, handle.place.y);
        const moved = drawParts(
          changePart(addPart(NONE, 'band', WALLS, '#111111'), 'p1', { shape: now }),
          { walls: WALLS },
          null,
        );
        const was = drawParts(
          changePart(addPart(NONE, 'band', WALLS, '#111111'), 'p1', { shape }),
          { walls: WALLS },
          null,
        );
        expect(moved.parts[0]!.areaM2).toBeCloseTo(was.parts[0]!.areaM2, 1);
      }
  });
  test('however it is drawn, what comes of it can be kept', () => {
    for (const { shape } of all.parts)
      for (const handle of handlesOf(shape, WALLS))
        for (const [x, y] of [
          [-3, -3],
          [9, 9],
          [0, 0],
          [2, 1.2],
        ] as const) {
          const given = changePart(addPart(NONE, 'band', WALLS, '#111111'), 'p1', { shape: handle.to(x, y) });
          expect(colourPartsSchema.safeParse(given).error?.issues ?? []).toEqual([]);
        }
  });
  test('a tap puts a point into the side that it is nearest to', () => {
    const square: Extract<PartShape, { kind: 'outline' }> = {
      kind: 'outline',
      wall: 0,
      round: false,
      points: [
        { x: 0, y: 0 },
        { x: 1, y: 0 },
        { x: 1, y: 1 },
        { x: 0, y: 1 },
      ],
    };
    expect(withPoint(square, 1.1, 0.5)).toMatchObject({
      points: [{ x: 0 }, { x: 1, y: 0 }, { x: 1.1, y: 0.5 }, { x: 1, y: 1 }, {}],
    });
    expect(withPoint(square, -0.1, 0.5)).toMatchObject({ points: [{}, {}, {}, {}, { x: -0.1, y: 0.5 }] });
  });
});
