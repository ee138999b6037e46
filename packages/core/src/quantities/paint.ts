import type { Extent, SurfaceFacts } from '../model/surface.ts';
import { chemistryOf, isCoat, type Condition, type StepKind } from '../vocabulary/index.ts';
import { groundOf } from '../evidence/facts.ts';
import { laysOpen } from '../evidence/knowledge/laysOpen.ts';
import type { Product } from '../model/product.ts';
import { isOverAll, type Step } from '../model/step.ts';
import { jointLength } from './joints.ts';
import {
  BARE_SHARE,
  HELPER_SPREAD,
  JOINT_STRIP_M,
  LINE_STRIP_M,
  SPOT_SHARE,
  SUCTION,
  TEXTURE_SPREAD,
  THINNED,
  WASTE,
  ZONE_SHARE,
} from './knowledge/rates.ts';

/** Areas are taken as 10 m² where none was measured. */
export const USUAL_AREA_M2 = 10;

/** The part of the surface a step covers, in m². */
export function areaOf(step: Step, surface: SurfaceFacts): number {
  if (step.areaM2 !== undefined) return step.areaM2;
  if (step.joints) return jointLength(step, surface) * JOINT_STRIP_M;
  const area = surface.areaM2 ?? USUAL_AREA_M2;
  if (step.scope === 'spots') {
    const known = spotsM2(surface);
    return Math.min(area, known > 0 ? known : Math.max(0.1, area * SPOT_SHARE));
  }
  if (step.scope === 'bare-areas') return bareM2(surface, area);
  return isOverAll(step) ? area : area * (step.share ?? ZONE_SHARE);
}

/** What was measured, in m²; of what runs along a line a strip of it. 0 where nothing was. */
const spotsM2 = ({ extents }: SurfaceFacts): number =>
  (Object.entries(extents) as [Condition, Extent][]).reduce((sum, [code, { areaM2, lengthM }]) => {
    return sum + (areaM2 ?? (lengthM ?? 0) * (LINE_STRIP_M[code] ?? 0));
  }, 0);

/** What is laid open where the old film comes away: as much as was measured of all that is flagged, else the usual share. */
function bareM2({ substrate, conditions, extents }: SurfaceFacts, area: number): number {
  const sizes = laysOpen(substrate).map((code) => extents[code]?.areaM2 ?? (conditions.includes(code) ? null : 0));
  const measured = sizes.includes(null) ? 0 : sizes.reduce<number>((sum, size) => sum + size!, 0);
  return Math.min(area, measured > 0 ? measured : area * BARE_SHARE);
}

/** Nothing lies on it yet, so that its first coat is drunk. */
export const isBare = (surface: SurfaceFacts) => surface.isNew === true || surface.currentFinish === 'bare';

/** What the sheet says for this ground, else in general. */
const spreadOf = (product: Product | null, surface: SurfaceFacts) =>
  product?.spreadOn[groundOf(surface.substrate)] ?? product?.spreadM2PerL ?? HELPER_SPREAD;

const TAKES_LITRES: readonly StepKind[] = ['wash', 'degloss', 'solvent-wipe', 'mould-treat', 'strip'];

/** How much of a product a step takes. Litres as they come out of the tin, and what is stirred into them. */
export interface PaintTaken {
  litres: number;
  /** Water or spirits for a thinned first coat, in litres. */
  thinnerL: number;
  /** Two-part: litres of each part. */
  parts: { baseL: number; hardenerL: number } | null;
  /** Two-part: how many pots are mixed, so that none is lost in its pot life. */
  pots: number;
}

const round = (litres: number) => Math.round(litres * 100) / 100;

const takes = (step: Step, product: Product | null): product is Product =>
  product !== null && (isCoat(step.kind) || TAKES_LITRES.includes(step.kind));

/** Litres of one coat as it lies on sealed ground, unrounded. */
function oneCoatL(step: Step, surface: SurfaceFacts, product: Product): number {
  const spread = isCoat(step.kind) ? spreadOf(product, surface) * TEXTURE_SPREAD[surface.texture] : HELPER_SPREAD;
  return (areaOf(step, surface) * WASTE) / spread;
}

/** How much more the coat that meets the ground takes: only it is drunk, those above lie on it. */
const drunkBy = (step: Step, surface: SurfaceFacts, first: boolean) =>
  first && isCoat(step.kind) && isBare(surface) ? 1 / (SUCTION[surface.substrate] ?? 1) : 1;

/**
 * Litres of one step on one surface: area by coats over the spread, with what is lost in tray and tin. The sheet's
 * spread for the ground wins over its general one, that over the family's. `first` is true for the coat that meets
 * the ground: bare ground drinks it. Litres, rounded to 0.01.
 */
export function litresFor(step: Step, surface: SurfaceFacts, product: Product | null, first = false): number {
  if (!takes(step, product)) return 0;
  return round(((step.coats ?? 1) - 1 + drunkBy(step, surface, first)) * oneCoatL(step, surface, product));
}

/** All that a step takes of its product: litres, what thins the first coat on fresh plaster, two-part mixes and their pots. */
export function paintFor(step: Step, surface: SurfaceFacts, product: Product | null, first = false): PaintTaken {
  const litres = litresFor(step, surface, product, first);
  if (!takes(step, product)) return { litres, thinnerL: 0, parts: null, pots: 0 };
  const thinned = first && isCoat(step.kind) && isBare(surface) && chemistryOf(product.family) === 'waterborne';
  const water = thinned ? (THINNED[surface.substrate] ?? 0) : 0;
  const thinnerL = water ? round(drunkBy(step, surface, first) * oneCoatL(step, surface, product) * water) : 0;
  const { parts, pots } = mixOf(product, litres);
  return { litres, thinnerL, parts, pots };
}

/** How long a painter takes to lay a litre of a two-part product, in minutes: no more is mixed than is laid in time. */
const MINUTES_A_LITRE = 20;

function mixOf({ mix }: Product, litres: number): Pick<PaintTaken, 'parts' | 'pots'> {
  if (!mix || litres === 0) return { parts: null, pots: 0 };
  const baseL = round((litres * mix.base) / (mix.base + mix.hardener));
  return {
    parts: { baseL, hardenerL: round(litres - baseL) },
    pots: Math.max(1, Math.ceil((litres * MINUTES_A_LITRE) / mix.potLifeMin)),
  };
}
