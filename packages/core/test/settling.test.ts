import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  armInWords,
  betaOf,
  chanceLarger,
  layOut,
  rankTrial,
  SETTLED,
  settlesWith,
  tellsApart,
  tieBetween,
  WORTH_TELLING,
  type Beta,
  type RankedWay,
  type TrialDesign,
  type TrialLook,
} from '../src/index.ts';

const way = (words: string, mean: number, half: number): RankedWay => ({
  preparation: 0,
  primer: 0,
  topcoat: 0,
  words,
  holds: { mean, low: mean - half, high: mean + half },
  best: 0.5,
});

/** The chance that one share is the larger, by summing both beliefs over a fine grid. */
function largerByGrid(one: Beta, other: Beta): number {
  const n = 2000;
  const density = ({ hits, misses }: Beta) => {
    const raw = Array.from({ length: n }, (_, i) => {
      const x = (i + 0.5) / n;
      return Math.exp((hits - 1) * Math.log(x) + (misses - 1) * Math.log(1 - x));
    });
    const sum = raw.reduce((a, b) => a + b, 0);
    return raw.map((r) => r / sum);
  };
  const [a, b] = [density(one), density(other)];
  let below = 0;
  let larger = 0;
  for (let i = 0; i < n; i++) {
    larger += a[i]! * (below + b[i]! / 2);
    below += b[i]!;
  }
  return larger;
}

describe('what would settle a tie', () => {
  const share = fc.double({ min: 0.1, max: 0.9, noNaN: true });
  test('a belief is read back from its interval', () => {
    const { hits, misses } = betaOf({ mean: 0.8, low: 0.7, high: 0.9 });
    expect(hits / (hits + misses)).toBeCloseTo(0.8, 6);
    expect(Math.sqrt((0.8 * 0.2) / (hits + misses + 1))).toBeCloseTo(0.2 / (2 * 1.645), 3);
  });
  test('the chance that one is larger is what summing over both beliefs gives, within five points', () => {
    fc.assert(
      fc.property(share, share, fc.integer({ min: 6, max: 60 }), fc.integer({ min: 6, max: 60 }), (p, q, n, m) => {
        const one = { hits: 1 + p * n, misses: 1 + (1 - p) * n };
        const other = { hits: 1 + q * m, misses: 1 + (1 - q) * m };
        expect(Math.abs(chanceLarger(one, other) - largerByGrid(one, other))).toBeLessThan(0.05);
      }),
      { numRuns: 40, seed: 3 },
    );
  });
  test('what is known is no tie; alike ways stay one; the surer the difference, the fewer cells', () => {
    expect(tieBetween(way('a', 0.9, 0.05), way('b', 0.4, 0.05), 0.99)).toBeNull();
    expect(tieBetween(way('a', 0.4, 0.05), way('b', 0.9, 0.05), 0.02)).toBeNull();
    expect(tieBetween(way('a', 0.9, 0.01), way('b', 0.9, 0.01), 0.5)!.cellsMore).toBeNull();
    const wide = tieBetween(way('a', 0.8, 0.3), way('b', 0.4, 0.3), 0.85)!;
    const near = tieBetween(way('a', 0.65, 0.3), way('b', 0.55, 0.3), 0.6)!;
    expect(wide.ways).toEqual(['a', 'b']);
    expect(wide.cellsMore!).toBeLessThan(near.cellsMore ?? Infinity);
  });
  test('the cells it names settle it four times in five; a single one does not, and more do it oftener', () => {
    const [first, second] = [way('a', 0.7, 0.25), way('b', 0.5, 0.25)];
    const [one, other] = [betaOf(first.holds), betaOf(second.holds)];
    const { cellsMore } = tieBetween(first, second, 0.8)!;
    expect(cellsMore).not.toBeNull();
    expect(settlesWith(cellsMore!, one, other, 99)).toBeGreaterThan(0.75);
    expect(settlesWith(1, one, other, 99)).toBeLessThan(0.75);
    expect(settlesWith(30, one, other)).toBeGreaterThan(settlesWith(2, one, other));
  });
  test('more cells tell a good way from a poor one oftener, as every outcome added up does', () => {
    const shares = [1, 2, 4, 8, 16].map((cells) => tellsApart(cells));
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
    // Oracle: every outcome of four cells each, weighed by its binomial chance.
    const ways = [1, 4, 6, 4, 1];
    const chance = (hits: number, share: number) => ways[hits]! * share ** hits * (1 - share) ** (4 - hits);
    let exact = 0;
    for (let good = 0; good <= 4; good++)
      for (let poor = 0; poor <= 4; poor++)
        if (chanceLarger({ hits: 1 + good, misses: 5 - good }, { hits: 1 + poor, misses: 5 - poor }) >= SETTLED)
          exact += chance(good, WORTH_TELLING.good) * chance(poor, WORTH_TELLING.poor);
    expect(tellsApart(4)).toBeCloseTo(exact, 1);
  });
  const arm = (id: string) => ({ ...armInWords(id), coats: 1 });
  const design: TrialDesign = {
    preparations: [arm('washed')],
    primers: [arm('one primer'), arm('another primer')],
    topcoats: [arm('trim paint')],
    leftOut: [],
    replicates: 3,
    seed: 7,
  };
  const cells = layOut(design);
  const looks = (resultOf: (primer: number) => string): TrialLook[] =>
    cells
      .filter((c) => c.primer !== null)
      .map((c) => ({ cell: c.id, part: 'cell', kind: 'nail-scratch', result: resultOf(c.primer!), filmAgeHours: 200 }));
  test('a board on which one held and the other scratched off is settled; on which both held it is a tie', () => {
    expect(
      rankTrial(
        design,
        cells,
        looks((p) => (p === 0 ? 'holds' : 'scratches-off')),
        { draws: 2000 },
      ).tie,
    ).toBeNull();
    const { tie } = rankTrial(
      design,
      cells,
      looks(() => 'holds'),
      { draws: 2000 },
    );
    expect(tie!.ahead).toBeLessThan(SETTLED);
    expect(rankTrial(design, cells, [], { draws: 200 }).tie).toBeNull();
  });
});
