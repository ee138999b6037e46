import { describe, expect, test } from '@jest/globals';
import { Clipper, FillRule, type PathsD } from 'clipper2-ts';
import { randomLcg, randomUniform } from 'd3-random';
import {
  colourPartsSchema,
  drawParts,
  usualFace,
  type ColourPart,
  type ColourParts,
  type PartShape,
  type RoomSketch,
} from '../src/index.ts';
import { outlineOn, smoothThrough } from '../src/colourParts/outlines.ts';
import { areaOfRegion, boundOfRegion, paintedWall, seenRegions, wholeRegions } from '../src/colourParts/regions.ts';
import { roundsOfTaping } from '../src/colourParts/rounds.ts';

const ROOM: RoomSketch = {
  walls: [
    { name: 'first wall', widthM: 4, heightM: 2.5, openings: [] },
    {
      name: 'second wall',
      widthM: 3,
      heightM: 2.5,
      openings: [{ kind: 'window', x: 1, y: 0.9, widthM: 1.2, heightM: 1.2 }],
    },
  ],
};
const part = (id: string, shape: PartShape, colour = '#2c5b6e'): ColourPart => ({
  id,
  name: `part ${id}`,
  colour,
  sheen: null,
  shape,
  note: '',
});
const drawn = (parts: ColourPart[], face: ColourParts['face'] = { kind: 'walls' }, sketch: RoomSketch | null = ROOM) =>
  drawParts({ face, parts }, sketch, null);
const band = (fromM: number, toM: number, walls = [0, 1]): PartShape => ({ kind: 'band', walls, fromM, toM });

describe('what a part covers', () => {
  test('a dado runs along every wall, stops at openings, and is taped where it meets the ground', () => {
    const { parts, groundM2, faceM2 } = drawn([part('a', band(0, 1.1))]);
    // Both walls to 1.1 m, less the foot of the window, 0.2 m of it.
    expect(parts[0]!.areaM2).toBeCloseTo(7 * 1.1 - 1.2 * 0.2, 6);
    // Along both walls but for the window.
    expect(parts[0]!.tapeM).toBeCloseTo(4 + 3 - 1.2, 6);
    expect(parts[0]!.curvedM).toBe(0);
    expect(faceM2).toBeCloseTo(7 * 2.5 - 1.44, 6);
    expect(groundM2).toBeCloseTo(faceM2 - parts[0]!.areaM2, 6);
  });

  test('a wave has the area and the length of its integral, and runs on round the corner', () => {
    const wave: PartShape = {
      kind: 'wave',
      walls: [0, 1],
      side: 'below',
      heightM: 1.2,
      swingM: 0.2,
      lengthM: 1.4,
      startM: 0.35,
    };
    const bare: RoomSketch = { walls: ROOM.walls.map((w) => ({ ...w, openings: [] })) };
    const { parts } = drawn([part('a', wave)], { kind: 'walls' }, bare);
    const height = (x: number) => 1.2 + 0.2 * Math.sin((2 * Math.PI * (x - 0.35)) / 1.4);
    const steep = (x: number) => ((0.2 * 2 * Math.PI) / 1.4) * Math.cos((2 * Math.PI * (x - 0.35)) / 1.4);
    const [area, length] = [integral(height, 7), integral((x) => Math.hypot(1, steep(x)), 7)];
    expect(parts[0]!.areaM2).toBeCloseTo(area, 2);
    expect(parts[0]!.tapeM).toBeCloseTo(length, 1);
    expect(parts[0]!.curvedM).toBeCloseTo(parts[0]!.tapeM, 9);
    // The line of the second wall begins at the height at which that of the first ended.
    const [end, start] = [outlineOn(wave, bare.walls, 0)[0]!.at(-2)!, outlineOn(wave, bare.walls, 1)[0]![1]!];
    expect(end[1]).toBeCloseTo(start[1], 9);
    expect(end[1]).toBeCloseTo(height(4), 9);
  });

  test('stripes are as many as are wanted and as fit, upright or level', () => {
    const upright: PartShape = {
      kind: 'stripes',
      walls: [0],
      way: 'upright',
      firstM: 0.25,
      widthM: 0.3,
      gapM: 0.7,
      count: 9,
    };
    expect(drawn([part('a', upright)]).parts[0]!.areaM2).toBeCloseTo(4 * 0.3 * 2.5, 6);
    expect(drawn([part('a', upright)]).parts[0]!.tapeM).toBeCloseTo(8 * 2.5, 6);
    const level: PartShape = { kind: 'stripes', walls: [0], way: 'level', firstM: 2.4, widthM: 0.3, gapM: 1, count: 2 };
    // What reaches over the ceiling is cut off there.
    expect(drawn([part('a', level)]).parts[0]!.areaM2).toBeCloseTo(4 * 0.1, 6);
  });

  test('a later part lies over an earlier one; what is hidden wholly is nothing', () => {
    const { parts } = drawn([part('a', band(0, 1, [0])), part('b', band(0.5, 1.5, [0]))]);
    expect(parts.map((p) => p.areaM2)).toEqual([expect.closeTo(2, 6), expect.closeTo(4, 6)]);
    const hidden = drawn([part('a', band(0.2, 0.8, [0])), part('b', band(0, 1, [0]))]).parts[0]!;
    expect([hidden.areaM2, hidden.round, hidden.tapeM]).toEqual([0, 0, 0]);
  });

  test('a face of its own counts as often as it is there; figures are taken as they are said', () => {
    const face = { kind: 'own', widthM: 0.6, heightM: 0.8, count: 6 } as const;
    const { parts, faceM2 } = drawn(
      [part('a', band(0, 0.2, [0])), part('b', { kind: 'figures', areaM2: 3.5, edgeM: 12 })],
      face,
      null,
    );
    expect(faceM2).toBeCloseTo(6 * 0.48, 9);
    expect(parts[0]!.areaM2).toBeCloseTo(6 * 0.12, 9);
    expect(parts[0]!.tapeM).toBeCloseTo(6 * 0.6, 9);
    expect([parts[1]!.areaM2, parts[1]!.tapeM, parts[1]!.round]).toEqual([3.5, 12, 1]);
  });

  test('walls are drawn on the sketch, a door on its own face, what nobody measured on a square of its area', () => {
    const doors = { shape: 'doors', pattern: 'flush', widthM: 0.8, heightM: 2, bothSides: true, count: 3 } as const;
    expect(usualFace({ element: 'wall', areaM2: 30 }, null, ROOM)).toEqual({ kind: 'walls' });
    expect(usualFace({ element: 'door', areaM2: 10 }, doors as never, ROOM)).toEqual({
      kind: 'own',
      widthM: 0.8,
      heightM: 2,
      count: 6,
    });
    expect(usualFace({ element: 'cabinet', areaM2: 4 }, null, ROOM)).toEqual({
      kind: 'own',
      widthM: 2,
      heightM: 2,
      count: 1,
    });
  });

  test('without a sketch nothing is seen of a part that is drawn on walls', () => {
    const { parts, rounds } = drawn([part('a', band(0, 1))], { kind: 'walls' }, null);
    expect([parts[0]!.areaM2, rounds]).toEqual([0, 0]);
  });
});

