import { Body, Controller, Injectable, Param, Post } from '@nestjs/common';
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
import type { Who } from '../database/firmScope.ts';
import { IsNotedTime } from '../http/checks.ts';
import { Ledger } from '../ledger/ledger.service.ts';
import { Sender } from '../people/session.ts';
import { Writes } from '../writes/writes.service.ts';

class TestMade {
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
    return this.writes.once(who, body.id, body, async (scope) => {
      const surface = await scope.one(SurfaceEntity, surfaceId, 'surface');
      if (body.corrects) await scope.one(TestRecordEntity, body.corrects, 'test record');
      const record = await scope.add(TestRecordEntity, {
        id: body.id,
        jobId: surface.jobId,
        surfaceId,
        test,
        byName: who.name,
        at: new Date(body.at),
        corrects: body.corrects ?? null,
        note: body.note ?? '',
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
}

@ApiTags('walk-round')
@Controller('api/surfaces/:id/tests')
export class WalkroundController {
  constructor(private readonly walkround: Walkround) {}

  @Post() record(@Sender() who: Who, @Param('id') id: string, @Body() body: TestBody) {
    return this.walkround.record(who, id, body);
  }
}
