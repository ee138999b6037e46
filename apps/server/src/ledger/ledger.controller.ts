import { Controller, Get, Header, Param, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { JOB_FILE_TYPE, JOB_FILE_VERSION, type JobFile } from '@rustic/core';
import type { Who } from '../database/firmScope.ts';
import { readJob } from '../jobs/jobRecords.ts';
import { Access } from '../people/access.ts';
import { Sender } from '../people/session.ts';
import { ForPriceReaders } from '../people/roles.ts';
import { productById } from '../shelf/firmShelf.ts';
import { Writes } from '../writes/writes.service.ts';
import { Ledger } from './ledger.service.ts';
import { RecordAsked, recordFile } from './recordFiles.ts';

@ApiTags('ledger')
@Controller('api/jobs/:id')
export class LedgerController {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly access: Access,
  ) {}

  @Get('ledger') entries(@Sender() who: Who, @Param('id') id: string) {
    return this.ledger.entries(this.writes.reading(who), id);
  }
  @Get('ledger/check') check(@Sender() who: Who, @Param('id') id: string) {
    return this.ledger.check(this.writes.reading(who), id);
  }

  /** Tests, coats or readings as a table. */
  @Get('records/:kind')
  async records(@Sender() who: Who, @Param() { id, kind }: RecordAsked, @Res() response: Response) {
    const records = await readJob(this.writes.reading(who), id);
    response.setHeader('Content-Disposition', `attachment; filename="${kind}.csv"`);
    response.type('text/csv; charset=utf-8').send(`\uFEFF${recordFile(records, kind)}`);
  }

  /** The whole job as a file that another program, or the command line, can read and verify. */
  @ForPriceReaders()
  @Get('file')
  @Header('Content-Type', `${JOB_FILE_TYPE}; charset=utf-8`)
  @Header('Content-Disposition', 'attachment; filename="job.rustic-ledger.json"')
  async file(@Sender() who: Who, @Param('id') id: string): Promise<JobFile> {
    const scope = this.writes.reading(who);
    const { job, rooms, surfaces, tests, work, shelf } = await readJob(scope, id);
    await this.access.note(scope.manager, {
      firmId: who.firmId,
      personId: who.personId,
      kind: 'exported',
      detail: job.title,
      byName: who.name,
      at: who.now,
    });
    return {
      format: JOB_FILE_TYPE,
      version: JOB_FILE_VERSION,
      job: {
        id: job.id,
        title: job.title,
        place: job.place,
        builtYear: job.builtYear,
        status: job.status,
        note: job.note,
      },
      rooms: rooms.map((r) => ({ id: r.id, name: r.name, position: r.position })),
      surfaces: surfaces.map((s) => ({
        id: s.id,
        roomId: s.roomId,
        name: s.name,
        campaign: s.campaign,
        facts: s.facts as JobFile['surfaces'][number]['facts'],
        position: s.position,
      })),
      tests: tests.map((t) => ({
        id: t.id,
        surfaceId: t.surfaceId,
        test: t.test as JobFile['tests'][number]['test'],
        by: t.byName,
        at: t.at.toISOString(),
        corrects: t.corrects,
        note: t.note,
      })),
      coats: work
        .filter((w) => w.productId !== null && w.temperatureC !== null)
        .map((w) => ({
          id: w.id,
          surfaceId: w.surfaceId,
          stepId: w.stepId,
          product: productById(shelf, w.productId)?.name ?? w.productId!,
          batch: w.batch ?? '',
          start: w.startedAt.toISOString(),
          end: w.endedAt.toISOString(),
          temperatureC: w.temperatureC!,
          relativeHumidityPct: w.relativeHumidityPct!,
          by: w.byName,
        })),
      ledger: await this.ledger.entries(scope, id),
    };
  }
}