const integral = (f: (x: number) => number, to: number, n = 20_000) =>
  Array.from({ length: n }, (_, i) => f(((i + 0.5) * to) / n)).reduce((a, b) => a + b, 0) * (to / n);

/** The same by another library of geometry, in millimetres. */
function byAnother(shapes: readonly PartShape[], wall: number) {
  const path = (points: readonly (readonly number[])[]): PathsD => [points.map(([x, y]) => ({ x: x!, y: y! }))];
  const area = (paths: PathsD) => Math.abs(Clipper.areaPathsD(paths));
  const bound = (paths: PathsD) =>
    paths.reduce(
      (sum, p) =>
        sum +
        p.reduce((all, a, i) => all + Math.hypot(a.x - p[(i + 1) % p.length]!.x, a.y - p[(i + 1) % p.length]!.y), 0),
      0,
    );
  const { widthM, heightM, openings } = ROOM.walls[wall]!;
  const corners = (x: number, y: number, w: number, h: number) => [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ];
  const PLACES = 6;
  const painted = Clipper.differenceD(
    path(corners(0, 0, widthM, heightM)),
    openings.flatMap((o) => path(corners(o.x, o.y, o.widthM, o.heightM))),
    FillRule.NonZero,
    PLACES,
  );
  return shapes.map((shape, k) => {
    const own = outlineOn(shape, ROOM.walls, wall).flatMap((points) => path(points));
    const on = Clipper.intersectD(own, painted, FillRule.EvenOdd, PLACES);
    const seen = shapes
      .slice(k + 1)
      .flatMap((later) => outlineOn(later, ROOM.walls, wall))
      .reduce((left, points) => Clipper.differenceD(left, path(points), FillRule.EvenOdd, PLACES), on);
    return { area: area(seen), bound: bound(seen) };
  });
}

