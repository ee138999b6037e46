import type { SketchPlace } from '../model/fields.ts';
import type { SketchWall } from '../model/records/room.ts';
import type { Damage, WallFeature } from '../vocabulary/index.ts';
import { laidFlat } from './cells.ts';
import { LEAST_PLACES, LEAST_SHARE, PATTERN_ROWS, type Pattern, type PatternRow } from './knowledge/patterns.ts';
import { marksThatStand, type Marked } from './looks.ts';

/** Why damage may lie where it does. */
export interface PatternCause extends Pick<PatternRow, 'code' | 'cause' | 'findOut' | 'stopFirst'> {
  damage: Damage;
  /** How many of its places lie so, of how many. */
  fits: number;
  of: number;
}

const apart = (a: { x: number; y: number }, b: { x: number; y: number }) => Math.hypot(a.x - b.x, a.y - b.y);

/** Whether one place lies as a pattern says. `near` holds the features, laid flat with it. */
function lies(
  pattern: Pattern,
  place: SketchPlace,
  wall: SketchWall,
  flat: { x: number; y: number },
  near: (feature: WallFeature) => readonly { x: number; y: number }[],
): boolean {
  const { x, y } = place;
  switch (pattern.kind) {
    case 'under-opening':
      return wall.openings.some(
        (o) =>
          o.kind === 'window' && x > o.x - 0.25 && x < o.x + o.widthM + 0.25 && y < o.y && y > o.y - pattern.belowM,
      );
    case 'at-opening-corners':
      return wall.openings.some((o) =>
        [o.x, o.x + o.widthM].some((cx) =>
          [o.y, o.y + o.heightM].some((cy) => cy > 0 && Math.hypot(x - cx, y - cy) <= pattern.withinM),
        ),
      );
    case 'foot':
      return y <= pattern.upToM;
    case 'top':
      return y >= wall.heightM - pattern.fromTopM;
    case 'cold-corner': {
      const ends = [x, wall.widthM - x].some((m) => m <= pattern.withinM);
      return ends && [y, wall.heightM - y].some((m) => m <= pattern.withinM);
    }
    case 'near':
      return near(pattern.feature).some((f) => apart(f, flat) <= pattern.withinM);
    case 'evenly-apart':
      return true;
  }
}

/** How far two gaps may differ to count as even. */
const EVEN = 0.18;

/** Whether places lie in lines at even distances, along the wall or up it. */
function evenlyApart(places: readonly { x: number; y: number }[], fromM: number, toM: number): boolean {
  return (['x', 'y'] as const).some((way) => {
    const lines: number[] = [];
    for (const at of places.map((p) => p[way]).sort((a, b) => a - b))
      if (lines.length === 0 || at - lines.at(-1)! > fromM / 2) lines.push(at);
    const gaps = lines.slice(1).map((at, i) => at - lines[i]!);
    if (gaps.length < 2) return false;
    const middle = gaps.reduce((a, b) => a + b, 0) / gaps.length;
    return middle >= fromM && middle <= toM && gaps.every((g) => Math.abs(g - middle) <= EVEN * middle);
  });
}

/**
 * What the places of damage on a surface point to, most telling first: each with how to find out, and what is stopped
 * before anything is painted. One place points to nothing, but beside something that stands there.
 */
export function patternCauses(marks: readonly Marked[], walls: readonly SketchWall[]): PatternCause[] {
  const standing = marksThatStand(marks).filter((m) => m.there && walls[m.place.wall]);
  const flats = laidFlat(
    walls,
    standing.map((m) => m.place),
  );
  const near = (feature: WallFeature) => flats.filter((_, i) => standing[i]!.what === feature);
  return PATTERN_ROWS.flatMap((row) =>
    row.of.flatMap((damage): PatternCause[] => {
      const on = standing.flatMap((m, i) => (m.what === damage ? [i] : []));
      const fits = on.filter((i) => {
        const { place } = standing[i]!;
        return lies(row.where, place, walls[place.wall]!, flats[i]!, near);
      });
      const least = row.where.kind === 'near' ? 1 : LEAST_PLACES;
      const isEven =
        row.where.kind !== 'evenly-apart' ||
        evenlyApart(
          on.map((i) => flats[i]!),
          row.where.fromM,
          row.where.toM,
        );
      if (fits.length < least || fits.length / on.length < LEAST_SHARE || !isEven) return [];
      const { code, cause, findOut, stopFirst } = row;
      return [{ code, damage, cause, findOut, stopFirst, fits: fits.length, of: on.length }];
    }),
  );
}
