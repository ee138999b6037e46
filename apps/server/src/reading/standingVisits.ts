import type { FirmScope } from '../record/firmScope.ts';
import { visitsThatStand } from './jobRecords.ts';
import { VisitActEntity, VisitEntity } from '../record/visitEntities.ts';

/** Visits that are fixed and neither made nor called off. */
export async function standingVisits(scope: FirmScope): Promise<VisitEntity[]> {
  const [visits, ended] = await Promise.all([
    scope.find(VisitEntity, {}, { onDay: 'ASC', fromTime: 'ASC' }),
    scope.find(VisitActEntity),
  ]);
  return visitsThatStand(visits, ended);
}
