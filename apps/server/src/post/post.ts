import { Injectable } from '@nestjs/common';
import type { MailKind, MailWords, Paper } from '@rustic/core';
import { fileName } from '../documents/fileName.ts';
import type { Printer } from '../documents/printer.ts';
import { refusedWith } from '../http/refused.ts';
import type { JobRecords } from '../reading/jobRecords.ts';
import { PersonEntity, type FirmEntity } from '../record/firmEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { MailEntity } from '../record/postEntities.ts';
import { Writes } from '../record/writes.service.ts';
import { Carrier } from './carrier.ts';
import { mailFile } from './mailFile.ts';

/** A mail that somebody wants written. */
export interface Wanted extends MailWords {
  id: string;
  kind: MailKind;
  jobId: string | null;
  to: string;
  attached: { name: string; pdf: Buffer } | null;
}

/** The post of a firm: what is written is kept as it leaves. */
@Injectable()
export class Post {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly carrier: Carrier,
  ) {}

  /** Composes a mail: outside any transaction, since papers and files take their time. */
  async compose(who: Who, wanted: Wanted): Promise<MailEntity> {
    const scope = this.writes.reading(who);
    const firm = await scope.firm();
    const from = { name: firm.name, address: await addressOf(scope, firm) };
    const { id, kind, jobId, to, subject, text, attached } = wanted;
    const content = await mailFile({ id, from, to, subject, text, at: who.now, attached });
    return {
      id,
      firmId: who.firmId,
      kind,
      jobId,
      toAddress: to,
      fromAddress: from.address,
      subject: subject.slice(0, 300),
      text,
      attached: attached?.name ?? null,
      content,
      state: 'waiting',
      fault: null,
      byName: who.name,
      at: who.now,
      movedAt: who.now,
    };
  }

  /** Keeps a mail, with its entry where it is about a job. */
  async keep(scope: FirmScope, mail: MailEntity): Promise<void> {
    await scope.add(MailEntity, mail);
    const { jobId, kind, toAddress, at } = mail;
    if (jobId)
      await this.ledger.append(scope, {
        jobId,
        kind: 'mail-written',
        subject: null,
        at,
        payload: { id: mail.id, what: kind, to: toAddress },
      });
  }

  /** Writes a mail: composed, kept with whatever `besides` writes, and let go once it is kept. Answers as it then stands. */
  async write(who: Who, wanted: Wanted, besides?: (scope: FirmScope) => Promise<void>): Promise<MailEntity> {
    const mail = await this.compose(who, wanted);
    await this.writes.run(who, async (scope) => {
      await besides?.(scope);
      await this.keep(scope, mail);
      const { content: _content, ...shown } = mail;
      return shown;
    });
    return this.carrier.carry(who.firmId, mail.id, who.now);
  }
}

/** Whose address stands on a mail: the firm's own, or that of whoever writes. */
async function addressOf(scope: FirmScope, { letterhead }: FirmEntity): Promise<string> {
  if (letterhead.email) return letterhead.email;
  const writer = await scope.manager.findOneBy(PersonEntity, { id: scope.who.personId, firmId: scope.who.firmId });
  if (writer) return writer.email;
  throw refusedWith([{ path: 'from', message: 'The firm has no e-mail address yet: write one on its page.' }]);
}

/** A paper as a mail carries it. */
export const attachedPaper = async (printer: Printer, paper: Paper) => ({
  name: `${fileName(paper)}.pdf`,
  pdf: await printer.pdf(paper),
});

/** Who writes to whom about which job. */
export const mailHead = ({ firm, job }: JobRecords, { name }: Who) => ({
  firm: firm.name,
  client: job.client,
  job: job.title,
  from: name,
});
