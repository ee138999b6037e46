import {
  latestStart,
  relianceOf,
  type Doubts,
  type FeasiblePlan,
  type Plan,
  type PlanInput,
  type PlannedStep,
} from '@rustic/core';
import type { PostedPlan } from '../reading/newestPlan.ts';
import { bindsAt, type JobRecords } from '../reading/jobRecords.ts';
import { isLeftOut } from '../reading/leftOut.ts';
import { workOn } from '../reading/houseReading.ts';
import { airOfRoom, placeOf } from '../reading/airOfRoom.ts';
import type { Crew } from './planInput.ts';
import { lineNames } from './visitLines.ts';

/** The steps that have happened, by their name. */
export const doneIn = (input: PlanInput): Set<string> =>
  new Set(input.surfaces.flatMap((s) => s.steps.filter((t) => t.done).map((t) => `${s.id}/${t.id}`)));

/** What a plan is drawn from: its question and answer, and the names of everything in them. */
export function pageOf(all: readonly JobRecords[], crew: Crew, input: PlanInput, plan: Plan, now: Date) {
  return {
    jobs: all.map(({ job }) => ({ id: job.id, title: job.title })),
    rooms: all.flatMap(({ job, rooms }) =>
      rooms.map((r) => ({
        id: r.id,
        jobId: job.id,
        name: r.name,
        kind: r.kind,
        version: r.version,
        airFrom: r.airFrom,
        noDustWhileWet: r.noDustWhileWet,
        backBy: r.backBy,
        fumesOutBy: r.fumesOutBy,
        maxNightsOut: r.maxNightsOut,
      })),
    ),
    surfaces: all.flatMap((records) => [
      ...records.surfaces
        .filter((s) => input.surfaces.some((i) => i.id === s.id))
        .map((s) => ({ id: s.id, jobId: records.job.id, roomId: s.roomId, name: s.name, element: s.facts.element })),
      ...lineNames(records),
    ]),
    people: crew.people.map((p) => ({ id: p.id, name: p.name, initials: p.initials, hours: p.hours })),
    input,
    plan,
    now: now.toISOString(),
    log: all.flatMap(({ work }) => work.map((w) => ({ surfaceId: w.surfaceId, stepId: w.stepId, by: w.byName }))),
    holds: all.flatMap((records) =>
      records.holds
        .filter((h) => bindsAt(h, now))
        .map(({ id, surfaceId, stepId, kind, until, reason, byName }) => ({
          id,
          surfaceId,
          stepId,
          kind,
          until,
          reason,
          byName,
        })),
    ),
    reliance: all.flatMap((records) => relianceIn(records, input, plan, now)),
  };
}

/** The airs of a job that are forecast, by room, each with how far it may be wrong. */
export const doubtsOf = (records: JobRecords, now: Date): Doubts =>
  new Map(
    records.rooms.flatMap((room) => {
      const { air, doubt } = airOfRoom(records, room.id, now);
      return doubt && air.kind === 'hourly' ? [[room.id, { air, doubt }] as const] : [];
    }),
  );

/** Coats that hold only if the forecast does. */
function relianceIn(records: JobRecords, input: PlanInput, plan: Plan, now: Date) {
  if (plan.status !== 'feasible') return [];
  const doubts = [...doubtsOf(records, now)].map(
    ([room, { air, doubt }]) => [room, { from: air.from, doubt }] as const,
  );
  return doubts.length ? relianceOf(input, plan, new Map(doubts)) : [];
}

const DAY_MS = 86_400_000;

/** Outside, what is not begun: the latest day to begin before the cold. */
export function latestStarts(records: JobRecords, plan: Plan, now: Date): { surfaceId: string; at: string }[] {
  const outside = new Set(records.rooms.filter((r) => r.kind === 'elevation').map((r) => r.id));
  return records.surfaces
    .filter((s) => outside.has(s.roomId) && !isLeftOut(s))
    .flatMap((surface) => {
      const { work, done } = workOn(records, surface);
      const coats = work.flatMap((w) => (w.plan.drying?.chemistry && w.product ? [w.product.drying] : []));
      if (done.length > 0 || coats.length === 0) return [];
      const own = plan.steps.filter((s: PlannedStep) => s.surface === surface.id);
      const days = own.length ? (Date.parse(own.at(-1)!.end) - Date.parse(own[0]!.start)) / DAY_MS : coats.length;
      const at = latestStart(placeOf(records), coats, Math.floor(now.getTime() / 60_000), days);
      return at === null ? [] : [{ surfaceId: surface.id, at: new Date(at * 60_000).toISOString() }];
    });
}

/** The posted plans of several jobs as one, to be kept together; null where nothing was posted. */
export function joined(posted: readonly (PostedPlan | null)[]): FeasiblePlan | null {
  const plans = posted.flatMap((p): FeasiblePlan[] => (p?.plan.status === 'feasible' ? [p.plan] : []));
  if (plans.length === 0) return null;
  const last = plans.reduce((a, b) => (Date.parse(b.finish) > Date.parse(a.finish) ? b : a));
  return {
    ...last,
    steps: plans.flatMap((p) => p.steps),
    visits: plans.reduce((sum, p) => sum + p.visits, 0),
    warnings: plans.flatMap((p) => p.warnings),
  };
}
