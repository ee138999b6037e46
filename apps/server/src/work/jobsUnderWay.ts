import { LRUCache } from 'lru-cache';
import type { FirmScope } from '../record/firmScope.ts';
import type { JobEntity } from '../record/jobEntities.ts';
import { composeAll } from '../reading/houseReading.ts';
import { readJobsAnew, type JobRecords } from '../reading/jobRecords.ts';
import { jobMark, type FirmMark } from '../reading/marks.ts';
import { newestPlan, type PostedPlan } from '../reading/newestPlan.ts';

/** So many surfaces lie at hand with all that was reckoned of them; what was asked for longest ago goes first. */
const AT_HAND = 1500;

/** A job as it was read and reckoned, and the plan that counts. */
export interface UnderWay {
  mark: string;
  records: JobRecords;
  posted: PostedPlan | null;
}

/** A job may stand at two firms: what is kept of it is kept for each. */
export const jobKey = ({ who }: FirmScope, jobId: string): string => `${who.firmId} ${jobId}`;

/** Jobs under way, each read and reckoned once for its mark: as the clock goes on, only where things stand is another. */
export class JobsUnderWay {
  private readonly atHand = new LRUCache<string, UnderWay>({
    maxSize: AT_HAND,
    sizeCalculation: ({ records }) => records.surfaces.length + 1,
  });

  /** Every one of these jobs, in their order. */
  async of(scope: FirmScope, jobs: readonly JobEntity[], mark: FirmMark): Promise<UnderWay[]> {
    const found = new Map<string, UnderWay>();
    for (const job of jobs) {
      const known = this.atHand.get(jobKey(scope, job.id));
      if (known?.mark === jobMark(mark, job)) found.set(job.id, known);
    }
    const moved = jobs.filter((job) => !found.has(job.id));
    for (const records of await readJobsAnew(scope, moved)) {
      await composeAll(records);
      const { job } = records;
      const made = { mark: jobMark(mark, job), records, posted: await newestPlan(scope, job.id) };
      this.atHand.set(jobKey(scope, job.id), made);
      found.set(job.id, made);
    }
    return jobs.flatMap((job) => found.get(job.id) ?? []);
  }
}
