import { SHIPPED_SHELF, typicalShelf, type Product } from '@rustic/core';
import type { FirmEntity } from '../record/firmEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';
import { ProductEntity, VanTinEntity } from '../record/shelfEntities.ts';
import { unitsOf } from './firmUnits.ts';

/** A firm's shelf: what it began with, with its own sheets over it, what it added, and what stands in the van. */
export interface FirmShelf {
  /** Everything that was ever on it: what was laid years ago is still known. */
  all: readonly Product[];
  /** What may be taken today, what is in the van first. */
  kept: readonly Product[];
  own: readonly ProductEntity[];
  tins: readonly VanTinEntity[];
}

/** What a firm's shelf begins with: the demo's products, or typical figures of each kind. */
const beginningOf = ({ shelfFrom, currency, terms }: FirmEntity): readonly Product[] =>
  shelfFrom === 'demo' ? SHIPPED_SHELF : typicalShelf(currency, unitsOf({ terms }));

/** Reads a firm's shelf whole. Typical figures stand in for a kind until the firm has a product of it. */
export async function readFirmShelf(scope: FirmScope): Promise<FirmShelf> {
  const [firm, own, tins] = await Promise.all([
    scope.firm(),
    scope.find(ProductEntity, {}, { productId: 'ASC' }),
    scope.find(VanTinEntity, {}, { openedAt: 'ASC', id: 'ASC' }),
  ]);
  const sheets = new Map(own.map((row) => [row.productId, row]));
  const first = beginningOf(firm);
  const begun = first.map((p) => sheets.get(p.id)?.sheet ?? p);
  const begunIds = new Set(first.map((p) => p.id));
  const added = own.filter((row) => !begunIds.has(row.productId));
  const all = [...begun, ...added.map((row) => row.sheet)];
  const has = new Set(added.filter((row) => row.kept).map((row) => row.sheet.family));
  const standsIn = (p: Product) => firm.shelfFrom === 'demo' || !begunIds.has(p.id) || !has.has(p.family);
  const usable = all.filter((p) => sheets.get(p.id)?.kept !== false && standsIn(p));
  const inVan = new Set(tins.filter((t) => t.litres > 0).map((t) => t.productId));
  const kept = [...usable.filter((p) => inVan.has(p.id)), ...usable.filter((p) => !inVan.has(p.id))];
  return { all, kept, own, tins };
}

export const productById = ({ all }: FirmShelf, id: string | null): Product | null =>
  all.find((p) => p.id === id) ?? null;
