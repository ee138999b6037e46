export { priceSystem, USUAL_HOUR_COST, type SystemPrice } from './price.ts';
