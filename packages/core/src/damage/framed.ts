import type { SketchPlace } from '../model/fields.ts';
import type { SketchWall } from '../model/records/room.ts';
import { intoPicture, outOfPicture, type Corners, type PicturePoint } from '../patchPicture/corners.ts';

/** What of a wall a photo shows. Metres from the left of the wall and from the floor. */
export interface PhotoFrame {
  corners: Corners;
  wall: number;
  part: { x: number; y: number; widthM: number; heightM: number };
}

/** Where a place of a wall lies in the photo; null: not in it. */
export function placeInPhoto({ corners, wall, part }: PhotoFrame, place: SketchPlace): PicturePoint | null {
  if (place.wall !== wall) return null;
  const { x, y } = intoPicture(corners)((place.x - part.x) / part.widthM, 1 - (place.y - part.y) / part.heightM);
  return x >= 0 && x <= 1 && y >= 0 && y <= 1 ? { x, y } : null;
}

/** Which place of the wall lies at a point of the photo; null: beside the wall. To the centimetre. */
export function placeOnWall(frame: PhotoFrame, point: PicturePoint, walls: readonly SketchWall[]): SketchPlace | null {
  const { corners, wall, part } = frame;
  const on = walls[wall];
  if (!on) return null;
  const { along, down } = outOfPicture(corners)(point);
  const x = toTheCentimetre(part.x + along * part.widthM, on.widthM);
  const y = toTheCentimetre(part.y + (1 - down) * part.heightM, on.heightM);
  return x === null || y === null ? null : { wall, x, y };
}

/** Metres along an edge, to the centimetre; null: beside it. What lies on an end comes back a hair beyond it, and stays on it. */
function toTheCentimetre(metres: number, most: number): number | null {
  if (!(metres > -0.005 && metres < most + 0.005)) return null;
  return Math.min(most, Math.max(0, Math.round(metres * 100) / 100));
}
