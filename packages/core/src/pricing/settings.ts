import type { PriceSettings } from '../model/records/firm.ts';

/** Used until the firm sets its own. */
export const USUAL_SETTINGS: PriceSettings = {
  hourCost: 3900,
  visitMinutes: 35,
  dayMinutes: 420,
  equipmentPerVisit: 400,
  overhead: 1200,
  margin: 1500,
  tax: 2000,
  taxName: 'Tax',
  taxIncluded: false,
  reserveL: 0.5,
  heldDays: 30,
  sundriesLevel: 1,
};
