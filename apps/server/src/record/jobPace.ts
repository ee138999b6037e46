import { FURTHEST } from '@rustic/core';
import { Column, Entity, PrimaryColumn, type EntityManager } from 'typeorm';

/** What the logs of one job say of the firm's own pace: kept beside them, so that nobody sums up the logs of years. */
@Entity('job_pace')
export class JobPaceEntity {
  @PrimaryColumn('char', { length: 36, name: 'firm_id' }) firmId: string;
  @PrimaryColumn('char', { length: 36, name: 'job_id' }) jobId: string;
  @PrimaryColumn('varchar', { length: 20, name: 'step_kind' }) stepKind: string;
  /** How many logs of this kind say how long it took. */
  @Column('int') seen: number;
  /** The logarithms of logged over usual minutes, summed. */
  @Column('double', { name: 'log_sum' }) logSum: number;
}

/** What the logs of all jobs of a firm say: the sum of what is kept for each, moved as those move, whatever jobs there are. */
@Entity('firm_pace')
export class FirmPaceEntity {
  @PrimaryColumn('char', { length: 36, name: 'firm_id' }) firmId: string;
  @PrimaryColumn('varchar', { length: 20, name: 'step_kind' }) stepKind: string;
  @Column('int') seen: number;
  @Column('double', { name: 'log_sum' }) logSum: number;
}

/** Logs that stand and say their hours: one that was corrected or taken back says nothing. */
const SUMMED = `
  SELECT w.firm_id, w.job_id, w.step_kind, COUNT(*) AS seen,
    SUM(GREATEST(-?, LEAST(?, LN(w.hands_on_min / w.usual_min)))) AS log_sum
  FROM work_log w LEFT JOIN work_log c ON c.firm_id = w.firm_id AND c.corrects = w.id
  WHERE w.usual_min > 0 AND w.hands_on_min > 0 AND NOT w.withdrawn AND c.id IS NULL`;
const BY_KIND = 'GROUP BY w.firm_id, w.job_id, w.step_kind';
const INTO_JOB = 'INSERT INTO job_pace (firm_id, job_id, step_kind, seen, log_sum)';

/** What a job's logs say now, less what was kept of them: in one order, so that no two writes wait for one another. */
const MOVED = `
  INSERT INTO firm_pace (firm_id, step_kind, seen, log_sum)
  SELECT firm_id, step_kind, SUM(seen) AS moved, SUM(log_sum) AS log_moved FROM (
    ${SUMMED} AND w.firm_id = ? AND w.job_id = ? ${BY_KIND}
    UNION ALL SELECT firm_id, job_id, step_kind, -seen, -log_sum FROM job_pace WHERE firm_id = ? AND job_id = ?
  ) both_sums GROUP BY firm_id, step_kind ORDER BY step_kind
  ON DUPLICATE KEY UPDATE seen = firm_pace.seen + VALUES(seen), log_sum = firm_pace.log_sum + VALUES(log_sum)`;

/** Sums up the logs of a job anew, and moves its firm's by as much. */
export async function keepPace(manager: EntityManager, firmId: string, jobId: string): Promise<void> {
  const job = [firmId, jobId];
  await manager.query(MOVED, [FURTHEST, FURTHEST, ...job, ...job]);
  await manager.delete(JobPaceEntity, { firmId, jobId });
  await manager.query(`${INTO_JOB} ${SUMMED} AND w.firm_id = ? AND w.job_id = ? ${BY_KIND}`, [
    FURTHEST,
    FURTHEST,
    ...job,
  ]);
}

/** Sums up the logs of every job. */
export async function paceOfAll(manager: Pick<EntityManager, 'query'>): Promise<void> {
  await manager.query(`${INTO_JOB} ${SUMMED} ${BY_KIND}`, [FURTHEST, FURTHEST]);
}
