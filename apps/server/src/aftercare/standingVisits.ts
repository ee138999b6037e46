import type { FirmScope } from '../database/firmScope.ts';
import { VisitActEntity, VisitEntity } from '../database/visitEntities.ts';

/** Visits that are fixed and neither made nor called off. */
export async function standingVisits(scope: FirmScope): Promise<VisitEntity[]> {
  const [visits, ended] = await Promise.all([
    scope.find(VisitEntity, {}, { onDay: 'ASC', fromTime: 'ASC' }),
    scope.find(VisitActEntity),
  ]);
  const over = new Set(ended.map((a) => a.visitId));
  return visits.filter((v) => !over.has(v.id));
}
