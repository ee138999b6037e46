import { isCoat, isTopcoat } from '../vocabulary/index.ts';
import { asProduct } from '../shelf/familyFigures.ts';
import type { Product } from '../model/product.ts';
import type { Case } from '../systems/case.ts';
import type { Step } from '../model/step.ts';
import { estimateSystem, type StepEstimate } from '../quantities/estimate.ts';
import { bookedMinutes, turnsOf } from '../quantities/hours.ts';
import { sundriesFor, type SundryNeed } from '../quantities/sundries.ts';
import { tinsFor, type TinPlan } from '../quantities/tins.ts';
import { shareOf, shareOut } from './money.ts';
import type { PriceSettings } from '../model/records/firm.ts';

/** A surface as it is priced: its case, and the system that stands. */
export interface PricedSurface {
  surfaceId: string;
  c: Case;
  steps: readonly Step[];
}

/** A tin that stands in the van: of one product and batch, in one colour where it was tinted. */
export interface TinInVan {
  productId: string;
  batch: string;
  colour: string | null;
  litres: number;
}

/** What the plan of a job says of its work. */
export interface PlannedWork {
  /** Visits: one person on one day each. */
  visits: number;
  /** The surfaces that it holds. */
  surfaceIds: ReadonlySet<string>;
}

/** What a job takes of one product in one colour, and how it is met. Money in minor units. */
export interface ProductNeed {
  product: Product;
  /** The colour it is tinted to, a primer's tint, or null where it is as it comes. */
  colour: string | null;
  plan: TinPlan;
  /** What is charged: tins bought, and what comes out of the van by the litre. */
  cost: number;
  thinnerL: number;
  /** It lays a film: its tins are labelled. */
  film: boolean;
  /** It is seen when all is done: a sample of it is kept. */
  seen: boolean;
}

/** The price of one surface: its hours and paint, and its share of everything. */
export interface PricedLine {
  surfaceId: string;
  minutes: number;
  litres: number;
  /** Labour and paint of the surface alone. */
  cost: number;
  /** Its part of the net price; the parts add up to it exactly. */
  price: number;
}

/** A job priced. Whole minor units throughout; every sum is the sum of its parts. */
export interface JobPrice {
  lines: PricedLine[];
  products: ProductNeed[];
  sundries: SundryNeed[];
  minutes: number;
  /** Visits of one person: those of the plan where there is one, else full days of work; and the minutes they take beside the work. */
  visits: number;
  isPlanned: boolean;
  visitMinutes: number;
  labour: number;
  paint: number;
  sundriesCost: number;
  equipment: number;
  cost: number;
  overhead: number;
  margin: number;
  net: number;
  tax: number;
  total: number;
}

/** The sizes it is sold in; a sheet that names none is priced by what is usual for its kind. */
const sizesOf = (product: Product) => (product.tins.length ? product.tins : asProduct({ family: product.family }).tins);

/** What one litre costs in the tin that sells it cheapest. */
const litrePrice = (product: Product) => Math.min(...sizesOf(product).map((t) => t.price / t.litres));

/** A finish in its wanted colour, a primer by its tint; clear and white goods are as they come. */
function colourOf(step: Step, product: Product, c: Case): string | null {
  if (product.tints === 'clear' || product.tints === 'white') return null;
  if (step.kind === 'finish-coat') return c.wanted.colour;
  return step.tint && step.tint !== 'white' ? step.tint : null;
}

/** What a step lays by colour: all in one, or shared out over the parts that have colours of their own. */
function coloursOf(step: Step, product: Product, c: Case): { colour: string | null; share: number }[] {
  const inParts = step.parts?.colours ?? [];
  if (!inParts.length || product.tints === 'clear' || product.tints === 'white')
    return [{ colour: isCoat(step.kind) ? colourOf(step, product, c) : null, share: 1 }];
  const laid = inParts.reduce((sum, one) => sum + one.areaM2 * one.coats, 0);
  return inParts.map(({ colour, areaM2, coats }) => ({ colour, share: (areaM2 * coats) / laid }));
}

interface Gathered {
  product: Product;
  colour: string | null;
  /** What is seen when all is done keeps a reserve for touch-ups. */
  seen: boolean;
  film: boolean;
  needs: Map<string, number>;
  thinnerL: number;
}

function gatherProducts(
  surfaces: readonly PricedSurface[],
  estimates: readonly (readonly StepEstimate[])[],
): Gathered[] {
  const all = new Map<string, Gathered>();
  surfaces.forEach(({ surfaceId, steps, c }, s) =>
    steps.forEach((step, i) => {
      const { product, litres, thinnerL } = estimates[s]![i]!;
      if (!product || litres === 0) return;
      for (const { colour, share } of coloursOf(step, product, c)) {
        const key = `${product.id}/${colour ?? ''}`;
        let one = all.get(key);
        if (!one) all.set(key, (one = { product, colour, seen: false, film: false, needs: new Map(), thinnerL: 0 }));
        one.seen ||= isTopcoat(step.kind);
        one.film ||= isCoat(step.kind);
        one.needs.set(surfaceId, (one.needs.get(surfaceId) ?? 0) + litres * share);
        one.thinnerL += thinnerL * share;
      }
    }),
  );
  return [...all.values()];
}

