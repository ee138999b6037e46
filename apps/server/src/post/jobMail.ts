import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { careMail, printMoney, quoteMail, reminderMail, visitMail, type MailWords, type Paper } from '@rustic/core';
import { ClientLinks } from '../documents/clientLinks.ts';
import { CareSheets } from '../documents/careSheets.ts';
import { heldWords, sentPaper } from '../documents/papersOf.ts';
import { Printer } from '../documents/printer.ts';
import { documentMark, sentPapers } from '../documents/quotes.ts';
import { refusedWith } from '../http/refused.ts';
import { visitLetter } from '../aftercare/visitLetter.ts';
import { readJob, type JobRecords } from '../reading/jobRecords.ts';
import type { AgreementEntity, DocumentEntity } from '../record/documentEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { JobEntity } from '../record/jobEntities.ts';
import { refuseTakenOut } from '../record/takenOut.ts';
import { Writes } from '../record/writes.service.ts';
import { attachedPaper, mailHead, Post } from './post.ts';
import type { JobMail, JobMailBody } from './post.dto.ts';

const gone = (what: string) =>
  new ConflictException({ code: 'moved-on', message: `${what} Nothing was written to anybody.` });
const nothingYet = (what: string) => new NotFoundException({ code: 'not-found', message: what });

/** What goes into a mail about a job, and the version that it is about. */
interface Filling {
  words: MailWords;
  paper: Paper;
  documentId: string | null;
}

/** What the firm writes to the client of a job. */
@Injectable()
export class JobMails {
  constructor(
    private readonly writes: Writes,
    private readonly post: Post,
    private readonly links: ClientLinks,
    private readonly printer: Printer,
    private readonly careSheets: CareSheets,
  ) {}

  /** Writes a mail, keeps it, and lets it leave. `origin` is where the client opens the link. */
  async write(who: Who, jobId: string, body: JobMailBody, origin: string) {
    const reading = this.writes.reading(who);
    const records = await readJob(reading, jobId);
    refuseTakenOut(records.job, 'job');
    const { words, paper, documentId } = await this.filling(reading, records, body, origin);
    const wanted = { id: body.id, kind: body.what, jobId, to: body.to, ...words };
    return this.post.write(who, { ...wanted, attached: await attachedPaper(this.printer, paper) }, async (scope) => {
      const job = await scope.one(JobEntity, jobId, 'job');
      if (documentId && (await sentPapers(scope, jobId)).documents.at(-1)?.id !== documentId)
        throw gone('Another version of the quote was sent meanwhile.');
      if (body.token) await this.links.add(scope, jobId, body.token);
      // Whoever was written to once is written to there again.
      if (job.clientEmail === null) await scope.set(JobEntity, job, { clientEmail: body.to });
    });
  }

  private async filling(
    scope: FirmScope,
    records: JobRecords,
    { what, note, token }: JobMailBody,
    origin: string,
  ): Promise<Filling> {
    const { firm, job } = records;
    const head = mailHead(records, scope.who);
    if (what === 'visit-letter') {
      if (records.visits.length === 0) throw nothingYet('No visit is fixed on this job yet. Nothing was written.');
      const paper = visitLetter(records, records.visits, scope.who.now);
      return { words: visitMail(head, paper.title), paper, documentId: null };
    }
    if (what === 'care-sheet') {
      const paper = await this.careSheets.ifFinished(scope, records);
      if (!paper) throw nothingYet('Nothing is finished here yet. Nothing was written.');
      return { words: careMail(head), paper, documentId: null };
    }
    if (!token) throw refusedWith([{ path: 'token', message: 'is needed for a link' }]);
    const { documents, agreements } = await sentPapers(scope, job.id);
    const document = documents.at(-1);
    if (!document) throw nothingYet('No quote was sent on this job yet. Send it first. Nothing was written.');
    const agreement = agreements.find((a) => a.documentId === document.id) ?? null;
    if (what === 'reminder' && agreement)
      throw gone(`${documentMark(document)} was agreed by ${agreement.name} already.`);
    return quoteFilling(what, document, agreement, {
      ...head,
      link: `${origin}/client/${token}`,
      note: note?.trim() ?? '',
      zone: firm.timeZone,
    });
  }
}

function quoteFilling(
  what: Extract<JobMail, 'quote' | 'reminder'>,
  document: DocumentEntity,
  agreement: AgreementEntity | null,
  {
    zone,
    ...head
  }: { firm: string; client: string; job: string; from: string; link: string; note: string; zone: string },
): Filling {
  const { quote } = document;
  const said = {
    ...head,
    marked: documentMark(document),
    total: printMoney(agreement?.total ?? quote.total, quote.currency),
    heldUntil: heldWords(quote),
  };
  return {
    words: (what === 'quote' ? quoteMail : reminderMail)(said),
    paper: sentPaper(document, agreement, zone),
    documentId: document.id,
  };
}
