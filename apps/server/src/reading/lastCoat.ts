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
  const { work, logs, done } = workOn(records, surface);
  const coats = work.filter((w) => isCoat(w.plan.kind));
  const laid = coats.filter((w) => logs.some((l) => l.stepId === w.plan.id));
  const first = coats.findLast((w) => !w.atReturn);
  // The film is whole once the first visit's last coat is down; a coat of the return visit renews it.
  const log = first && laid.includes(first) ? logs.find((l) => l.stepId === laid.at(-1)?.plan.id) : undefined;
  const product = log ? productById(records.shelf, log.productId) : null;
  if (!log || !product) return null;
  const thickness = done.find((d) => d.stepId === log.stepId)!.thickness;
  return { c: system.c, log, last: { end: log.endedAt.toISOString(), product, thickness } };
}
