import type { Weights } from '../model/records/firm.ts';

export const WEIGHT_CODES = [
  'cost',
  'time',
  'fumes',
  'durability',
  'risk',
] as const satisfies readonly (keyof Weights)[];
export const USUAL_WEIGHTS: Weights = { cost: 1, time: 1, fumes: 1, durability: 1, risk: 1 };
