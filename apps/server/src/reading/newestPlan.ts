import { PostedPlanEntity } from '../record/systemEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';

/** A posted plan without the question it answers: with the air hour by hour that is the greater part, and nobody asks for it again. */
export type PostedPlan = Omit<PostedPlanEntity, 'input'>;

/** The plan of a job that was posted last: it is the one that counts. Null where none was. */
export async function newestPlan({ manager, who }: FirmScope, jobId: string): Promise<PostedPlan | null> {
  const [posted] = await manager.find(PostedPlanEntity, {
    select: { id: true, firmId: true, jobId: true, plan: true, byName: true, at: true },
    where: { jobId, firmId: who.firmId },
    order: { at: 'DESC', id: 'DESC' },
    take: 1,
  });
  return posted ?? null;
}
