import {
  Body,
  ConflictException,
  Controller,
  Get,
  Header,
  Injectable,
  NotFoundException,
  Param,
  Post,
  Query,
  Req,
  Res,
  StreamableFile,
} from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { optionFault, quoteTotals, type Paper, type QuoteOption } from '@rustic/core';
import type { Request, Response } from 'express';
import { v7 as uuid } from 'uuid';
import { standingSurface } from '../record/takenOut.ts';
import { AgreementEntity, type ClientLinkEntity, DocumentEntity } from '../record/documentEntities.ts';
import { PhotoEntity } from '../record/evidenceEntities.ts';
import { JobEntity, SurfaceEntity } from '../record/jobEntities.ts';
import { photosForClient } from '../reading/clientPhotos.ts';
import { WorkLogEntity } from '../record/siteEntities.ts';
import { calendarFile } from '../calendar/calendarFile.ts';
import { careEvents } from '../calendar/careEvents.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { refusedWith } from '../http/refused.ts';
import { readJob } from '../reading/jobRecords.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Open } from '../people/session.ts';
import { Systems } from '../systems/systems.ts';
import { Photos } from '../walkround/photos.ts';
import type { SentWrite, WriteRequest } from '../record/sentWrite.ts';
import { Writes } from '../record/writes.service.ts';
import { ClientLinks } from './clientLinks.ts';
import { AgreeBody, PaperQuery, ReplyBody } from './documents.dto.ts';
import { sendPaper } from './documents.controller.ts';
import { CareSheets } from './careSheets.ts';
import { sentPaper } from './papersOf.ts';
import { Printer } from './printer.ts';
import { documentMark, quoteShown, type QuoteStanding } from './quotes.ts';
import { Replies } from './replies.ts';
import { Answers } from '../answers/answer.ts';
import { agreedAnswer, clientView, replyAnswer } from '../answers/price.ts';

/** Who a client is to the record: nobody of the firm, the name as it was written. */
const asClient = (link: ClientLinkEntity, now: Date, name = '', write: SentWrite | null = null): Who => ({
  firmId: link.firmId,
  personId: link.id,
  name,
  now,
  write,
});

