import { ConflictException } from '@nestjs/common';
import type { Withdrawn } from '@rustic/core';
import { IsNull, type EntityTarget } from 'typeorm';
import type { FirmOwned } from './firmOwned.ts';
import type { FirmScope } from './firmScope.ts';
import { RoomEntity, SurfaceEntity } from './jobEntities.ts';

type Removable = FirmOwned & { withdrawn: Withdrawn | null };

/** Rows that were not taken out, as a condition of a query. */
export const STANDS = { withdrawn: IsNull() };

/** Refuses what was taken out: whoever sent something for it keeps that, and can have the thing brought back first. */
export function refuseTakenOut({ withdrawn }: Pick<Removable, 'withdrawn'>, what: string): void {
  if (!withdrawn) return;
  const reason = withdrawn.reason ? ` (${withdrawn.reason})` : '';
  throw new ConflictException({
    code: 'taken-out',
    message: `This ${what} was taken out by ${withdrawn.by}${reason}. Nothing was written: bring it back before anything else is done with it.`,
    theirs: withdrawn,
  });
}

/** A row that somebody is about to write to: there, and not taken out. */
export async function standing<T extends Removable>(
  scope: FirmScope,
  entity: EntityTarget<T>,
  id: string,
  what: string,
): Promise<T> {
  const row = await scope.one(entity, id, what);
  refuseTakenOut(row, what);
  return row;
}

/** A surface that stands, and its room with it; asked for within a job, one of another job is not there. */
export async function standingSurface(scope: FirmScope, id: string, jobId?: string): Promise<SurfaceEntity> {
  const surface = await standing(scope, SurfaceEntity, id, 'surface');
  refuseTakenOut(await scope.one(RoomEntity, surface.roomId, 'room'), 'room');
  if (jobId !== undefined && surface.jobId !== jobId) await scope.one(SurfaceEntity, '', 'surface');
  return surface;
}
