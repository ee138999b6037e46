import type { RoomSketch, SketchOpening, SketchWall } from '../model/records/room.ts';
/** A part that the client keeps out, drawn at its boundary. */
export interface SketchExclusion {
  wall: number;
  x: number;
  y: number;
  widthM: number;
  heightM: number;
}

const NAMES = ['first wall', 'second wall', 'third wall', 'fourth wall'];

/** How large openings are taken to be, until they are measured, in metres. Source: usual sizes. */
export const USUAL_OPENING = {
  window: { widthM: 1.2, heightM: 1.2, y: 0.9 },
  door: { widthM: 0.84, heightM: 2.03, y: 0 },
} as const;

/**
 * Unfolds a room of four walls, and shares doors and windows out over them: doors from the first wall, windows from
 * the opposite one, evenly spaced. A start to be dragged right, not a survey.
 */
export function unfold(room: {
  lengthM: number;
  widthM: number;
  heightM: number;
  windows: number;
  doors: number;
}): RoomSketch {
  const widths = [room.lengthM, room.widthM, room.lengthM, room.widthM];
  const on: { kind: 'window' | 'door'; wall: number }[] = [
    ...Array.from({ length: room.doors }, (_, i) => ({ kind: 'door' as const, wall: [0, 3, 1, 2][i % 4]! })),
    ...Array.from({ length: room.windows }, (_, i) => ({ kind: 'window' as const, wall: [2, 1, 2, 3][i % 4]! })),
  ];
  return {
    walls: widths.map((widthM, wall) => {
      const here = on.filter((o) => o.wall === wall);
      return {
        name: NAMES[wall]!,
        widthM,
        heightM: room.heightM,
        openings: here.map(({ kind }, i): SketchOpening => {
          const size = USUAL_OPENING[kind];
          const width = Math.min(size.widthM, (widthM / here.length) * 0.9);
          const height = Math.min(size.heightM, room.heightM * 0.9);
          return {
            kind,
            widthM: width,
            heightM: height,
            x: round((widthM * (i + 0.5)) / here.length - width / 2),
            y: Math.min(size.y, room.heightM - height),
          };
        }),
      };
    }),
  };
}

const round = (x: number) => Math.round(x * 100) / 100;

/** Where each wall begins when they are laid in a row, with a gap between, in metres. */
export function unfoldedAt(sketch: RoomSketch, gapM = 0.25): { x: number[]; widthM: number; heightM: number } {
  const x: number[] = [];
  let at = 0;
  for (const wall of sketch.walls) {
    x.push(at);
    at += wall.widthM + gapM;
  }
  return { x, widthM: Math.max(0, at - gapM), heightM: Math.max(0, ...sketch.walls.map((w) => w.heightM)) };
}

/** The openings of a wall as what is taken off its area. */
export const openingAreaM2 = (wall: SketchWall) => wall.openings.reduce((sum, o) => sum + o.widthM * o.heightM, 0);
