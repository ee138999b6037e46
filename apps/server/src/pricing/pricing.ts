import { Body, Controller, Get, Injectable, Param, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { currencyOfSum, isTypical, type FanInput, type OwnSum } from '@rustic/core';
import { refusedWith } from '../http/refused.ts';
import { standingSurface } from '../record/takenOut.ts';
import { PhotoEntity } from '../record/evidenceEntities.ts';
import { JobEntity } from '../record/jobEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { AnswerBody, ClientPhotosBody, OffersBody, OwnSumsBody } from '../documents/documents.dto.ts';
import { ClientLinks } from '../documents/clientLinks.ts';
import { Clients } from '../documents/clients.ts';
import { Replies } from '../documents/replies.ts';
import { Quotes, quoteShown } from '../documents/quotes.ts';
import { readJob } from '../reading/jobRecords.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Sender } from '../people/session.ts';
import { ForPriceReaders } from '../people/roles.ts';
import { Writes } from '../record/writes.service.ts';
import { fanOf } from './fanOf.ts';
import { pricedJob } from '../reading/pricedJob.ts';
import { sumsElsewhere } from '../reading/ownSums.ts';
import { Answers } from '../answers/answer.ts';
import {
  clientPhotosAnswer,
  clientView,
  fanAnswer,
  offersAnswer,
  ownSumsAnswer,
  pricePage,
  replyAnswer,
} from '../answers/price.ts';

/** What cannot be: a line of its own without words, a surface's price below nothing or set twice. */
function ownSumFaults(sums: readonly OwnSum[]): { path: string; message: string }[] {
  return sums.flatMap(({ surfaceId, words, amount }, i) => {
    if (surfaceId === null)
      return words.trim() ? [] : [{ path: `ownSums[${i}].words`, message: 'says what it is for' }];
    if (amount < 0) return [{ path: `ownSums[${i}].amount`, message: 'of a surface cannot be below nothing' }];
    const twice = sums.findIndex((other) => other.surfaceId === surfaceId) !== i;
    return twice ? [{ path: `ownSums[${i}].surfaceId`, message: 'has a price already' }] : [];
  });
}

/** Sums as they are kept: each with the currency in which it was set. One that was not touched keeps its own. */
const setIn = (here: string, sums: readonly OwnSum[], job: JobEntity): OwnSum[] =>
  sums.map((sum) => {
    const before = job.ownSums?.find((s) => s.id === sum.id && s.amount === sum.amount);
    return { ...sum, currency: before ? currencyOfSum(before, job, here) : here };
  });

/** What a job costs, how that stands to what was sent, and what it still rests on. */
@Injectable()
export class Pricing {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly quotes: Quotes,
    private readonly links: ClientLinks,
    private readonly clients: Clients,
    private readonly replies: Replies,
  ) {}

  async page(who: Who, jobId: string) {
    const scope = this.writes.reading(who);
    const records = await readJob(scope, jobId);
    const priced = await pricedJob(scope, records);
    const [{ draft, seen, changes, latest, agreed, papers }, link] = await Promise.all([
      this.quotes.standing(scope, records, priced),
      this.links.current(scope, jobId),
    ]);
    const { lines, products, sundries: _sundries, ...sums } = priced.price;
    return {
      job: records.job,
      draft: quoteShown(draft),
      seen,
      changes,
      sums,
      lines,
      elsewhere: sumsElsewhere(records.job, draft.currency),
      settings: priced.settings,
      learned: records.learned,
      typical: [...new Set(products.filter((p) => isTypical(p.product.id)).map((p) => p.product.family))],
      sent: papers.documents.map(({ id, number, versionNo: version, quote, byName, sentAt }) => ({
        id,
        number,
        version,
        total: quote.total,
        currency: quote.currency,
        byName,
        sentAt,
        agreement: papers.agreements.find((a) => a.documentId === id) ?? null,
      })),
      latest: latest && { id: latest.id, number: latest.number, version: latest.versionNo },
      agreement: agreed?.agreement ?? null,
      link: link && {
        expiresAt: link.expiresAt,
        madeAt: link.madeAt,
        opened: await this.links.lastVisit(link),
      },
      replies: await this.replies.of(scope, jobId),
    };
  }

  /** Lines of their own, discounts and prices set by hand, all of them at once. */
  async setOwnSums(who: Who, jobId: string, body: OwnSumsBody) {
    const faults = ownSumFaults(body.ownSums);
    if (faults.length) throw refusedWith(faults);
    return this.writes.run(who, async (scope) => {
      const job = await scope.one(JobEntity, jobId, 'job');
      const names: string[] = [];
      for (const { surfaceId, words } of body.ownSums) {
        const surface = surfaceId ? await standingSurface(scope, surfaceId, jobId) : null;
        names.push(surface?.name ?? words);
      }
      const ownSums = setIn((await scope.firm()).currency, body.ownSums, job);
      const saved = await scope.change(JobEntity, job, body, { ownSums });
      await this.ledger.append(scope, {
        jobId,
        kind: 'own-sums-changed',
        subject: null,
        at: who.now,
        payload: { lines: names, ownSums },
      });
      return { version: saved.version, ownSums };
    });
  }

  /** Which photos the client is shown, in pairs once there is a later one; all of them at once. */
  async choosePhotos(who: Who, jobId: string, { clientPhotos, ...yours }: ClientPhotosBody) {
    return this.writes.run(who, async (scope) => {
      const job = await scope.one(JobEntity, jobId, 'job');
      const there = new Set((await scope.find(PhotoEntity, { jobId })).map((p) => p.id));
      const named = clientPhotos.flatMap(({ before, after }) => (after ? [before, after] : [before]));
      if (!named.every((photoId) => there.has(photoId))) await scope.one(PhotoEntity, '', 'photo');
      const saved = await scope.change(JobEntity, job, yours, { clientPhotos });
      await this.ledger.append(scope, {
        jobId,
        kind: 'client-photos-chosen',
        subject: null,
        at: who.now,
        payload: { photos: clientPhotos.map((p) => p.before) },
      });
      return { version: saved.version, clientPhotos };
    });
  }

  /** What the client would see: looked at by whoever sends it. */
  async asClient(who: Who, jobId: string) {
    const scope = this.writes.reading(who);
    const records = await readJob(scope, jobId);
    return this.clients.preview(scope, jobId, await this.quotes.standing(scope, records));
  }

  async fan(who: Who, jobId: string): Promise<FanInput> {
    const scope = this.writes.reading(who);
    const records = await readJob(scope, jobId);
    return fanOf(records, await pricedJob(scope, records));
  }

  /** Which other ways are put to the client, all of them at once. */
  async offer(who: Who, jobId: string, body: OffersBody) {
    return this.writes.run(who, async (scope) => {
      const job = await scope.one(JobEntity, jobId, 'job');
      for (const { surfaceId } of body.offers) await standingSurface(scope, surfaceId, jobId);
      const offers = body.offers.map(({ id, surfaceId, key }) => ({ id, surfaceId, key }));
      const saved = await scope.change(JobEntity, job, body, { offers });
      await this.ledger.append(scope, {
        jobId,
        kind: 'offers-changed',
        subject: null,
        at: who.now,
        payload: { offers },
      });
      return { version: saved.version, offers };
    });
  }
}

