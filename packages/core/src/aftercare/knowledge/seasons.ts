import type { Climate } from '../../vocabulary/index.ts';

export const CLIMATE_LABELS: Readonly<Record<Climate, string>> = {
  'mild-coast': 'Mild coast: wet autumn and winter',
  'cold-winters': 'Inland: frost and snow in winter',
  'dry-summers': 'Dry summers, rain in winter',
  'summer-rains': 'Rains in summer, dry in winter',
};

/** Months 1 to 12 as the northern half of the world counts them; a southern place is half a year on. */
export interface SeasonRow {
  /** Months in which timber and masonry dry out and a film outside has time to set. */
  drying: readonly number[];
  /** Months in which water finds its way in. */
  wet: readonly number[];
}

/** Source: practice, by how often rain, frost and dew leave a whole working day; a place's own weather decides. */
export const SEASONS: Readonly<Record<Climate, SeasonRow>> = {
  'mild-coast': { drying: [5, 6, 7, 8, 9], wet: [10, 11, 12, 1, 2, 3] },
  'cold-winters': { drying: [5, 6, 7, 8, 9], wet: [11, 12, 1, 2, 3, 4] },
  'dry-summers': { drying: [4, 5, 6, 7, 8, 9, 10], wet: [11, 12, 1, 2, 3] },
  'summer-rains': { drying: [1, 2, 3, 4, 10, 11, 12], wet: [6, 7, 8, 9] },
};
