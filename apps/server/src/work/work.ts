import { Body, ConflictException, Controller, Get, HttpCode, Injectable, Param, Post, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import {
  airFault,
  FAMILY_LABELS,
  isCoat,
  outsideLimits,
  type LedgerEvent,
  type OutsideLimits,
  type Product,
  type RunLine,
  type WorkStep,
} from '@rustic/core';
import type { Response } from 'express';
import { v7 as uuid } from 'uuid';
import type { RoomEntity, SurfaceEntity } from '../record/jobEntities.ts';
import { AirReadingEntity, WorkLogEntity } from '../record/siteEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { minute, standingOf, workOn } from '../reading/houseReading.ts';
import { refusedWith } from '../http/refused.ts';
import { productById } from '../reading/firmShelf.ts';
import { bindsAt, readJob, roomOf, standingIn, type JobRecords } from '../reading/jobRecords.ts';
import { reckoned, reckonedWith } from '../reading/reckoned.ts';
import { Jobs } from '../jobs/jobs.service.ts';
import { Ledger } from '../record/ledger.service.ts';
import { isPriced, Sender, type SessionRequest } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import { Systems } from '../systems/systems.ts';
import { standingSurface } from '../record/takenOut.ts';
import { Writes } from '../record/writes.service.ts';
import { FollowUps } from './followUps.ts';
import { Holds } from './holds.ts';
import { RunSheet } from './runSheet.ts';
import { Handover } from './handover.ts';
import { setStatus } from './jobStatus.ts';
import { Stretches } from './stretch.ts';
import { usualMinutes } from './usualMinutes.ts';
import {
  CloseBody,
  HandoverBody,
  HoldBody,
  ReleaseBody,
  StretchBody,
  TakeHandoverBackBody,
  WorkAsked,
  WorkBody,
} from './work.dto.ts';
import { Answers, Sends } from '../answers/answer.ts';
import { jobAnswer } from '../answers/jobs.ts';
import { sendPacked } from '../http/packed.ts';
import { followUpAnswer, holdAnswer, stretchAnswer, todayAnswer, workAnswer, workWarnings } from '../answers/site.ts';

/** What a log says at once: limits missed, when the surface opens, and how far that is from the label. */
export interface LogWarnings {
  warnings: string[];
  opensAt: number | null;
  /** Minutes that the air and the film add to the label's wait. */
  addedMin: number;
}

/** What was done on site: coats with their product, batch and air, and the steps between them. */
@Injectable()
export class Work {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly jobs: Jobs,
    private readonly systems: Systems,
    private readonly followUps: FollowUps,
  ) {}

  async log(who: Who, jobId: string, body: WorkBody) {
    return this.writes.run(who, async (scope) => {
      await this.ledger.hold(scope, jobId);
      const records = await readJob(scope, jobId);
      const surface = await standingIn(scope, records, body.surfaceId);
      await this.systems.settleAsAsked(scope, records, surface, uuid());
      const corrected = body.corrects ? standingLog(records, surface, body) : null;
      if (corrected) records.work = records.work.filter((w) => w !== corrected);
      const step = stepOf(records, surface, body);
      const log = await scope.add(WorkLogEntity, {
        ...rowOf(body, step),
        jobId,
        usualMin: usualMinutes(records, surface, step),
        byName: who.name,
        writtenAt: who.now,
      });
      await setStatus(scope, records);
      const event = eventOf(body, corrected ? 'work-corrected' : isCoat(step.plan.kind) ? 'coat-logged' : 'step-done');
      await this.ledger.append(scope, { jobId, subject: surface.id, at: log.endedAt, ...event });
      if (corrected) await this.followUps.dropOf(scope, corrected.id);
      const found = log.withdrawn ? [] : outsideOf(records, surface, step, log);
      await this.followUps.open(scope, log, found);
      const reading = await this.noteAir(scope, roomOf(records, surface), body);
      const opens = opensAfter(withLog(records, log, reading), surface, log);
      return { log, warnings: found.map((f) => f.warning), ...opens } satisfies LogWarnings & { log: WorkLogEntity };
    });
  }

  private async noteAir(scope: FirmScope, room: RoomEntity, body: WorkBody): Promise<AirReadingEntity | null> {
    const { temperatureC, relativeHumidityPct, endedAt: at } = body;
    if (temperatureC === undefined || relativeHumidityPct === undefined || body.withdrawn) return null;
    return this.jobs.noteReading(scope, room, { id: uuid(), temperatureC, relativeHumidityPct, at });
  }

  /** What a log would say of its limits, were it written: so that it is said before. */
  async check(who: Who, jobId: string, body: WorkAsked): Promise<{ warnings: string[] }> {
    const scope = this.writes.reading(who);
    const surface = await standingSurface(scope, body.surfaceId);
    const records = await readJob(scope, jobId);
    const { work } = workOn(records, surface);
    const step = work.find((w) => w.plan.id === body.stepId);
    if (!step || !isCoat(step.plan.kind)) return { warnings: [] };
    const log = { ...rowOf({ id: '', ...body }, step), jobId } as WorkLogEntity;
    return { warnings: outsideOf(records, surface, step, log).map((found) => found.warning) };
  }
}

