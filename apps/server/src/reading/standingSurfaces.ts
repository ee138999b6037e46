import { In } from 'typeorm';
import { JobEntity, RoomEntity, SurfaceEntity } from '../record/jobEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';
import { STANDS } from '../record/takenOut.ts';

/** Of these surfaces those that were not taken out, nor their room, nor their job; by id. */
export async function standingSurfaces(scope: FirmScope, ids: readonly string[]): Promise<Map<string, SurfaceEntity>> {
  const surfaces = await scope.find(SurfaceEntity, { id: In([...new Set(ids)]), ...STANDS });
  const [rooms, jobs] = await Promise.all([
    scope.find(RoomEntity, { id: In([...new Set(surfaces.map((s) => s.roomId))]), ...STANDS }),
    scope.find(JobEntity, { id: In([...new Set(surfaces.map((s) => s.jobId))]), ...STANDS }),
  ]);
  const there = new Set([...rooms, ...jobs].map((row) => row.id));
  return new Map(surfaces.filter((s) => there.has(s.roomId) && there.has(s.jobId)).map((s) => [s.id, s]));
}
