import type { Chemistry, Family, Ground, Need, Sheen } from '../vocabulary/index.ts';

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
/** White only; white and greys; any colour from a tinting machine; clear. */
export const TINT_RANGES = ['white', 'greys', 'any', 'clear'] as const;
export type TintRange = (typeof TINT_RANGES)[number];
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

/** What a caller may leave out; the family's typical figures fill the rest. */
export type ProductGiven = Pick<Product, 'family'> & Partial<Omit<Product, 'family' | 'drying'>> & { drying?: Partial<DryingFigures> };
