import { sameColour } from '../model/colour.ts';
import type { ColourPart, ColourParts } from '../model/colourParts.ts';
import type { RoomSketch } from '../model/records/room.ts';
import { timesDone, wallsOf } from './face.ts';
import { GROUND_STOPS_FROM, LEAST_LINE_M } from './knowledge/taping.ts';
import { isCurved } from './outlines.ts';
import {
  areaOfRegion,
  groundsSeen,
  overlap,
  paintedWall,
  seenRegions,
  sharedLine,
  wholeRegions,
  type Region,
} from './regions.ts';
import { roundsOfTaping } from './rounds.ts';

/** A part as it comes out on the drawing. Areas and lengths over all of the face, however often it is there. */
export interface PartDrawn {
  part: ColourPart;
  /** What is seen of it on each wall. */
  regions: Region[];
  areaM2: number;
  /** Its line that is taped: with the ground, and with parts of earlier rounds. Of it, so much is no straight line. */
  tapeM: number;
  curvedM: number;
  /** Its line with the ground. */
  groundLineM: number;
  /** In which round of taping it is painted, from 1; 0 where nothing of it is seen. */
  round: number;
  /** Painted over the coats of the ground; else the ground stops at its line. */
  overGround: boolean;
}

/** The parts of a surface, measured. */
export interface PartsDrawn {
  parts: PartDrawn[];
  /** All of the face that is drawn, without its openings, in m². */
  faceM2: number;
  /** What the ground is seen of, in m². */
  groundM2: number;
  rounds: number;
}

/** Along which walls two parts meet, and how long the line is. */
const meet = (one: readonly Region[], other: readonly Region[]) =>
  one.reduce((sum, region, w) => sum + sharedLine(region, other[w]!), 0);

/** True where a part reaches under a later one. */
const laps = (under: readonly Region[], over: readonly Region[]) =>
  under.some((region, w) => overlap(region, over[w]!));

/** The line of one part with another, or none where they touch at a corner only. */
const lineOf = (lengthM: number) => (lengthM < LEAST_LINE_M ? 0 : lengthM);

/**
 * Measures the parts of a surface on its drawing: the area of each as it is seen, the line that is taped, and in which
 * round of taping it comes. `surfaceM2` is the painted area of the surface, null where nobody knows it: then the
 * drawing's own counts. Where two of one colour meet there is no line.
 */
export function drawParts(
  given: ColourParts,
  sketch: RoomSketch | null,
  surfaceM2: number | null,
  groundColour: string | null = null,
): PartsDrawn {
  const walls = wallsOf(given.face, sketch);
  const times = timesDone(given);
  const whole = wholeRegions(
    given.parts.map((p) => p.shape),
    walls,
  );
  const regions = seenRegions(whole);
  const grounds = groundsSeen(walls, regions);
  const area = given.parts.map(({ shape }, k) =>
    shape.kind === 'figures' ? shape.areaM2 : times * regions[k]!.reduce((sum, r) => sum + areaOfRegion(r), 0),
  );
  const isOne = (k: number, j: number) => sameColour(given.parts[k]!.colour, given.parts[j]!.colour);
  const lines = regions.map((one, k) =>
    regions.map((other, j) => (j === k || isOne(k, j) ? 0 : lineOf(meet(one, other)))),
  );
  const seen = given.parts.flatMap((_, k) => (area[k]! > 0 ? [k] : []));
  const rounds = roundsOfTaping(
    seen.map((k) => ({
      colour: given.parts[k]!.colour,
      touches: seen.flatMap((j, at) => (lines[k]![j]! > 0 ? [at] : [])),
      over: seen.flatMap((j, at) => (j < k && lines[k]![j]! > 0 && laps(whole[j]!, whole[k]!) ? [at] : [])),
    })),
  );
  const roundOf = (k: number) => (rounds[seen.indexOf(k)] ?? -1) + 1;
  const faceM2 = times * walls.reduce((sum, wall) => sum + areaOfRegion(paintedWall(wall)), 0);
  const surface = surfaceM2 ?? faceM2;
  const parts = given.parts.map((part, k): PartDrawn => {
    const isGround = groundColour !== null && sameColour(part.colour, groundColour);
    const withGround = isGround ? 0 : lineOf(meet(regions[k]!, grounds));
    const taped = [
      { lengthM: withGround, curved: isCurved(part.shape) },
      ...given.parts.flatMap((_, j) =>
        lines[k]![j]! > 0 && roundOf(j) < roundOf(k)
          ? // Where two meet, the line is that of the upper one.
            [{ lengthM: lines[k]![j]!, curved: isCurved(given.parts[Math.max(j, k)]!.shape) }]
          : [],
      ),
    ];
    const said = part.shape.kind === 'figures' ? part.shape.edgeM : 0;
    const sum = (of: typeof taped) => times * of.reduce((all, one) => all + one.lengthM, 0);
    return {
      part,
      regions: regions[k]!,
      areaM2: area[k]!,
      tapeM: said + sum(taped),
      curvedM: sum(taped.filter((one) => one.curved)),
      groundLineM: said + times * withGround,
      round: roundOf(k),
      overGround: surface > 0 && area[k]! / surface < GROUND_STOPS_FROM,
    };
  });
  return {
    parts,
    faceM2,
    groundM2: Math.max(0, surface - area.reduce((a, b) => a + b, 0)),
    rounds: Math.max(0, ...parts.map((p) => p.round)),
  };
}
