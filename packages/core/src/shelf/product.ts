import type { Chemistry, Family, Sheen } from '../vocabulary/index.ts';

/** The figures of a data sheet that drying needs, at 23 °C and 50 %. Minutes, °C, %. Null where the sheet is silent. */
export interface DryingFigures {
  family?: Family | null;
  chemistry: Chemistry;
  dustFreeMin?: number | null;
  recoatMin?: number | null;
  recoatPreferredMin?: number | null;
  recoatMaxMin?: number | null;
  minTempC?: number | null;
  maxTempC?: number | null;
  maxRhPct?: number | null;
  dewMarginC?: number | null;
  maxWindMs?: number | null;
  rainSafeMin?: number | null;
  limitsHoldMin?: number | null;
}

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
  odour: 'low' | 'mid' | 'strong';
  /** Container sizes in litres with their price in minor units. */
  tins: readonly { litres: number; price: number }[];
}

/** What a caller may leave out; the family's typical figures fill the rest. */
export type ProductGiven = Pick<Product, 'family'> & Partial<Omit<Product, 'family' | 'drying'>> & { drying?: Partial<DryingFigures> };
