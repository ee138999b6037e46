import { Body, ConflictException, Controller, Get, Injectable, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { handoverChecks, punchVisits } from '@rustic/core';
import { standingSurface } from '../record/takenOut.ts';
import { PhotoEntity } from '../record/evidenceEntities.ts';
import { SurfaceEntity } from '../record/jobEntities.ts';
import { FaultActEntity, FaultMarkEntity, HandoverCheckEntity } from '../record/punchEntities.ts';
import { FollowUpEntity } from '../record/siteEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { refusedWith } from '../http/refused.ts';
import { systemOf } from '../reading/houseReading.ts';
import { readJob, type JobRecords } from '../reading/jobRecords.ts';
import { unfinishedOn } from '../reading/unfinished.ts';
import { isLeftOut } from '../reading/leftOut.ts';
import { Ledger } from '../record/ledger.service.ts';
import { ForHands } from '../people/roles.ts';
import { Sender } from '../people/session.ts';
import { Writes } from '../record/writes.service.ts';
import { mendOf } from '../reading/mendOf.ts';
import { CheckBody, FaultActBody, FaultBody } from './punch.dto.ts';
import { checkAnswer, faultActAnswer, faultAnswer, punchPage } from '../answers/aftercare.ts';
import { Answers } from '../answers/answer.ts';

const DAY_MS = 86_400_000;

/** The punch list: faults marked after the work, what to do about each and whether it will show, and what was tried at hand-over. */
@Injectable()
export class Punch {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async page(who: Who, jobId: string) {
    const scope = this.writes.reading(who);
    const records = await readJob(scope, jobId);
    const marks = records.faults;
    const [acts, checks, followUps] = await Promise.all([
      scope.find(FaultActEntity, { jobId }),
      scope.find(HandoverCheckEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
      scope.find(FollowUpEntity, { jobId }),
    ]);
    const faults = marks.flatMap((mark) => {
      const surface = records.surfaces.find((s) => s.id === mark.surfaceId);
      if (!surface) return [];
      const act = acts.find((a) => a.markId === mark.id) ?? null;
      const mend = act ? null : mendOf(records, surface, mark, followUps, who.now);
      return [{ ...mark, act, mend }];
    });
    const waits = faults.flatMap(({ id, mend }) => (mend ? [{ id, readyDay: mend.readyDay, byDay: mend.byDay }] : []));
    return {
      now: who.now.toISOString(),
      job: {
        id: records.job.id,
        title: records.job.title,
        place: records.job.place,
        status: records.job.status,
        handedOver: records.job.handedOver,
      },
      unfinished: unfinishedOn(records).map((s) => s.name),
      rooms: records.rooms.map(({ id, name, sketch, kind }) => ({ id, name, sketch, kind })),
      surfaces: records.surfaces
        .filter((s) => !isLeftOut(s))
        .map(({ id, roomId, name, facts }) => ({ id, roomId, name, element: facts.element })),
      photos: records.photos,
      faults,
      standing: records.visits.map(({ id, onDay, fromTime, minutes, calls, personId }) => ({
        id,
        onDay,
        fromTime,
        minutes,
        calls,
        personId,
      })),
      visits: punchVisits(waits, Math.floor(who.now.getTime() / DAY_MS)).map(({ day, closes }) => ({
        on: new Date(day * DAY_MS).toISOString().slice(0, 10),
        closes,
      })),
      checks: records.surfaces.filter((s) => !isLeftOut(s)).flatMap((s) => checksOf(records, s, checks)),
    };
  }

  async mark(who: Who, jobId: string, body: FaultBody) {
    return this.writes.run(who, async (scope) => {
      await this.ledger.hold(scope, jobId);
      const surface = await standingSurface(scope, body.surfaceId, jobId);
      if (body.photoId && (await scope.one(PhotoEntity, body.photoId, 'photo')).jobId !== jobId)
        await scope.one(PhotoEntity, '', 'photo');
      const marked = await scope.find(FaultMarkEntity, { jobId }, { number: 'DESC' });
      const row = await scope.add(FaultMarkEntity, {
        id: body.id,
        jobId,
        roomId: surface.roomId,
        surfaceId: surface.id,
        number: (marked[0]?.number ?? 0) + 1,
        fault: body.fault,
        note: body.note ?? '',
        mark: body.mark ?? null,
        photoId: body.photoId ?? null,
        photoPlace: body.photoPlace ?? null,
        sizeM2: body.sizeM2,
        view: body.view,
        light: body.light ?? null,
        byName: who.name,
        at: new Date(body.at),
      });
      const { number } = row;
      const payload = { ...body, number };
      await this.ledger.append(scope, { jobId, kind: 'fault-marked', subject: surface.id, at: row.at, payload });
      return row;
    });
  }

  /** Mended, or taken back: once. */
  async close(who: Who, markId: string, body: FaultActBody) {
    return this.writes.run(who, async (scope) => {
      const mark = await scope.one(FaultMarkEntity, markId, 'fault');
      await this.ledger.hold(scope, mark.jobId);
      const [closed] = await scope.find(FaultActEntity, { markId });
      if (closed)
        throw new ConflictException({
          code: 'closed',
          message: `Number ${mark.number} is closed already, by ${closed.byName}. Nothing was written twice.`,
          yours: body,
          theirs: closed,
        });
      if (body.kind === 'mended' && !body.way)
        throw refusedWith([{ path: 'way', message: 'how it was mended is needed' }]);
      const act = await scope.add(FaultActEntity, {
        id: body.id,
        jobId: mark.jobId,
        markId,
        kind: body.kind,
        way: body.way ?? null,
        withWhat: body.withWhat ?? '',
        note: body.note ?? '',
        byName: who.name,
        at: new Date(body.at),
      });
      await this.ledger.append(scope, {
        jobId: mark.jobId,
        kind: body.kind === 'mended' ? 'fault-mended' : 'fault-withdrawn',
        subject: mark.surfaceId,
        at: act.at,
        payload: { ...body, markId, number: mark.number, fault: mark.fault },
      });
      return act;
    });
  }

  /** Something was tried: it holds, or it does not. */
  async check(who: Who, surfaceId: string, body: CheckBody) {
    return this.writes.run(who, async (scope) => {
      const surface = await standingSurface(scope, surfaceId);
      await this.ledger.hold(scope, surface.jobId);
      const records = await readJob(scope, surface.jobId);
      if (!checksAsked(records, surface).some((c) => c.code === body.code))
        throw refusedWith([{ path: 'code', message: 'is not tried on this surface' }]);
      return this.keep(scope, surface, body);
    });
  }

  private async keep(scope: FirmScope, surface: SurfaceEntity, body: CheckBody): Promise<HandoverCheckEntity> {
    const { id, code, holds, note = '', at } = body;
    const { jobId } = surface;
    const row = { id, jobId, surfaceId: surface.id, code, holds, note, byName: scope.who.name, at: new Date(at) };
    await scope.add(HandoverCheckEntity, row);
    await this.ledger.append(scope, {
      jobId,
      kind: 'handover-tried',
      subject: surface.id,
      at: row.at,
      payload: { ...body },
    });
    return row as HandoverCheckEntity;
  }
}

const checksAsked = (records: JobRecords, surface: SurfaceEntity) =>
  handoverChecks(
    surface.facts.element,
    systemOf(records, surface).steps.map((s) => s.kind),
  );

function checksOf(records: JobRecords, surface: SurfaceEntity, checks: readonly HandoverCheckEntity[]) {
  return checksAsked(records, surface).map(({ code, words }) => {
    const newest = checks.findLast((c) => c.surfaceId === surface.id && c.code === code);
    const tried = newest ? { holds: newest.holds, note: newest.note, byName: newest.byName, at: newest.at } : null;
    return { surfaceId: surface.id, code, words, tried };
  });
}

@ApiTags('aftercare')
@Controller('api')
export class PunchController {
  constructor(private readonly punch: Punch) {}

  @Answers('punch', punchPage) @Get('jobs/:jobId/punch') page(@Sender() who: Who, @Param('jobId') id: string) {
    return this.punch.page(who, id);
  }
  @ForHands() @Answers('markFault', faultAnswer) @Post('jobs/:jobId/faults') mark(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: FaultBody,
  ) {
    return this.punch.mark(who, id, body);
  }
  @ForHands() @Answers('closeFault', faultActAnswer) @Post('faults/:faultId/acts') close(
    @Sender() who: Who,
    @Param('faultId') id: string,
    @Body() body: FaultActBody,
  ) {
    return this.punch.close(who, id, body);
  }
  @ForHands() @Answers('tryAtHandover', checkAnswer) @Post('surfaces/:surfaceId/checks') check(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
    @Body() body: CheckBody,
  ) {
    return this.punch.check(who, id, body);
  }
}
