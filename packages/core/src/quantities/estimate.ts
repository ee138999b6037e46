import type { HoursBy } from '../model/hoursBy.ts';
import type { SurfaceFacts } from '../model/surface.ts';
import { isCoat, type Family } from '../vocabulary/index.ts';
import { asProduct } from '../shelf/familyFigures.ts';
import type { Product } from '../model/product.ts';
import { isOverAll, type Step } from '../model/step.ts';
import { minutesOf } from './hours.ts';
import { paintFor, type PaintTaken } from './paint.ts';

/** What one step takes: painter's minutes for all its coats, litres, and minutes until the next step may start. */
export interface StepEstimate extends PaintTaken {
  minutes: number;
  product: Product | null;
  readyAfterMin: number;
}

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

/** Minutes until the next step may start: its own wait, or the label's of its product. */
export const readyAfter = (step: Step, product: Product | null) =>
  step.beside ? 0 : Math.max(step.waitMin ?? 0, isCoat(step.kind) ? (product?.drying.recoatMin ?? 0) : 0);

/** Which step lays the coat that meets the ground: the first over the whole face. −1 where none does. */
export const firstOnGround = (steps: readonly Step[]) => steps.findIndex((s) => isCoat(s.kind) && isOverAll(s));

/** Minutes, litres and waiting of one step on one surface. `first`: it is the coat that meets the ground. */
export function estimateStep(
  step: Step,
  surface: SurfaceFacts,
  shelf: readonly Product[],
  by: HoursBy = {},
  first = false,
): StepEstimate {
  const product = productFor(step, shelf);
  const { litres, thinnerL, parts, pots } = paintFor(step, surface, product, first);
  return {
    litres,
    thinnerL,
    parts,
    pots,
    minutes: minutesOf(step, surface, by),
    product,
    readyAfterMin: readyAfter(step, product),
  };
}

/** Every step of a system: the first coat over the whole face is the one that meets the ground. */
export function estimateSystem(
  steps: readonly Step[],
  surface: SurfaceFacts,
  shelf: readonly Product[],
  by: HoursBy = {},
): StepEstimate[] {
  const first = firstOnGround(steps);
  return steps.map((step, i) => estimateStep(step, surface, shelf, by, i === first));
}
