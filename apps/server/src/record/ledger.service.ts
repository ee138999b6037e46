import { Injectable, NotFoundException } from '@nestjs/common';
import { CHAIN_START, chained, MUTABLE_ROWS, wroteRow, type Entry, type LedgerEvent, type Wrote } from '@rustic/core';
import { JobEntity } from './jobEntities.ts';
import { LedgerEntryEntity } from './ledgerEntities.ts';
import type { FirmScope } from './firmScope.ts';
import { fileRow, JOB_TABLES } from './jobTables.ts';

/** What a service says happened; the ledger gives it its number, its time and its hash, and adds what was written. */
export type Happened = LedgerEvent & { jobId: string; subject: string | null; at: Date };

/** What was written of a job since its last entry. */
function writtenOf({ unrecorded }: FirmScope, jobId: string): { wrote?: Wrote[] } {
  const wrote = unrecorded.get(jobId);
  unrecorded.delete(jobId);
  return wrote ? { wrote } : {};
}

/** The append-only, hash-chained record of each job. Entries are written in the transaction of what they record, at its end. */
@Injectable()
export class Ledger {
  /** The end of each chain that a transaction holds: nobody else can move it until the transaction ends. */
  private readonly ends = new WeakMap<FirmScope, Map<string, Pick<Entry, 'seq' | 'hash'>>>();

  async append(scope: FirmScope, happened: Happened): Promise<Entry> {
    const { who } = scope;
    const last = await this.hold(scope, happened.jobId);
    const entry = chained(
      {
        seq: last.seq + 1,
        jobId: happened.jobId,
        kind: happened.kind,
        subject: happened.subject,
        by: who.name,
        at: happened.at.toISOString(),
        recordedAt: who.now.toISOString(),
        payload: JSON.parse(JSON.stringify({ ...happened.payload, ...writtenOf(scope, happened.jobId) })),
      },
      last.hash,
    );
    scope.entered.push(entry);
    this.ends.get(scope)!.set(happened.jobId, entry);
    return entry;
  }

  /** Holds the job's row until the transaction ends, so that its chain grows one entry at a time; answers with its end. */
  async hold(scope: FirmScope, jobId: string): Promise<Pick<Entry, 'seq' | 'hash'>> {
    const held = this.ends.get(scope) ?? new Map<string, Pick<Entry, 'seq' | 'hash'>>();
    this.ends.set(scope, held);
    const known = held.get(jobId);
    if (known) return known;
    const { manager, who } = scope;
    const job = await manager.findOne(JobEntity, {
      where: { id: jobId, firmId: who.firmId },
      lock: { mode: 'pessimistic_write' },
    });
    if (!job) throw new NotFoundException('There is no such job.');
    const [last] = await manager.find(LedgerEntryEntity, {
      select: { firmId: true, jobId: true, seq: true, hash: true },
      where: { jobId, firmId: who.firmId },
      order: { seq: 'DESC' },
      take: 1,
    });
    const end = last ?? { seq: 0, hash: CHAIN_START };
    held.set(jobId, end);
    return end;
  }

  async entries(scope: FirmScope, jobId: string): Promise<Entry[]> {
    await scope.one(JobEntity, jobId, 'job');
    const rows = await scope.manager.find(LedgerEntryEntity, {
      where: { jobId, firmId: scope.who.firmId },
      order: { seq: 'ASC' },
    });
    return rows.map(({ firmId: _firm, byName, ...row }) => ({ ...row, by: byName }));
  }

  /**
   * Carries every row of a job into its ledger as it stands, where the ledger is of before entries carried rows: from
   * here on the job can be rebuilt from its entries.
   */
  async carryForward(scope: FirmScope, job: JobEntity): Promise<void> {
    await this.hold(scope, job.id);
    const [opened] = await scope.manager.query<{ n: string }[]>(CARRIED, [scope.who.firmId, job.id]);
    if (Number(opened?.n)) return;
    const wrote: Wrote[] = [];
    for (const kind of MUTABLE_ROWS) {
      const entity = kind === 'job' ? JobEntity : JOB_TABLES[kind];
      const rows = kind === 'job' ? [job] : await scope.find(JOB_TABLES[kind], { jobId: job.id }, { id: 'ASC' });
      wrote.push(...rows.map((row) => wroteRow(kind, fileRow(scope.manager, entity, row))));
    }
    scope.unrecorded.set(job.id, wrote);
    await this.append(scope, {
      jobId: job.id,
      kind: 'record-carried-forward',
      subject: null,
      at: scope.who.now,
      payload: {},
    });
  }
}

/** Whether an entry of a job carries the job's own row: then all of it is carried from there on. */
const CARRIED =
  "SELECT COUNT(*) AS n FROM ledger_entry WHERE firm_id = ? AND job_id = ? AND kind IN ('job-opened', 'record-carried-forward') AND JSON_EXTRACT(payload, '$.wrote') IS NOT NULL";
