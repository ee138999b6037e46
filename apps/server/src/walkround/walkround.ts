import { BadRequestException, Body, ConflictException, Controller, Injectable, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { FAMILIES, PLANES, readBy, testSchema, TEST_KINDS, type Family, type Plane, type TestKind } from '@rustic/core';
import { Type } from 'class-transformer';
import {
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { SurfaceEntity, TestRecordEntity } from '../database/entities.ts';
import type { FirmScope, Who } from '../database/firmScope.ts';
import { IsNotedTime } from '../http/checks.ts';
import { PlaceBody } from '../jobs/jobs.dto.ts';
import { Ledger } from '../ledger/ledger.service.ts';
import { Sender } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import { Writes } from '../writes/writes.service.ts';

export class TestMade {
  @IsIn(TEST_KINDS) kind: TestKind;
  @IsOptional() @IsString() @MaxLength(40) result?: string;
  @IsOptional() @IsInt() @Min(0) @Max(5) grade?: number;
  @IsOptional() @IsNumber() @Min(0) @Max(300) value?: number;
  @IsOptional() @IsBoolean() yellowed?: boolean;
  @IsOptional() @IsString() @MaxLength(200) place?: string;
  @IsOptional() @IsNumber() @Min(0) @Max(10_000_000) filmAgeHours?: number;
  @IsOptional() @IsIn(PLANES) plane?: Plane;
  @IsOptional() @IsIn(FAMILIES) family?: Family;
  @IsOptional() @IsInt() @Min(1) @Max(10) coats?: number;
  @IsOptional() @IsNumber() @Min(0) @Max(525_600) minutes?: number;
}

export class TestBody {
  @IsUUID() id: string;
  @ValidateNested() @Type(() => TestMade) test: TestMade;
  @IsNotedTime() at: string;
  /** The record that this one corrects. */
  @IsOptional() @IsUUID() corrects?: string;
  @IsOptional() @IsString() @MaxLength(1000) note?: string;
  /** Where on the room sketch it was made. */
  @IsOptional() @ValidateNested() @Type(() => PlaceBody) mark?: PlaceBody | null;
}

/** Test records: inserted, never edited; a correction names what it corrects. */
@Injectable()
export class Walkround {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async record(who: Who, surfaceId: string, body: TestBody): Promise<unknown> {
    const test = readBy(testSchema, JSON.parse(JSON.stringify(body.test)));
    return this.writes.run(who, async (scope) => {
      const surface = await scope.one(SurfaceEntity, surfaceId, 'surface');
      await this.ledger.hold(scope, surface.jobId);
      if (body.corrects) await this.mayCorrect(scope, surfaceId, body.corrects, body.note);
      const record = await scope.add(TestRecordEntity, {
        id: body.id,
        jobId: surface.jobId,
        surfaceId,
        test,
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
        payload: body,
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
@Controller('api/surfaces/:id/tests')
export class WalkroundController {
  constructor(private readonly walkround: Walkround) {}

  @ForHands() @Post() record(@Sender() who: Who, @Param('id') id: string, @Body() body: TestBody) {
    return this.walkround.record(who, id, body);
  }
}
