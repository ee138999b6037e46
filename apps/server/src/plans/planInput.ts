import { isCoat, type Element, type PlanInput, type PlanStep } from '@rustic/core';
import { DateTime } from 'luxon';
import type { PersonEntity, SurfaceEntity } from '../database/entities.ts';
import { airOfRoom, systemOf, workOn } from '../jobs/houseReading.ts';
import { type JobRecords } from '../jobs/jobRecords.ts';
import { isLeftOut } from '../jobs/leftOut.ts';

const iso = (at: Date, zone: string) => DateTime.fromJSDate(at, { zone }).toISO({ suppressMilliseconds: true })!;
const FROM_THE_TOP: Partial<Record<Element, number>> = { ceiling: 0, wall: 1, masonry: 1 };
const TRIM_FIRST: Partial<Record<Element, number>> = { ceiling: 0, wall: 2, masonry: 2 };

/** When planning begins: not before the job does, and not in the past. */
function planStart(records: JobRecords, now: Date): Date {
  const begins = Math.max(records.job.startsAt.getTime(), now.getTime());
  return new Date(Math.ceil(begins / 300_000) * 300_000);
}

/** A surface's steps; what was logged is done, and so is whatever had to come before it. */
function stepsOf(records: JobRecords, surface: SurfaceEntity): PlanStep[] {
  const system = systemOf(records, surface);
  const { work, logs } = workOn(records, surface, system);
  const offTheWall = system.steps.some((s) => s.kind === 'unhang');
  const zone = records.firm.timeZone;
  const lastDone = work.findLastIndex((w) => logs.some((log) => log.stepId === w.plan.id));
  return work.map((w, i): PlanStep => {
    const step = { ...w.plan, ...(offTheWall && isCoat(w.plan.kind) ? { onRack: true } : {}) };
    if (i > lastDone) return step;
    const own = logs.find((log) => log.stepId === w.plan.id);
    // Not logged itself, but something after it was: it was done by then.
    const next =
      own ??
      logs
        .filter((log) => work.findIndex((x) => x.plan.id === log.stepId) > i)
        .sort((a, b) => a.startedAt.getTime() - b.startedAt.getTime())[0]!;
    return {
      ...step,
      done: true,
      start: iso(next.startedAt, zone),
      end: iso(own ? own.endedAt : next.startedAt, zone),
    };
  });
}

/** Top-down, or the other school: the first finish coat of a lower rank waits for the last coat of the rank above it in its room. */
function inRoomOrder(records: JobRecords, surfaces: PlanInput['surfaces']): void {
  const ranks =
    (records.job.houseRules.roomOrder ?? records.firm.houseRules.roomOrder) === 'trim-first'
      ? TRIM_FIRST
      : FROM_THE_TOP;
  const rank = (id: string) =>
    ranks[records.surfaces.find((s) => s.id === id)!.facts.element] ?? (ranks === TRIM_FIRST ? 1 : 2);
  for (const surface of surfaces) {
    const first = surface.steps.find((s) => s.kind === 'finish-coat');
    if (!first || first.done) continue;
    const above = surfaces
      .filter((o) => o.zone === surface.zone && rank(o.id) < rank(surface.id))
      .map((o) => [o.id, o.steps.findLast((s) => isCoat(s.kind))?.id] as const);
    first.after = above.filter(([, id]) => id).map(([o, id]) => `${o}/${id}`);
  }
}

/** The question the planner is asked for a job, from its record, its people and its air. */
export function planInputOf(records: JobRecords, people: readonly PersonEntity[], now: Date): PlanInput {
  const crew = people.filter((p) => p.hours && records.job.crewIds.includes(p.id));
  const surfaces = records.surfaces
    .filter((s) => !isLeftOut(s))
    .map((surface) => ({
      id: surface.id,
      zone: surface.roomId,
      steps: stepsOf(records, surface),
    }));
  inRoomOrder(records, surfaces);
  return {
    start: iso(planStart(records, now), records.firm.timeZone),
    timeZone: records.firm.timeZone,
    crew: crew.map((p) => ({
      id: p.id,
      days: p.hours!.days,
      from: p.hours!.from,
      to: p.hours!.to,
      off: [],
      skills: [],
    })),
    air: {
      kind: 'steady',
      temperatureC: records.job.temperatureC,
      relativeHumidityPct: records.job.relativeHumidityPct,
    },
    zones: records.rooms.map((room) => ({
      id: room.id,
      noDustWhileWet: room.noDustWhileWet,
      maxNightsOut: null,
      backBy: room.backBy,
      air: airOfRoom(records, room.id),
    })),
    racks: records.job.racks,
    surfaces,
  };
}