/** What a client sees and does: the newest version that was sent, and agreeing to exactly it. */
@Injectable()
export class Clients {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly systems: Systems,
    private readonly replies: Replies,
    private readonly careSheets: CareSheets,
    readonly links: ClientLinks,
  ) {}

  async sees(link: ClientLinkEntity, now: Date) {
    const scope = this.writes.reading(asClient(link, now));
    const { document, agreement, agreedBefore } = await this.newest(scope, link.jobId);
    const { timeZone } = await scope.firm();
    return {
      documentId: document.id,
      marked: documentMark(document),
      sentAt: document.sentAt,
      expiresAt: link.expiresAt,
      timeZone,
      quote: quoteShown(document.quote),
      changes: document.changes,
      agreement: agreement && agreementShown(agreement),
      before: agreedBefore && agreementShown(agreedBefore),
      pairs: await this.pairs(scope, link.jobId),
      care: await this.careSheet(scope, link.jobId),
      replies: await this.replies.of(scope, link.jobId),
    };
  }

  /** What the client would see, were the draft sent as it stands. */
  async preview(scope: FirmScope, jobId: string, { draft, changes, agreed, latest }: QuoteStanding) {
    const { timeZone } = await scope.firm();
    const { now } = scope.who;
    return {
      documentId: '',
      marked: latest ? `after ${documentMark(latest)}` : 'not sent yet',
      sentAt: now,
      expiresAt: now,
      timeZone,
      quote: quoteShown(draft),
      changes,
      agreement: null,
      before: agreed && agreementShown(agreed.agreement),
      pairs: await this.pairs(scope, jobId),
      care: await this.careSheet(scope, jobId),
      replies: await this.replies.of(scope, jobId),
    };
  }

  /** The client asks, or says no. */
  async reply(link: ClientLinkEntity, body: ReplyBody, now: Date, write: SentWrite | null) {
    const who = asClient(link, now, body.name.trim(), write);
    if (who.name.length < 2) throw refusedWith([{ path: 'name', message: 'write your name' }]);
    const { document } = await this.newest(this.writes.reading(who), link.jobId);
    return this.replies.say(who, link.jobId, document, body);
  }

  /** What is to be seen by now as it was found and as it was left. */
  async pairs(scope: FirmScope, jobId: string) {
    const job = await scope.one(JobEntity, jobId, 'job');
    const photos = await scope.find(PhotoEntity, { jobId });
    return photosForClient({ job, photos }).filter(({ after }) => after !== null);
  }

  /** How to look after what is finished, with its dates; null while nothing is. */
  async careSheet(scope: FirmScope, jobId: string): Promise<Paper | null> {
    const finished = (await scope.find(WorkLogEntity, { jobId })).length > 0;
    if (!finished) return null;
    return this.careSheets.ifFinished(scope, await readJob(scope, jobId));
  }

  /** The newest version, the agreement to it, and the one to an earlier version. */
  async newest(scope: FirmScope, jobId: string) {
    const [document] = await scope.manager.find(DocumentEntity, {
      where: { jobId, firmId: scope.who.firmId },
      order: { versionNo: 'DESC' },
      take: 1,
    });
    if (!document) throw new NotFoundException('There is nothing here yet.');
    const agreements = await scope.find(AgreementEntity, { jobId }, { at: 'ASC', id: 'ASC' });
    const agreement = agreements.find((a) => a.documentId === document.id) ?? null;
    return { document, agreement, agreedBefore: agreements.filter((a) => a !== agreement).at(-1) ?? null };
  }

  async agree(link: ClientLinkEntity, body: AgreeBody, now: Date, write: SentWrite | null) {
    const who = asClient(link, now, body.name.trim(), write);
    if (who.name.length < 2) throw refusedWith([{ path: 'name', message: 'write your name' }]);
    return this.writes.run(who, async (scope) => {
      // Nothing is sent while somebody agrees, and nothing agreed while something is sent.
      await this.ledger.hold(scope, link.jobId);
      const { document, agreement } = await this.newest(scope, link.jobId);
      if (document.id !== body.documentId)
        throw new ConflictException({
          code: 'newer-version',
          message: 'A newer version was sent since this page was opened. Nothing was agreed; read the new one first.',
        });
      if (agreement)
        throw new ConflictException({
          code: 'agreed-already',
          message: `This version was agreed by ${agreement.name} already.`,
          theirs: agreementShown(agreement),
        });
      const { quote } = document;
      const fault = optionFault(quote, body.options);
      if (fault) throw refusedWith([{ path: 'options', message: fault }]);
      const { total } = quoteTotals(quote, body.options);
      const agreed = await scope.add(AgreementEntity, {
        id: body.id,
        jobId: link.jobId,
        documentId: document.id,
        name: who.name,
        options: body.options,
        total,
        at: now,
      });
      await this.ledger.append(scope, {
        jobId: link.jobId,
        kind: 'quote-agreed',
        subject: document.id,
        at: now,
        payload: {
          name: who.name,
          number: document.number,
          version: document.versionNo,
          hash: document.hash,
          options: body.options,
          total,
        },
      });
      await this.takeUp(
        scope,
        quote.options.filter((o) => body.options.includes(o.id)),
      );
      await this.settleAgreed(scope, link.jobId, new Set(quote.lines.map((l) => l.surfaceId)));
      return agreementShown(agreed);
    });
  }

  /** Options become work: what was left out undecided is put back, another way is settled. */
  private async takeUp(scope: FirmScope, options: readonly QuoteOption[]): Promise<void> {
    for (const { surfaceId, kind, system } of options) {
      const surface = await standingSurface(scope, surfaceId);
      if (kind === 'extra') {
        const exclusions = surface.exclusions.filter((e) => !(e.whole && e.reason === 'undecided'));
        await scope.set(SurfaceEntity, surface, { exclusions });
        await this.ledger.append(scope, {
          jobId: surface.jobId,
          kind: 'exclusions-changed',
          subject: surfaceId,
          at: scope.who.now,
          payload: { exclusions },
        });
      }
      await this.systems.settle(scope, surface, uuid(), { steps: system, differs: 'as the client took it' });
    }
  }

  /** What was agreed stands still: its systems are settled as they were priced. */
  private async settleAgreed(scope: FirmScope, jobId: string, surfaces: ReadonlySet<string>): Promise<void> {
    const records = await readJob(scope, jobId);
    await this.systems.settleOpen(
      scope,
      { ...records, surfaces: records.surfaces.filter((s) => surfaces.has(s.id)) },
      uuid,
      'as agreed',
    );
  }
}

