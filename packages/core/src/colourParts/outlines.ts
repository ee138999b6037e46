import type { Pair } from 'polygon-clipping';
import type { SketchWall } from '../model/records/room.ts';
import { unfoldedAt } from '../walkround/roomSketch.ts';
import type { OutlinePoint, PartShape } from '../model/colourParts.ts';

type Wave = Extract<PartShape, { kind: 'wave' }>;
type Stripes = Extract<PartShape, { kind: 'stripes' }>;

/** A swing is drawn from so many points: one of 10 cm to either side is then nowhere a tenth of a millimetre off. */
const POINTS_A_SWING = 96;
/** Points between two corners of a smooth outline. */
const POINTS_A_BEND = 24;

/** The height of a wave at a place along the walls, in metres. */
export const heightOfWave = ({ heightM, swingM, lengthM, startM }: Wave, along: number): number =>
  heightM + swingM * Math.sin((2 * Math.PI * (along - startM)) / lengthM);

function waveOn(shape: Wave, walls: readonly SketchWall[], wall: number): Pair[] {
  const { widthM, heightM } = walls[wall]!;
  // Corners without a gap: the line runs on round them.
  const from = unfoldedAt({ walls }, 0).x[wall]!;
  const count = Math.max(2, Math.ceil((widthM / shape.lengthM) * POINTS_A_SWING));
  const line = Array.from({ length: count + 1 }, (_, i): Pair => {
    const x = (widthM * i) / count;
    return [x, Math.max(0, Math.min(heightM, heightOfWave(shape, from + x)))];
  });
  const edge = shape.side === 'below' ? 0 : heightM;
  return [[0, edge], ...line, [widthM, edge]];
}

function stripesOn({ way, firstM, widthM, gapM, count }: Stripes, wall: SketchWall): Pair[][] {
  const across = way === 'upright' ? wall.widthM : wall.heightM;
  return Array.from({ length: count }, (_, i) => firstM + i * (widthM + gapM))
    .filter((from) => from < across)
    .map((from): Pair[] => {
      const to = Math.min(across, from + widthM);
      return way === 'upright'
        ? [
            [from, 0],
            [to, 0],
            [to, wall.heightM],
            [from, wall.heightM],
          ]
        : [
            [0, from],
            [wall.widthM, from],
            [wall.widthM, to],
            [0, to],
          ];
    });
}

/** A closed smooth line through the points (Catmull–Rom): through each, in the direction from the one before to the next. */
export function smoothThrough(points: readonly OutlinePoint[], each = POINTS_A_BEND): Pair[] {
  const n = points.length;
  return points.flatMap((p1, i) => {
    const [p0, p2, p3] = [points[(i + n - 1) % n]!, points[(i + 1) % n]!, points[(i + 2) % n]!];
    return Array.from({ length: each }, (_, k): Pair => {
      const t = k / each;
      const at = (a: number, b: number, c: number, d: number) =>
        0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t ** 2 + (3 * b - a - 3 * c + d) * t ** 3);
      return [at(p0.x, p1.x, p2.x, p3.x), at(p0.y, p1.y, p2.y, p3.y)];
    });
  });
}

/** A shape on one wall as closed lines, before anything is cut off it; none where it does not lie there. */
export function outlineOn(shape: PartShape, walls: readonly SketchWall[], wall: number): Pair[][] {
  if (shape.kind === 'figures') return [];
  if (shape.kind === 'outline') {
    if (shape.wall !== wall) return [];
    return [shape.round ? smoothThrough(shape.points) : shape.points.map(({ x, y }): Pair => [x, y])];
  }
  if (!shape.walls.includes(wall)) return [];
  const { widthM } = walls[wall]!;
  if (shape.kind === 'stripes') return stripesOn(shape, walls[wall]!);
  if (shape.kind === 'wave') return [waveOn(shape, walls, wall)];
  return [
    [
      [0, shape.fromM],
      [widthM, shape.fromM],
      [widthM, shape.toM],
      [0, shape.toM],
    ],
  ];
}

/** True where its edge is no straight line: it is marked from a template. */
export const isCurved = (shape: PartShape): boolean =>
  shape.kind === 'wave' || (shape.kind === 'outline' && shape.round);
