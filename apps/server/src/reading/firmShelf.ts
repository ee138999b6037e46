import { SHIPPED_SHELF, type Product } from '@rustic/core';
import type { FirmScope } from '../record/firmScope.ts';
import { ProductEntity, VanTinEntity } from '../record/shelfEntities.ts';

/** A firm's shelf: what shipped, with its own sheets over it, what it added, and what stands in the van. */
export interface FirmShelf {
  /** Everything that was ever on it: what was laid years ago is still known. */
  all: readonly Product[];
  /** What may be taken today, what is in the van first. */
  kept: readonly Product[];
  own: readonly ProductEntity[];
  tins: readonly VanTinEntity[];
}

/** Reads a firm's shelf whole, in two queries. */
export async function readFirmShelf(scope: FirmScope): Promise<FirmShelf> {
  const [own, tins] = await Promise.all([
    scope.find(ProductEntity, {}, { productId: 'ASC' }),
    scope.find(VanTinEntity, {}, { openedAt: 'ASC', id: 'ASC' }),
  ]);
  const sheets = new Map(own.map((row) => [row.productId, row]));
  const shipped = SHIPPED_SHELF.map((p) => sheets.get(p.id)?.sheet ?? p);
  const shippedIds = new Set(SHIPPED_SHELF.map((p) => p.id));
  const added = own.filter((row) => !shippedIds.has(row.productId)).map((row) => row.sheet);
  const all = [...shipped, ...added];
  const usable = all.filter((p) => sheets.get(p.id)?.kept !== false);
  const inVan = new Set(tins.filter((t) => t.litres > 0).map((t) => t.productId));
  const kept = [...usable.filter((p) => inVan.has(p.id)), ...usable.filter((p) => !inVan.has(p.id))];
  return { all, kept, own, tins };
}

export const productById = ({ all }: FirmShelf, id: string | null): Product | null =>
  all.find((p) => p.id === id) ?? null;