function planProduct(one: Gathered, van: readonly TinInVan[], settings: PriceSettings): ProductNeed {
  const batches = new Map<string, number>();
  for (const tin of van)
    if (tin.productId === one.product.id && tin.colour === one.colour)
      batches.set(tin.batch, (batches.get(tin.batch) ?? 0) + tin.litres);
  const plan = tinsFor(
    [...one.needs].map(([surfaceId, litres]) => ({ surfaceId, litres })),
    sizesOf(one.product),
    [...batches].map(([batch, litres]) => ({ batch, litres })),
    one.seen ? settings.reserveL : 0,
  );
  const vanL = plan.fromVan.reduce((sum, b) => sum + b.litres, 0);
  return {
    product: one.product,
    colour: one.colour,
    plan,
    cost: plan.bought.cost + Math.round(vanL * litrePrice(one.product)),
    thinnerL: Math.round(one.thinnerL * 100) / 100,
    film: one.film,
    seen: one.seen,
  };
}

/** Hands on, whole; and what of it no plan holds. */
function minutesOn(
  { surfaceId, steps }: PricedSurface,
  estimates: readonly StepEstimate[],
  planned: PlannedWork | null,
) {
  const isPlanned = planned?.surfaceIds.has(surfaceId) ?? false;
  let minutes = 0;
  let unplanned = 0;
  steps.forEach((step, i) => {
    const estimated = estimates[i]!.minutes;
    const taken = isPlanned && estimated > 0 ? turnsOf(step) * bookedMinutes(step, estimated) : estimated;
    minutes += taken;
    // What is done at a return visit has a day of its own.
    if (!isPlanned || step.later) unplanned += taken;
  });
  return { minutes, unplanned };
}

/**
 * Prices a job: hours by surface, visits by the day, paint by whole tins with what is in the van used first, sundries,
 * equipment; then overhead, margin and tax. Where a plan holds the work, its visits and booked hours count in place of
 * full days; what it does not hold is added by the day. Each surface gets its share of the net price by its own hours
 * and paint, in whole minor units that add up exactly.
 */
export function priceJob(
  surfaces: readonly PricedSurface[],
  settings: PriceSettings,
  van: readonly TinInVan[] = [],
  plan: PlannedWork | null = null,
): JobPrice {
  const planned = plan && surfaces.some((s) => plan.surfaceIds.has(s.surfaceId)) ? plan : null;
  const estimates = surfaces.map(({ steps, c }) => estimateSystem(steps, c.d.surface, c.shelf, c.by));
  const products = gatherProducts(surfaces, estimates).map((one) => planProduct(one, van, settings));
  const sundries = sundriesFor(
    surfaces.map(({ c, steps }, i) => ({ c, steps, estimates: estimates[i]! })),
    settings.sundriesLevel,
  );
  const hourly = (minutes: number) => Math.round((minutes * settings.hourCost) / 60);
  const own = surfaces.map((surface, i) => {
    const { minutes, unplanned } = minutesOn(surface, estimates[i]!, planned);
    const litres = estimates[i]!.reduce((sum, e) => sum + e.litres, 0);
    const paint = estimates[i]!.reduce((sum, e) => sum + (e.product ? e.litres * litrePrice(e.product) : 0), 0);
    const line = { minutes, litres: Math.round(litres * 100) / 100, cost: hourly(minutes) + Math.round(paint) };
    return { surfaceId: surface.surfaceId, unplanned, ...line };
  });
  const minutes = own.reduce((sum, o) => sum + o.minutes, 0);
  const unplanned = own.reduce((sum, o) => sum + o.unplanned, 0);
  const visits = (planned?.visits ?? 0) + Math.ceil(unplanned / settings.dayMinutes);
  const visitMinutes = visits * settings.visitMinutes;
  const labour = hourly(minutes + visitMinutes);
  const paint = products.reduce((sum, p) => sum + p.cost, 0);
  const sundriesCost = sundries.reduce((sum, s) => sum + s.price, 0);
  const equipment = visits * settings.equipmentPerVisit;
  const cost = labour + paint + sundriesCost + equipment;
  const overhead = shareOf(cost, settings.overhead);
  const margin = shareOf(cost + overhead, settings.margin);
  const net = cost + overhead + margin;
  const tax = shareOf(net, settings.tax);
  const prices = shareOut(
    net,
    own.map((o) => o.cost),
  );
  return {
    lines: own.map(({ unplanned: _, ...line }, i) => ({ ...line, price: prices[i]! })),
    products,
    sundries,
    minutes,
    visits,
    isPlanned: planned !== null,
    visitMinutes,
    labour,
    paint,
    sundriesCost,
    equipment,
    cost,
    overhead,
    margin,
    net,
    tax,
    total: net + tax,
  };
}
