import { randomBeta, randomBinomial, randomLcg } from 'd3-random';
import { aboveNothing } from '../distributions/normal.ts';
import type { RankedWay } from './ranking.ts';

/** Two ways that a trial does not tell apart yet. */
export interface Tie {
  /** The two that lead, in words; the one that is ahead first. */
  ways: [string, string];
  /** The chance that the one that is ahead is the better of the two. */
  ahead: number;
  /** Cells more of each that would settle it, four times in five; null: they are alike, or it takes more than anybody lays. */
  cellsMore: number | null;
}

/** Sure enough to choose by. */
export const SETTLED = 0.9;
/** How often the cells that are named have to settle it. */
const POWER = 0.8;
/** How many cells more of each are thought of: nobody lays more boards than that. */
const THOUGHT_OF = [1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 60] as const;
const TRIES = 600;
/** A difference in how often two ways hold that nobody chooses by. */
const ALIKE = 0.25;
/** Half of nine tenths of a normal belief lies within so many of its standard deviations. */
const NINE_TENTHS = 1.645;

/** A belief about a share, as successes and failures that would have led to it. */
export interface Beta {
  hits: number;
  misses: number;
}

/** The belief of a mean and its nine-in-ten interval. */
export function betaOf({ mean, low, high }: RankedWay['holds']): Beta {
  const m = Math.min(0.995, Math.max(0.005, mean));
  const sd = Math.max(1e-3, (high - low) / (2 * NINE_TENTHS));
  // A belief is never flatter than knowing nothing.
  const cells = Math.max(2, (m * (1 - m)) / (sd * sd) - 1);
  return { hits: m * cells, misses: (1 - m) * cells };
}

const meanOf = ({ hits, misses }: Beta) => hits / (hits + misses);
const varianceOf = ({ hits, misses }: Beta) => {
  const n = hits + misses;
  return (hits * misses) / (n * n * (n + 1));
};

/** The chance that one share is the larger of two; of beliefs that are near normal. */
export const chanceLarger = (one: Beta, other: Beta): number =>
  aboveNothing(meanOf(one) - meanOf(other), Math.sqrt(varianceOf(one) + varianceOf(other)));

/** Whether two shares lie so near that whoever chooses need not ask further: nine in ten that they do. */
const areAlike = (one: Beta, other: Beta): boolean =>
  Math.abs(meanOf(one) - meanOf(other)) + NINE_TENTHS * Math.sqrt(varianceOf(one) + varianceOf(other)) < ALIKE;

/** One is the better, or they are alike. */
const isSettled = (one: Beta, other: Beta) => {
  const chance = chanceLarger(one, other);
  return Math.max(chance, 1 - chance) >= SETTLED || areAlike(one, other);
};

/** How often so many cells more of each settle which of two ways is the better, drawn from what is believed now. */
export function settlesWith(cells: number, one: Beta, other: Beta, seed = 1): number {
  const source = randomLcg(seed);
  const draw = ({ hits, misses }: Beta): Beta => {
    const share = randomBeta.source(source)(hits, misses)();
    const more = randomBinomial.source(source)(cells, share)();
    return { hits: hits + more, misses: misses + cells - more };
  };
  let settled = 0;
  for (let i = 0; i < TRIES; i++) if (isSettled(draw(one), draw(other))) settled += 1;
  return settled / TRIES;
}

/** How well a way holds that is worth choosing, and one that is not: what a board is laid to tell apart. */
export const WORTH_TELLING = { good: 0.9, poor: 0.5 } as const;

/** How often a board with so many cells of each of two ways tells a good one from a poor one, by drawing such boards. 0 to 1. */
export function tellsApart(cells: number, seed = 1): number {
  const source = randomLcg(seed);
  const seen = (share: number): Beta => {
    const hits = randomBinomial.source(source)(cells, share)();
    return { hits: 1 + hits, misses: 1 + cells - hits };
  };
  let told = 0;
  for (let i = 0; i < TRIES; i++)
    if (chanceLarger(seen(WORTH_TELLING.good), seen(WORTH_TELLING.poor)) >= SETTLED) told += 1;
  return told / TRIES;
}

/**
 * Whether a trial tells its two leading ways apart, and what would; null where it does. `ahead` is the chance, as the
 * trial has it, that the first is the better. Cells are counted as if each way spoke for itself alone, so that fewer may
 * do where both share what was learnt.
 */
export function tieBetween(first: RankedWay, second: RankedWay, ahead: number): Tie | null {
  if (Math.max(ahead, 1 - ahead) >= SETTLED) return null;
  const [one, other] = [betaOf(first.holds), betaOf(second.holds)];
  return {
    ways: [first.words, second.words],
    ahead,
    cellsMore: areAlike(one, other)
      ? null
      : (THOUGHT_OF.find((cells) => settlesWith(cells, one, other) >= POWER) ?? null),
  };
}
