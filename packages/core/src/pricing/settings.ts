/** How a firm prices. Money in minor units, shares in hundredths of a per cent, so that no price is a fraction. */
export interface PriceSettings {
  /** What an hour of one painter costs the firm. */
  hourCost: number;
  /** Fetching, setting up and clearing away, minutes for each visit of a person. */
  visitMinutes: number;
  /** Hands-on minutes in one person's day. */
  dayMinutes: number;
  /** Hire and wear of equipment for each visit. */
  equipmentPerVisit: number;
  /** On labour, materials and equipment: rent, van, office. In 1/100 %. */
  overhead: number;
  /** On cost with overhead. In 1/100 %. */
  margin: number;
  /** Of the net price. In 1/100 %. */
  tax: number;
  /** How the tax is called on a paper. */
  taxName: string;
  /** Kept of each colour for touch-ups, in litres. */
  reserveL: number;
  /** For how many days a price is held. */
  heldDays: number;
}

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
  reserveL: 0.5,
  heldDays: 30,
};
