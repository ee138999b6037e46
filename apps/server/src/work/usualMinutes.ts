import { minutesOf, type WorkStep } from '@rustic/core';
import { allStepsOf, systemOf } from '../reading/houseReading.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import type { SurfaceEntity } from '../record/jobEntities.ts';

/** What the usual rates say of a step: one coat of it, where it is laid in several. */
export function usualMinutes(records: JobRecords, surface: SurfaceEntity, { step }: WorkStep): number {
  const { c } = systemOf(records, surface);
  const line = allStepsOf(records, surface)[step]!;
  return Math.round(minutesOf(line, c.d.surface, { access: surface.access }) / (line.coats ?? 1));
}
