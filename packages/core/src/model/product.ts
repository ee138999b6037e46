import { z } from 'zod';
import {
  CHEMISTRIES,
  FAMILIES,
  GROUNDS,
  NEEDS,
  SHEENS,
  TINT_RANGES,
  type Chemistry,
  type Family,
  type Ground,
  type Need,
  type Sheen,
  type TintRange,
} from '../vocabulary/index.ts';

/** The figures of a data sheet that drying needs, at 23 °C and 50 %. Minutes, °C, %. Null where the sheet is silent. */
export interface DryingFigures {
  family?: Family | null;
  chemistry: Chemistry;
  dustFreeMin?: number | null;
  recoatMin?: number | null;
  recoatPreferredMin?: number | null;
  recoatMaxMin?: number | null;
  /** From when it may be handled or closed. */
  handleMin?: number | null;
  minTempC?: number | null;
  maxTempC?: number | null;
  maxRhPct?: number | null;
  dewMarginC?: number | null;
  maxWindMs?: number | null;
  rainSafeMin?: number | null;
  limitsHoldMin?: number | null;
}

export const ODOURS = ['low', 'mid', 'strong'] as const;
export type Odour = (typeof ODOURS)[number];
export const STIRS = ['by-hand', 'paddle', 'shake'] as const;
export type Stir = (typeof STIRS)[number];

/** A product as the firm keeps it on the shelf. Litres, m²/L, µm, hours; money in minor units. */
export interface Product {
  id: string;
  name: string;
  maker: string;
  family: Family;
  drying: DryingFigures;
  spreadM2PerL: number;
  wetFilmUm: number;
  dryFilmUm: number;
  cureHours: number;
  /** Years that its maker promises the film will last; null where the sheet is silent. */
  lastsYears: number | null;
  sheens: readonly Sheen[];
  odour: Odour;
  /** Volatile content, grams a litre. */
  vocGPerL: number;
  /** Share of the wet film that stays, by volume, in %. */
  solidsPct: number;
  /** Which colours it is sold in. */
  tints: TintRange;
  /** Spread on grounds where it differs, m²/L. */
  spreadOn: Partial<Record<Ground, number>>;
  /** Two-part: parts by volume, base first, and minutes until the pot is lost at 23 °C. */
  mix: { base: number; hardener: number; potLifeMin: number } | null;
  /** How it is brought up before use. */
  stir: Stir;
  /** What its sheet claims beyond or below its family: 1 mild, 2 well, 3 best. */
  does: Partial<Record<Need, 1 | 2 | 3>>;
  /** Grounds its sheet forbids. */
  refuses: readonly Ground[];
  /** Container sizes in litres with their price in minor units. */
  tins: readonly { litres: number; price: number }[];
}

const minutes = z.number().min(0).max(5_256_000).nullish();
/** The drying figures of a data sheet; minutes at 23 °C and 50 %. */
export const dryingSchema = z.strictObject({
  family: z.enum(FAMILIES).nullish(),
  chemistry: z.enum(CHEMISTRIES).nullish(),
  dustFreeMin: minutes,
  recoatMin: minutes,
  recoatPreferredMin: minutes,
  recoatMaxMin: minutes,
  handleMin: minutes,
  minTempC: z.number().min(-60).max(80).nullish(),
  maxTempC: z.number().min(-60).max(120).nullish(),
  maxRhPct: z.number().min(0).max(100).nullish(),
  dewMarginC: z.number().min(-20).max(40).nullish(),
  maxWindMs: z.number().min(0).max(120).nullish(),
  rainSafeMin: minutes,
  limitsHoldMin: minutes,
});

/** A product of a caller's shelf: its family, and what its sheet says. */
export const productSchema = z.strictObject({
  id: z.string().min(1).max(80).optional(),
  name: z.string().min(1).max(120).optional(),
  maker: z.string().max(120).optional(),
  family: z.enum(FAMILIES),
  spreadM2PerL: z.number().gt(0).max(100).optional(),
  wetFilmUm: z.number().gt(0).max(5000).optional(),
  dryFilmUm: z.number().gt(0).max(5000).optional(),
  cureHours: z.number().min(0).max(20_000).optional(),
  lastsYears: z.number().gt(0).max(100).nullish(),
  sheens: z.array(z.enum(SHEENS)).max(6).optional(),
  odour: z.enum(ODOURS).optional(),
  vocGPerL: z.number().min(0).max(1000).optional(),
  solidsPct: z.number().min(0).max(100).optional(),
  tints: z.enum(TINT_RANGES).optional(),
  spreadOn: z.partialRecord(z.enum(GROUNDS), z.number().gt(0).max(100)).optional(),
  mix: z
    .strictObject({
      base: z.number().gt(0).max(1000),
      hardener: z.number().gt(0).max(1000),
      potLifeMin: z.number().gt(0).max(10_000),
    })
    .nullish(),
  stir: z.enum(STIRS).optional(),
  does: z.partialRecord(z.enum(NEEDS), z.union([z.literal(1), z.literal(2), z.literal(3)])).optional(),
  refuses: z.array(z.enum(GROUNDS)).max(GROUNDS.length).optional(),
  tins: z
    .array(z.strictObject({ litres: z.number().gt(0).max(1000), price: z.number().int().min(0).max(100_000_000) }))
    .max(20)
    .optional(),
  drying: dryingSchema.optional(),
});
/** What a caller may leave out; the family's typical figures fill the rest. */
export type ProductGiven = Pick<Product, 'family'> &
  Partial<Omit<Product, 'family' | 'drying'>> & { drying?: Partial<DryingFigures> };
