import {
  causeFirst,
  chemistryOf,
  dayOf,
  dryingSeason,
  faultCauses,
  faultsOf,
  isCoat,
  isOfParts,
  makeGood,
  mendLasts,
  mechanismOdds,
  productFor,
  touchUp,
  touchUpKit,
  type Case,
  type FaultCause,
  type MendLasts,
  type Method,
  type Product,
  type StepKind,
  type TouchUp,
  type TouchUpKit,
} from '@rustic/core';
import { DateTime } from 'luxon';
import { seasonPlace } from './seasonPlace.ts';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import type { FaultMarkEntity } from '../record/punchEntities.ts';
import type { FollowUpEntity, WorkLogEntity } from '../record/siteEntities.ts';
import { allStepsOf, flaggedOn, systemOf, workOn } from './houseReading.ts';
import type { JobRecords } from './jobRecords.ts';
import { productById } from './firmShelf.ts';

const MONTH_MS = 30.44 * 86_400_000;
/** Days that a fault is left to wait: what jams or lets go is looked at first. */
const PATIENCE: Partial<Record<FaultMarkEntity['fault'], number>> = { 'sticks-shut': 3, peels: 7, stain: 7, bleeds: 7 };
const USUAL_PATIENCE = 14;
/** How long a fault may wait once it can be mended, in days. */
export const patienceDays = (fault: FaultMarkEntity['fault']) => PATIENCE[fault] ?? USUAL_PATIENCE;
const DAY_MS = 86_400_000;

/** What is to be done about a marked fault, and why. */
export interface MendOf {
  causeFirst: boolean;
  causes: FaultCause[];
  /** Whether it comes back; null where only a hand was at fault. */
  lasts: MendLasts | null;
  makeGood: string | null;
  touchUp: TouchUp | null;
  kit: TouchUpKit | null;
  /** From which day it can be mended, and by which it should be; days since the epoch. */
  readyDay: number;
  byDay: number;
}

/** The coat that shows: what it was laid with, by the record, or by the system where it was not logged. */
interface Shown {
  log: WorkLogEntity | null;
  product: Product | null;
  laidBy: Method;
}

export function mendOf(
  records: JobRecords,
  surface: SurfaceEntity,
  mark: FaultMarkEntity,
  followUps: readonly FollowUpEntity[],
  now: Date,
): MendOf {
  const system = systemOf(records, surface);
  const { work, logs } = workOn(records, surface);
  const shown = shownCoat(records, surface);
  const ageMonths = shown.log ? (now.getTime() - shown.log.endedAt.getTime()) / MONTH_MS : 0;
  const first = causeFirst(mark.fault);
  const lastLogged = work.findLastIndex((w) => logs.some((l) => l.stepId === w.plan.id));
  const passed = work.slice(0, lastLogged + 1);
  const logged = new Set(passed.filter((w) => logs.some((l) => l.stepId === w.plan.id)).map((w) => w.step));
  const skipped = passed.filter((w) => !logs.some((l) => l.stepId === w.plan.id));
  // As it was really done: a step of which nothing was logged, though later ones were, was not done.
  const undone = new Set(skipped.filter((w) => !logged.has(w.step)).map((w) => w.step));
  const { c } = system;
  const causes = faultCauses(mark.fault, {
    skipped: skipped.map((w) => w.plan.kind as StepKind),
    leftOut: (system.choice?.override?.departures ?? []).flatMap((d) =>
      'step' in d && isStep(d.step) ? [d.step.kind] : [],
    ),
    outside: followUps.filter((f) => f.surfaceId === surface.id).map((f) => f.kind),
    flagged: flaggedOn(records, surface).conditions,
    outdoors: c.outside,
    expected: mechanismOdds(
      c,
      allStepsOf(records, surface).filter((step, at) => !step.parts && !undone.has(at)),
      mark.fault,
    ),
    ageMonths,
  });
  const readyDay = Math.floor(readyAt(records, surface, mark.fault, now) / DAY_MS);
  const kit = shown.product && !first ? kitOf(records, surface, shown, mark) : null;
  return {
    causeFirst: first,
    causes,
    lasts: causes.length ? mendLasts(causes, wholeOdds(system, mark.fault)) : null,
    makeGood: makeGood(mark.fault),
    touchUp: kit && shown.product ? showing(surface, c.d.surface, mark, shown, shown.product, kit, ageMonths) : null,
    kit,
    readyDay,
    byDay: readyDay + patienceDays(mark.fault),
  };
}

/** How likely the account expects this fault of the system done in full. */
const wholeOdds = ({ c, steps }: ReturnType<typeof systemOf>, fault: FaultMarkEntity['fault']): number =>
  faultsOf(c, steps).find((one) => one.fault === fault)?.odds ?? 0;

const isStep = (step: unknown): step is { kind: StepKind } =>
  typeof step === 'object' && step !== null && 'kind' in step;

/**
 * From when a fault can be mended, in ms, `since` or later: a young film once it is hard enough to be sanded at its edge,
 * at half its cure; outside in a season when paint can dry. Its cause can be looked for at once.
 */
export function readyAt(
  records: JobRecords,
  surface: SurfaceEntity,
  fault: FaultMarkEntity['fault'],
  since: Date,
): number {
  if (causeFirst(fault)) return since.getTime();
  const { log, product } = shownCoat(records, surface);
  const hard = log && product ? log.endedAt.getTime() + product.cureHours * 0.5 * 3_600_000 : 0;
  const ready = Math.max(since.getTime(), hard);
  if (!systemOf(records, surface).c.outside) return ready;
  const day = dayOf(DateTime.fromMillis(ready, { zone: records.firm.timeZone }));
  const { from } = dryingSeason(day, seasonPlace(records));
  return from === day ? ready : from * DAY_MS;
}

export function shownCoat(records: JobRecords, surface: SurfaceEntity): Shown {
  const { c, steps } = systemOf(records, surface);
  const step = steps.findLast((s) => isCoat(s.kind));
  const log =
    records.work.findLast((w) => w.surfaceId === surface.id && w.productId !== null && !isOfParts(w.stepId)) ?? null;
  const product = log ? productById(records.shelf, log.productId) : step ? productFor(step, c.shelf) : null;
  return { log, product, laidBy: log?.method ?? step?.method ?? 'brush' };
}

const kitOf = (records: JobRecords, surface: SurfaceEntity, { log, product }: Shown, mark: FaultMarkEntity) =>
  touchUpKit(
    { product: product!, batch: log?.batch ?? null, colour: surface.wanted.colour ?? null },
    mark.sizeM2,
    records.shelf.tins,
  );

function showing(
  surface: SurfaceEntity,
  { exposure, texture }: Case['d']['surface'],
  mark: FaultMarkEntity,
  { laidBy }: Shown,
  product: Product,
  kit: TouchUpKit,
  ageMonths: number,
): TouchUp {
  return touchUp({
    sheen: surface.wanted.sheen ?? product.sheens[0] ?? 'eggshell',
    colour: surface.wanted.colour ?? null,
    chemistry: chemistryOf(product.family),
    exposure,
    light: mark.light,
    texture,
    ageMonths,
    sameBatch: kit.sameBatch,
    laidBy,
    // What was sprayed is mended by brush: nobody masks a room for a knock.
    mendBy: laidBy === 'spray' || laidBy === 'aerosol' ? 'brush' : laidBy,
    sizeM2: mark.sizeM2,
    view: mark.view,
  });
}
