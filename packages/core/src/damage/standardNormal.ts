// @ts-expect-error jstat brings no types of its own; what is used of it is said below.
import library from 'jstat';

const { normal } = library as {
  normal: { cdf(x: number, mean: number, sd: number): number; inv(p: number, mean: number, sd: number): number };
};

/** The level above which a standard normal lies with this chance, below nothing where that is under one half; so that a field with it as mean is above nothing so often. */
export const levelOf = (chance: number): number => normal.inv(chance, 0, 1);

/** How likely a normal figure is above nothing. */
export const aboveNothing = (mean: number, sd: number): number => normal.cdf(mean / sd, 0, 1);
