import { Body, Controller, Injectable, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import {
  CONDITIONS,
  priceOn,
  readBy,
  surfaceSchema,
  systemDifference,
  type Condition,
  type Extent,
} from '@rustic/core';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  MaxLength,
} from 'class-validator';
import { FindingEntity, SurfaceEntity, type FindingChanges } from '../database/entities.ts';
import type { Who } from '../database/firmScope.ts';
import { IsNotedTime } from '../http/checks.ts';
import { caseIn } from '../jobs/houseReading.ts';
import { readJob, type JobRecords } from '../jobs/jobRecords.ts';
import { Ledger } from '../ledger/ledger.service.ts';
import { Sender } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import { Writes } from '../writes/writes.service.ts';

export class FindingBody {
  @IsUUID() id: string;
  @IsArray() @ArrayMinSize(1) @ArrayMaxSize(20) @IsIn(CONDITIONS, { each: true }) conditions: Condition[];
  /** How large each is; the core checks what it holds. */
  @IsOptional() @IsObject() extents?: Partial<Record<Condition, Extent>>;
  @IsOptional() @IsString() @MaxLength(1000) note?: string;
  @IsNotedTime() at: string;
}

/** What preparation brings out: recorded, diagnosed again, and what it changes said in steps, hours and money. */
@Injectable()
export class Findings {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async note(who: Who, surfaceId: string, body: FindingBody): Promise<FindingEntity> {
    return this.writes.run(who, async (scope) => {
      const { jobId } = await scope.one(SurfaceEntity, surfaceId, 'surface');
      await this.ledger.hold(scope, jobId);
      const surface = await scope.one(SurfaceEntity, surfaceId, 'surface');
      const extents = JSON.parse(JSON.stringify(body.extents ?? {})) as Partial<Record<Condition, Extent>>;
      readBy(surfaceSchema, { element: surface.facts.element, substrate: surface.facts.substrate, extents });
      const before = await readJob(scope, surface.jobId);
      const found = {
        id: body.id,
        jobId: surface.jobId,
        surfaceId,
        conditions: body.conditions,
        extents,
        note: body.note ?? '',
        byName: who.name,
        at: new Date(body.at),
      };
      const after: JobRecords = { ...before, findings: [...before.findings, found as FindingEntity] };
      const finding = await scope.add(FindingEntity, { ...found, changes: changesBetween(before, after, surface) });
      await this.ledger.append(scope, {
        jobId: surface.jobId,
        kind: 'found-while-working',
        subject: surfaceId,
        at: finding.at,
        payload: { ...body, changes: finding.changes },
      });
      return finding;
    });
  }
}

/** What the system asked for now differs from the one asked for before: lines, minutes, and money in minor units. */
function changesBetween(before: JobRecords, after: JobRecords, surface: SurfaceEntity): FindingChanges {
  const was = caseIn(before, surface);
  const is = caseIn(after, surface);
  const price = ({ c, made }: typeof was) => priceOn(c, made.steps);
  const { added, removed, changed } = systemDifference(was.made.steps, is.made.steps);
  return {
    added: [...added, ...changed.map((one) => one.after)],
    removed,
    minutes: price(is).minutes - price(was).minutes,
    cost: price(is).cost - price(was).cost,
  };
}

@ApiTags('walk-round')
@Controller('api/surfaces/:id/findings')
export class FindingsController {
  constructor(private readonly findings: Findings) {}

  @ForHands() @Post() note(@Sender() who: Who, @Param('id') id: string, @Body() body: FindingBody) {
    return this.findings.note(who, id, body);
  }
}
