import { isCoat, type Family } from '../vocabulary/index.ts';
import { groundOf, isJoinery, type SurfaceFacts } from '../evidence/facts.ts';
import { asProduct } from '../shelf/familyFigures.ts';
import type { Product } from '../shelf/product.ts';
import type { Step } from '../systems/step.ts';
import {
  BARE_SHARE,
  CEILING_FACTOR,
  HELPER_SPREAD,
  JOINERY_FACTOR,
  RATES,
  SPOT_SHARE,
  TEXTURE_FACTOR,
  TEXTURE_SPREAD,
  WASTE,
  ZONE_SHARE,
} from './knowledge/rates.ts';

/** What one step takes: painter's minutes for all its coats, litres, and minutes until the next step may start. */
export interface StepEstimate {
  minutes: number;
  litres: number;
  product: Product | null;
  readyAfterMin: number;
}

/** Areas are taken as 10 m² where none was measured. */
export const USUAL_AREA_M2 = 10;

const byFamily = new WeakMap<readonly Product[], Map<Family, Product>>();

/** The first product of each family; a shelf is read once. */
function onShelf(shelf: readonly Product[]): Map<Family, Product> {
  let map = byFamily.get(shelf);
  if (!map) byFamily.set(shelf, (map = new Map([...shelf].reverse().map((p) => [p.family, p]))));
  return map;
}

/** The first product of this family on the shelf, else the family's typical figures. */
export function productFor(step: Step, shelf: readonly Product[]): Product | null {
  if (!step.family) return null;
  return onShelf(shelf).get(step.family) ?? asProduct({ family: step.family });
}

/** The part of the surface a step covers, in m². */
export function areaOf(step: Step, surface: SurfaceFacts): number {
  const area = surface.areaM2 ?? USUAL_AREA_M2;
  if (step.scope === 'spots') {
    const known = Object.values(surface.extents).reduce((sum, e) => sum + (e?.areaM2 ?? 0), 0);
    return Math.min(area, known > 0 ? known : Math.max(0.1, area * SPOT_SHARE));
  }
  if (step.scope === 'bare-areas') return area * BARE_SHARE;
  return step.scope === undefined || step.scope === 'all' ? area : area * ZONE_SHARE;
}

/** What the sheet says for this ground, else in general. */
const spreadOf = (product: Product | null, surface: SurfaceFacts) =>
  product?.spreadOn[groundOf(surface.substrate)] ?? product?.spreadM2PerL ?? HELPER_SPREAD;

/** Minutes, litres and waiting of one step on one surface. Deterministic; areas in m², litres rounded to 0.01. */
export function estimateStep(step: Step, surface: SurfaceFacts, shelf: readonly Product[]): StepEstimate {
  const [perM2, setUp] = RATES[step.kind];
  const area = areaOf(step, surface);
  const coats = step.coats ?? 1;
  const slow =
    (isJoinery(surface.element) ? JOINERY_FACTOR : surface.element === 'ceiling' ? CEILING_FACTOR : 1) *
    TEXTURE_FACTOR[surface.texture];
  const product = productFor(step, shelf);
  const film = isCoat(step.kind);
  const spread = film ? spreadOf(product, surface) * TEXTURE_SPREAD[surface.texture] : HELPER_SPREAD;
  const takesLitres =
    product !== null && (film || ['wash', 'degloss', 'solvent-wipe', 'mould-treat', 'strip'].includes(step.kind));
  const drying = film ? (product?.drying.recoatMin ?? 0) : 0;
  return {
    minutes: Math.round(coats * (setUp + perM2 * area * slow)),
    litres: takesLitres ? Math.round(((coats * area * WASTE) / spread) * 100) / 100 : 0,
    product,
    readyAfterMin: Math.max(step.waitMin ?? 0, drying),
  };
}