@ApiTags('price')
@Controller('api/jobs/:jobId')
export class PricingController {
  constructor(
    private readonly pricing: Pricing,
    private readonly replies: Replies,
  ) {}

  @ForPriceReaders() @Answers('price', pricePage) @Get('price') page(@Sender() who: Who, @Param('jobId') id: string) {
    return this.pricing.page(who, id);
  }
  @ForPriceReaders() @Answers('clientPreview', clientView) @Get('client-view') asClient(
    @Sender() who: Who,
    @Param('jobId') id: string,
  ) {
    return this.pricing.asClient(who, id);
  }
  @Answers('putClientPhotos', clientPhotosAnswer) @Put('client-photos') setPhotos(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: ClientPhotosBody,
  ) {
    return this.pricing.choosePhotos(who, id, body);
  }
  @Answers('putOwnSums', ownSumsAnswer) @Put('own-sums') setOwnSums(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: OwnSumsBody,
  ) {
    return this.pricing.setOwnSums(who, id, body);
  }
  @Answers('answerClient', replyAnswer) @Post('replies') answer(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: AnswerBody,
  ) {
    return this.replies.answer(who, id, body);
  }
  /** What the simulation is run on: in the browser, so that it can be stopped. */
  @ForPriceReaders() @Answers('fan', fanAnswer) @Get('price/fan') fan(@Sender() who: Who, @Param('jobId') id: string) {
    return this.pricing.fan(who, id);
  }
  @Answers('putOffers', offersAnswer) @Put('offers') offer(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: OffersBody,
  ) {
    return this.pricing.offer(who, id, body);
  }
}
