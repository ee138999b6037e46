import { ConflictException, Injectable } from '@nestjs/common';
import type { HandedOver } from '@rustic/core';
import { refusedWith } from '../http/refused.ts';
import { unfinishedOn } from '../reading/unfinished.ts';
import { readJob } from '../reading/jobRecords.ts';
import type { Who } from '../record/firmScope.ts';
import { JobEntity } from '../record/jobEntities.ts';
import { Ledger } from '../record/ledger.service.ts';
import { standing } from '../record/takenOut.ts';
import { Writes } from '../record/writes.service.ts';
import type { HandoverBody, TakeHandoverBackBody } from './work.dto.ts';

/** The hand-over: an act of its own, with who was there. What is not finished yet is named, and why it is handed over all the same. */
@Injectable()
export class Handover {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  handOver(who: Who, jobId: string, body: HandoverBody) {
    return this.writes.run(who, async (scope) => {
      const job = await standing(scope, JobEntity, jobId, 'job');
      await this.ledger.hold(scope, jobId);
      if (job.handedOver)
        throw new ConflictException({
          code: 'handed-over',
          message: `It was handed over already, by ${job.handedOver.by}. Nothing was written twice.`,
          yours: body,
          theirs: job.handedOver,
        });
      const records = await readJob(scope, jobId);
      const unfinished = unfinishedOn(records);
      const { note = '' } = body;
      if (unfinished.length > 0 && note.trim() === '')
        throw refusedWith([
          {
            path: 'note',
            message: `is needed, as not everything is finished: ${unfinished.map((s) => s.name).join(', ')}`,
          },
        ]);
      const handedOver: HandedOver = { at: body.at, by: who.name, withWhom: body.withWhom, note };
      const saved = await scope.change(JobEntity, job, job, { handedOver, status: 'aftercare' });
      await this.ledger.append(scope, {
        jobId,
        kind: 'handed-over',
        subject: null,
        at: new Date(body.at),
        payload: { withWhom: body.withWhom, note },
      });
      return saved;
    });
  }

  /** It was not handed over after all: the work goes on. */
  takeBack(who: Who, jobId: string, { note }: TakeHandoverBackBody) {
    return this.writes.run(who, async (scope) => {
      const job = await standing(scope, JobEntity, jobId, 'job');
      await this.ledger.hold(scope, jobId);
      if (!job.handedOver)
        throw new ConflictException({
          code: 'not-handed-over',
          message: 'It is not handed over: there is nothing to take back. Nothing was written.',
          theirs: job,
        });
      const saved = await scope.change(JobEntity, job, job, { handedOver: null, status: 'active' });
      const payload = { note };
      await this.ledger.append(scope, { jobId, kind: 'handover-taken-back', subject: null, at: who.now, payload });
      return saved;
    });
  }
}
