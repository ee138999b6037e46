import { Body, ConflictException, Controller, Injectable, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { VisitCall } from '@rustic/core';
import { DateTime } from 'luxon';
import { TestRecordEntity } from '../record/evidenceEntities.ts';
import { PersonEntity } from '../record/firmEntities.ts';
import { JobEntity, SurfaceEntity } from '../record/jobEntities.ts';
import { FaultMarkEntity } from '../record/punchEntities.ts';
import { FollowUpEntity } from '../record/siteEntities.ts';
import { SystemChoiceEntity } from '../record/systemEntities.ts';
import { TrialEntity } from '../record/trialEntities.ts';
import { LookEntity, VisitActEntity, VisitEntity } from '../record/visitEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { refusedWith } from '../http/refused.ts';
import { Ledger } from '../record/ledger.service.ts';
import { ForHands } from '../people/roles.ts';
import { Sender } from '../people/session.ts';
import { Writes } from '../record/writes.service.ts';
import { standingVisits } from '../reading/standingVisits.ts';
import { LookBody, VisitActBody, VisitsBody } from './visits.dto.ts';
import { lookAnswer, visitActAnswer, visitAnswers } from '../answers/aftercare.ts';
import { Answers } from '../answers/answer.ts';

/** Visits after hand-over: fixed, made or called off, and what was looked at in them. */
@Injectable()
export class Visits {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  /** Fixes one visit, or all of a round: each is an entry of its job, all are there or none. */
  async fix(who: Who, body: VisitsBody) {
    return this.writes.run(who, async (scope) => {
      // Always in the same order, so that two rounds at once do not wait for each other.
      for (const jobId of [...new Set(body.visits.map((v) => v.jobId))].sort()) {
        await scope.one(JobEntity, jobId, 'job');
        await this.ledger.hold(scope, jobId);
      }
      if (body.personId) await scope.one(PersonEntity, body.personId, 'person');
      await this.refuseThePast(scope, body);
      await this.refuseTwice(scope, body);
      const rows: VisitEntity[] = [];
      for (const [i, { id, jobId, onDay, fromTime, minutes, calls }] of body.visits.entries()) {
        for (const [k, call] of calls.entries())
          await this.refuseStrange(scope, jobId, call, `visits.${i}.calls.${k}.id`);
        const row = await scope.add(VisitEntity, {
          id,
          jobId,
          onDay,
          fromTime,
          minutes,
          calls: calls.map(({ what, id: of, code, words, minutes: min }) => ({
            what,
            id: of,
            code,
            words,
            minutes: min,
          })),
          personId: body.personId ?? null,
          roundId: body.round ? body.id : null,
          byName: who.name,
          at: who.now,
        });
        const { firmId: _f, byName: _b, at: _a, jobId: _j, ...payload } = row;
        await this.ledger.append(scope, { jobId, kind: 'visit-planned', subject: null, at: row.at, payload });
        rows.push(row);
      }
      return rows;
    });
  }

  private async refuseThePast(scope: FirmScope, { visits }: VisitsBody): Promise<void> {
    const { timeZone } = await scope.firm();
    const today = DateTime.fromJSDate(scope.who.now, { zone: timeZone }).toISODate()!;
    const faults = visits.flatMap((v, i) =>
      v.onDay < today ? [{ path: `visits.${i}.onDay`, message: 'lies in the past' }] : [],
    );
    if (faults.length) throw refusedWith(faults);
  }

  /** What stands in another visit already is not promised twice. */
  private async refuseTwice(scope: FirmScope, { visits }: VisitsBody): Promise<void> {
    const standing = await standingVisits(scope);
    for (const { calls } of visits)
      for (const { id, code, words } of calls) {
        const there = standing.find((v) => v.calls.some((c) => c.id === id && c.code === code));
        if (there)
          throw new ConflictException({
            code: 'already-planned',
            message: `“${words}” is in the visit of ${there.onDay} already. Nothing was fixed; call that one off, or leave this out.`,
          });
      }
  }

  /** A call is for something of this job. */
  private async refuseStrange(scope: FirmScope, jobId: string, { what, id }: VisitCall, path: string): Promise<void> {
    const tables =
      what === 'fault'
        ? [FaultMarkEntity]
        : what === 'follow-up'
          ? [FollowUpEntity]
          : [SurfaceEntity, SystemChoiceEntity, TestRecordEntity, TrialEntity];
    if (await this.isOfJob(scope, jobId, id, tables)) return;
    throw refusedWith([{ path, message: 'is nothing of this job' }]);
  }

  private async isOfJob(scope: FirmScope, jobId: string, id: string, tables: readonly OfJob[]): Promise<boolean> {
    for (const table of tables) if ((await scope.find(table, { id, jobId })).length) return true;
    // What a client keeps out stands within its surface.
    const surfaces = tables.includes(SurfaceEntity) ? await scope.find(SurfaceEntity, { jobId }) : [];
    return surfaces.some((s) => s.exclusions.some((e) => e.id === id));
  }

  /** Made, or called off: once. */
  async end(who: Who, visitId: string, body: VisitActBody) {
    return this.writes.run(who, async (scope) => {
      const visit = await scope.one(VisitEntity, visitId, 'visit');
      await this.ledger.hold(scope, visit.jobId);
      const [ended] = await scope.find(VisitActEntity, { visitId });
      if (ended)
        throw new ConflictException({
          code: 'ended',
          message: `This visit was ${ended.kind === 'made' ? 'made' : 'called off'} already, by ${ended.byName}. Nothing was written twice.`,
          yours: body,
          theirs: ended,
        });
      const { jobId } = visit;
      const note = body.note ?? '';
      const at = new Date(body.at);
      const row = await scope.add(VisitActEntity, {
        id: body.id,
        jobId,
        visitId,
        kind: body.kind,
        note,
        byName: who.name,
        at,
      });
      await this.ledger.append(scope, {
        jobId,
        kind: `visit-${body.kind}`,
        subject: null,
        at,
        payload: { ...body, note, visitId, onDay: visit.onDay },
      });
      return row;
    });
  }

  /** Somebody looked: it holds, or it does not. */
  async look(who: Who, jobId: string, body: LookBody) {
    return this.writes.run(who, async (scope) => {
      await scope.one(JobEntity, jobId, 'job');
      await this.ledger.hold(scope, jobId);
      await this.refuseStrange(
        scope,
        jobId,
        { ...body, what: 'look', id: body.subject, words: '', minutes: 0 },
        'subject',
      );
      const { id, subject, code, holds, note = '' } = body;
      const at = new Date(body.at);
      const row = await scope.add(LookEntity, { id, jobId, subject, code, holds, note, byName: who.name, at });
      const surface = (await scope.find(SurfaceEntity, { id: subject }))[0];
      await this.ledger.append(scope, {
        jobId,
        kind: 'looked-again',
        subject: surface?.id ?? null,
        at,
        payload: { id, subject, code, holds, note },
      });
      return row;
    });
  }
}

type OfJob =
  | typeof FaultMarkEntity
  | typeof FollowUpEntity
  | typeof SurfaceEntity
  | typeof SystemChoiceEntity
  | typeof TestRecordEntity
  | typeof TrialEntity;

@ApiTags('aftercare')
@Controller('api')
export class VisitsController {
  constructor(private readonly visits: Visits) {}

  @Answers('fixVisits', visitAnswers) @Post('aftercare/visits') fix(@Sender() who: Who, @Body() body: VisitsBody) {
    return this.visits.fix(who, body);
  }
  @ForHands() @Answers('endVisit', visitActAnswer) @Post('visits/:visitId/acts') end(
    @Sender() who: Who,
    @Param('visitId') id: string,
    @Body() body: VisitActBody,
  ) {
    return this.visits.end(who, id, body);
  }
  @ForHands() @Answers('lookAgain', lookAnswer) @Post('jobs/:jobId/looks') look(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: LookBody,
  ) {
    return this.visits.look(who, id, body);
  }
}
