import { ConflictException, Injectable } from '@nestjs/common';
import type { Withdrawn } from '@rustic/core';
import { In, type EntityTarget } from 'typeorm';
import { DocumentEntity } from '../record/documentEntities.ts';
import { FindingEntity, PhotoEntity, TestRecordEntity } from '../record/evidenceEntities.ts';
import type { Versioned } from '../record/firmOwned.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { JobEntity, RoomEntity, SurfaceEntity } from '../record/jobEntities.ts';
import { Ledger } from '../record/ledger.service.ts';
import { FaultMarkEntity } from '../record/punchEntities.ts';
import {
  AirReadingEntity,
  AirSeriesEntity,
  FollowUpEntity,
  StepHoldEntity,
  WorkLogEntity,
} from '../record/siteEntities.ts';
import { SystemChoiceEntity } from '../record/systemEntities.ts';
import { TrialEntity } from '../record/trialEntities.ts';
import { refuseTakenOut, standing, standingSurface } from '../record/takenOut.ts';
import { Writes } from '../record/writes.service.ts';
import { refusedWith } from '../http/refused.ts';
import type { ReturnBody, WithdrawalBody } from './jobs.dto.ts';

/** Whatever is written about a surface, and so rests on it. */
const ON_SURFACE = [
  TestRecordEntity,
  FindingEntity,
  SystemChoiceEntity,
  WorkLogEntity,
  StepHoldEntity,
  FaultMarkEntity,
  FollowUpEntity,
  TrialEntity,
  PhotoEntity,
] as const satisfies readonly (new () => { surfaceId: string | null })[];
const ON_ROOM = [AirReadingEntity, AirSeriesEntity, PhotoEntity] as const satisfies readonly (new () => {
  roomId: string;
})[];

type Removable = Versioned & { withdrawn: Withdrawn | null };
type What = 'job' | 'room' | 'surface';

/**
 * Takes jobs, rooms and surfaces out, and brings them back. Nothing is ever rubbed out: the row stays, marked, and no
 * page, price or plan has it. Where the record rests on it there has to be a reason.
 */
@Injectable()
export class Withdrawals {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  takeOutJob(who: Who, id: string, body: WithdrawalBody) {
    return this.writes.run(who, async (scope) => {
      const job = await standing(scope, JobEntity, id, 'job');
      const surfaces = await scope.find(SurfaceEntity, { jobId: id });
      const rests =
        (await scope.some(DocumentEntity, { jobId: id })) ||
        (await restsOn(
          scope,
          surfaces.map((s) => s.id),
          ON_SURFACE,
          'surfaceId',
        ));
      return this.takeOut(scope, JobEntity, job, { what: 'job', jobId: id, name: job.title, rests }, body);
    });
  }

  takeOutRoom(who: Who, id: string, body: WithdrawalBody) {
    return this.writes.run(who, async (scope) => {
      const room = await standing(scope, RoomEntity, id, 'room');
      const surfaces = await scope.find(SurfaceEntity, { roomId: id });
      const rests =
        (await restsOn(scope, [id], ON_ROOM, 'roomId')) ||
        (await restsOn(
          scope,
          surfaces.map((s) => s.id),
          ON_SURFACE,
          'surfaceId',
        ));
      return this.takeOut(scope, RoomEntity, room, { what: 'room', jobId: room.jobId, name: room.name, rests }, body);
    });
  }

  takeOutSurface(who: Who, id: string, body: WithdrawalBody) {
    return this.writes.run(who, async (scope) => {
      const surface = await standingSurface(scope, id);
      const rests = await restsOn(scope, [id], ON_SURFACE, 'surfaceId');
      const about = { what: 'surface', jobId: surface.jobId, name: surface.name, rests } as const;
      return this.takeOut(scope, SurfaceEntity, surface, about, body);
    });
  }

  bringJobBack(who: Who, id: string, body: ReturnBody) {
    return this.writes.run(who, async (scope) => {
      const job = await scope.one(JobEntity, id, 'job');
      return this.bringBack(scope, JobEntity, job, { what: 'job', jobId: id, name: job.title }, body);
    });
  }

  bringRoomBack(who: Who, id: string, body: ReturnBody) {
    return this.writes.run(who, async (scope) => {
      const room = await scope.one(RoomEntity, id, 'room');
      return this.bringBack(scope, RoomEntity, room, { what: 'room', jobId: room.jobId, name: room.name }, body);
    });
  }

  bringSurfaceBack(who: Who, id: string, body: ReturnBody) {
    return this.writes.run(who, async (scope) => {
      const surface = await scope.one(SurfaceEntity, id, 'surface');
      refuseTakenOut(await scope.one(RoomEntity, surface.roomId, 'room'), 'room');
      const about = { what: 'surface', jobId: surface.jobId, name: surface.name } as const;
      return this.bringBack(scope, SurfaceEntity, surface, about, body);
    });
  }

  private async takeOut<T extends Removable>(
    scope: FirmScope,
    entity: EntityTarget<T>,
    row: T,
    { what, jobId, name, rests }: { what: What; jobId: string; name: string; rests: boolean },
    { reason = '' }: WithdrawalBody,
  ): Promise<T> {
    const { who } = scope;
    if (rests && reason.trim() === '')
      throw refusedWith([{ path: 'reason', message: `is needed: the record rests on this ${what}` }]);
    await this.ledger.hold(scope, jobId);
    const withdrawn: Withdrawn = { reason: reason.trim(), by: who.name, at: who.now.toISOString() };
    const saved = await scope.change(entity, row, row, { withdrawn } as never);
    await this.ledger.append(scope, {
      jobId,
      kind: `${what}-withdrawn`,
      subject: what === 'job' ? null : row.id,
      at: who.now,
      payload: { name, reason: withdrawn.reason },
    });
    return saved;
  }

  private async bringBack<T extends Removable>(
    scope: FirmScope,
    entity: EntityTarget<T>,
    row: T,
    { what, jobId, name }: { what: What; jobId: string; name: string },
    { note }: ReturnBody,
  ): Promise<T> {
    if (!row.withdrawn)
      throw new ConflictException({
        code: 'stands-already',
        message: `This ${what} stands: it was brought back already, or never taken out. Nothing was written.`,
        theirs: row,
      });
    await this.ledger.hold(scope, jobId);
    const saved = await scope.change(entity, row, row, { withdrawn: null } as never);
    await this.ledger.append(scope, {
      jobId,
      kind: `${what}-brought-back`,
      subject: what === 'job' ? null : row.id,
      at: scope.who.now,
      payload: { name, ...(note ? { note } : {}) },
    });
    return saved;
  }
}

/** Whether anything was written about one of these. */
async function restsOn(
  scope: FirmScope,
  ids: readonly string[],
  tables: typeof ON_SURFACE | typeof ON_ROOM,
  field: 'surfaceId' | 'roomId',
): Promise<boolean> {
  if (ids.length === 0) return false;
  for (const table of tables) if (await scope.some(table as typeof PhotoEntity, { [field]: In([...ids]) })) return true;
  return false;
}
