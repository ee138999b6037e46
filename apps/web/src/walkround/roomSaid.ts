import { wholeElevation, wholeRoom, type Exposure, type Substrate } from '@rustic/core';

/** A room while it is being typed. */
export interface RoomSaid {
  outside: boolean;
  length: string;
  width: string;
  height: string;
  windows: number;
  doors: number;
  ceiling: boolean;
  walls: boolean;
  trim: boolean;
  exposure: Exposure;
  ground: Substrate;
  timber: Substrate;
}

/** What follows from what was said, or null while a size is missing. */
export function madeOf(said: RoomSaid, read: (text: string) => number | null) {
  const [lengthM, widthM, heightM] = [said.length, said.width, said.height].map(read);
  const { windows, doors, exposure, timber } = said;
  if (!lengthM || !heightM) return null;
  if (said.outside)
    return wholeElevation({
      widthM: lengthM,
      heightM,
      windows,
      doors,
      exposure,
      timber,
      face: { element: said.ground === 'softwood' ? 'siding' : 'masonry', substrate: said.ground },
    });
  if (!widthM) return null;
  const { ceiling, walls, trim } = said;
  return wholeRoom({
    lengthM,
    widthM,
    heightM,
    windows,
    doors,
    ceiling,
    walls,
    trim,
    exposure,
    plaster: said.ground,
    timber,
  });
}
