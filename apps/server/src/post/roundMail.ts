import { Injectable, NotFoundException } from '@nestjs/common';
import { visitMail } from '@rustic/core';
import { v5 } from 'uuid';
import { Letters } from '../aftercare/letters.ts';
import { visitLetter } from '../aftercare/visitLetter.ts';
import { Printer } from '../documents/printer.ts';
import type { Who } from '../record/firmScope.ts';
import type { MailEntity } from '../record/postEntities.ts';
import { Writes } from '../record/writes.service.ts';
import { Carrier } from './carrier.ts';
import { attachedPaper, mailHead, Post } from './post.ts';

/** A letter to each client of a round, in the order in which they are called on. */
@Injectable()
export class RoundMails {
  constructor(
    private readonly writes: Writes,
    private readonly post: Post,
    private readonly carrier: Carrier,
    private readonly letters: Letters,
    private readonly printer: Printer,
  ) {}

  /** Writes to every client who has an address; says which jobs have none. */
  async write(who: Who, roundId: string, id: string) {
    const round = await this.letters.read(this.writes.reading(who), roundId);
    if (round.length === 0)
      throw new NotFoundException({
        code: 'not-found',
        message: 'Every visit of this round was made or called off. Nothing was written.',
      });
    const mails: MailEntity[] = [];
    for (const { records, visits } of round) {
      const { job } = records;
      if (!job.clientEmail) continue;
      const paper = visitLetter(records, visits, who.now);
      mails.push(
        await this.post.compose(who, {
          // Sent again, the same act writes the same letters.
          id: v5(job.id, id),
          kind: 'visit-letter',
          jobId: job.id,
          to: job.clientEmail,
          ...visitMail(mailHead(records, who), paper.title),
          attached: await attachedPaper(this.printer, paper),
        }),
      );
    }
    const without = round.filter(({ records }) => !records.job.clientEmail).map(({ records }) => records.job.title);
    const answer = await this.writes.run(who, async (scope) => {
      for (const mail of mails) await this.post.keep(scope, mail);
      return { written: mails.length, without };
    });
    for (const mail of mails) await this.carrier.carry(who.firmId, mail.id, who.now);
    return answer;
  }
}