const agreementShown = ({ name, at, total, options }: AgreementEntity) => ({ name, at, total, options });

@ApiTags('client')
@Controller('api/client/:token')
export class ClientsController {
  constructor(
    private readonly clients: Clients,
    private readonly writes: Writes,
    private readonly photos: Photos,
    private readonly printer: Printer,
  ) {}

  private open(token: string, request: Request, noted = true): Promise<ClientLinkEntity> {
    return this.clients.links.open(token, request.ip ?? '', new Date(), noted);
  }

  @Open()
  @Answers('client', clientView)
  @Get()
  @Header('Cache-Control', 'private, no-store')
  @Header('Referrer-Policy', 'no-referrer')
  @Header('X-Robots-Tag', 'noindex')
  async sees(@Param('token') token: string, @Req() request: Request) {
    return this.clients.sees(await this.open(token, request), new Date());
  }

  @Open()
  @Answers('agree', agreedAnswer)
  @Post('agreement')
  async agree(@Param('token') token: string, @Body() body: AgreeBody, @Req() request: WriteRequest) {
    return this.clients.agree(await this.open(token, request), body, new Date(), request.sentWrite ?? null);
  }

  @Open()
  @Answers('replyAsClient', replyAnswer)
  @Post('replies')
  async reply(@Param('token') token: string, @Body() body: ReplyBody, @Req() request: WriteRequest) {
    return this.clients.reply(await this.open(token, request), body, new Date(), request.sentWrite ?? null);
  }

  @Open()
  @Get('paper')
  async paper(
    @Param('token') token: string,
    @Query() { format }: PaperQuery,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    const link = await this.open(token, request);
    const scope = this.writes.reading(asClient(link, new Date()));
    const { document, agreement } = await this.clients.newest(scope, link.jobId);
    const { timeZone } = await scope.firm();
    await sendPaper(response, this.printer, sentPaper(document, agreement, timeZone), format ?? 'pdf');
  }

  /** The client's own sheet, as a PDF; and its dates as a calendar file. */
  @Open()
  @Get('care')
  async care(@Param('token') token: string, @Req() request: Request, @Res() response: Response) {
    const link = await this.open(token, request, false);
    const scope = this.writes.reading(asClient(link, new Date()));
    const sheet = await this.clients.careSheet(scope, link.jobId);
    if (!sheet) throw new NotFoundException('There is nothing here yet.');
    await sendPaper(response, this.printer, sheet, 'pdf');
  }

  @Open()
  @Get('care-calendar')
  async careCalendar(@Param('token') token: string, @Req() request: Request, @Res() response: Response) {
    const link = await this.open(token, request, false);
    const records = await readJob(this.writes.reading(asClient(link, new Date())), link.jobId);
    response.setHeader('Content-Disposition', 'attachment; filename="looking-after-it.ics"');
    const file = calendarFile(`${records.job.title}: looking after it`, careEvents(records, new Date()));
    response.type('text/calendar; charset=utf-8').send(file);
  }

  /** Only the photos that this version shows, or that stand in pairs. */
  @Open()
  @Get('photos/:photoId')
  @Header('Content-Type', 'image/jpeg')
  @Header('Cache-Control', 'private, max-age=3600')
  async photo(
    @Param('token') token: string,
    @Param('photoId') id: string,
    @Req() request: Request,
  ): Promise<StreamableFile> {
    const link = await this.open(token, request, false);
    const who = asClient(link, new Date());
    const { document } = await this.clients.newest(this.writes.reading(who), link.jobId);
    const isShown =
      document.quote.photos.some((p) => p.id === id) ||
      (await this.clients.pairs(this.writes.reading(who), link.jobId)).some((p) => [p.before, p.after].includes(id));
    if (!isShown) throw new NotFoundException('There is nothing here.');
    return new StreamableFile(await this.photos.content(who, id));
  }
}
