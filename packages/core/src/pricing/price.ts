import type { HoursBy } from '../model/hoursBy.ts';
import type { SurfaceFacts } from '../model/surface.ts';
import type { Product } from '../model/product.ts';
import type { Step } from '../model/step.ts';
import { firstOnGround, productFor, readyAfter } from '../quantities/estimate.ts';
import { minutesOf } from '../quantities/hours.ts';
import { litresFor } from '../quantities/paint.ts';
import type { Case } from '../systems/case.ts';
import { USUAL_SETTINGS } from './settings.ts';

/** Money is kept in whole minor units throughout. */
export interface SystemPrice {
  minutes: number;
  litres: number;
  labour: number;
  materials: number;
  /** Labour and materials, before overhead, margin and tax. */
  cost: number;
  /** Label waits added up, in minutes: what the air can only make longer. */
  waitingMin: number;
}

/** What a litre costs in the smallest tin there is, in minor units: for weighing one way against another. */
export const perLitre = (product: Product) => {
  const tin = product.tins[0];
  return tin ? tin.price / tin.litres : 0;
};

/**
 * What a system costs on a surface by itself: time at the hour's cost, paint by the litre. Minor units. For setting
 * ways side by side; what a client pays is `priceJob`, with whole tins, visits, overhead and margin.
 */
export function priceSystem(
  steps: readonly Step[],
  surface: SurfaceFacts,
  shelf: readonly Product[],
  hourCost = USUAL_SETTINGS.hourCost,
  by: HoursBy = {},
): SystemPrice {
  let minutes = 0;
  let litres = 0;
  let materials = 0;
  let waitingMin = 0;
  const first = firstOnGround(steps);
  // No more is worked out of a step than the price asks: this is asked thousands of times.
  steps.forEach((step, i) => {
    const product = productFor(step, shelf);
    const taken = litresFor(step, surface, product, i === first);
    minutes += minutesOf(step, surface, by);
    litres += taken;
    waitingMin += step.kind === 'revisit' || step.later ? 0 : readyAfter(step, product) * (step.coats ?? 1);
    if (product) materials += taken * perLitre(product);
  });
  const labour = Math.round((minutes / 60) * hourCost);
  const paint = Math.round(materials);
  return {
    minutes,
    litres: Math.round(litres * 100) / 100,
    labour,
    materials: paint,
    cost: labour + paint,
    waitingMin,
  };
}

/** What a system costs on the surface of a case, at its own shelf, reach and pace. */
export const priceOn = (c: Case, steps: readonly Step[]): SystemPrice =>
  priceSystem(steps, c.d.surface, c.shelf, c.by?.hourCost, c.by);
