import { Injectable } from '@nestjs/common';
import { isCoat, type WorkStep } from '@rustic/core';
import { v7 as uuid } from 'uuid';
import { refusedWith } from '../http/refused.ts';
import { workOn } from '../reading/houseReading.ts';
import { bindsAt, readJob, standingIn, type JobRecords } from '../reading/jobRecords.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import { Ledger } from '../record/ledger.service.ts';
import { WorkLogEntity } from '../record/siteEntities.ts';
import { Writes } from '../record/writes.service.ts';
import { Systems } from '../systems/systems.ts';
import { setStatus } from './jobStatus.ts';
import { usualMinutes } from './usualMinutes.ts';
import type { StretchBody } from './work.dto.ts';

const MINUTE_MS = 60_000;

/** Parts of a whole number in proportion to their weights, none below 1, that sum to it as far as there is enough. */
export function sharedOut(whole: number, weights: readonly number[]): number[] {
  const all = weights.reduce((sum, w) => sum + Math.max(1, w), 0);
  let [before, given] = [0, 0];
  return weights.map((weight) => {
    before += Math.max(1, weight);
    const part = Math.max(1, Math.round((whole * before) / all) - given);
    given += part;
    return part;
  });
}

/** Preparation and what else goes together: several steps of a surface logged in one act, with what was not done named. */
@Injectable()
export class Stretches {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly systems: Systems,
  ) {}

  log(who: Who, jobId: string, body: StretchBody) {
    return this.writes.run(who, async (scope) => {
      await this.ledger.hold(scope, jobId);
      const records = await readJob(scope, jobId);
      const surface = await standingIn(scope, records, body.surfaceId);
      await this.systems.settleAsAsked(scope, records, surface, uuid());
      const steps = stepsOf(records, surface, body);
      const logs = await this.write(scope, records, surface, steps, body);
      await setStatus(scope, { ...records, work: [...records.work, ...logs] });
      await this.ledger.append(scope, {
        jobId,
        kind: 'stretch-done',
        subject: surface.id,
        at: new Date(body.endedAt),
        payload: {
          stepIds: body.steps.map((s) => s.stepId),
          skipped: body.skipped,
          handsOnMin: body.handsOnMin ?? null,
          note: body.note ?? '',
        },
      });
      return logs;
    });
  }

  /** One log a step, one after the other; the time that was said is shared out as the steps usually take it. */
  private async write(
    scope: FirmScope,
    records: JobRecords,
    surface: SurfaceEntity,
    steps: readonly WorkStep[],
    body: StretchBody,
  ): Promise<WorkLogEntity[]> {
    const usual = steps.map((step) => usualMinutes(records, surface, step));
    const [from, to] = [Date.parse(body.startedAt), Date.parse(body.endedAt)];
    const elapsed = sharedOut(Math.max(steps.length, Math.round((to - from) / MINUTE_MS)), usual);
    const handsOn = body.handsOnMin === undefined ? null : sharedOut(body.handsOnMin, usual);
    const logs: WorkLogEntity[] = [];
    let startedAt = from;
    for (const [i, step] of steps.entries()) {
      const endedAt = i === steps.length - 1 ? to : Math.min(to, startedAt + elapsed[i]! * MINUTE_MS);
      logs.push(
        await scope.add(WorkLogEntity, {
          ...NOT_A_COAT,
          id: body.steps[i]!.id,
          jobId: surface.jobId,
          surfaceId: surface.id,
          stepId: step.plan.id,
          stepKind: step.plan.kind,
          startedAt: new Date(startedAt),
          endedAt: new Date(endedAt),
          usualMin: usual[i]!,
          handsOnMin: handsOn?.[i] ?? null,
          helper: body.helper ?? null,
          note: body.note ?? '',
          byName: scope.who.name,
          writtenAt: scope.who.now,
        }),
      );
      startedAt = endedAt;
    }
    return logs;
  }
}

/** What only a coat says. */
const NOT_A_COAT = {
  productId: null,
  batch: null,
  temperatureC: null,
  relativeHumidityPct: null,
  surfaceC: null,
  wetFilmUm: null,
  litres: null,
  method: null,
  instead: null,
  corrects: null,
  withdrawn: false,
} as const;

/** The steps that are logged, in the order of the work; every fault of what was asked is told. */
function stepsOf(records: JobRecords, surface: SurfaceEntity, body: StretchBody): WorkStep[] {
  const { work, logs } = workOn(records, surface);
  const faults: { path: string; message: string }[] = [];
  const found = body.steps.map(({ stepId }, i) => {
    const path = `steps[${i}].stepId`;
    const step = work.find((w) => w.plan.id === stepId);
    if (!step) faults.push({ path, message: "is no step of this surface's system" });
    else if (isCoat(step.plan.kind))
      faults.push({ path, message: 'is a coat: it is logged by itself, with its tin and its air' });
    else if (logs.some((log) => log.stepId === stepId)) faults.push({ path, message: 'is logged already' });
    else if (body.steps.findIndex((s) => s.stepId === stepId) !== i) faults.push({ path, message: 'stands twice' });
    const held = records.holds.find((h) => h.surfaceId === surface.id && h.stepId === stepId);
    if (held && bindsAt(held, new Date(body.startedAt))) faults.push({ path, message: `is held: ${held.reason}` });
    return step;
  });
  for (const [i, stepId] of body.skipped.entries())
    if (!work.some((w) => w.plan.id === stepId) || body.steps.some((s) => s.stepId === stepId))
      faults.push({ path: `skipped[${i}]`, message: 'is no step of this surface, or was done' });
  if (Date.parse(body.endedAt) < Date.parse(body.startedAt))
    faults.push({ path: 'endedAt', message: 'lies before the start' });
  if (faults.length) throw refusedWith(faults);
  const steps = found as WorkStep[];
  const order = steps.map((step) => work.indexOf(step));
  if (order.some((at, i) => i > 0 && at < order[i - 1]!))
    throw refusedWith([{ path: 'steps', message: 'have to stand in the order of the work' }]);
  return steps;
}
