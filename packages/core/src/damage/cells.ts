import type { SketchPlace } from '../model/fields.ts';
import type { SketchWall } from '../model/records/room.ts';
import { unfoldedAt } from '../walkround/roomSketch.ts';

/** A small square of a wall that is painted. */
export interface WallCell {
  wall: number;
  /** Its middle: metres from the wall's left, and from the floor. */
  x: number;
  y: number;
  widthM: number;
  heightM: number;
}

/** The finest that a wall is looked at, and the most squares that are reckoned with. */
const FINEST_M = 0.2;
const MOST_CELLS = 180;

const inOpening = (wall: SketchWall, x: number, y: number) =>
  wall.openings.some((o) => x > o.x && x < o.x + o.widthM && y > o.y && y < o.y + o.heightM);

function cellsOf(walls: readonly SketchWall[], sideM: number): WallCell[] {
  return walls.flatMap((wall, w) => {
    const [columns, rows] = [wall.widthM, wall.heightM].map((m) => Math.max(1, Math.round(m / sideM)));
    const [dx, dy] = [wall.widthM / columns!, wall.heightM / rows!];
    return Array.from({ length: columns! * rows! }, (_, n): WallCell => {
      const [x, y] = [((n % columns!) + 0.5) * dx, (Math.floor(n / columns!) + 0.5) * dy];
      return { wall: w, x, y, widthM: dx, heightM: dy };
    }).filter(({ x, y }) => !inOpening(wall, x, y));
  });
}

/** The painted squares of some walls, as fine as can be reckoned with. */
export function wallCells(walls: readonly SketchWall[]): WallCell[] {
  let sideM = FINEST_M;
  let cells = cellsOf(walls, sideM);
  while (cells.length > MOST_CELLS) {
    sideM *= Math.max(1.05, Math.sqrt(cells.length / MOST_CELLS));
    cells = cellsOf(walls, sideM);
  }
  return cells;
}

/** Places laid flat: along the walls, corners as though they were none, and from the floor. Metres. */
export function laidFlat(walls: readonly SketchWall[], places: readonly SketchPlace[]): { x: number; y: number }[] {
  const starts = unfoldedAt({ walls }, 0).x;
  return places.map(({ wall, x, y }) => ({ x: (starts[wall] ?? 0) + x, y }));
}

/** How large a square is, in m². */
export const cellM2 = ({ widthM, heightM }: WallCell): number => widthM * heightM;
