import { PostedPlanEntity } from '../database/entities.ts';
import type { FirmScope } from '../database/firmScope.ts';

/** The plan of a job that was posted last: it is the one that counts. Null where none was. */
export async function newestPlan({ manager, who }: FirmScope, jobId: string): Promise<PostedPlanEntity | null> {
  const [posted] = await manager.find(PostedPlanEntity, {
    where: { jobId, firmId: who.firmId },
    order: { at: 'DESC', id: 'DESC' },
    take: 1,
  });
  return posted ?? null;
}
