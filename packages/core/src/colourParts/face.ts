import type { ColourParts, PartsFace } from '../model/colourParts.ts';
import type { Measure } from '../model/measure.ts';
import type { RoomSketch, SketchOpening, SketchWall } from '../model/records/room.ts';
import type { Element } from '../vocabulary/index.ts';

/** The walls that parts are drawn on: those of the room's sketch, or one face of the surface's own. */
export function wallsOf(face: PartsFace, sketch: RoomSketch | null): readonly SketchWall[] {
  if (face.kind === 'walls') return sketch?.walls ?? [];
  return [{ name: 'its face', widthM: face.widthM, heightM: face.heightM, openings: [] as SketchOpening[] }];
}

/** How many there are of the face that is drawn, all done alike. */
export const timesDone = ({ face }: ColourParts): number => (face.kind === 'own' ? face.count : 1);

const FLAT_SHAPES: readonly string[] = ['face', 'panelling', 'siding', 'doors', 'windows'];
const cm = (m: number) => Math.round(m * 100) / 100;
/** How high a wall is taken to be that nobody measured, in metres. */
const USUAL_WALL_M = 2.4;
/** What a room's sketch shows the face of. */
const ON_THE_SKETCH: readonly Element[] = ['wall', 'siding', 'masonry'];

/** The face of a surface as it was measured, where one drawing can show it; null where nobody measured a face. */
function faceMeasured(measure: Measure | null): PartsFace | null {
  if (!measure || !FLAT_SHAPES.includes(measure.shape ?? 'face')) return null;
  const { widthM, heightM, count, bothSides } = measure as {
    widthM: number;
    heightM: number;
    count?: number;
    bothSides?: boolean;
  };
  return { kind: 'own', widthM, heightM, count: (count ?? 1) * (bothSides ? 2 : 1) };
}

/**
 * What the parts of a surface are drawn on where nobody has said it: walls on the room's sketch, all else on its own
 * face as it was measured. A wall that nobody measured is taken to be of usual height, all else to be a square.
 */
export function usualFace(
  { element, areaM2 }: { element: Element; areaM2: number | null },
  measure: Measure | null,
  sketch: RoomSketch | null,
): PartsFace {
  if (sketch?.walls.length && ON_THE_SKETCH.includes(element)) return { kind: 'walls' };
  const measured = faceMeasured(measure);
  if (measured) return measured;
  const area = areaM2 ?? 1;
  const heightM = ON_THE_SKETCH.includes(element) ? USUAL_WALL_M : cm(Math.sqrt(area));
  return { kind: 'own', widthM: cm(area / heightM), heightM, count: 1 };
}
