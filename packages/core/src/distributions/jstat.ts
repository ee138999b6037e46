// @ts-expect-error jstat brings no types of its own; what is used of it is said below.
import library from 'jstat';

/** What is used of the library. */
export const jstat = library as {
  gamma: { inv(p: number, shape: number, scale: number): number };
  normal: { cdf(x: number, mean: number, sd: number): number; inv(p: number, mean: number, sd: number): number };
};
