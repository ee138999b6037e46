import { Body, ConflictException, Controller, Get, Injectable, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { airFault, FAMILY_LABELS, isCoat, minutesOf, type WorkStep } from '@rustic/core';
import { IsNumber, IsOptional, IsString, IsUUID, Matches, Max, MaxLength, Min, MinLength } from 'class-validator';
import { v7 as uuid } from 'uuid';
import { JobEntity, SurfaceEntity, WorkLogEntity } from '../database/entities.ts';
import type { FirmScope, Who } from '../database/firmScope.ts';
import { IsNotedTime } from '../http/checks.ts';
import { standingOf, systemOf, workOn } from '../jobs/houseReading.ts';
import { newestPlan } from '../plans/newestPlan.ts';
import { refusedWith } from '../http/refused.ts';
import { productById } from '../shelf/firmShelf.ts';
import { isLeftOut } from '../jobs/leftOut.ts';
import { readJob, readJobs, type JobRecords } from '../jobs/jobRecords.ts';
import { Jobs } from '../jobs/jobs.service.ts';
import { Ledger } from '../ledger/ledger.service.ts';
import { Sender } from '../people/session.ts';
import { Systems } from '../systems/systems.ts';
import { Trials } from '../trials/trials.service.ts';
import { Writes } from '../writes/writes.service.ts';

export class WorkBody {
  @IsUUID() id: string;
  @IsUUID() surfaceId: string;
  @IsString() @Matches(/^s\d{1,3}(c\d{1,2})?$/) stepId: string;
  @IsNotedTime() startedAt: string;
  @IsNotedTime() endedAt: string;
  @IsOptional() @IsString() @MaxLength(80) productId?: string;
  @IsOptional() @IsString() @MinLength(1) @MaxLength(80) batch?: string;
  @IsOptional() @IsNumber() @Min(-30) @Max(50) temperatureC?: number;
  @IsOptional() @IsNumber() @Min(1) @Max(100) relativeHumidityPct?: number;
  @IsOptional() @IsNumber() @Min(1) @Max(5000) wetFilmUm?: number;
  @IsOptional() @IsNumber() @Min(0) @Max(1000) litres?: number;
}

/** What the usual rates say of a step: one coat of it, where it is laid in several. */
function usualMinutes(records: JobRecords, surface: SurfaceEntity, { step }: WorkStep): number {
  const { c, steps } = systemOf(records, surface);
  const line = steps[step]!;
  return Math.round(minutesOf(line, c.d.surface, { access: surface.access }) / (line.coats ?? 1));
}

/** What was done on site: coats with their product, batch and air, and the steps between them. */
@Injectable()
export class Work {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly jobs: Jobs,
    private readonly systems: Systems,
    private readonly trials: Trials,
  ) {}

  async log(who: Who, jobId: string, body: WorkBody): Promise<unknown> {
    return this.writes.once(who, body.id, body, async (scope) => {
      const surface = await scope.one(SurfaceEntity, body.surfaceId, 'surface');
      if (surface.jobId !== jobId) await scope.one(SurfaceEntity, '', 'surface');
      const records = await readJob(scope, jobId);
      if (!systemOf(records, surface).choice)
        records.choices.push(
          await this.systems.settle(scope, surface, uuid(), {
            steps: systemOf(records, surface).steps,
            differs: 'as the evidence asks',
          }),
        );
      const step = this.stepOf(records, surface, body);
      const coat = isCoat(step.plan.kind);
      const { id, stepId, productId, batch, temperatureC, relativeHumidityPct, wetFilmUm, litres } = body;
      const log = await scope.add(WorkLogEntity, {
        id,
        jobId,
        surfaceId: surface.id,
        stepId,
        stepKind: step.plan.kind,
        productId: productId ?? null,
        batch: batch ?? null,
        startedAt: new Date(body.startedAt),
        endedAt: new Date(body.endedAt),
        temperatureC: temperatureC ?? null,
        relativeHumidityPct: relativeHumidityPct ?? null,
        wetFilmUm: wetFilmUm ?? null,
        litres: litres ?? null,
        usualMin: usualMinutes(records, surface, step),
        byName: who.name,
      });
      await this.ledger.append(scope, {
        jobId,
        kind: coat ? 'coat-logged' : 'step-done',
        subject: surface.id,
        at: log.endedAt,
        payload: body,
      });
      if (temperatureC !== undefined && relativeHumidityPct !== undefined)
        await this.jobs.noteReading(scope, surface.roomId, {
          id: uuid(),
          temperatureC,
          relativeHumidityPct,
          at: body.endedAt,
        });
      return { log, ...(await this.whatItChanges(scope, jobId, surface, step, body)) };
    });
  }

  private stepOf(records: JobRecords, surface: SurfaceEntity, body: WorkBody): WorkStep {
    const { work, logs } = workOn(records, surface, systemOf(records, surface));
    const step = work.find((w) => w.plan.id === body.stepId);
    if (!step) throw refusedWith([{ path: 'stepId', message: "is no step of this surface's system" }]);
    if (logs.some((log) => log.stepId === body.stepId))
      throw new ConflictException({
        code: 'already-logged',
        message: 'This step is logged already. Nothing was written twice.',
        yours: body,
        theirs: logs.find((l) => l.stepId === body.stepId),
      });
    const faults: { path: string; message: string }[] = [];
    if (Date.parse(body.endedAt) < Date.parse(body.startedAt))
      faults.push({ path: 'endedAt', message: 'lies before the start' });
    if (isCoat(step.plan.kind)) {
      for (const field of ['productId', 'batch', 'temperatureC', 'relativeHumidityPct'] as const)
        if (body[field] === undefined) faults.push({ path: field, message: 'is needed for a coat' });
      const product = productById(records.shelf, body.productId ?? null);
      if (body.productId && !product) faults.push({ path: 'productId', message: 'is not on the shelf' });
      if (product && product.family !== step.plan.drying?.family && product.family !== step.product?.family)
        faults.push({
          path: 'productId',
          message: `is ${FAMILY_LABELS[product.family]}; this coat is ${step.product ? FAMILY_LABELS[step.product.family] : 'another'}`,
        });
    }
    if (faults.length) throw refusedWith(faults);
    return step;
  }

  /** What the log means at once: limits missed, a film off its label, when the surface opens; and the job's standing. */
  private async whatItChanges(
    scope: FirmScope,
    jobId: string,
    surface: SurfaceEntity,
    step: WorkStep,
    body: WorkBody,
  ): Promise<{ warnings: string[]; opensAt: number | null }> {
    const warnings: string[] = [];
    const records = await readJob(scope, jobId);
    const product = productById(records.shelf, body.productId ?? null);
    if (product && body.temperatureC !== undefined && body.relativeHumidityPct !== undefined) {
      const fault = airFault(
        {
          temperatureC: body.temperatureC,
          relativeHumidityPct: body.relativeHumidityPct,
          surfaceC: body.temperatureC,
          rainMm: null,
          windMs: null,
        },
        product.drying,
      );
      if (fault) warnings.push(`Laid outside its limits: ${fault}.`);
      if (body.wetFilmUm && Math.abs(body.wetFilmUm / product.wetFilmUm - 1) > 0.3)
        warnings.push(
          body.wetFilmUm > product.wetFilmUm
            ? 'A heavy film: it opens later.'
            : 'A starved film: look at its cover before the next coat.',
        );
    }
    const ours = records.surfaces.filter((s) => !isLeftOut(s));
    const finished = ours.length > 0 && ours.every((s) => isFinished(records, s));
    const status = finished ? 'aftercare' : 'active';
    if (records.job.status !== status) await scope.manager.save(JobEntity, { ...records.job, status });
    const line = standingOf(records, surface, new Date(body.endedAt));
    return { warnings, opensAt: line.opensAt };
  }

  /** The run sheet: every surface of every job under way, by the clock. */
  async today(who: Who): Promise<unknown> {
    const scope = this.writes.reading(who);
    const jobs = (await scope.find(JobEntity, {}, { startsAt: 'ASC' })).filter(
      (j) => j.status === 'active' || j.status === 'planned',
    );
    const lines = await Promise.all(
      (await readJobs(scope, jobs)).map(async (records) => {
        const { job } = records;
        const posted = await newestPlan(scope, job.id);
        return records.surfaces
          .filter((s) => !isLeftOut(s))
          .map((surface) => {
            const { work: _work, ...line } = standingOf(records, surface, who.now);
            const planned =
              posted?.plan.steps.find((s) => s.surface === surface.id && s.id === line.next?.plan.id) ?? null;
            const batch = records.work.filter((w) => w.productId === line.next?.product?.id).at(-1)?.batch ?? null;
            const reading = records.readings.filter((r) => r.roomId === surface.roomId).at(-1);
            return {
              jobId: job.id,
              jobTitle: job.title,
              startsAt: job.startsAt,
              room: records.rooms.find((r) => r.id === surface.roomId)?.name ?? '',
              surfaceId: surface.id,
              name: surface.name,
              ...line,
              plannedStart: planned?.start ?? null,
              offered: {
                batch,
                temperatureC: reading?.temperatureC ?? job.temperatureC,
                relativeHumidityPct: reading?.relativeHumidityPct ?? job.relativeHumidityPct,
              },
            };
          });
      }),
    );
    return {
      now: who.now.toISOString(),
      lines: lines.flat(),
      checks: await this.trials.due(scope, await scope.find(JobEntity)),
    };
  }
}

/** True once the last coat of a surface's system is logged. */
export function isFinished(records: JobRecords, surface: SurfaceEntity): boolean {
  const { work, logs } = workOn(records, surface, systemOf(records, surface));
  const lastCoat = work.findLast((w) => isCoat(w.plan.kind));
  return lastCoat !== undefined && logs.some((log) => log.stepId === lastCoat.plan.id);
}

@ApiTags('on site')
@Controller('api')
export class WorkController {
  constructor(private readonly work: Work) {}

  @Get('today') today(@Sender() who: Who) {
    return this.work.today(who);
  }
  @Post('jobs/:id/work') log(@Sender() who: Who, @Param('id') id: string, @Body() body: WorkBody) {
    return this.work.log(who, id, body);
  }
}
