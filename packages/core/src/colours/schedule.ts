import { sameColour, type NamedColour } from '../model/colour.ts';
import { lightness, reflectancePct } from '../units/colour.ts';
import type { Sheen } from '../vocabulary/index.ts';
import { nameOfColour } from './colourWords.ts';
import { describeColour } from './describe.ts';

/** Where a colour goes: one surface in one sheen. */
export interface ColourPlace {
  surfaceId: string;
  /** A part in a colour of its own; null: the surface but for its parts. */
  partId: string | null;
  room: string;
  name: string;
  /** Null: nobody has chosen one. */
  sheen: Sheen | null;
}

/** A surface as the schedule asks for it. */
export interface ColouredSurface extends ColourPlace {
  colour: string | null;
}

/** A line of a job's colour schedule. */
export interface ScheduleLine {
  colour: string;
  /** Null: it is wanted somewhere, and nobody has named it. */
  named: NamedColour | null;
  /** What it looks like, in words. */
  looks: string;
  /** CIE L*, 0 black to 100 white. */
  lightness: number;
  /** Light reflectance, %. */
  reflectancePct: number;
  places: ColourPlace[];
}

/**
 * Every colour of a job: those that somebody named in their order, then those that are wanted and have no name yet;
 * with where each goes. A name that nothing is painted in yet stands with no place.
 */
export function colourSchedule(
  surfaces: readonly ColouredSurface[],
  named: readonly NamedColour[] | null,
): ScheduleLine[] {
  const all = (named ?? []).map((one) => one.colour);
  for (const { colour } of surfaces) if (colour && !all.some((one) => sameColour(one, colour))) all.push(colour);
  return all.map((colour) => ({
    colour: colour.toLowerCase(),
    named: nameOfColour(colour, named),
    looks: describeColour(colour),
    lightness: lightness(colour) ?? 0,
    reflectancePct: reflectancePct(colour) ?? 0,
    places: surfaces
      .filter((s) => s.colour !== null && sameColour(s.colour, colour))
      .map(({ surfaceId, partId, room, name, sheen }) => ({ surfaceId, partId, room, name, sheen })),
  }));
}
