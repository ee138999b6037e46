import { Injectable, NotFoundException } from '@nestjs/common';
import { CHAIN_START, chained, type Entry } from '@rustic/core';
import { JobEntity, LedgerEntryEntity } from '../database/entities.ts';
import { EventEntity } from '../database/siteEntities.ts';
import type { FirmScope } from '../database/firmScope.ts';

/** What a service says happened; the ledger gives it its number, its time and its hash. */
export interface Happened {
  jobId: string;
  kind: string;
  subject: string | null;
  at: Date;
  payload: unknown;
}

/** The append-only, hash-chained record of each job. Entries are written in the transaction of what they record. */
@Injectable()
export class Ledger {
  /** The end of each chain that a transaction holds: nobody else can move it until the transaction ends. */
  private readonly ends = new WeakMap<FirmScope, Map<string, Pick<Entry, 'seq' | 'hash'>>>();

  async append(scope: FirmScope, happened: Happened): Promise<Entry> {
    const { manager, who } = scope;
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
        payload: JSON.parse(JSON.stringify(happened.payload)),
      },
      last.hash,
    );
    const { by, ...rest } = entry;
    await manager.insert(LedgerEntryEntity, { ...rest, byName: by, firmId: who.firmId } as never);
    this.ends.get(scope)!.set(happened.jobId, entry);
    const { jobId, kind } = happened;
    await manager.insert(EventEntity, { firmId: who.firmId, jobId, kind, at: who.now });
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
}
