import { ConflictException, Injectable } from '@nestjs/common';
import type { Step, Override } from '@rustic/core';
import { standingSurface } from '../record/takenOut.ts';
import { SurfaceEntity } from '../record/jobEntities.ts';
import { SystemChoiceEntity } from '../record/systemEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { caseIn, systemOf } from '../reading/houseReading.ts';
import { readJob, type JobRecords } from '../reading/jobRecords.ts';
import { systemByKey } from '../reading/surfaceView.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Writes } from '../record/writes.service.ts';
import { signed } from './departures.ts';
import type { ChoiceBody } from './systems.dto.ts';

type Settled = Pick<SystemChoiceEntity, 'steps' | 'differs'> & { override?: Override };

/** A departure from a system that was departed from already: both stand, measured from where the first began. */
function onTopOf(choice: SystemChoiceEntity | null, from: readonly Step[], override: Override): Override {
  const before = choice?.override;
  if (!before || choice.steps !== from) return override;
  return {
    ...override,
    base: before.base,
    said: [...before.said, ...override.said],
    told: [...before.told, ...override.told],
  };
}

/** Settling on a system. The newest choice stands; none is ever changed. */
@Injectable()
export class Systems {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async choose(who: Who, surfaceId: string, body: ChoiceBody) {
    return this.writes.run(who, async (scope) => {
      const surface = await standingSurface(scope, surfaceId);
      await this.ledger.hold(scope, surface.jobId);
      const records = await readJob(scope, surface.jobId);
      if (records.work.some((w) => w.surfaceId === surfaceId)) {
        throw new ConflictException({
          code: 'already-begun',
          message:
            'Work on this surface is logged. Its system stands; nothing was changed. Record what is wrong as a test, and plan the rest anew.',
        });
      }
      const found = systemByKey(records, surface, body.key);
      if (!found)
        throw new ConflictException({
          code: 'moved-on',
          message: 'The evidence has moved since this was shown. Nothing was changed; look at the systems again.',
        });
      return this.settle(scope, surface, body.id, this.departing(records, surface, found, body));
    });
  }

  /** The system as it was found, or with the departures that were signed for. */
  private departing(records: JobRecords, surface: SurfaceEntity, found: Settled, body: ChoiceBody): Settled {
    if (!body.override) return found;
    const { c, made } = caseIn(records, surface);
    const { steps, override } = signed(c, made, found.steps, body.override, body.key);
    const whole = onTopOf(systemOf(records, surface).choice, found.steps, override);
    return { steps, override: whole, differs: whole.said.join('; ').slice(0, 1000) };
  }

  /** Writes a settled system within a write that is under way. */
  async settle(scope: FirmScope, surface: SurfaceEntity, id: string, system: Settled): Promise<SystemChoiceEntity> {
    const choice = await scope.add(SystemChoiceEntity, {
      id,
      jobId: surface.jobId,
      surfaceId: surface.id,
      steps: system.steps,
      differs: system.differs,
      override: system.override ?? null,
      byName: scope.who.name,
      at: scope.who.now,
    });
    const { steps, differs, override } = system;
    const happened = { jobId: surface.jobId, subject: surface.id, at: scope.who.now };
    await this.ledger.append(
      scope,
      override
        ? { ...happened, kind: 'system-overridden', payload: { id, differs, steps, override } }
        : { ...happened, kind: 'system-chosen', payload: { id, differs, steps } },
    );
    return choice;
  }

  /** Settles what the evidence asks for where nothing was chosen yet: work is logged against a system that stands still. */
  async settleAsAsked(scope: FirmScope, records: JobRecords, surface: SurfaceEntity, id: string): Promise<void> {
    const { choice, steps } = systemOf(records, surface);
    if (!choice)
      records.choices.push(await this.settle(scope, surface, id, { steps, differs: 'as the evidence asks' }));
  }

  /** Settles what the evidence asks for on every surface that has no choice yet: work is planned and logged against a system that stands still. */
  async settleOpen(
    scope: FirmScope,
    records: JobRecords,
    newId: () => string,
    differs = 'as the evidence asks',
  ): Promise<void> {
    for (const surface of records.surfaces) {
      const system = systemOf(records, surface);
      if (!system.choice)
        records.choices.push(await this.settle(scope, surface, newId(), { steps: system.steps, differs }));
    }
  }
}
