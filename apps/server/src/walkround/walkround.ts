import { BadRequestException, Body, ConflictException, Controller, Injectable, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { id, JOB_RECORDS, newId, optional, pick } from '@rustic/core';
import { TestRecordEntity } from '../record/evidenceEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { bodyOf, noted } from '../http/bodyOf.ts';
import { refusedWith } from '../http/refused.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Sender } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import { standingSurface } from '../record/takenOut.ts';
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

/** Takes a test back, with the reason; `movedTo` is the surface that it was really made on, where there is one. */
export class TakeTestBackBody extends bodyOf({
  id: newId,
  note: tests.fields.note.min(1, 'says why it is taken back'),
  movedTo: id.optional(),
  /** The id of the record that it has there. */
  movedId: newId.optional(),
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
      const surface = await standingSurface(scope, surfaceId);
      await this.ledger.hold(scope, surface.jobId);
      if (body.corrects) {
        const first = await scope.one(TestRecordEntity, body.corrects, 'test record');
        if (first.surfaceId !== surfaceId) await scope.one(TestRecordEntity, '', 'test record');
        await this.mayCorrect(scope, first, body.note);
      }
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
        withdrawn: null,
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

  /** Takes a test back: it was not made, or not here. Moved, it stands on its right surface with all that it says. */
  async takeBack(who: Who, testId: string, body: TakeTestBackBody) {
    if (body.movedTo && !body.movedId) throw refusedWith([{ path: 'movedId', message: 'is needed to move a test' }]);
    return this.writes.run(who, async (scope) => {
      const first = await scope.one(TestRecordEntity, testId, 'test record');
      const to = body.movedTo ? await standingSurface(scope, body.movedTo) : null;
      if (to && (to.jobId !== first.jobId || to.id === first.surfaceId))
        throw refusedWith([{ path: 'movedTo', message: 'must be another surface of the same job' }]);
      await this.ledger.hold(scope, first.jobId);
      await this.mayCorrect(scope, first, body.note);
      if (first.withdrawn)
        throw refusedWith([{ path: 'test', message: 'was only taking another test back: make the test again' }]);
      const written = { jobId: first.jobId, test: first.test, byName: who.name, mark: null };
      const taken = await scope.add(TestRecordEntity, {
        ...written,
        id: body.id,
        surfaceId: first.surfaceId,
        at: who.now,
        corrects: first.id,
        note: body.note,
        withdrawn: true,
      });
      await this.ledger.append(scope, {
        jobId: first.jobId,
        kind: 'test-withdrawn',
        subject: first.surfaceId,
        at: who.now,
        payload: { id: taken.id, test: first.test, note: body.note },
      });
      if (!to) return taken;
      const moved = await scope.add(TestRecordEntity, {
        ...written,
        id: body.movedId!,
        surfaceId: to.id,
        byName: first.byName,
        at: first.at,
        corrects: null,
        note: first.note,
        withdrawn: null,
      });
      await this.ledger.append(scope, {
        jobId: first.jobId,
        kind: 'test-moved',
        subject: to.id,
        at: who.now,
        payload: { id: moved.id, test: first.test, note: body.note },
      });
      return moved;
    });
  }

  /** A correction names a record that stands, and says why. */
  private async mayCorrect(scope: FirmScope, { id, surfaceId }: TestRecordEntity, why = ''): Promise<void> {
    if (why.trim() === '')
      throw new BadRequestException({
        code: 'invalid',
        message: 'A correction says why. Nothing was written; the first record stands.',
        errors: [{ path: 'note', message: 'says why the first record is corrected' }],
      });
    const [earlier] = await scope.find(TestRecordEntity, { surfaceId, corrects: id });
    if (earlier)
      throw new ConflictException({
        code: 'already-corrected',
        message: 'This record is corrected already. Nothing was written; correct the correction instead.',
        theirs: earlier,
      });
  }
}

@ApiTags('walk-round')
@Controller('api')
export class WalkroundController {
  constructor(private readonly walkround: Walkround) {}

  @ForHands() @Answers('recordTest', testAnswer) @Post('surfaces/:surfaceId/tests') record(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
    @Body() body: TestBody,
  ) {
    return this.walkround.record(who, id, body);
  }
  @ForHands() @Answers('takeTestBack', testAnswer) @Post('tests/:testId/withdrawal') takeBack(
    @Sender() who: Who,
    @Param('testId') id: string,
    @Body() body: TakeTestBackBody,
  ) {
    return this.walkround.takeBack(who, id, body);
  }
}
