import type { PostedPlan } from '../reading/newestPlan.ts';
import {
  givenAir,
  isCoat,
  makesDust,
  minutesOf,
  type Element,
  type HouseRules,
  type PlanInput,
  type PlanStep,
} from '@rustic/core';
import { DateTime } from 'luxon';
import type { BusyTimeEntity } from '../record/calendarEntities.ts';
import type { PersonEntity } from '../record/firmEntities.ts';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import type { VisitEntity } from '../record/visitEntities.ts';
import { timesOf } from '../reading/visitTimes.ts';
import { allStepsOf, systemOf, workOn } from '../reading/houseReading.ts';
import { type JobRecords } from '../reading/jobRecords.ts';
import { isLeftOut } from '../reading/leftOut.ts';
import { airOfRoom, outsideAir } from '../reading/airOfRoom.ts';
import { inOrder } from './roomOrder.ts';
import { visitLines } from './visitLines.ts';

const iso = (at: Date, zone: string) => DateTime.fromJSDate(at, { zone }).toISO({ suppressMilliseconds: true })!;

/** The people of a firm, and what takes them elsewhere. */
export interface Crew {
  people: readonly PersonEntity[];
  busy: readonly BusyTimeEntity[];
  /** Plans of other jobs that were posted: their people are taken then. */
  elsewhere: readonly PostedPlan[];
  /** Visits that are fixed, of every job. */
  visits: readonly VisitEntity[];
}

/** When planning begins: not before the job does, and not in the past. */
function planStart(records: JobRecords, now: Date): Date {
  const begins = Math.max(records.job.startsAt.getTime(), now.getTime());
  return new Date(Math.ceil(begins / 300_000) * 300_000);
}

/** What only some can do: asked for where the firm has said who can. */
const skillOf = (method: string | undefined, people: readonly PersonEntity[]) =>
  method === 'spray' && people.some((p) => p.skills.includes('spray')) ? 'spray' : null;

/** A surface's steps; what was logged is done, and so is whatever had to come before it. */
function stepsOf(records: JobRecords, surface: SurfaceEntity, people: readonly PersonEntity[]): PlanStep[] {
  const system = systemOf(records, surface);
  const { work: all, logs, done } = workOn(records, surface);
  const lines = allStepsOf(records, surface);
  // A return visit stands in the plan as a visit.
  const work = all.filter((w) => !w.atReturn);
  const offTheWall = system.steps.some((s) => s.kind === 'unhang');
  const zone = records.firm.timeZone;
  const lastDone = work.findLastIndex((w) => logs.some((log) => log.stepId === w.plan.id));
  const personOf = new Map(people.map((p) => [p.name, p.id]));
  const steps = work.map((w, i): PlanStep => {
    const skill = skillOf(lines[w.step]?.method, people);
    const step: PlanStep = {
      ...w.plan,
      ...(offTheWall && isCoat(w.plan.kind) ? { onRack: true } : {}),
      ...(w.product?.odour === 'strong' && w.plan.drying ? { strongVapour: true } : {}),
      ...(skill ? { skill } : {}),
    };
    if (i > lastDone) return step;
    const own = logs.find((log) => log.stepId === w.plan.id);
    const thickness = done.find((d) => d.stepId === w.plan.id)?.thickness ?? 1;
    // Not logged itself, but something after it was: it was done by then.
    const next =
      own ??
      logs
        .filter((log) => work.findIndex((x) => x.plan.id === log.stepId) > i)
        .sort((a, b) => a.startedAt.getTime() - b.startedAt.getTime())[0]!;
    const by = own ? personOf.get(own.byName) : undefined;
    return {
      ...step,
      ...(step.drying && thickness !== 1 ? { drying: { ...step.drying, thickness } } : {}),
      done: true,
      start: iso(next.startedAt, zone),
      end: iso(own ? own.endedAt : next.startedAt, zone),
      ...(by ? { crew: [by] } : {}),
    };
  });
  return backByEvening(surface, heldBack(records, surface, steps));
}

/**
 * Steps that are held: another trade's date comes first; what looked wrong is put right first, by the steps of its way
 * back, and what it takes stands in the plan until the hold is released.
 */
function heldBack(records: JobRecords, surface: SurfaceEntity, steps: PlanStep[]): PlanStep[] {
  const holds = records.holds.filter((h) => h.surfaceId === surface.id);
  return steps.flatMap((step): PlanStep[] => {
    const held = step.done ? undefined : holds.find((h) => h.stepId === step.id);
    if (!held) return [step];
    if (held.until) return [{ ...step, notBefore: iso(held.until, records.firm.timeZone) }];
    return [...stepsBack(records, surface), step];
  });
}

/** What undoes the newest trouble of a surface, as steps of the plan. */
function stepsBack(records: JobRecords, surface: SurfaceEntity): PlanStep[] {
  const trouble = records.troubles.findLast((t) => t.surfaceId === surface.id);
  if (!trouble) return [];
  const { c } = systemOf(records, surface);
  const { steps, undoes } = trouble.rescue;
  return steps.slice(0, undoes).map((step, i): PlanStep => ({
    id: `b${i + 1}`,
    kind: step.kind,
    minutes: Math.max(5, Math.round(minutesOf(step, c.d.surface, { access: surface.access }))),
    people: 1,
    waitMin: step.waitMin ?? 0,
    dusty: makesDust(step),
  }));
}

const OPENS_THE_HOUSE: readonly Element[] = ['door', 'window'];

