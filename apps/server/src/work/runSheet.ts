import { Injectable } from '@nestjs/common';
import { In, IsNull, LessThan } from 'typeorm';
import { z } from 'zod';
import { cureDates, SECOND_INSTALMENT } from '@rustic/core';
import { openReplies } from '../reading/openReplies.ts';
import { standingSurfaces } from '../reading/standingSurfaces.ts';
import { standingVisits } from '../reading/standingVisits.ts';
import { lastCoatOf } from '../reading/lastCoat.ts';
import { STANDS } from '../record/takenOut.ts';
import { JobEntity, SurfaceEntity } from '../record/jobEntities.ts';
import { FollowUpEntity, WorkLogEntity } from '../record/siteEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { allStepsOf, composeAll, doneOn, returnVisit, standingOf } from '../reading/houseReading.ts';
import { bindsAt, readJobsAnew, type JobRecords } from '../reading/jobRecords.ts';
import { jobKey } from '../reading/jobsAtHand.ts';
import { isLeftOut } from '../reading/leftOut.ts';
import { withoutSums } from '../answers/answer.ts';
import { todayLine, todayRest } from '../answers/site.ts';
import { timesOf } from '../reading/visitTimes.ts';
import { newestPlan, type PostedPlan } from '../reading/newestPlan.ts';
import { Patches } from '../trials/patches.ts';
import { Trials } from '../trials/trials.service.ts';
import { lastRead } from '../reading/airOfRoom.ts';
import { Writes } from '../record/writes.service.ts';
import type { Packed } from '../http/packed.ts';
import { FirmAnswers, type Telling } from '../reading/firmAnswers.ts';
import { jobMark, minuteOf, recordMark, type FirmMark } from '../reading/marks.ts';
import { onceFor, Remembered } from '../reading/remembered.ts';

const DAY_MS = 86_400_000;
/** A film cures for no longer than this, nearly always. */
const CURING_MS = 60 * DAY_MS;
/** Follow-ups are shown so long before they fall due. */
const SOON_MS = 3 * DAY_MS;
/** And visits so long before they are made. */
const VISITS_AHEAD_MS = 7 * DAY_MS;

/** A job's lines, as they stand in the text of a sheet. */
interface SaidLines {
  text: string;
  unpriced: string;
}

/** The run sheet: every surface of every job under way, by the clock. */
@Injectable()
export class RunSheet {
  /** The lines of each job as they are sent: a log on one leaves the others as they were. */
  private readonly lines = new Remembered<SaidLines>();
  private readonly plans = new Remembered<Promise<PostedPlan | null>>();

  constructor(
    private readonly writes: Writes,
    private readonly trials: Trials,
    private readonly patches: Patches,
    private readonly answers: FirmAnswers,
  ) {}

  today(who: Who, prices: boolean): Promise<Packed> {
    const scope = this.writes.reading(who);
    return this.answers.of(scope, { name: 'today', prices }, (mark) => this.read(scope, mark));
  }

  private async read(scope: FirmScope, mark: FirmMark): Promise<Telling> {
    const { who } = scope;
    const names = await namesOf(scope);
    const lately = await this.workedOnSince(scope, new Date(who.now.getTime() - CURING_MS));
    const visits = await visitsSoon(scope, names);
    const returnedTo = new Set(
      visits.filter((v) => v.calls.some((c) => SECOND_INSTALMENT.includes(c.code))).map((v) => v.jobId),
    );
    const underWay = await scope.manager.find(JobEntity, {
      where: [
        { status: In(['active', 'planned']) },
        { status: 'aftercare' as const, id: In([...new Set([...lately, ...returnedTo])]) },
      ].map((one) => ({ ...one, ...STANDS, firmId: who.firmId })),
      order: { startsAt: 'ASC', id: 'ASC' },
    });
    const lines = await this.linesOf(scope, underWay, mark);
    const soon = new Date(who.now.getTime() + SOON_MS);
    const due = await scope.find(FollowUpEntity, { closedAt: IsNull(), dueAt: LessThan(soon) }, { dueAt: 'ASC' });
    const named = await standingSurfaces(
      scope,
      due.map((f) => f.surfaceId),
    );
    const rest = JSON.stringify({
      checks: await this.trials.due(scope, names),
      patches: await this.patches.due(scope, names),
      visits,
      clients: await openReplies(scope),
      followUps: due
        .filter((f) => named.has(f.surfaceId))
        .map(({ id, jobId, surfaceId, kind, words, dueAt }) => ({
          id,
          jobId,
          surfaceId,
          name: named.get(surfaceId)!.name,
          kind,
          words,
          dueAt,
        })),
    });
    const now = JSON.stringify(who.now.toISOString());
    const sheet = (said: keyof SaidLines, after: string) => {
      const texts = lines.map((line) => line[said]).filter(Boolean);
      return `{"now":${now},"lines":[${texts.join()}],${after.slice(1)}`;
    };
    return { whole: () => sheet('text', rest), unpriced: () => sheet('unpriced', unpriced(todayRest, rest)) };
  }

