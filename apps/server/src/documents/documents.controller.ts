import { Body, Controller, ForbiddenException, Get, Param, Post, Query, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { paperCsv, type Paper } from '@rustic/core';
import type { Response } from 'express';
import { DocumentEntity } from '../record/documentEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { isPriced, Sender, type SessionRequest } from '../people/session.ts';
import { ForPriceReaders } from '../people/roles.ts';
import { Writes } from '../record/writes.service.ts';
import { ClientLinks } from './clientLinks.ts';
import { LinkBody, PaperParams, PaperQuery, PRICED_PAPERS, SendBody, type PaperFormat } from './documents.dto.ts';
import { fileName } from './fileName.ts';
import { Papers } from './papers.ts';
import { sentPaper } from './papersOf.ts';
import { Printer } from './printer.ts';
import { Quotes, sentPapers } from './quotes.ts';
import { Answers, Sends } from '../answers/answer.ts';
import { linkAnswer, paperAnswer, sentAnswer } from '../answers/price.ts';

/** Sends a paper as it was asked for: as its blocks for a page, as a PDF, or its figures as CSV. */
export async function sendPaper(
  response: Response,
  printer: Printer,
  paper: Paper,
  format: PaperFormat = 'page',
): Promise<void> {
  if (format === 'page') {
    response.json(paper);
    return;
  }
  const [type, body] =
    format === 'pdf'
      ? ['application/pdf', await printer.pdf(paper)]
      : ['text/csv; charset=utf-8', `\uFEFF${paperCsv(paper)}`];
  response.setHeader('Content-Type', type);
  response.setHeader('Content-Disposition', `attachment; filename="${fileName(paper)}.${format}"`);
  response.setHeader('Cache-Control', 'private, no-store');
  response.end(body);
}

@ApiTags('papers')
@Controller('api')
export class DocumentsController {
  constructor(
    private readonly writes: Writes,
    private readonly quotes: Quotes,
    private readonly links: ClientLinks,
    private readonly papers: Papers,
    private readonly printer: Printer,
  ) {}

  @Answers('sendQuote', sentAnswer) @Post('jobs/:jobId/quotes') send(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: SendBody,
  ) {
    return this.quotes.send(who, id, body);
  }

  @Answers('setLink', linkAnswer) @Post('jobs/:jobId/client-link') link(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: LinkBody,
  ) {
    return this.writes.run(who, async (scope) => {
      if (body.token) await this.links.make(scope, id, body.token);
      else await this.links.revoke(scope, id);
      return { linked: body.token !== null && body.token !== undefined };
    });
  }

  @Sends('paper', paperAnswer)
  @Get('jobs/:jobId/papers/:kind')
  async paper(
    @Sender() who: Who,
    @Param() { jobId, kind }: PaperParams,
    @Query() { format }: PaperQuery,
    @Req() request: SessionRequest,
    @Res() response: Response,
  ) {
    if (PRICED_PAPERS.includes(kind) && !isPriced(request))
      throw new ForbiddenException({
        code: 'not-allowed',
        message: 'This paper has prices on it. Ask who makes them.',
      });
    await sendPaper(response, this.printer, await this.papers.paper(who, jobId, kind), format);
  }

  /** A version that was sent, as it was sent. */
  @ForPriceReaders()
  @Sends('sentPaper', paperAnswer)
  @Get('documents/:documentId/paper')
  async sent(
    @Sender() who: Who,
    @Param('documentId') id: string,
    @Query() { format }: PaperQuery,
    @Res() response: Response,
  ) {
    const scope = this.writes.reading(who);
    const document = await scope.one(DocumentEntity, id, 'paper');
    const { agreements } = await sentPapers(scope, document.jobId);
    const { timeZone } = await scope.firm();
    const agreement = agreements.find((a) => a.documentId === id) ?? null;
    await sendPaper(response, this.printer, sentPaper(document, agreement, timeZone), format);
  }
}
