import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { FirmScope, type Who } from './firmScope.ts';
import { JobEntity } from './jobEntities.ts';
import { Writes } from './writes.service.ts';
import { Ledger } from './ledger.service.ts';

/** Jobs of which no entry carries the job's own row. */
const NOT_CARRIED = `
  SELECT j.id AS jobId, j.firm_id AS firmId FROM job j WHERE NOT EXISTS (
    SELECT 1 FROM ledger_entry e WHERE e.firm_id = j.firm_id AND e.job_id = j.id
      AND e.kind IN ('job-opened', 'record-carried-forward') AND JSON_EXTRACT(e.payload, '$.wrote') IS NOT NULL)`;

/** Brings records of an earlier release forward as the server starts: once for each job, however many servers start. */
@Injectable()
export class CarryForward {
  constructor(
    private readonly database: DataSource,
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async all(now: Date): Promise<void> {
    const jobs = await this.database.query<{ jobId: string; firmId: string }[]>(NOT_CARRIED);
    for (const { jobId, firmId } of jobs) {
      const who: Who = { firmId, personId: '', name: 'Rustic Ledger', now, write: null };
      await this.writes.run(who, async (scope: FirmScope) =>
        this.ledger.carryForward(scope, await scope.one(JobEntity, jobId, 'job')),
      );
    }
  }
}
