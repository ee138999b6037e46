import { jstat } from './jstat.ts';

const { normal } = jstat;

/** The level above which a standard normal lies with this chance, below nothing where that is under one half; so that a field with it as mean is above nothing so often. */
export const levelOf = (chance: number): number => normal.inv(chance, 0, 1);

/** How likely a normal figure is above nothing. */
export const aboveNothing = (mean: number, sd: number): number => normal.cdf(mean / sd, 0, 1);
