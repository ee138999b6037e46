import { FAMILIES, FAMILY_LABELS, type Family, type Terms } from '../vocabulary/index.ts';
import type { Product } from '../model/product.ts';
import { asProduct } from './familyFigures.ts';
import { priceLevel } from './knowledge/priceLevels.ts';

const PREFIX = 'typical-';

/** A kind of product with typical figures and no maker: it stands in until the firm has one of the kind. */
export const isTypical = (productId: string): boolean => productId.startsWith(PREFIX);

/** Tins as they are sold: litres, and what the size costs as a multiple of a litre. */
const TINS: Record<Terms['units'], readonly (readonly [litres: number, of: number])[]> = {
  metric: [
    [1, 1],
    [2.5, 2.2],
    [5, 3.8],
  ],
  // A quart, a gallon, five gallons.
  us: [
    [0.946353, 0.95],
    [3.785412, 3],
    [18.92706, 13],
  ],
};

const typical = (family: Family, currency: string, units: Terms['units']): Product => {
  const figures = asProduct({ family });
  const litre = figures.tins[0]!.price * priceLevel(currency);
  return {
    ...figures,
    id: `${PREFIX}${family}`,
    name: FAMILY_LABELS[family].replace(/^./, (letter) => letter.toUpperCase()),
    tins: TINS[units].map(([litres, of]) => ({ litres, price: Math.round(litre * of) })),
  };
};

/** One product of each kind with the typical figures of its kind, at a typical price, in the sizes sold where the firm works. */
export function typicalShelf(currency: string, units: Terms['units']): readonly Product[] {
  const key = `${currency}/${units}`;
  let shelf = shelves.get(key);
  if (!shelf) shelves.set(key, (shelf = FAMILIES.map((family) => typical(family, currency, units))));
  return shelf;
}

/** Asked with every reading of a shelf, and always the same. */
const shelves = new Map<string, readonly Product[]>();

/** Whose a product is, as it is said: its maker, or that its figures are typical of its kind. */
export const makerWords = ({ id, maker }: Pick<Product, 'id' | 'maker'>): string => maker || (isTypical(id) ? 'typical figures' : '');
