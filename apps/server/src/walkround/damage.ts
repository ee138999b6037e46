import { Body, Controller, Get, Injectable, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import {
  cornersRefused,
  JOB_RECORDS,
  newId,
  optional,
  patternCauses,
  pick,
  priceOn,
  withExtent,
  type Case,
  type Damage,
} from '@rustic/core';
import { DamageMarkEntity, PhotoEntity, PhotoFrameEntity } from '../record/evidenceEntities.ts';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { standingSurface } from '../record/takenOut.ts';
import { Writes } from '../record/writes.service.ts';
import { Answers } from '../answers/answer.ts';
import { damageMarkAnswer, damagePage, photoFrameAnswer } from '../answers/damage.ts';
import { bodyOf, noted } from '../http/bodyOf.ts';
import { refusedWith } from '../http/refused.ts';
import { ForHands } from '../people/roles.ts';
import { Sender } from '../people/session.ts';
import { faceWalls, marksOf, zonesOn } from '../reading/damageOf.ts';
import { allStepsOf, caseIn } from '../reading/houseReading.ts';
import { readJob, type JobRecords } from '../reading/jobRecords.ts';

const { damageMarks, photoFrames } = JOB_RECORDS;

export class DamageBody extends bodyOf({
  id: newId,
  ...pick(damageMarks, 'what', 'there', 'place'),
  ...optional(damageMarks, 'note', 'takesBack'),
  at: noted(damageMarks.fields.at),
}) {}

export class PhotoFrameBody extends bodyOf({
  id: newId,
  ...pick(photoFrames, 'photoId', 'corners', 'wall', 'part'),
  at: noted(photoFrames.fields.at),
}) {}

/** Damage where it is, as far as looks and tests tell; what it may come to, and why it is there. */
@Injectable()
export class DamageMarks {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async page(who: Who, surfaceId: string) {
    const scope = this.writes.reading(who);
    const { jobId } = await standingSurface(scope, surfaceId);
    const records = await readJob(scope, jobId);
    const frames = await scope.find(PhotoFrameEntity, { surfaceId }, { at: 'DESC', id: 'DESC' });
    return pageOf(
      records,
      records.surfaces.find((s) => s.id === surfaceId)!,
      frames,
    );
  }

  /** Sets a photo to the part of the wall that it shows: from then on what is tapped in it is on the wall. */
  async frame(who: Who, surfaceId: string, { at, ...said }: PhotoFrameBody) {
    return this.writes.run(who, async (scope) => {
      const { jobId, roomId } = await standingSurface(scope, surfaceId);
      await this.ledger.hold(scope, jobId);
      const photo = await scope.one(PhotoEntity, said.photoId, 'photo');
      if (photo.roomId !== roomId) throw refusedWith([{ path: 'photoId', message: 'is no photo of this room' }]);
      const crossed = cornersRefused(said.corners);
      if (crossed) throw refusedWith([{ path: 'corners', message: crossed }]);
      const row = await scope.add(PhotoFrameEntity, {
        ...said,
        jobId,
        surfaceId,
        byName: who.name,
        at: new Date(at),
      });
      await this.ledger.append(scope, {
        jobId,
        kind: 'photo-framed',
        subject: surfaceId,
        at: row.at,
        payload: { wall: row.wall },
      });
      return row;
    });
  }

  async mark(who: Who, surfaceId: string, { note = '', takesBack = null, at, ...said }: DamageBody) {
    return this.writes.run(who, async (scope) => {
      const { jobId } = await standingSurface(scope, surfaceId);
      await this.ledger.hold(scope, jobId);
      if (takesBack) {
        const other = await scope.one(DamageMarkEntity, takesBack, 'mark');
        if (other.surfaceId !== surfaceId || other.takesBack !== null || other.what !== said.what)
          throw refusedWith([{ path: 'takesBack', message: 'is no mark of this kind on this surface' }]);
      }
      const row = await scope.add(DamageMarkEntity, {
        ...said,
        note,
        takesBack,
        jobId,
        surfaceId,
        byName: who.name,
        at: new Date(at),
      });
      const { id, what, there, place } = row;
      await this.ledger.append(scope, {
        jobId,
        kind: 'damage-marked',
        subject: surfaceId,
        at: row.at,
        payload: { id, what, there, place, note, takesBack },
      });
      return row;
    });
  }
}

/** What the surface costs, were so much of it bad. */
const costAt = (c: Case, steps: Parameters<typeof priceOn>[1], damage: Damage, areaM2: number): number =>
  priceOn(withExtent(c, damage, areaM2), steps).cost;

function pageOf(records: JobRecords, surface: SurfaceEntity, frames: readonly PhotoFrameEntity[]) {
  const { c } = caseIn(records, surface);
  const steps = allStepsOf(records, surface);
  const walls = faceWalls(records, surface);
  const marks = marksOf(records, surface);
  const room = records.rooms.find((r) => r.id === surface.roomId)!;
  return {
    job: { id: records.job.id, title: records.job.title },
    room: { id: room.id, name: room.name },
    surface: { id: surface.id, name: surface.name },
    currency: records.firm.currency,
    walls: [...walls],
    marks,
    photos: records.photos
      .filter((p) => p.surfaceId === surface.id)
      .map(({ id, note, byName, at }) => ({
        id,
        note,
        byName,
        at,
        frame: frames.find((f) => f.photoId === id) ?? null,
      })),
    zones: zonesOn(records, surface).map(({ damage, looks, zone }) => ({
      damage,
      looks: looks.length,
      likelyM2: zone.likelyM2,
      lowM2: zone.lowM2,
      highM2: zone.highM2,
      next: zone.next,
      cells: [...zone.cells],
      odds: zone.odds.map((p) => Math.round(p * 1000) / 1000),
      costLow: costAt(c, steps, damage, zone.lowM2),
      costHigh: costAt(c, steps, damage, zone.highM2),
    })),
    causes: patternCauses(marks, walls),
  };
}

@ApiTags('walk-round')
@Controller('api/surfaces/:surfaceId/damage')
export class DamageController {
  constructor(private readonly damage: DamageMarks) {}

  @Answers('damage', damagePage) @Get() page(@Sender() who: Who, @Param('surfaceId') id: string) {
    return this.damage.page(who, id);
  }

  @ForHands()
  @Answers('framePhoto', photoFrameAnswer)
  @Post('frames')
  frame(@Sender() who: Who, @Param('surfaceId') id: string, @Body() body: PhotoFrameBody) {
    return this.damage.frame(who, id, body);
  }

  @ForHands()
  @Answers('markDamage', damageMarkAnswer)
  @Post()
  mark(@Sender() who: Who, @Param('surfaceId') id: string, @Body() body: DamageBody) {
    return this.damage.mark(who, id, body);
  }
}
