export type { DryingFigures, Product, ProductGiven } from './product.ts';
export { asProduct } from './familyFigures.ts';
export { SHIPPED_SHELF } from './shippedShelf.ts';
