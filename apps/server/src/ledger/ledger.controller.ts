import { Controller, Get, Param, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import type { Who } from '../database/firmScope.ts';
import { readJob } from '../jobs/jobRecords.ts';
import { Sender } from '../people/session.ts';
import { Writes } from '../writes/writes.service.ts';
import { Ledger } from './ledger.service.ts';
import { RecordAsked, recordFile } from './recordFiles.ts';

@ApiTags('ledger')
@Controller('api/jobs/:id')
export class LedgerController {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  @Get('ledger') entries(@Sender() who: Who, @Param('id') id: string) {
    return this.ledger.entries(this.writes.reading(who), id);
  }

  /** Tests, coats or readings as a table. */
  @Get('records/:kind')
  async records(@Sender() who: Who, @Param() { id, kind }: RecordAsked, @Res() response: Response) {
    const records = await readJob(this.writes.reading(who), id);
    response.setHeader('Content-Disposition', `attachment; filename="${kind}.csv"`);
    response.type('text/csv; charset=utf-8').send(`\uFEFF${recordFile(records, kind)}`);
  }
}
