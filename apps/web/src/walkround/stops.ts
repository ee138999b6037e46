import {
  facesSun,
  likelyCauses,
  moistureLimit,
  roundOf,
  type LikelyCause,
  type RoundPlace,
  type RoundSeen,
  type TestKind,
  testsThatStand,
} from '@rustic/core';
import type { Room, SurfaceBrief, WholeJob } from '../store/endpoints.ts';

const YEAR_MS = 365.25 * 86_400_000;
/** What was seen and read on one surface, as the search for a cause reads it. */
export function seenOn(
  surface: Pick<SurfaceBrief, 'facts' | 'tests' | 'conditions' | 'lastCoatAt'>,
  room: Pick<Room, 'facing'>,
  hemisphere: 'northern' | 'southern',
  now: number,
): RoundSeen {
  const standing = testsThatStand(surface.tests);
  const last = (kind: TestKind) => standing.filter((t) => t.test.kind === kind).at(-1)?.test;
  return {
    flags: surface.conditions,
    moisture: last('moisture-meter')?.value ?? null,
    moistureLimit: moistureLimit(surface.facts.substrate),
    rot: (last('rot-probe')?.result as RoundSeen['rot']) ?? null,
    facesSun: facesSun(room.facing, hemisphere),
    filmYears: surface.lastCoatAt ? (now - Date.parse(surface.lastCoatAt)) / YEAR_MS : null,
    plane: standing.flatMap((t) => (t.test.plane ? [t.test.plane] : [])).at(-1) ?? null,
  };
}

/** A place of the round on one surface, with the cause that is likeliest where something is wrong. */
export interface RoundStop {
  key: string;
  place: RoundPlace;
  surface: SurfaceBrief;
  room: Room;
  cause: LikelyCause | null;
}

/** Every place of the round, elevation by elevation, from the top down. */
export function stopsOf(data: WholeJob, hemisphere: 'northern' | 'southern', now: number): RoundStop[] {
  return data.rooms
    .filter((r) => r.kind === 'elevation')
    .flatMap((room) => {
      const surfaces = data.surfaces.filter((s) => s.roomId === room.id);
      return roundOf(surfaces.map((s) => ({ id: s.id, element: s.facts.element }))).flatMap((line) =>
        line.surfaces.map((id): RoundStop => {
          const surface = surfaces.find((s) => s.id === id)!;
          const seen = seenOn(surface, room, hemisphere, now);
          const wrong =
            surface.conditions.some((c) => line.place.flags.includes(c)) || (seen.moisture ?? 0) > seen.moistureLimit;
          return {
            key: `${line.place.id}/${id}`,
            place: line.place,
            surface,
            room,
            cause: wrong ? likelyCauses(line.place, seen)[0]! : null,
          };
        }),
      );
    });
}
