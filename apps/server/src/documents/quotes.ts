import { ConflictException, Injectable } from '@nestjs/common';
import { asAgreed, atAgreedPrices, hashOf, quoteChanges, quoteMark, type Quote, type QuoteChange } from '@rustic/core';
import { AgreementEntity, DocumentEntity, QuoteNumberEntity } from '../record/documentEntities.ts';
import { JobEntity } from '../record/jobEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { readJob, type JobRecords } from '../reading/jobRecords.ts';
import { Ledger } from '../record/ledger.service.ts';
import { draftOf } from '../reading/draft.ts';
import { pricedJob, type PricedJob } from '../reading/pricedJob.ts';
import { Writes } from '../record/writes.service.ts';
import { ClientLinks } from './clientLinks.ts';
import type { SendBody } from './documents.dto.ts';

/** Every version that was sent, oldest first, and what was agreed to. */
export interface SentPapers {
  documents: DocumentEntity[];
  agreements: AgreementEntity[];
}

export async function sentPapers(scope: FirmScope, jobId: string): Promise<SentPapers> {
  const [documents, agreements] = await Promise.all([
    scope.find(DocumentEntity, { jobId }, { versionNo: 'ASC' }),
    scope.find(AgreementEntity, { jobId }, { at: 'ASC', id: 'ASC' }),
  ]);
  return { documents, agreements };
}

/** A job's quote as it would be sent, and how it stands to what was. */
export interface QuoteStanding {
  draft: Quote;
  /** Names the draft: what is sent must be what was looked at. */
  seen: string;
  latest: DocumentEntity | null;
  /** The newest agreement, and the quote as it was agreed to. */
  agreed: ReturnType<typeof agreedOf>;
  papers: SentPapers;
  /** What the draft changes in the newest version, or in what was agreed. */
  changes: QuoteChange[];
}

/** The newest agreement and the quote as it was agreed to. */
function agreedOf({ documents, agreements }: SentPapers): { agreement: AgreementEntity; quote: Quote } | null {
  const agreement = agreements.at(-1);
  const document = documents.find((d) => d.id === agreement?.documentId);
  return agreement && document ? { agreement, quote: asAgreed(document.quote, agreement.options) } : null;
}

export const documentMark = ({ number, versionNo: version }: Pick<DocumentEntity, 'number' | 'versionNo'>) =>
  quoteMark({ number, version });

/** A quote as a page has it: the systems behind its options stay here. */
export const quoteShown = (quote: Quote) => ({
  ...quote,
  options: quote.options.map(({ system: _system, ...o }) => o),
});

/** Quotes: the draft that is computed from the record, and the versions that were sent. */
@Injectable()
export class Quotes {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly links: ClientLinks,
  ) {}

  /** `priced`: its price, where the caller has it already. */
  async standing(scope: FirmScope, records: JobRecords, priced?: PricedJob): Promise<QuoteStanding> {
    const papers = await sentPapers(scope, records.job.id);
    const computed = await draftOf(records, priced ?? (await pricedJob(scope, records)), scope.who.now);
    const agreed = agreedOf(papers);
    const latest = papers.documents.at(-1) ?? null;
    const draft = agreed ? atAgreedPrices(computed, agreed.quote) : computed;
    const before = latest && agreed?.agreement.documentId !== latest.id ? latest.quote : (agreed?.quote ?? null);
    return {
      draft,
      seen: hashOf(JSON.parse(JSON.stringify(draft))),
      latest,
      agreed,
      papers,
      changes: before ? quoteChanges(before, draft) : [],
    };
  }

  /** Sends the quote as it stands: numbered, kept whole, and never changed. */
  async send(who: Who, jobId: string, body: SendBody) {
    return this.writes.run(who, async (scope) => {
      await this.ledger.hold(scope, jobId);
      const records = await readJob(scope, jobId);
      const { draft, seen, latest, changes, agreed } = await this.standing(scope, records);
      this.mustBeSendable(body, draft, seen, latest, changes);
      const { number, version } = await this.next(scope, jobId, latest);
      const document = await scope.add(DocumentEntity, {
        id: body.id,
        jobId,
        number,
        versionNo: version,
        quote: draft,
        changes: agreed ? quoteChanges(agreed.quote, draft) : changes,
        hash: seen,
        byName: who.name,
        sentAt: who.now,
      });
      if (records.job.status === 'walk-round') await scope.set(JobEntity, records.job, { status: 'quoted' });
      const linked = await this.links.ensure(scope, jobId, body.token);
      await this.ledger.append(scope, {
        jobId,
        kind: 'quote-sent',
        subject: document.id,
        at: who.now,
        payload: { number, version, hash: seen, net: draft.net, total: draft.total, changes: document.changes },
      });
      return { id: document.id, number, version, linked };
    });
  }

  private mustBeSendable(
    body: SendBody,
    draft: Quote,
    seen: string,
    latest: DocumentEntity | null,
    changes: readonly QuoteChange[],
  ): void {
    if (draft.lines.length === 0)
      throw new ConflictException({
        code: 'nothing-to-send',
        message: 'There is no surface to price. Nothing was sent; add a surface, or put one back.',
      });
    if (seen !== body.seen)
      throw new ConflictException({
        code: 'moved-on',
        message: 'The price has moved since it was shown. Nothing was sent; look at it again.',
      });
    if (latest && changes.length === 0 && latest.quote.total === draft.total && sameOffer(latest.quote, draft))
      throw new ConflictException({
        code: 'same-as-sent',
        message: `Nothing has changed since ${documentMark(latest)}. Nothing was sent; its link still shows it.`,
      });
  }

  /**
   * Versions of one job share a number; a new one follows the firm's last without a gap. The number is a row that only
   * one write can insert: whoever comes second is tried again and takes the next.
   */
  private async next(
    scope: FirmScope,
    jobId: string,
    latest: DocumentEntity | null,
  ): Promise<{ number: number; version: number }> {
    if (latest) return { number: latest.number, version: latest.versionNo + 1 };
    const { manager, who } = scope;
    const last = await manager.maximum(QuoteNumberEntity, 'number', { firmId: who.firmId });
    const { letterhead } = await scope.firm();
    const number = Math.max((last ?? 0) + 1, letterhead.quotesFrom ?? 1);
    await manager.insert(QuoteNumberEntity, { firmId: who.firmId, number, jobId });
    return { number, version: 1 };
  }
}

const sameOffer = (a: Quote, b: Quote) =>
  JSON.stringify(a.options.map((o) => [o.id, o.key, o.price])) ===
  JSON.stringify(b.options.map((o) => [o.id, o.key, o.price]));