/** An outside door that is taken off is hung again the same day, unless its opening is closed meanwhile. */
function backByEvening(surface: SurfaceEntity, steps: PlanStep[]): PlanStep[] {
  const off = steps.find((s) => s.kind === 'unhang');
  const outside = surface.facts.exposure?.startsWith('exterior') && OPENS_THE_HOUSE.includes(surface.facts.element);
  if (!off || off.done || !outside || steps.some((s) => s.kind === 'close-opening')) return steps;
  return steps.map((s) => (s.kind === 'rehang' ? { ...s, sameDayAs: off.id } : s));
}

interface Span {
  from: string;
  to: string;
}

/** When people are taken: by their own calendar, by the posted plans of other jobs, by visits to them. */
function busyOf(person: PersonEntity, crew: Crew, records: JobRecords, now: Date): Span[] {
  const { firm, job } = records;
  const own = crew.busy
    .filter((b) => b.personId === person.id && b.endsAt > now)
    .map((b) => ({ from: b.startsAt.toISOString(), to: b.endsAt.toISOString() }));
  const there = crew.elsewhere.flatMap(({ plan }) =>
    plan.steps
      .filter((s) => s.crew.includes(person.id) && Date.parse(s.end) > now.getTime())
      .map((s) => ({ from: s.start, to: s.end })),
  );
  const visits = crew.visits
    .filter((v) => v.personId === person.id && v.jobId !== job.id)
    .map((v) => timesOf(v, firm.timeZone))
    .filter(({ end }) => end > now)
    .map(({ start, end }) => ({ from: start.toISOString(), to: end.toISOString() }));
  const here = records.visits.filter((v) => v.personId === person.id).map((v) => timesOf(v, firm.timeZone));
  return [...own, ...without(there, here), ...visits];
}

/** Spans without the times that were promised here: the plan of another job gives way to a fixed visit. */
function without(spans: readonly Span[], promised: readonly { start: Date; end: Date }[]): Span[] {
  return promised.reduce<Span[]>(
    (left, { start, end }) =>
      left.flatMap((span) => {
        const [from, to] = [Date.parse(span.from), Date.parse(span.to)];
        if (to <= start.getTime() || from >= end.getTime()) return [span];
        return [
          ...(from < start.getTime() ? [{ from: span.from, to: start.toISOString() }] : []),
          ...(to > end.getTime() ? [{ from: end.toISOString(), to: span.to }] : []),
        ];
      }),
    [...spans],
  );
}

function crewOf(records: JobRecords, crew: Crew, ids: readonly string[], now: Date): PlanInput['crew'] {
  return crew.people
    .filter((p) => p.hours && ids.includes(p.id))
    .map((p) => ({
      id: p.id,
      days: p.hours!.days,
      from: p.hours!.from,
      to: p.hours!.to,
      off: records.firm.planning.holidays ?? [],
      skills: p.skills,
      busy: busyOf(p, crew, records, now),
    }));
}

/** The question the planner is asked for a job, from its record, its people and its air. */
export function planInputOf(records: JobRecords, crew: Crew, now: Date): PlanInput {
  const { firm, job } = records;
  const surfaces = records.surfaces
    .filter((s) => !isLeftOut(s))
    .map((surface) => ({ id: surface.id, zone: surface.roomId, steps: stepsOf(records, surface, crew.people) }));
  inOrder(records, surfaces);
  // What is handed over stands as it is: only what is visited is planned.
  if (job.status === 'aftercare') surfaces.length = 0;
  surfaces.push(...visitLines(records));
  const outside = records.rooms.some((r) => r.airFrom === 'station');
  const { setUpMin, packUpMin, travelMin } = firm.planning;
  const goal: HouseRules['planGoal'] | undefined = job.houseRules.planGoal ?? firm.houseRules.planGoal;
  return {
    start: iso(planStart(records, now), firm.timeZone),
    timeZone: firm.timeZone,
    crew: crewOf(records, crew, job.crewIds, now),
    air: outside
      ? givenAir(outsideAir(records, now).air)
      : { kind: 'steady', temperatureC: job.temperatureC, relativeHumidityPct: job.relativeHumidityPct },
    zones: records.rooms.map((room) => ({
      id: room.id,
      noDustWhileWet: room.noDustWhileWet,
      maxNightsOut: room.maxNightsOut,
      backBy: room.backBy,
      fumesOutBy: room.fumesOutBy,
      air: givenAir(airOfRoom(records, room.id, now).air),
    })),
    racks: job.racks,
    visit: { setUpMin: setUpMin ?? 0, packUpMin: packUpMin ?? 0, travelMin: travelMin ?? 0 },
    ...(goal ? { goal } : {}),
    surfaces,
  };
}

/** All jobs of a firm as one question: the same people, each job a site of its own. */
export function firmInputOf(all: readonly JobRecords[], crew: Crew, now: Date): PlanInput {
  const inputs = all.map((records) => planInputOf(records, { ...crew, elsewhere: [], visits: [] }, now));
  const firm = all[0]!;
  const everybody = [...new Set(all.flatMap((r) => r.job.crewIds))];
  const sites = all.map(({ job }) => ({ id: job.id, racks: job.racks }));
  const starts = inputs.map((i) => Date.parse(i.start));
  const first = Math.min(...starts);
  return {
    ...inputs[0]!,
    start: iso(new Date(first), firm.firm.timeZone),
    crew: crewOf(firm, { ...crew, elsewhere: [], visits: [] }, everybody, now),
    zones: inputs.flatMap((i) => i.zones ?? []),
    racks: null,
    sites,
    surfaces: inputs.flatMap((input, i) =>
      input.surfaces.map((s) => ({
        ...s,
        site: sites[i]!.id,
        // A job that begins later than the others does so here too.
        steps: s.steps.map((t) => (t.done || starts[i] === first ? t : { ...t, notBefore: input.start })),
      })),
    ),
  };
}
