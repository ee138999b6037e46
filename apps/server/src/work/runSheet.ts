import { Injectable } from '@nestjs/common';
import { In, IsNull, LessThan } from 'typeorm';
import { JobEntity, SurfaceEntity } from '../database/entities.ts';
import { FollowUpEntity } from '../database/siteEntities.ts';
import type { Who } from '../database/firmScope.ts';
import { doneOn, standingOf, systemOf } from '../jobs/houseReading.ts';
import { bindsAt, readJobs, type JobRecords } from '../jobs/jobRecords.ts';
import { isLeftOut } from '../jobs/leftOut.ts';
import { newestPlan, type PostedPlan } from '../plans/newestPlan.ts';
import { Trials } from '../trials/trials.service.ts';
import { Writes } from '../writes/writes.service.ts';

const DAY_MS = 86_400_000;
/** Follow-ups are shown so long before they fall due. */
const SOON_MS = 3 * DAY_MS;

/** The run sheet: every surface of every job under way, by the clock. */
@Injectable()
export class RunSheet {
  constructor(
    private readonly writes: Writes,
    private readonly trials: Trials,
  ) {}

  async today(who: Who): Promise<unknown> {
    const scope = this.writes.reading(who);
    const jobs = (await scope.find(JobEntity, {}, { startsAt: 'ASC' })).filter(
      (j) => j.status === 'active' || j.status === 'planned',
    );
    const all = await readJobs(scope, jobs);
    const lines = await Promise.all(
      all.map(async (records) => {
        const posted = await newestPlan(scope, records.job.id);
        return records.surfaces.filter((s) => !isLeftOut(s)).map((s) => lineOf(records, s, posted, who));
      }),
    );
    const soon = new Date(who.now.getTime() + SOON_MS);
    const due = await scope.find(FollowUpEntity, { closedAt: IsNull(), dueAt: LessThan(soon) }, { dueAt: 'ASC' });
    const named = await scope.find(SurfaceEntity, { id: In(due.map((f) => f.surfaceId)) });
    return {
      now: who.now.toISOString(),
      me: who.personId,
      lines: lines.flat(),
      checks: await this.trials.due(scope, await scope.find(JobEntity)),
      followUps: due.map(({ id, jobId, surfaceId, kind, words, dueAt }) => ({
        id,
        jobId,
        surfaceId,
        name: named.find((s) => s.id === surfaceId)?.name ?? '',
        kind,
        words,
        dueAt,
      })),
    };
  }
}

/** Where one surface stands, what comes next on it, and what a page needs to go on by itself while there is no signal. */
function lineOf(records: JobRecords, surface: SurfaceEntity, posted: PostedPlan | null, who: Who) {
  const { job } = records;
  const { work, ...line } = standingOf(records, surface, who.now);
  const planned = posted?.plan.steps.find((s) => s.surface === surface.id && s.id === line.next?.plan.id) ?? null;
  const batch = records.work.filter((w) => w.productId === line.next?.product?.id).at(-1)?.batch ?? null;
  const reading = records.readings.filter((r) => r.roomId === surface.roomId).at(-1);
  const { steps } = systemOf(records, surface);
  const spec = line.next ? steps[line.next.step] : undefined;
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
    plannedStart: planned?.start ?? null,
    crew: planned?.crew ?? [],
    held: held && bindsAt(held, who.now) ? heldOf(held) : null,
    offered: {
      batch,
      temperatureC: reading?.temperatureC ?? job.temperatureC,
      relativeHumidityPct: reading?.relativeHumidityPct ?? job.relativeHumidityPct,
    },
    work,
    done: doneOn(records, surface),
  };
}

const heldOf = ({ id, kind, until, reason, byName }: JobRecords['holds'][number]) => ({
  id,
  kind,
  until,
  reason,
  byName,
});
