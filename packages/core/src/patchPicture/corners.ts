import { Matrix, solve } from 'ml-matrix';
import type { PatchSetting } from '../model/records/index.ts';

/** Four corners as they lie in a picture: of what was patched, or of a part of a wall. */
export type Corners = PatchSetting['corners'];
/** A place in a picture, as fractions of its width from the left and of its height from the top. */
export type PicturePoint = Corners['topLeft'];

/** Which corner each is: along, and down. In their order round. */
const SQUARE = [
  ['topLeft', 0, 0],
  ['topRight', 1, 0],
  ['bottomRight', 1, 1],
  ['bottomLeft', 0, 1],
] as const;
/** Smaller than this share of the picture nothing can be read off it. */
const LEAST_AREA = 0.01;

const inOrder = (corners: Corners): PicturePoint[] => SQUARE.map(([name]) => corners[name]);

/** Why four corners are none that anything can be read between; null where they are. */
export function cornersRefused(corners: Corners): string | null {
  const round = inOrder(corners);
  const turns = round.map((from, i) => {
    const [along, beyond] = [round[(i + 1) % 4]!, round[(i + 2) % 4]!];
    return (along.x - from.x) * (beyond.y - along.y) - (along.y - from.y) * (beyond.x - along.x);
  });
  if (!turns.every((turn) => turn > 0)) return 'The four corners cross. Set them round what is shown, in their order.';
  return areaOf(round) < LEAST_AREA ? 'What they are set round is too small in this picture. Take it nearer.' : null;
}

/** The shoelace sum: the share of the picture that lies within the corners. */
const areaOf = (round: readonly PicturePoint[]): number =>
  round.reduce((sum, { x, y }, i) => {
    const next = round[(i + 1) % 4]!;
    return sum + (x * next.y - next.x * y) / 2;
  }, 0);

/** The projective map that takes the unit square to four corners: its eight figures. */
function mapTo(corners: Corners): readonly [number, number, number, number, number, number, number, number] {
  const rows = SQUARE.flatMap(([name, u, v]) => {
    const { x, y } = corners[name];
    return [
      [u, v, 1, 0, 0, 0, -u * x, -v * x],
      [0, 0, 0, u, v, 1, -u * y, -v * y],
    ];
  });
  const places = inOrder(corners).flatMap(({ x, y }) => [x, y]);
  return solve(new Matrix(rows), Matrix.columnVector(places)).to1DArray() as [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
  ];
}

/** Where a place between the corners (0 … 1 along them, 0 … 1 down them) lies in the picture, whatever the camera stood like. */
export function intoPicture(corners: Corners): (along: number, down: number) => PicturePoint {
  const [a, b, c, d, e, f, g, h] = mapTo(corners);
  return (u, v) => {
    const depth = g * u + h * v + 1;
    return { x: (a * u + b * v + c) / depth, y: (d * u + e * v + f) / depth };
  };
}

/** The other way: how far along the corners and how far down them a place of the picture lies; beyond 0 … 1 outside them. */
export function outOfPicture(corners: Corners): (point: PicturePoint) => { along: number; down: number } {
  const [a, b, c, d, e, f, g, h] = mapTo(corners);
  return ({ x, y }) => {
    const [p, q, r, s] = [a - g * x, b - h * x, d - g * y, e - h * y];
    const area = p * s - q * r;
    return { along: ((x - c) * s - q * (y - f)) / area, down: (p * (y - f) - r * (x - c)) / area };
  };
}