describe('geometry beside another library', () => {
  test('300 drawings of overlapping shapes have the same areas and bounds', () => {
    const random = randomUniform.source(randomLcg(0.37));
    const u = random(0, 1);
    const between = (a: number, b: number) => a + u() * (b - a);
    const shape = (): PartShape => {
      const pick = u();
      if (pick < 0.25) {
        const fromM = between(0, 2);
        return { kind: 'band', walls: [0, 1], fromM, toM: fromM + between(0.1, 1) };
      }
      if (pick < 0.5)
        return {
          kind: 'stripes',
          walls: [1],
          way: u() < 0.5 ? 'upright' : 'level',
          firstM: between(0, 0.6),
          widthM: between(0.05, 0.5),
          gapM: between(0.05, 0.6),
          count: 4,
        };
      if (pick < 0.75)
        return {
          kind: 'wave',
          walls: [0, 1],
          side: u() < 0.5 ? 'below' : 'above',
          heightM: between(0.6, 2),
          swingM: between(0, 0.4),
          lengthM: between(0.4, 3),
          startM: between(-1, 1),
        };
      // Round a middle, so that the line does not cross itself.
      const [cx, cy] = [between(0.5, 2.5), between(0.5, 2)];
      const points = Array.from({ length: 7 }, (_, i) => {
        const r = between(0.2, 0.9);
        return { x: cx + r * Math.cos((i * 2 * Math.PI) / 7), y: cy + r * Math.sin((i * 2 * Math.PI) / 7) };
      });
      return { kind: 'outline', wall: 1, round: false, points };
    };
    for (let n = 0; n < 300; n++) {
      const shapes = Array.from({ length: 1 + Math.floor(u() * 4) }, shape);
      const ours = seenRegions(wholeRegions(shapes, ROOM.walls));
      const theirs = byAnother(shapes, 1);
      shapes.forEach((_, k) => {
        expect(areaOfRegion(ours[k]![1]!)).toBeCloseTo(theirs[k]!.area, 2);
        // Where lines of two shapes lie on each other a sliver may stay with one library and go with the other.
        expect(Math.abs(boundOfRegion(ours[k]![1]!) - theirs[k]!.bound)).toBeLessThan(0.02);
      });
    }
  });

  test('what is seen of all parts and of the ground together is the wall', () => {
    const shapes: PartShape[] = [
      band(0, 1.4),
      { kind: 'wave', walls: [0, 1], side: 'above', heightM: 1.6, swingM: 0.3, lengthM: 1, startM: 0 },
    ];
    const { parts, groundM2, faceM2 } = drawn(shapes.map((s, i) => part(String(i), s)));
    expect(parts.reduce((sum, p) => sum + p.areaM2, groundM2)).toBeCloseTo(faceM2, 6);
    expect(areaOfRegion(paintedWall(ROOM.walls[1]!))).toBeCloseTo(3 * 2.5 - 1.44, 9);
  });

  test('a smooth outline goes through every point that was set', () => {
    const points = [
      { x: 0, y: 0 },
      { x: 1, y: 0.2 },
      { x: 1.2, y: 1 },
      { x: 0.1, y: 0.8 },
    ];
    const line = smoothThrough(points);
    for (const { x, y } of points) expect(line.some(([a, b]) => Math.hypot(a - x, b - y) < 1e-9)).toBe(true);
  });
});

