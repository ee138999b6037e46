/** The 10 and 90 in 100 points of a standard normal. */
export const EIGHT_IN_TEN = 1.2815515655446004;

/** A quantile of a gamma distribution of some shape and rate. Source: Wilson and Hilferty's cube-root approximation, within 1 % from shape 4 on. */
export const gammaQuantile = (shape: number, rate: number, z: number): number =>
  (shape / rate) * (1 - 1 / (9 * shape) + z / (3 * Math.sqrt(shape))) ** 3;
