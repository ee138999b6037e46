import { breath } from '../reading/breath.ts';
import { Controller, Get, Injectable } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { dayOf, repaintLook, repaintOf } from '@rustic/core';
import { DateTime } from 'luxon';
import { In, IsNull } from 'typeorm';
import { standingSurfaces } from '../reading/standingSurfaces.ts';
import { STANDS } from '../record/takenOut.ts';
import { PersonEntity } from '../record/firmEntities.ts';
import { JobEntity } from '../record/jobEntities.ts';
import { FaultActEntity, FaultMarkEntity } from '../record/punchEntities.ts';
import { FollowUpEntity } from '../record/siteEntities.ts';
import { TrialActEntity, TrialEntity } from '../record/trialEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { readJobs } from '../reading/jobRecords.ts';
import { Sender } from '../people/session.ts';
import { marksOf, Remembered } from '../reading/sheetCache.ts';
import { Writes } from '../record/writes.service.ts';
import { careOf, type JobCare } from './calls.ts';
import { filmLives } from '../reading/filmLives.ts';
import { standingVisits } from '../reading/standingVisits.ts';
import { aftercarePage } from '../answers/aftercare.ts';
import { Answers } from '../answers/answer.ts';

/** How long a follow-up takes on the spot, where nobody said: minutes. */
const FOLLOW_UP_MIN = 10;
/** Days within which one is looked at. */
const FOLLOW_UP_DAYS = 30;
const DAY_MS = 86_400_000;
/** So far ahead an ageing film is put down for a look: every film that stands comes to one some day. */
const LOOKS_AHEAD_MS = 400 * DAY_MS;

/** What follows from what was really laid: uses, visits due, the next painting; and the visits that are fixed. */
@Injectable()
export class Aftercare {
  /** What follows on each job; its record alone moves it, not the clock. */
  private readonly care = new Remembered<JobCare>();

  constructor(private readonly writes: Writes) {}

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
    const zone = firm.timeZone;
    const lives = filmLives(
      jobs.flatMap((j) => care.get(j.id)!.finished),
      marks,
      who.now,
    );
    const visitOf = new Map(visits.flatMap((v) => v.calls.map((c) => [`${c.id} ${c.code}`, v.id] as const)));
    const inVisit = (id: string, code: string) => visitOf.get(`${id} ${code}`) ?? null;
    const open = new Set(marks.filter((m) => !m.closed).map((m) => m.id));
    const repaints = jobs.flatMap((job) =>
      care.get(job.id)!.finished.map((f) => ({
        jobId: job.id,
        surfaceId: f.surfaceId,
        name: f.name,
        agedLook: f.agedLook,
        ...repaintOf(f.exposure, dayOf(DateTime.fromJSDate(f.endedAt, { zone })), lives),
      })),
    );
    return {
      now: who.now.toISOString(),
      zone,
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
      calls: [
        ...jobs.flatMap((job) =>
          care.get(job.id)!.calls.map((call) => ({
            ...call,
            jobId: job.id,
            what: 'look' as const,
            visitId: inVisit(call.subject, call.code),
          })),
        ),
        ...repaints
          .map(({ jobId, surfaceId, name, agedLook, ...repaint }) => ({
            ...repaintLook(repaint, agedLook),
            jobId,
            surfaceId,
            name,
            subject: surfaceId,
            what: 'look' as const,
            visitId: inVisit(surfaceId, 'repaint'),
          }))
          .filter(({ at }) => Date.parse(at) < who.now.getTime() + LOOKS_AHEAD_MS),
        ...jobs.flatMap((job) =>
          care
            .get(job.id)!
            .mends.filter(({ id }) => open.has(id))
            .map(({ id, ...mend }) => ({
              ...mend,
              subject: id,
              jobId: job.id,
              what: 'fault' as const,
              why: 'It stands on the punch list: it can be mended once its film is hard enough to be sanded at its edge.',
              visitId: inVisit(id, mend.code),
            })),
        ),
        ...followUps
          .filter((f) => care.has(f.jobId))
          .map((f) => ({
            jobId: f.jobId,
            what: 'follow-up' as const,
            subject: f.id,
            surfaceId: f.surfaceId,
            name: named.get(f.surfaceId)!.name,
            code: f.kind,
            words: f.words,
            why: 'Opened by the log of a coat that was laid outside its limits.',
            at: f.dueAt.toISOString(),
            by: new Date(f.dueAt.getTime() + FOLLOW_UP_DAYS * DAY_MS).toISOString(),
            minutes: FOLLOW_UP_MIN,
            visitId: inVisit(f.id, f.kind),
          })),
      ],
      uses: jobs.flatMap((job) =>
        care
          .get(job.id)!
          .uses.filter((u) => Date.parse(u.at) > who.now.getTime())
          .map((u) => ({ ...u, jobId: job.id })),
      ),
      repaints: repaints.map(({ agedLook: _looked, ...repaint }) => repaint),
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

  /** Every job that is under way or handed over, with what follows on it, and all the faults that stand. */
  async read(scope: FirmScope) {
    const [firm, found, moved] = await Promise.all([
      scope.firm(),
      scope.find(JobEntity, { status: In(['active', 'aftercare']), ...STANDS }),
      marksOf(scope),
    ]);
    const care = new Map<string, JobCare>();
    const anew = found.filter((job) => {
      const known = this.care.get(job.id, moved.recordOf(job.id));
      if (known) care.set(job.id, known);
      return !known;
    });
    if (anew.length) {
      const jobId = In(anew.map((j) => j.id));
      const [trials, concluded] = await Promise.all([
        scope.find(TrialEntity, { jobId }),
        scope.find(TrialActEntity, { jobId, kind: 'concluded' }, { at: 'ASC' }),
      ]);
      for (const records of await readJobs(scope, anew)) {
        const { id } = records.job;
        const here = careOf(
          records,
          trials.filter((t) => t.jobId === id),
          concluded,
        );
        this.care.set(id, moved.recordOf(id), here);
        care.set(id, here);
        await breath();
      }
    }
    const [faults, acts] = await Promise.all([scope.find(FaultMarkEntity), scope.find(FaultActEntity)]);
    const actOn = new Map(acts.map((a) => [a.markId, a]));
    const marks = faults.flatMap((m) => {
      const act = actOn.get(m.id);
      return act?.kind === 'withdrawn' ? [] : [Object.assign(m, { closed: act !== undefined })];
    });
    return { firm, jobs: found, care, marks };
  }
}

@ApiTags('aftercare')
@Controller('api/aftercare')
export class AftercareController {
  constructor(private readonly aftercare: Aftercare) {}

  @Answers('aftercare', aftercarePage) @Get() all(@Sender() who: Who) {
    return this.aftercare.all(who);
  }
}
