/** A month of the invented estuary, northern half of the year as written; the southern place is half a year on. */
export interface Month {
  /** Mean of day and night, °C, and half the usual way from one to the other. */
  meanC: number;
  swingC: number;
  /** How far the dew point usually lies under the mean, °C. */
  dryC: number;
  /** Share of hours with rain, and the usual wind, m/s. */
  rain: number;
  windMs: number;
}

/** January to December. Source: typical figures of a mild coast at about 52°, for the simulated station. */
export const MONTHS: readonly Month[] = [
  { meanC: 4, swingC: 2.5, dryC: 2.2, rain: 0.14, windMs: 5.5 },
  { meanC: 4.5, swingC: 3, dryC: 2.6, rain: 0.12, windMs: 5.2 },
  { meanC: 6.5, swingC: 3.8, dryC: 3.4, rain: 0.1, windMs: 5 },
  { meanC: 9, swingC: 4.6, dryC: 4.4, rain: 0.09, windMs: 4.5 },
  { meanC: 12.5, swingC: 5, dryC: 4.8, rain: 0.08, windMs: 4 },
  { meanC: 15.5, swingC: 5, dryC: 4.8, rain: 0.08, windMs: 3.8 },
  { meanC: 17.5, swingC: 5, dryC: 5, rain: 0.07, windMs: 3.6 },
  { meanC: 17.5, swingC: 4.8, dryC: 4.6, rain: 0.08, windMs: 3.6 },
  { meanC: 15, swingC: 4.4, dryC: 4, rain: 0.09, windMs: 4 },
  { meanC: 11.5, swingC: 3.6, dryC: 3, rain: 0.12, windMs: 4.6 },
  { meanC: 7.5, swingC: 2.8, dryC: 2.4, rain: 0.14, windMs: 5 },
  { meanC: 5, swingC: 2.4, dryC: 2.1, rain: 0.14, windMs: 5.4 },
];
export const LATITUDE = 52;