/** When the surface opens after a log, and how far that is from the label. */
function opensAfter(records: JobRecords, surface: SurfaceEntity, log: WorkLogEntity): Omit<LogWarnings, 'warnings'> {
  const { opensAt, lastEnd, last } = standingOf(records, surface, log.endedAt);
  const label = last?.plan.drying?.recoatMin ?? 0;
  const addedMin = opensAt === null || lastEnd === null || label === 0 ? 0 : Math.max(0, opensAt - lastEnd - label);
  return { opensAt, addedMin };
}

/** What a log says happened. */
const eventOf = (body: WorkBody, kind: 'work-corrected' | 'coat-logged' | 'step-done'): LedgerEvent =>
  kind === 'coat-logged'
    ? { kind, payload: { ...body, productId: body.productId!, batch: body.batch! } }
    : { kind, payload: { ...body } };

/** The record as it stands with a log and its reading: nothing else of it moves while the job is held. */
function withLog(records: JobRecords, log: WorkLogEntity, reading: AirReadingEntity | null): JobRecords {
  const work = log.withdrawn ? records.work : [...records.work, log];
  const readings = reading ? [...records.readings, reading] : records.readings;
  const after = {
    ...records,
    work: [...work].sort((a, b) => a.endedAt.getTime() - b.endedAt.getTime()),
    readings: [...readings].sort((a, b) => a.at.getTime() - b.at.getTime()),
  };
  return reckonedWith(after, reckoned(records));
}

/** The log that a correction names: it must stand, and be of this step. */
function standingLog(records: JobRecords, surface: SurfaceEntity, body: WorkBody): WorkLogEntity {
  const found = records.work.find((w) => w.id === body.corrects);
  if (found?.surfaceId === surface.id && found.stepId === body.stepId) return found;
  throw new ConflictException({
    code: 'corrected',
    message: 'What this corrects does not stand: it is of another step, or was corrected already. Nothing was written.',
  });
}

function rowOf(body: WorkBody, step: WorkStep) {
  return {
    id: body.id,
    surfaceId: body.surfaceId,
    stepId: body.stepId,
    stepKind: step.plan.kind,
    productId: body.productId ?? null,
    batch: body.batch ?? null,
    startedAt: new Date(body.startedAt),
    endedAt: new Date(body.endedAt),
    temperatureC: body.temperatureC ?? null,
    relativeHumidityPct: body.relativeHumidityPct ?? null,
    surfaceC: body.surfaceC ?? null,
    wetFilmUm: body.wetFilmUm ?? null,
    litres: body.litres ?? null,
    method: body.method ?? null,
    handsOnMin: body.handsOnMin ?? null,
    helper: body.helper ?? null,
    note: body.note ?? '',
    instead: body.instead ?? null,
    corrects: body.corrects ?? null,
    withdrawn: body.withdrawn ?? false,
  };
}

/** The step that is logged; refuses what is logged already, held back, or said in part. */
function stepOf(records: JobRecords, surface: SurfaceEntity, body: WorkBody): WorkStep {
  const { work, logs } = workOn(records, surface);
  const step = work.find((w) => w.plan.id === body.stepId);
  if (!step) throw refusedWith([{ path: 'stepId', message: "is no step of this surface's system" }]);
  if (body.withdrawn && !body.corrects)
    throw refusedWith([{ path: 'withdrawn', message: 'only a correction can take a log back' }]);
  const theirs = logs.find((log) => log.stepId === body.stepId);
  if (theirs)
    throw new ConflictException({
      code: 'already-logged',
      message: 'This step is logged already. Nothing was written twice.',
      yours: body,
      theirs,
    });
  const held = records.holds.find((h) => h.surfaceId === surface.id && h.stepId === body.stepId);
  if (held && !body.withdrawn && bindsAt(held, new Date(body.startedAt)))
    throw new ConflictException({
      code: 'held',
      message: `This step is held: ${held.reason}. Nothing was written; release it first.`,
      yours: body,
      theirs: held,
    });
  const faults = faultsOf(records, step, body);
  if (faults.length) throw refusedWith(faults);
  return step;
}

