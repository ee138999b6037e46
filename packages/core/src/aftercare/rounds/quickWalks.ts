import { NOTHING, type Season } from './boundSeasons.ts';

const NONE = -1;

/** The cheapest ways found to leave each stop at each whole minute, by `minute * n + stop`. */
interface Ways {
  cost: Float64Array;
  /** The way before it: its minute and stop. */
  before: Int32Array;
}

/**
 * Rounds of a season that cost less than the prices of their stops, the one that gains most first, at most one that
 * ends at each stop: found quickly, and not all there are. Legs and work are rounded up to whole minutes, and of all
 * ways to leave a stop at a minute only the cheapest is carried on.
 */
export function quickWalks(season: Season, price: readonly number[]): number[][] {
  const { stops, n, home, setOut, room } = season;
  const ways = waysOut(season, price);
  const ends: { gain: number; at: number }[] = [];
  for (let i = 0; i < n; i++) {
    let best = { gain: -NOTHING, at: NONE };
    for (let minute = 0; minute + home[i]! <= room; minute++) {
      const gain = ways.cost[minute * n + i]! + home[i]! + setOut;
      if (gain < best.gain) best = { gain, at: minute * n + i };
    }
    if (best.at !== NONE) ends.push(best);
  }
  return ends.sort((a, b) => a.gain - b.gain).map(({ at }) => stopsOf(ways, n, at).map((i) => stops[i]!));
}

function waysOut({ stops, n, between, home, work, room }: Season, price: readonly number[]): Ways {
  const minutes = Math.floor(room) + 1;
  const cost = new Float64Array(minutes * n).fill(Infinity);
  const before = new Int32Array(minutes * n).fill(NONE);
  const least = new Float64Array(n).fill(Infinity);
  const takes = between.map((leg, k) => Math.ceil(leg + work[k % n]!));
  const pays = Float64Array.from(stops, (s) => price[s]!);
  for (let i = 0; i < n; i++) {
    const minute = Math.ceil(home[i]! + work[i]!);
    if (minute < minutes) cost[minute * n + i] = home[i]! - pays[i]!;
  }
  const ways = { cost, before };
  for (let minute = 0; minute < minutes; minute++)
    for (let i = 0; i < n; i++) {
      const at = minute * n + i;
      // Who left sooner and for less has been carried on.
      if (cost[at]! >= least[i]!) continue;
      least[i] = cost[at]!;
      for (let j = 0, leg = i * n; j < n; j++, leg++) {
        const there = minute + takes[leg]!;
        if (j === i || there + home[j]! > room) continue;
        const to = there * n + j;
        const less = cost[at]! + between[leg]! - pays[j]!;
        if (less >= cost[to]! || hasBeenAt(ways, n, at, j)) continue;
        cost[to] = less;
        before[to] = at;
      }
    }
  return ways;
}

function hasBeenAt({ before }: Ways, n: number, from: number, stop: number): boolean {
  for (let at = from; at !== NONE; at = before[at]!) if (at % n === stop) return true;
  return false;
}

function stopsOf({ before }: Ways, n: number, end: number): number[] {
  const found: number[] = [];
  for (let at = end; at !== NONE; at = before[at]!) found.unshift(at % n);
  return found;
}
