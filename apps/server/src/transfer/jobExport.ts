import { once } from 'node:events';
import { Controller, Get, Header, Param, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { strToU8, Zip, ZipDeflate, ZipPassThrough, type ZipInputFile } from 'fflate';
import { JOB_FILE_TYPE, JOB_IN_ZIP, photoInZip, verifyJobFile, type ChainCheck, type JobFile } from '@rustic/core';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { PhotoStore } from '../record/photos/photoStore.ts';
import { Access } from '../people/access.ts';
import { ForPriceReaders } from '../people/roles.ts';
import { Sender } from '../people/session.ts';
import { Writes } from '../record/writes.service.ts';
import { wholeJob } from './wholeJob.ts';
import { Answers } from '../answers/answer.ts';
import { chainCheck } from '../answers/firm.ts';

/** A whole job as a file that another program, another firm or the command line can read and verify. */
@ApiTags('ledger')
@Controller('api/jobs/:jobId')
export class JobExportController {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly access: Access,
    private readonly photos: PhotoStore,
  ) {}

  /** The chain recomputed, and every test, log, reading and photo held against the entry that witnesses it. */
  @Answers('checkLedger', chainCheck)
  @Get('ledger/check')
  async check(@Sender() who: Who, @Param('jobId') id: string): Promise<ChainCheck> {
    return verifyJobFile(await wholeJob(this.writes.reading(who), this.ledger, id));
  }

  @ForPriceReaders()
  @Get('file')
  @Header('Content-Type', `${JOB_FILE_TYPE}; charset=utf-8`)
  @Header('Content-Disposition', 'attachment; filename="job.rustic-ledger.json"')
  async file(@Sender() who: Who, @Param('jobId') id: string): Promise<JobFile> {
    return this.taken(this.writes.reading(who), id);
  }

  /** The same with its photos. They are read one by one as they are sent: a job of a thousand takes no more memory than one. */
  @ForPriceReaders()
  @Get('file.zip')
  async zip(@Sender() who: Who, @Param('jobId') id: string, @Res() response: Response): Promise<void> {
    const scope = this.writes.reading(who);
    const file = await this.taken(scope, id);
    response.setHeader('Content-Disposition', 'attachment; filename="job.rustic-ledger.zip"');
    response.type('application/zip');
    const zip = new Zip((error, chunk, final) => {
      if (error) response.destroy(error);
      else response.write(chunk);
      if (final) response.end();
    });
    const put = async (entry: ZipInputFile & { push(data: Uint8Array, final: boolean): void }, bytes: Uint8Array) => {
      zip.add(entry);
      entry.push(bytes, true);
      if (response.writableNeedDrain) await Promise.race([once(response, 'drain'), once(response, 'close')]);
    };
    await put(new ZipDeflate(JOB_IN_ZIP), strToU8(JSON.stringify(file)));
    for (const { id: photoId, hash } of file.photos) {
      if (response.destroyed) return;
      await put(new ZipPassThrough(photoInZip(photoId)), await this.photos.get({ firmId: who.firmId, hash }));
    }
    zip.end();
  }

  private async taken(scope: FirmScope, id: string): Promise<JobFile> {
    const file = await wholeJob(scope, this.ledger, id);
    const { firmId, personId, name: byName, now: at } = scope.who;
    await this.access.note(scope.manager, {
      firmId,
      personId,
      kind: 'exported',
      detail: file.job.title,
      byName,
      at,
    });
    return file;
  }
}
