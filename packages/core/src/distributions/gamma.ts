import { jstat } from './jstat.ts';

/**
 * A quantile of a gamma distribution.
 *
 * @param shape - above 0
 * @param rate - above 0; the mean is shape / rate
 * @param p - the share that lies below, above 0 and below 1
 */
export const gammaQuantile = (shape: number, rate: number, p: number): number => jstat.gamma.inv(p, shape, 1 / rate);

/** The two ends between which eight in ten lie. */
export const EIGHT_IN_TEN = [0.1, 0.9] as const;
