/** What matters to a firm when systems are set against each other: 0 not at all, 1 as usual, above 1 more. */
export interface Weights {
  cost: number;
  time: number;
  fumes: number;
  durability: number;
  risk: number;
}
export const WEIGHT_CODES = [
  'cost',
  'time',
  'fumes',
  'durability',
  'risk',
] as const satisfies readonly (keyof Weights)[];
export const USUAL_WEIGHTS: Weights = { cost: 1, time: 1, fumes: 1, durability: 1, risk: 1 };
