import { LRUCache } from 'lru-cache';
import type { FirmScope } from '../record/firmScope.ts';

const MINUTE_MS = 60_000;
/** So much is remembered; what was asked for longest ago goes first. */
const MOST = 500;

/**
 * What a firm's sheet is read from: where any of it moves, a mark moves. The firm's first, then each job's: both the
 * newest event and how many there are, since a number is given before it is committed, and an earlier one may come later.
 */
const MARKS = `SELECT NULL AS jobId, CONCAT_WS('|',
  (SELECT version FROM firm WHERE id = ?),
  (SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(version), 0)) FROM product WHERE firm_id = ?),
  (SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(version), 0)) FROM van_tin WHERE firm_id = ?),
  (SELECT COUNT(*) FROM event WHERE firm_id = ? AND kind = 'trial-concluded')) AS mark
UNION ALL SELECT job_id, CONCAT(COUNT(*), '/', MAX(id)) FROM event WHERE firm_id = ? GROUP BY job_id`;

/** How everything stands that a firm's run sheet is read from: in all, and job by job. */
export interface Marks {
  whole: string;
  ofJob: (jobId: string) => string;
  /** The same without the minute: for what does not move by the clock. */
  recordOf: (jobId: string) => string;
}

/** Asks the database how things stand: what is remembered counts only while they stand so, and no longer than a minute. */
export async function marksOf({ manager, who: { firmId, now } }: FirmScope): Promise<Marks> {
  const rows = (await manager.query(MARKS, Array(5).fill(firmId))) as { jobId: string | null; mark: string }[];
  const firm = rows.find((r) => r.jobId === null)!;
  const jobs = rows.filter((r): r is { jobId: string; mark: string } => r.jobId !== null);
  const always = `${firm.mark}|${Math.floor(now.getTime() / MINUTE_MS)}`;
  const written = new Map(jobs.map(({ jobId, mark }) => [jobId, mark]));
  return {
    whole: `${always}|${jobs.map(({ jobId, mark }) => `${jobId}:${mark}`).join()}`,
    ofJob: (jobId) => `${always}|${written.get(jobId) ?? ''}`,
    recordOf: (jobId) => `${firm.mark}|${written.get(jobId) ?? ''}`,
  };
}

/** Values by key, each good for one mark: fifty people who look at once make a thing once. */
export class Remembered<T> {
  private readonly kept = new LRUCache<string, { mark: string; value: T }>({ max: MOST });

  get(key: string, mark: string): T | undefined {
    const known = this.kept.get(key);
    return known?.mark === mark ? known.value : undefined;
  }
  set(key: string, mark: string, value: T): void {
    this.kept.set(key, { mark, value });
  }
  forget(key: string, value: T): void {
    if (this.kept.get(key)?.value === value) this.kept.delete(key);
  }
}
