export { asProduct } from './familyFigures.ts';
export { productId, SHIPPED_SHELF } from './shippedShelf.ts';
export { isTypical, makerWords, typicalShelf } from './typicalShelf.ts';
export { priceLevel } from './knowledge/priceLevels.ts';
export { usableOn, makerOfAll, makerFirst } from './usable.ts';
export { smallestSet, type ProductDemand, type SmallestSet } from './smallestSet.ts';
export { CLEAN_UP, type CleanUp } from './knowledge/cleanUp.ts';
export type { ColumnTaken } from './columnOf.ts';
export { readShelf, shelfDifference, SHELF_COLUMNS, SHELF_FORMATS, writeShelf, type BadRow, type ShelfDifference, type ShelfFormat, type ShelfRead } from './exchange.ts';
