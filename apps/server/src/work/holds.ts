import { ConflictException, Injectable } from '@nestjs/common';
import { standingSurface } from '../record/takenOut.ts';
import { SurfaceEntity } from '../record/jobEntities.ts';
import { StepHoldEntity } from '../record/siteEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { refusedWith } from '../http/refused.ts';
import { workOn } from '../reading/houseReading.ts';
import { readJob, standingHolds } from '../reading/jobRecords.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Writes } from '../record/writes.service.ts';
import type { HoldBody, ReleaseBody } from './work.dto.ts';

/** What is held, from when and why; without a date until it is released. */
export type AskedHold = Omit<HoldBody, 'until'> & { until: string | null };

/** Steps that are not to begin yet: another trade has to come first, or something looked wrong. */
@Injectable()
export class Holds {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async hold(who: Who, surfaceId: string, body: HoldBody) {
    return this.writes.run(who, async (scope) => {
      const surface = await standingSurface(scope, surfaceId);
      await this.ledger.hold(scope, surface.jobId);
      const records = await readJob(scope, surface.jobId);
      const { work, logs } = workOn(records, surface);
      if (!work.some((w) => w.plan.id === body.stepId))
        throw refusedWith([{ path: 'stepId', message: "is no step of this surface's system" }]);
      if (logs.some((log) => log.stepId === body.stepId))
        throw new ConflictException({
          code: 'already-logged',
          message: 'This step is done already: it cannot be held back. Nothing was written.',
        });
      return this.write(scope, surface, 'other-trade', body);
    });
  }

  /** Writes a hold in the transaction of what asks for it. */
  async write(
    scope: FirmScope,
    surface: SurfaceEntity,
    kind: StepHoldEntity['kind'],
    { id, stepId, until, reason }: AskedHold,
  ): Promise<StepHoldEntity> {
    const hold = await scope.add(StepHoldEntity, {
      id,
      jobId: surface.jobId,
      surfaceId: surface.id,
      stepId,
      kind,
      until: until ? new Date(until) : null,
      reason,
      releases: null,
      byName: scope.who.name,
      at: scope.who.now,
    });
    await this.ledger.append(scope, {
      jobId: surface.jobId,
      kind: 'step-held',
      subject: surface.id,
      at: hold.at,
      payload: { id, stepId, kind, until: hold.until?.toISOString() ?? null, reason },
    });
    return hold;
  }

  async release(who: Who, holdId: string, body: ReleaseBody) {
    return this.writes.run(who, async (scope) => {
      const hold = await scope.one(StepHoldEntity, holdId, 'hold');
      await this.ledger.hold(scope, hold.jobId);
      const holds = await scope.find(StepHoldEntity, { surfaceId: hold.surfaceId });
      if (!standingHolds(holds).some((h) => h.id === hold.id))
        throw new ConflictException({
          code: 'released',
          message: 'This hold was released already. Nothing was written.',
        });
      const { jobId, surfaceId, stepId, kind } = hold;
      const reason = body.note?.trim() || 'released';
      const row = { id: body.id, jobId, surfaceId, stepId, kind, until: null, reason, releases: hold.id };
      const released = await scope.add(StepHoldEntity, { ...row, byName: who.name, at: who.now });
      await this.ledger.append(scope, {
        jobId,
        kind: 'step-released',
        subject: surfaceId,
        at: who.now,
        payload: { id: body.id, releases: hold.id, stepId, note: reason },
      });
      return released;
    });
  }
}
