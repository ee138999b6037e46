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

/** Logs that stand and say their hours: one that was corrected or taken back says nothing. */
const SUMMED = `INSERT INTO job_pace (firm_id, job_id, step_kind, seen, log_sum)
  SELECT w.firm_id, w.job_id, w.step_kind, COUNT(*), SUM(GREATEST(-?, LEAST(?, LN(w.hands_on_min / w.usual_min))))
  FROM work_log w LEFT JOIN work_log c ON c.firm_id = w.firm_id AND c.corrects = w.id
  WHERE w.usual_min > 0 AND w.hands_on_min > 0 AND NOT w.withdrawn AND c.id IS NULL`;
const BY_KIND = 'GROUP BY w.firm_id, w.job_id, w.step_kind';

/** Sums up the logs of a job anew. */
export async function keepPace(manager: EntityManager, firmId: string, jobId: string): Promise<void> {
  await manager.delete(JobPaceEntity, { firmId, jobId });
  await manager.query(`${SUMMED} AND w.firm_id = ? AND w.job_id = ? ${BY_KIND}`, [FURTHEST, FURTHEST, firmId, jobId]);
}

/** Sums up the logs of every job. */
export async function paceOfAll(manager: Pick<EntityManager, 'query'>): Promise<void> {
  await manager.query(`${SUMMED} ${BY_KIND}`, [FURTHEST, FURTHEST]);
}
