import { settledOnceOver } from '../reading/handedOver.ts';
import { composeAll } from '../reading/houseReading.ts';
import { Controller, Get, Injectable } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { repaintOf, type FilmLife } from '@rustic/core';
import { In, IsNull } from 'typeorm';
import { standingSurfaces } from '../reading/standingSurfaces.ts';
import { STANDS } from '../record/takenOut.ts';
import { PersonEntity } from '../record/firmEntities.ts';
import { JobEntity } from '../record/jobEntities.ts';
import { FaultActEntity, FaultMarkEntity } from '../record/punchEntities.ts';
import { FollowUpEntity } from '../record/siteEntities.ts';
import { TrialActEntity, TrialEntity } from '../record/trialEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { Sender } from '../people/session.ts';
import { Derived } from '../reading/derived.ts';
import { firmMark } from '../reading/marks.ts';
import { Writes } from '../record/writes.service.ts';
import { filmsToLookAt, followUpsDue, looksDue, mendsDue } from './allCalls.ts';
import { careOf, readCare, type JobCare } from './calls.ts';
import { filmLives } from '../reading/filmLives.ts';
import { standingVisits } from '../reading/standingVisits.ts';
import { aftercarePage } from '../answers/aftercare.ts';
import { Answers } from '../answers/answer.ts';

const DAY_MS = 86_400_000;
/** So far ahead an ageing film is put down for a look: every film that stands comes to one some day. */
const LOOKS_AHEAD_MS = 400 * DAY_MS;
/** So many are shown, those that come first; a firm of years that never looked has thousands. */
const CALLS_SHOWN = 1000;
const REPAINTS_SHOWN = 200;

const byDate = (a: { at: string }, b: { at: string }) => Date.parse(a.at) - Date.parse(b.at);

/** What follows from what was really laid: uses, visits due, the next painting; and the visits that are fixed. */
@Injectable()
export class Aftercare {
  constructor(
    private readonly writes: Writes,
    private readonly derived: Derived,
  ) {}

  async all(who: Who) {
    const scope = this.writes.reading(who);
    const { firm, jobs, care, marks } = await this.read(scope);
    const [due, visits, people] = await Promise.all([
      scope.find(FollowUpEntity, { closedAt: IsNull() }, { dueAt: 'ASC' }),
      standingVisits(scope),
      scope.find(PersonEntity),
    ]);
    const named = await standingSurfaces(
      scope,
      due.map((f) => f.surfaceId),
    );
    const followUps = due.filter((f) => named.has(f.surfaceId));
    const visitOf = new Map(visits.flatMap((v) => v.calls.map((c) => [`${c.id} ${c.code}`, v.id] as const)));
    const lives = livesIn({ jobs, care, marks }, who.now);
    const repaints = jobs.flatMap((job) =>
      care.get(job.id)!.finished.map((f) => ({
        jobId: job.id,
        surfaceId: f.surfaceId,
        name: f.name,
        agedLook: f.agedLook,
        ...repaintOf(f.exposure, f.endDay, lives),
      })),
    );
    repaints.sort(byDate);
    const calls = [
      ...looksDue(jobs, care),
      ...filmsToLookAt(repaints, who.now.getTime() + LOOKS_AHEAD_MS),
      ...mendsDue(jobs, care, new Set(marks.filter((m) => !m.closed).map((m) => m.id))),
      ...followUpsDue(
        followUps.filter((f) => care.has(f.jobId)),
        named,
      ),
    ]
      .map((call) => ({ ...call, visitId: visitOf.get(`${call.subject} ${call.code}`) ?? null }))
      .sort(byDate);
    return {
      now: who.now.toISOString(),
      zone: firm.timeZone,
      jobs: jobs.map(({ id, title, place, client, property, version }) => ({
        id,
        title,
        place,
        client,
        version,
        mapPlace: property.mapPlace ?? null,
        at: property.at ?? null,
      })),
      people: people
        .filter((p) => p.hours && !p.leftAt)
        .map(({ id, name, initials, hours }) => ({ id, name, initials, days: hours!.days })),
      calls: calls.slice(0, CALLS_SHOWN),
      moreCalls: Math.max(0, calls.length - CALLS_SHOWN),
      uses: jobs.flatMap((job) =>
        care
          .get(job.id)!
          .uses.filter((u) => Date.parse(u.at) > who.now.getTime())
          .map((u) => ({ ...u, jobId: job.id })),
      ),
      repaints: repaints.slice(0, REPAINTS_SHOWN).map(({ agedLook: _looked, ...repaint }) => repaint),
      lookedAfter: repaints.length,
      visits: visits.map(({ id, jobId, onDay, fromTime, minutes, calls, personId, roundId }) => ({
        id,
        jobId,
        onDay,
        fromTime,
        minutes,
        calls,
        personId,
        roundId,
      })),
    };
  }

  /** How long every film of the firm's has lasted, to its failure or until now. */
  async lives(scope: FirmScope): Promise<FilmLife[]> {
    return livesIn(await this.read(scope), scope.who.now);
  }

  /** Every job that is under way or handed over, with what follows on it, and all the faults that stand. */
  async read(scope: FirmScope) {
    const [firm, found] = await Promise.all([
      scope.firm(),
      scope.find(JobEntity, { status: In(['active', 'aftercare']), ...STANDS }),
    ]);
    const care = await this.careOf(scope, found);
    const [faults, acts] = await Promise.all([scope.find(FaultMarkEntity), scope.find(FaultActEntity)]);
    const actOn = new Map(acts.map((a) => [a.markId, a]));
    const marks = faults.flatMap((m) => {
      const act = actOn.get(m.id);
      return act?.kind === 'withdrawn' ? [] : [Object.assign(m, { closed: act !== undefined })];
    });
    return { firm, jobs: found, care, marks };
  }

  /** What follows on each job; its record moves it, not the clock. */
  private async careOf(scope: FirmScope, jobs: readonly JobEntity[]): Promise<Map<string, JobCare>> {
    const bodies = await this.derived.of(scope, jobs, {
      kind: 'care',
      ...settledOnceOver(await firmMark(scope)),
      make: async (records) => {
        await composeAll(records);
        const { id: jobId } = records.job;
        const [trials, concluded] = await Promise.all([
          scope.find(TrialEntity, { jobId }),
          scope.find(TrialActEntity, { jobId, kind: 'concluded' }, { at: 'ASC' }),
        ]);
        return { body: JSON.stringify(careOf(records, trials, concluded)), turnsAt: null };
      },
    });
    return new Map([...bodies].map(([id, kept]) => [id, kept.read(readCare)]));
  }
}

type Read = Pick<Awaited<ReturnType<Aftercare['read']>>, 'jobs' | 'care' | 'marks'>;
const livesIn = ({ jobs, care, marks }: Read, now: Date): FilmLife[] =>
  filmLives(
    jobs.flatMap((j) => care.get(j.id)!.finished),
    marks,
    now,
  );

@ApiTags('aftercare')
@Controller('api/aftercare')
export class AftercareController {
  constructor(private readonly aftercare: Aftercare) {}

  @Answers('aftercare', aftercarePage) @Get() all(@Sender() who: Who) {
    return this.aftercare.all(who);
  }
}
