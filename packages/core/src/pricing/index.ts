export { priceOn, priceSystem, type SystemPrice } from './price.ts';
export { USUAL_SETTINGS } from './settings.ts';
export { shareOf, shareOut } from './money.ts';
export {
  priceJob,
  type JobPrice,
  type PlannedWork,
  type PricedLine,
  type PricedSurface,
  type ProductNeed,
  type TinInVan,
} from './jobPrice.ts';
export { fanInputOf, fanSurfaceOf, withExtent, type FanAsked, type FanInput, type FanSurface } from './fanInput.ts';
export { chanceOfLoss, simulateFan, type Fan, type FanDriver, type FanResult } from './fan.ts';