function faultsOf(records: JobRecords, step: WorkStep, body: WorkBody): { path: string; message: string }[] {
  const faults: { path: string; message: string }[] = [];
  if (Date.parse(body.endedAt) < Date.parse(body.startedAt))
    faults.push({ path: 'endedAt', message: 'lies before the start' });
  if (!isCoat(step.plan.kind) || body.withdrawn) return faults;
  for (const field of ['productId', 'batch', 'temperatureC', 'relativeHumidityPct'] as const)
    if (body[field] === undefined) faults.push({ path: field, message: 'is needed for a coat' });
  const product = productById(records.shelf, body.productId ?? null);
  if (body.productId && !product) faults.push({ path: 'productId', message: 'is not on the shelf' });
  if (product && isOther(product, step) && !body.instead)
    faults.push({
      path: 'productId',
      message: `is ${FAMILY_LABELS[product.family]}; this coat is ${step.product ? FAMILY_LABELS[step.product.family] : 'another'}. Say why it is laid instead`,
    });
  return faults;
}

const isOther = (product: Product, step: WorkStep) =>
  product.family !== step.plan.drying?.family && product.family !== step.product?.family;

/** How a coat stands against its sheet, its system and the coat under it. */
function outsideOf(before: JobRecords, surface: SurfaceEntity, step: WorkStep, log: WorkLogEntity): OutsideLimits[] {
  const product = productById(before.shelf, log.productId);
  if (!product || log.temperatureC === null || log.relativeHumidityPct === null) return [];
  const { temperatureC, relativeHumidityPct } = log;
  const air = { temperatureC, relativeHumidityPct, surfaceC: log.surfaceC ?? temperatureC, rainMm: null, windMs: null };
  const under: RunLine = standingOf(before, surface, log.startedAt);
  return outsideLimits({
    airFault: airFault(air, product.drying),
    film: log.wetFilmUm ? log.wetFilmUm / product.wetFilmUm : 1,
    earlyMin: under.standing === 'drying' && under.opensAt !== null ? under.opensAt - minute(log.startedAt) : 0,
    late: under.standing === 'closed' && under.next?.plan.id === step.plan.id,
    instead: isOther(product, step) ? log.instead : null,
  });
}

@ApiTags('on site')
@Controller('api')
export class WorkController {
  constructor(
    private readonly work: Work,
    private readonly stretches: Stretches,
    private readonly handover: Handover,
    private readonly sheet: RunSheet,
    private readonly holds: Holds,
    private readonly followUps: FollowUps,
  ) {}

  @Sends('today', todayAnswer)
  @Get('today')
  async today(@Sender() who: Who, @Req() request: SessionRequest, @Res() response: Response): Promise<void> {
    await sendPacked(response, await this.sheet.today(who, isPriced(request)));
  }
  @ForHands() @Answers('logWork', workAnswer) @Post('jobs/:jobId/work') log(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: WorkBody,
  ) {
    return this.work.log(who, id, body);
  }
  @ForHands() @Answers('checkWork', workWarnings) @Post('jobs/:jobId/work/check') @HttpCode(200) check(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: WorkAsked,
  ) {
    return this.work.check(who, id, body);
  }
  @ForHands() @Answers('logStretch', stretchAnswer) @Post('jobs/:jobId/work/stretch') logStretch(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: StretchBody,
  ) {
    return this.stretches.log(who, id, body);
  }
  @Answers('handOver', jobAnswer) @Post('jobs/:jobId/hand-over') handOver(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: HandoverBody,
  ) {
    return this.handover.handOver(who, id, body);
  }
  @Answers('takeHandoverBack', jobAnswer) @Post('jobs/:jobId/hand-over/taking-back') takeHandoverBack(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: TakeHandoverBackBody,
  ) {
    return this.handover.takeBack(who, id, body);
  }
  @ForHands() @Answers('holdStep', holdAnswer) @Post('surfaces/:surfaceId/holds') hold(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
    @Body() body: HoldBody,
  ) {
    return this.holds.hold(who, id, body);
  }
  @ForHands() @Answers('releaseHold', holdAnswer) @Post('holds/:holdId/release') release(
    @Sender() who: Who,
    @Param('holdId') id: string,
    @Body() body: ReleaseBody,
  ) {
    return this.holds.release(who, id, body);
  }
  @ForHands() @Answers('closeFollowUp', followUpAnswer) @Post('follow-ups/:followUpId/close') close(
    @Sender() who: Who,
    @Param('followUpId') id: string,
    @Body() body: CloseBody,
  ) {
    return this.followUps.close(who, id, body);
  }
}
