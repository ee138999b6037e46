import { isCoat } from '@rustic/core';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import { workOn } from './houseReading.ts';
import type { JobRecords } from './jobRecords.ts';
import { isLeftOut } from './leftOut.ts';

/** True once the last coat of a surface's first visit is logged. */
function isFinished(records: JobRecords, surface: SurfaceEntity): boolean {
  const { work, logs } = workOn(records, surface);
  const lastCoat = work.findLast((w) => isCoat(w.plan.kind) && !w.atReturn);
  return lastCoat !== undefined && logs.some((log) => log.stepId === lastCoat.plan.id);
}

/** Surfaces whose last coat is still to come. */
export const unfinishedOn = (records: JobRecords): SurfaceEntity[] =>
  records.surfaces.filter((s) => !isLeftOut(s) && !isFinished(records, s));
