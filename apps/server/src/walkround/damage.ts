import { Body, Controller, Get, Injectable, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import {
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
import { DamageMarkEntity } from '../record/evidenceEntities.ts';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { standingSurface } from '../record/takenOut.ts';
import { Writes } from '../record/writes.service.ts';
import { Answers } from '../answers/answer.ts';
import { damageMarkAnswer, damagePage } from '../answers/damage.ts';
import { bodyOf, noted } from '../http/bodyOf.ts';
import { refusedWith } from '../http/refused.ts';
import { ForHands } from '../people/roles.ts';
import { Sender } from '../people/session.ts';
import { faceWalls, marksOf, zonesOn } from '../reading/damageOf.ts';
import { allStepsOf, caseIn } from '../reading/houseReading.ts';
import { readJob, type JobRecords } from '../reading/jobRecords.ts';

const { damageMarks } = JOB_RECORDS;

export class DamageBody extends bodyOf({
  id: newId,
  ...pick(damageMarks, 'what', 'there', 'place'),
  ...optional(damageMarks, 'note', 'takesBack'),
  at: noted(damageMarks.fields.at),
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
    return pageOf(
      records,
      records.surfaces.find((s) => s.id === surfaceId)!,
    );
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

function pageOf(records: JobRecords, surface: SurfaceEntity) {
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
  @Answers('markDamage', damageMarkAnswer)
  @Post()
  mark(@Sender() who: Who, @Param('surfaceId') id: string, @Body() body: DamageBody) {
    return this.damage.mark(who, id, body);
  }
}