describe('rounds of taping', () => {
  type Line = [number, number];
  const touching = (lines: Line[], colours: string[], over: Line[] = []) =>
    colours.map((colour, i) => ({
      colour,
      touches: lines.flatMap(([a, b]) => (a === i ? [b] : b === i ? [a] : [])),
      over: over.flatMap(([a, b]) => (b === i ? [a] : [])),
    }));

  test('parts that have no line in common are painted together', () => {
    const rounds = roundsOfTaping(touching([], ['#000000', '#ffffff']));
    expect(new Set(rounds)).toEqual(new Set([0]));
  });

  test('neighbours never are, and the pale ones come first', () => {
    expect(roundsOfTaping(touching([[0, 1]], ['#202020', '#e0e0e0']))).toEqual([1, 0]);
  });

  test('what reaches under another comes before it, however deep its colour is', () => {
    expect(roundsOfTaping(touching([[0, 1]], ['#202020', '#e0e0e0'], [[0, 1]]))).toEqual([0, 1]);
    const { parts } = drawn([
      part('a', band(0, 1.2, [0]), '#202020'),
      part(
        'b',
        { kind: 'stripes', walls: [0], way: 'upright', firstM: 0.5, widthM: 0.2, gapM: 0.4, count: 5 },
        '#eeeeee',
      ),
    ]);
    expect(parts.map((p) => p.round)).toEqual([1, 2]);
    // The deep one is taped along its top between the stripes; the stripes then along all of their edges.
    expect(parts.map((p) => p.tapeM)).toEqual([expect.closeTo(4 - 5 * 0.2, 6), expect.closeTo(10 * 2.5, 6)]);
  });

  test('as few as trying out every sharing finds, on 200 drawn maps', () => {
    const u = randomUniform.source(randomLcg(0.61))(0, 1);
    for (let n = 0; n < 200; n++) {
      const size = 2 + Math.floor(u() * 4);
      const [lines, over]: [Line[], Line[]] = [[], []];
      for (let a = 0; a < size; a++)
        for (let b = a + 1; b < size; b++) {
          if (u() >= 0.5) continue;
          lines.push([a, b]);
          if (u() < 0.3) over.push([a, b]);
        }
      const colours = Array.from({ length: size }, () => (u() < 0.5 ? '#444444' : '#dddddd'));
      const rounds = roundsOfTaping(touching(lines, colours, over));
      for (const [a, b] of lines) expect(rounds[a]).not.toBe(rounds[b]);
      for (const [a, b] of over) expect(rounds[a]!).toBeLessThan(rounds[b]!);
      expect(Math.max(...rounds) + 1).toBe(fewest(size, lines, over));
    }
  });

  /** Every way to share so many parts out. */
  function fewest(size: number, lines: readonly Line[], over: readonly Line[]): number {
    let best = size;
    for (let way = 0; way < size ** size; way++) {
      const of = (i: number) => Math.floor(way / size ** i) % size;
      if (lines.some(([a, b]) => of(a) === of(b)) || over.some(([a, b]) => of(a) >= of(b))) continue;
      best = Math.min(best, Math.max(...Array.from({ length: size }, (_, i) => of(i))) + 1);
    }
    return best;
  }

  test('only the line with the ground and with earlier rounds is taped: no line twice', () => {
    const { parts, rounds } = drawn([part('a', band(0, 1, [0]), '#dddddd'), part('b', band(1, 1.2, [0]), '#222222')]);
    expect(rounds).toBe(2);
    // Pale below, with no line to the ground above it; the deep rail is taped at both of its edges.
    expect(parts.map((p) => [p.round, Math.round(p.tapeM * 1000)])).toEqual([
      [1, 0],
      [2, 8000],
    ]);
  });
});

describe('one colour', () => {
  test('where two parts of one colour meet there is no line, and they are painted together', () => {
    const { parts, rounds } = drawn([part('a', band(0, 1, [0])), part('b', band(1, 1.4, [0]))]);
    expect(rounds).toBe(1);
    expect(parts.map((p) => p.tapeM)).toEqual([0, expect.closeTo(4, 6)]);
  });
  test('a part in the colour of the ground is not taped against it', () => {
    const given = { face: { kind: 'walls' as const }, parts: [part('a', band(0, 1, [0]), '#EFE9DC')] };
    expect(drawParts(given, ROOM, null, '#efe9dc').parts[0]!.tapeM).toBe(0);
    expect(drawParts(given, ROOM, null, '#ffffff').parts[0]!.tapeM).toBeCloseTo(4, 6);
  });
});

describe('what is refused', () => {
  const whole = (parts: unknown[]) => colourPartsSchema.safeParse({ face: { kind: 'walls' }, parts });
  test('two parts of one name, a band that ends below its start, a shape on no wall', () => {
    expect(whole([part('a', band(0, 1)), { ...part('b', band(1, 2)), name: 'Part A ' }]).success).toBe(false);
    expect(whole([part('a', band(1, 0.5))]).success).toBe(false);
    expect(whole([part('a', band(0, 1, []))]).success).toBe(false);
    expect(
      whole([
        part('a', {
          kind: 'outline',
          wall: 0,
          round: true,
          points: [
            { x: 0, y: 0 },
            { x: 1, y: 1 },
          ],
        }),
      ]).success,
    ).toBe(false);
    expect(whole([part('a', band(0, 1))]).success).toBe(true);
  });
});
