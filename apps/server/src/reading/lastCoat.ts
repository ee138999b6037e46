import { isCoat, type Case, type LastCoat } from '@rustic/core';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import type { WorkLogEntity } from '../record/siteEntities.ts';
import { systemOf, workOn } from './houseReading.ts';
import type { JobRecords } from './jobRecords.ts';
import { productById } from './firmShelf.ts';

/** The last coat of a finished surface, as it was logged; null where it is not laid yet, or its product is not known. */
export function lastCoatOf(
  records: JobRecords,
  surface: SurfaceEntity,
): { c: Case; log: WorkLogEntity; last: LastCoat } | null {
  const system = systemOf(records, surface);
  const { work, logs, done } = workOn(records, surface, system);
  const step = work.findLast((w) => isCoat(w.plan.kind));
  const log = logs.find((l) => l.stepId === step?.plan.id);
  const product = log ? productById(records.shelf, log.productId) : null;
  if (!log || !product) return null;
  const thickness = done.find((d) => d.stepId === log.stepId)!.thickness;
  return { c: system.c, log, last: { end: log.endedAt.toISOString(), product, thickness } };
}
