import { Body, Controller, Injectable, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { JOB_RECORDS, newId, optional, priceOn, systemDifference, type FindingChanges } from '@rustic/core';
import { standingSurface } from '../record/takenOut.ts';
import { FindingEntity } from '../record/evidenceEntities.ts';
import { SurfaceEntity } from '../record/jobEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { bodyOf, noted } from '../http/bodyOf.ts';
import { caseIn } from '../reading/houseReading.ts';
import { readJob, type JobRecords } from '../reading/jobRecords.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Sender } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import { Writes } from '../record/writes.service.ts';
import { Answers } from '../answers/answer.ts';
import { findingAnswer } from '../answers/jobs.ts';

const { findings } = JOB_RECORDS;

export class FindingBody extends bodyOf({
  id: newId,
  conditions: findings.fields.conditions.min(1, 'say what was found').max(20),
  ...optional(findings, 'extents', 'note'),
  at: noted(findings.fields.at),
}) {}

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
      const surface = await standingSurface(scope, surfaceId);
      const extents = body.extents ?? {};
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
@Controller('api/surfaces/:surfaceId/findings')
export class FindingsController {
  constructor(private readonly findings: Findings) {}

  @ForHands() @Answers('noteFinding', findingAnswer) @Post() note(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
    @Body() body: FindingBody,
  ) {
    return this.findings.note(who, id, body);
  }
}
