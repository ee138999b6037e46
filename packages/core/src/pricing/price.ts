import type { SurfaceFacts } from '../evidence/facts.ts';
import type { Product } from '../shelf/product.ts';
import type { Step } from '../systems/step.ts';
import { estimateStep } from '../quantities/estimate.ts';

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

/** A painter's hour in minor units, used until the firm sets its own. */
export const USUAL_HOUR_COST = 3900;

const perLitre = (product: Product) => {
  const tin = product.tins[0];
  return tin ? tin.price / tin.litres : 0;
};

/** What a system costs on a surface: time at the hour's cost, paint by the litre. Minor units. */
export function priceSystem(
  steps: readonly Step[],
  surface: SurfaceFacts,
  shelf: readonly Product[],
  hourCost = USUAL_HOUR_COST,
): SystemPrice {
  let minutes = 0;
  let litres = 0;
  let materials = 0;
  let waitingMin = 0;
  for (const step of steps) {
    const one = estimateStep(step, surface, shelf);
    minutes += one.minutes;
    litres += one.litres;
    waitingMin += step.kind === 'revisit' ? 0 : one.readyAfterMin * (step.coats ?? 1);
    if (one.product) materials += one.litres * perLitre(one.product);
  }
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
