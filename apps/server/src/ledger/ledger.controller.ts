import { Controller, Get, Param, Req, Res } from '@nestjs/common';
import { ledgerSaid } from '@rustic/core';
import { ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import type { Who } from '../record/firmScope.ts';
import { readJob } from '../reading/jobRecords.ts';
import { isPriced, Sender, type SessionRequest } from '../people/session.ts';
import { Writes } from '../record/writes.service.ts';
import { Ledger } from '../record/ledger.service.ts';
import { RecordAsked, recordFile } from './recordFiles.ts';
import { Answers } from '../answers/answer.ts';
import { ledgerEntries } from '../answers/firm.ts';

@ApiTags('ledger')
@Controller('api/jobs/:jobId')
export class LedgerController {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  @Answers('ledger', ledgerEntries)
  @Get('ledger')
  async entries(@Sender() who: Who, @Param('jobId') id: string, @Req() request: SessionRequest) {
    const entries = await this.ledger.entries(this.writes.reading(who), id);
    if (isPriced(request)) return entries;
    return entries.map((entry) => ({ ...entry, payload: ledgerSaid(entry) }));
  }

  /** Tests, coats or readings as a table. */
  @Get('records/:kind')
  async records(@Sender() who: Who, @Param() { jobId, kind }: RecordAsked, @Res() response: Response) {
    const records = await readJob(this.writes.reading(who), jobId);
    response.setHeader('Content-Disposition', `attachment; filename="${kind}.csv"`);
    response.type('text/csv; charset=utf-8').send(`\uFEFF${recordFile(records, kind)}`);
  }
}
