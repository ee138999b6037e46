import type { RoomSketch } from '../model/records/room.ts';
import type { Element, Exposure, Substrate } from '../vocabulary/index.ts';
import { openingAreaM2, unfold } from './roomSketch.ts';

/** A room as it is walked into: its size in metres, what there is in it, and what it is made of. */
export interface RoomSeen {
  lengthM: number;
  widthM: number;
  heightM: number;
  windows: number;
  doors: number;
  /** Which of the usual surfaces are painted. */
  walls: boolean;
  ceiling: boolean;
  trim: boolean;
  exposure: Exposure;
  /** Of the walls and the ceiling. */
  plaster: Substrate;
  /** Of trim, windows and doors. */
  timber: Substrate;
}

/** A surface as the whole-room entry writes it. */
export interface SurfaceSeen {
  name: string;
  element: Element;
  substrate: Substrate;
  exposure: Exposure;
  areaM2: number;
}

/** Developed height of usual trim, and painted faces of usual joinery, in metres and m². Source: usual sizes. */
const SKIRTING_M = 0.18;
const WINDOW_M2 = 2.4;
const DOOR_M2 = 4.2;
const round = (x: number) => Math.round(x * 100) / 100;

/**
 * A whole room in one go: wall, ceiling, trim, windows and doors with their sizes, and the walls unfolded. Openings
 * are taken off the walls, door widths off the skirting.
 */
export function wholeRoom(room: RoomSeen): { surfaces: SurfaceSeen[]; sketch: RoomSketch } {
  const sketch = unfold(room);
  const wallM2 = sketch.walls.reduce((sum, w) => sum + w.widthM * w.heightM - openingAreaM2(w), 0);
  const skirtingM = sketch.walls.reduce(
    (sum, w) => sum + w.widthM - w.openings.reduce((s, o) => s + (o.kind === 'door' ? o.widthM : 0), 0),
    0,
  );
  const { exposure, plaster, timber } = room;
  const some = (n: number, one: string, many: string) => (n === 1 ? one : `${many}, ${n}`);
  const seen: SurfaceSeen[] = [
    ...(room.ceiling
      ? [
          {
            name: 'Ceiling',
            element: 'ceiling' as const,
            substrate: plaster,
            exposure,
            areaM2: round(room.lengthM * room.widthM),
          },
        ]
      : []),
    ...(room.walls
      ? [{ name: 'Walls', element: 'wall' as const, substrate: plaster, exposure, areaM2: round(wallM2) }]
      : []),
    ...(room.trim
      ? [
          {
            name: 'Skirting and trim',
            element: 'trim' as const,
            substrate: timber,
            exposure,
            areaM2: round(skirtingM * SKIRTING_M),
          },
        ]
      : []),
    ...(room.windows
      ? [
          {
            name: some(room.windows, 'Window', 'Windows'),
            element: 'window' as const,
            substrate: timber,
            exposure,
            areaM2: round(room.windows * WINDOW_M2),
          },
        ]
      : []),
    ...(room.doors
      ? [
          {
            name: some(room.doors, 'Door', 'Doors'),
            element: 'door' as const,
            substrate: timber,
            exposure: exposure === 'interior-dry' ? ('interior-hightouch' as const) : exposure,
            areaM2: round(room.doors * DOOR_M2),
          },
        ]
      : []),
  ];
  return { surfaces: seen.filter((s) => s.areaM2 > 0), sketch };
}

/** A face of the house as it is walked up to. Metres. */
export interface ElevationSeen {
  widthM: number;
  heightM: number;
  windows: number;
  doors: number;
  /** What the face is made of: masonry, or siding on timber. */
  face: { element: 'masonry' | 'siding'; substrate: Substrate } | null;
  timber: Substrate;
  exposure: Exposure;
}

const SILL_M2 = 0.3;

/** A whole elevation in one go: its face, windows with their sills, and doors, and the wall as it stands. */
export function wholeElevation(seen: ElevationSeen): { surfaces: SurfaceSeen[]; sketch: RoomSketch } {
  const { exposure, timber, windows, doors } = seen;
  const unfolded = unfold({ lengthM: seen.widthM, widthM: seen.widthM, heightM: seen.heightM, windows, doors });
  // All that an elevation has is on its one wall: spread over it evenly.
  const openings = unfolded.walls.flatMap((w) => w.openings);
  const each = seen.widthM / Math.max(1, openings.length);
  const wall = {
    name: 'face',
    widthM: seen.widthM,
    heightM: seen.heightM,
    openings: openings.map((o, i) => ({ ...o, x: round(each * (i + 0.5) - o.widthM / 2) })),
  };
  const some = (n: number, one: string, many: string) => (n === 1 ? one : `${many}, ${n}`);
  const counted = (n: number, name: string, many: string, element: Element, m2: number): SurfaceSeen[] =>
    n === 0 ? [] : [{ name: some(n, name, many), element, substrate: timber, exposure, areaM2: round(n * m2) }];
  return {
    surfaces: [
      ...(seen.face
        ? [
            {
              name: seen.face.element === 'masonry' ? 'Wall' : 'Siding',
              ...seen.face,
              exposure,
              areaM2: round(seen.widthM * seen.heightM - openingAreaM2(wall)),
            },
          ]
        : []),
      ...counted(windows, 'Window', 'Windows', 'window', WINDOW_M2),
      ...counted(windows, 'Sill', 'Sills', 'sill', SILL_M2),
      ...counted(doors, 'Door', 'Doors', 'door', DOOR_M2),
    ].filter((s) => s.areaM2 > 0),
    sketch: { walls: [wall] },
  };
}