  /** Jobs on which something was logged since: what is finished there may still be curing. */
  private async workedOnSince({ manager, who }: FirmScope, since: Date): Promise<Set<string>> {
    const rows = await manager
      .createQueryBuilder(WorkLogEntity, 'w')
      .select('DISTINCT w.jobId', 'id')
      .where('w.firmId = :firmId AND w.endedAt > :since', { firmId: who.firmId, since })
      .getRawMany<{ id: string }>();
    return new Set(rows.map((r) => r.id));
  }

  /** The lines of each job, as text; those of a job on which nothing happened stand for a minute. */
  private async linesOf(scope: FirmScope, jobs: readonly JobEntity[], mark: FirmMark): Promise<SaidLines[]> {
    const minute = minuteOf(scope.who);
    const known = new Map(
      jobs.map((j) => [j.id, this.lines.get(jobKey(scope, j.id), `${jobMark(mark, j)}|${minute}`)]),
    );
    const turned = jobs.filter((j) => known.get(j.id) === undefined);
    for (const records of await readJobsAnew(scope, turned)) {
      const { job } = records;
      const key = jobKey(scope, job.id);
      await composeAll(records);
      const posted = await onceFor(this.plans, key, recordMark(job), () => newestPlan(scope, job.id));
      const ours = records.surfaces.filter((s) => !isLeftOut(s));
      const text = JSON.stringify(ours.map((s) => lineOf(records, s, posted, scope.who)));
      const said = { text: text.slice(1, -1), unpriced: unpriced(z.array(todayLine), text).slice(1, -1) };
      this.lines.set(key, `${jobMark(mark, job)}|${minute}`, said);
      known.set(job.id, said);
    }
    return jobs.flatMap((j) => known.get(j.id) ?? []);
  }
}

/** What every job that was not taken out is called, by its id. */
async function namesOf({ manager, who }: FirmScope): Promise<Map<string, string>> {
  const jobs = await manager.find(JobEntity, {
    select: { id: true, title: true },
    where: { firmId: who.firmId, ...STANDS },
  });
  return new Map(jobs.map(({ id, title }) => [id, title]));
}

/** Fixed visits of the coming days, and those that nobody has said were made. */
async function visitsSoon(scope: FirmScope, names: ReadonlyMap<string, string>) {
  const until = new Date(scope.who.now.getTime() + VISITS_AHEAD_MS).toISOString().slice(0, 10);
  const visits = await standingVisits(scope);
  return visits
    .filter((v) => v.onDay <= until)
    .map(({ id, jobId, onDay, fromTime, minutes, calls, personId }) => ({
      id,
      jobId,
      jobTitle: names.get(jobId) ?? '',
      onDay,
      fromTime,
      minutes,
      calls,
      personId,
    }));
}

/** The same for whoever does not see prices: what is declared, without its sums. */
const unpriced = (schema: z.ZodType, text: string) => JSON.stringify(withoutSums(schema).parse(JSON.parse(text)));

/** Where one surface stands, what comes next on it, and what a page needs to go on by itself while there is no signal. */
function lineOf(records: JobRecords, surface: SurfaceEntity, posted: PostedPlan | null, who: Who) {
  const { job } = records;
  const { work, dose: _untold, ...line } = standingOf(records, surface, who.now);
  const planned = posted?.plan.steps.find((s) => s.surface === surface.id && s.id === line.next?.plan.id) ?? null;
  const back = line.next?.atReturn ? returnVisit(records, surface) : undefined;
  const batch = records.work.filter((w) => w.productId === line.next?.product?.id).at(-1)?.batch ?? null;
  const reading = records.readings.filter((r) => r.roomId === surface.roomId).at(-1);
  const spec = line.next ? allStepsOf(records, surface)[line.next.step] : undefined;
  const held = records.holds.find((h) => h.surfaceId === surface.id && h.stepId === line.next?.plan.id);
  return {
    jobId: job.id,
    jobTitle: job.title,
    startsAt: job.startsAt,
    roomId: surface.roomId,
    room: records.rooms.find((r) => r.id === surface.roomId)?.name ?? '',
    surfaceId: surface.id,
    name: surface.name,
    ...line,
    wear: spec?.wear ?? [],
    method: spec?.method ?? null,
    plannedStart: planned?.start ?? (back ? timesOf(back, records.firm.timeZone).start.toISOString() : null),
    crew: planned?.crew ?? [],
    held: held && bindsAt(held, who.now) ? heldOf(held) : null,
    offered: {
      batch,
      temperatureC: reading?.temperatureC ?? job.temperatureC,
      relativeHumidityPct: reading?.relativeHumidityPct ?? job.relativeHumidityPct,
    },
    // Nothing more is logged on what is finished.
    work: line.standing === 'done' ? [] : work,
    done: doneOn(records, surface),
    curing: line.standing === 'done' ? curingOf(records, surface, who.now) : null,
  };
}

/** What a finished surface may not be used for yet: the next of its cure dates. */
function curingOf(records: JobRecords, surface: SurfaceEntity, now: Date) {
  const laid = lastCoatOf(records, surface);
  if (!laid) return null;
  const dates = cureDates(laid.last, lastRead(records, surface.roomId), records.firm.timeZone);
  const next = dates.find(({ at }) => Date.parse(at) > now.getTime());
  return next ? { words: next.words, at: next.at, why: next.why } : null;
}

const heldOf = ({ id, kind, until, reason, byName }: JobRecords['holds'][number]) => ({
  id,
  kind,
  until,
  reason,
  byName,
});
