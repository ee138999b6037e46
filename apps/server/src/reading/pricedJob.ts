import {
  inTerms,
  priceJob,
  USUAL_SETTINGS,
  type Case,
  type JobPrice,
  type PlannedWork,
  type PricedSurface,
  type PriceSettings,
  type Step,
  type TinInVan,
} from '@rustic/core';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import { allStepsOf, composeAll, systemOf } from './houseReading.ts';
import type { JobRecords } from './jobRecords.ts';
import { isLeftOut } from './leftOut.ts';
import { newestPlan, type PostedPlan } from './newestPlan.ts';
import type { FirmScope } from '../record/firmScope.ts';

/** A job priced, with what it was priced from. Surfaces that are left out whole are not in it. */
export interface PricedJob {
  settings: PriceSettings;
  van: TinInVan[];
  posted: PostedPlan | null;
  /** What the posted plan holds of it; null where none is posted. */
  planned: PlannedWork | null;
  surfaces: PricedSurface[];
  price: JobPrice;
}

export const settingsOf = ({ firm }: JobRecords): PriceSettings => ({ ...USUAL_SETTINGS, ...firm.pricing });

/** What the engine says, in this firm's words. */
export const saidBy =
  ({ firm }: JobRecords) =>
  (text: string) =>
    inTerms(text, firm.terms);

/**
 * The steps a surface is priced by: the system that stands, and what was found since it was settled. What is found
 * changes the price openly, while the system that was agreed stays as it was written.
 */
export function pricedSteps(records: JobRecords, surface: SurfaceEntity): { c: Case; steps: Step[] } {
  const { c, choice } = systemOf(records, surface);
  const steps = allStepsOf(records, surface);
  const since = records.findings.filter((f) => choice && f.surfaceId === surface.id && f.at > choice.at);
  return { c, steps: [...steps, ...since.flatMap((f) => f.changes.added)] };
}

/** A surface as it is priced. */
export function pricedSurface(records: JobRecords, surface: SurfaceEntity): PricedSurface {
  const { c, steps } = pricedSteps(records, surface);
  return { surfaceId: surface.id, c, steps };
}

const plannedBy = ({ plan }: PostedPlan): PlannedWork | null =>
  plan.status === 'feasible' ? { visits: plan.visits, surfaceIds: new Set(plan.steps.map((s) => s.surface)) } : null;

/** Prices everything that is to be done, by the plan that is posted, letting others be answered in between. */
export async function pricedJob(scope: FirmScope, records: JobRecords): Promise<PricedJob> {
  const posted = await newestPlan(scope, records.job.id);
  const planned = posted && plannedBy(posted);
  await composeAll(records);
  const settings = settingsOf(records);
  const van = records.shelf.tins
    .filter((t) => t.litres > 0)
    .map(({ productId, batch, colour, litres }) => ({ productId, batch, colour, litres }));
  const surfaces = records.surfaces.filter((s) => !isLeftOut(s)).map((s) => pricedSurface(records, s));
  return { settings, van, posted, planned, surfaces, price: priceJob(surfaces, settings, van, planned) };
}
