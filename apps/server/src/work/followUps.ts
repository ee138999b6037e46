import { Injectable } from '@nestjs/common';
import type { OutsideLimits } from '@rustic/core';
import { IsNull } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { FollowUpEntity, type WorkLogEntity } from '../record/siteEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Writes } from '../record/writes.service.ts';
import type { CloseBody } from './work.dto.ts';

const DAY_MS = 86_400_000;

/** What is to be looked at again because of how it was laid: opened by the log itself, closed by whoever looked. */
@Injectable()
export class FollowUps {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  /** Opens what a coat asks for, in its own transaction. */
  async open(scope: FirmScope, log: WorkLogEntity, found: readonly OutsideLimits[]): Promise<void> {
    for (const { kind, followUp, afterDays } of found) {
      const row = await scope.add(FollowUpEntity, {
        id: uuid(),
        jobId: log.jobId,
        surfaceId: log.surfaceId,
        workId: log.id,
        kind,
        words: followUp,
        dueAt: new Date(log.endedAt.getTime() + afterDays * DAY_MS),
        closedAt: null,
        closedBy: null,
        closedNote: null,
        byName: scope.who.name,
        at: scope.who.now,
      });
      await this.ledger.append(scope, {
        jobId: log.jobId,
        kind: 'follow-up-opened',
        subject: log.surfaceId,
        at: row.at,
        payload: { id: row.id, workId: log.id, kind, words: followUp, dueAt: row.dueAt },
      });
    }
  }

  /** What a corrected log had opened is closed with it. */
  async dropOf(scope: FirmScope, workId: string): Promise<void> {
    for (const row of await scope.find(FollowUpEntity, { workId, closedAt: IsNull() }))
      await this.closeIn(scope, row, 'the log that asked for it was corrected');
  }

  async close(who: Who, followUpId: string, body: CloseBody) {
    return this.writes.run(who, async (scope) => {
      const { jobId } = await scope.one(FollowUpEntity, followUpId, 'follow-up');
      await this.ledger.hold(scope, jobId);
      return this.closeIn(scope, await scope.one(FollowUpEntity, followUpId, 'follow-up'), body.note);
    });
  }

  private async closeIn(scope: FirmScope, row: FollowUpEntity, note: string): Promise<FollowUpEntity> {
    const { who } = scope;
    if (row.closedAt) return row;
    const closing = { closedAt: who.now, closedBy: who.name, closedNote: note };
    await scope.set(FollowUpEntity, row, closing);
    await this.ledger.append(scope, {
      jobId: row.jobId,
      kind: 'follow-up-closed',
      subject: row.surfaceId,
      at: who.now,
      payload: { id: row.id, kind: row.kind, note },
    });
    return { ...row, ...closing };
  }
}
