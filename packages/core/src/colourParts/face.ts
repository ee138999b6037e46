import type { ColourParts, PartsFace } from '../model/colourParts.ts';
import type { Measure } from '../model/measure.ts';
import type { RoomSketch, SketchOpening, SketchWall } from '../model/records/room.ts';

/** The walls that parts are drawn on: those of the room's sketch, or one face of the surface's own. */
export function wallsOf(face: PartsFace, sketch: RoomSketch | null): readonly SketchWall[] {
  if (face.kind === 'walls') return sketch?.walls ?? [];
  return [{ name: 'its face', widthM: face.widthM, heightM: face.heightM, openings: [] as SketchOpening[] }];
}

/** How many there are of the face that is drawn, all done alike. */
export const timesDone = ({ face }: ColourParts): number => (face.kind === 'own' ? face.count : 1);

const FLAT_SHAPES: readonly string[] = ['face', 'panelling', 'siding', 'doors', 'windows'];

/** The face of a surface as it was measured, where one drawing can show it; null where nobody measured a face. */
export function faceMeasured(measure: Measure | null): Extract<PartsFace, { kind: 'own' }> | null {
  if (!measure || !FLAT_SHAPES.includes(measure.shape ?? 'face')) return null;
  const { widthM, heightM, count, bothSides } = measure as {
    widthM: number;
    heightM: number;
    count?: number;
    bothSides?: boolean;
  };
  return { kind: 'own', widthM, heightM, count: (count ?? 1) * (bothSides ? 2 : 1) };
}
