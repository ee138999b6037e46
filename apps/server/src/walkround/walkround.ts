import { BadRequestException, Body, ConflictException, Controller, Injectable, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { JOB_RECORDS, newId, optional, pick } from '@rustic/core';
import { TestRecordEntity } from '../record/evidenceEntities.ts';
import { SurfaceEntity } from '../record/jobEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { bodyOf, noted } from '../http/bodyOf.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Sender } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import { Writes } from '../record/writes.service.ts';
import { Answers } from '../answers/answer.ts';
import { testAnswer } from '../answers/jobs.ts';

const { tests } = JOB_RECORDS;

export class TestBody extends bodyOf({
  id: newId,
  ...pick(tests, 'test'),
  at: noted(tests.fields.at),
  /** The record that this one corrects. */
  corrects: tests.fields.corrects.unwrap().optional(),
  ...optional(tests, 'note', 'mark'),
}) {}

/** Test records: inserted, never edited; a correction names what it corrects. */
@Injectable()
export class Walkround {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async record(who: Who, surfaceId: string, body: TestBody) {
    return this.writes.run(who, async (scope) => {
      const surface = await scope.one(SurfaceEntity, surfaceId, 'surface');
      await this.ledger.hold(scope, surface.jobId);
      if (body.corrects) await this.mayCorrect(scope, surfaceId, body.corrects, body.note);
      const record = await scope.add(TestRecordEntity, {
        id: body.id,
        jobId: surface.jobId,
        surfaceId,
        test: body.test,
        byName: who.name,
        at: new Date(body.at),
        corrects: body.corrects ?? null,
        note: body.note ?? '',
        mark: body.mark ?? null,
      });
      await this.ledger.append(scope, {
        jobId: surface.jobId,
        kind: body.corrects ? 'test-corrected' : 'test-recorded',
        subject: surfaceId,
        at: record.at,
        payload: { ...body },
      });
      return record;
    });
  }

  /** A correction names a record of the same surface that stands, and says why. */
  private async mayCorrect(scope: FirmScope, surfaceId: string, corrects: string, why = ''): Promise<void> {
    const first = await scope.one(TestRecordEntity, corrects, 'test record');
    if (first.surfaceId !== surfaceId) await scope.one(TestRecordEntity, '', 'test record');
    if (why.trim() === '')
      throw new BadRequestException({
        code: 'invalid',
        message: 'A correction says why. Nothing was written; the first record stands.',
        errors: [{ path: 'note', message: 'says why the first record is corrected' }],
      });
    const [earlier] = await scope.find(TestRecordEntity, { surfaceId, corrects });
    if (earlier)
      throw new ConflictException({
        code: 'already-corrected',
        message: 'This record is corrected already. Nothing was written; correct the correction instead.',
        theirs: earlier,
      });
  }
}

@ApiTags('walk-round')
@Controller('api/surfaces/:surfaceId/tests')
export class WalkroundController {
  constructor(private readonly walkround: Walkround) {}

  @ForHands() @Answers('recordTest', testAnswer) @Post() record(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
    @Body() body: TestBody,
  ) {
    return this.walkround.record(who, id, body);
  }
}
