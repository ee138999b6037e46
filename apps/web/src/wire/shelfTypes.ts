import type { BadRow, Product } from '@rustic/core';

/** A tin in the van or the store. */
export interface Tin {
  id: string;
  productId: string;
  batch: string;
  openedAt: string | null;
  colour: string | null;
  litres: number;
  version: number;
}
export interface ProductNote {
  id: string;
  productId: string;
  kind: 'note' | 'claim';
  text: string;
  standing: 'believed' | 'tried' | 'refuted' | null;
  trialId: string | null;
  jobId: string | null;
  about: string | null;
  byName: string;
  at: string;
}
/** A product as this firm keeps it: its sheet, its tins, what was found out. */
export type KeptProduct = Product & {
  own: boolean;
  kept: boolean;
  version: number | null;
  van: Tin[];
  notes: ProductNote[];
};
/** What a file would do to the shelf. */
export interface ShelfLook {
  added: Product[];
  changed: { product: Product; fields: string[] }[];
  same: number;
  faults: BadRow[];
  seen: string;
}
interface Use {
  job: string;
  surface: string;
  words: string;
}
/** The fewest products for the jobs ahead. */
export interface Coming {
  jobs: number;
  demands: number;
  products: { id: string; inVan: boolean; uses: Use[] }[];
  uncovered: Use[];
}
