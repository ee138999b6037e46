import { anyDay, type RoundProblem } from './roundProblem.ts';

/** More stops than this are too many to try every way of putting them together. */
export const MOST_EXACT = 15;

/** The best rounds there are, and what they take. */
export interface ExactRounds {
  /** Stops by index, in the order they are driven. */
  routes: number[][];
  /** Minutes on the way and setting out. */
  cost: number;
}

/**
 * The least time on the way and setting out of any rounds that visit every stop once, each round within a day's room
 * and on some day that suits all its stops; whether two rounds want the same day is not asked. Every stop must fit a
 * round of its own. Source: Held and Karp for the way of each set of stops; then every set with what is left over.
 */
export function exactRounds(p: RoundProblem, stops: readonly number[]): ExactRounds {
  if (stops.length > MOST_EXACT) throw new Error(`At most ${MOST_EXACT} stops are tried out.`);
  const ways = new ShortestWays(p, stops);
  const all = (1 << stops.length) - 1;
  const least = new Float64Array(all + 1).fill(Infinity);
  const first = new Int32Array(all + 1);
  least[0] = 0;
  for (let set = 1; set <= all; set++) {
    // The round of its lowest stop, whichever others it takes.
    const lowest = set & -set;
    const others = set ^ lowest;
    for (let with_ = others; ; with_ = (with_ - 1) & others) {
      const round = with_ | lowest;
      const cost = ways.cost[round]! + least[set ^ round]!;
      if (cost < least[set]!) {
        least[set] = cost;
        first[set] = round;
      }
      if (with_ === 0) break;
    }
  }
  const routes: number[][] = [];
  for (let set = all; set !== 0; set ^= first[set]!) routes.push(ways.route(first[set]!));
  return { routes, cost: least[all]! };
}

/** The shortest way from the yard through each set of stops and back. */
class ShortestWays {
  /** By set, with setting out; infinite where no day holds it. */
  readonly cost: Float64Array;
  private readonly p: RoundProblem;
  private readonly stops: readonly number[];
  /** The shortest way from the yard through a set to its last stop, by `set * stops + last`. */
  private readonly to: Float64Array;

  constructor(p: RoundProblem, stops: readonly number[]) {
    this.p = p;
    this.stops = stops;
    const n = stops.length;
    this.to = new Float64Array((1 << n) * n).fill(Infinity);
    this.cost = new Float64Array(1 << n).fill(Infinity);
    this.cost[0] = 0;
    for (let i = 0; i < n; i++) this.to[(1 << i) * n + i] = this.leg(-1, i);
    for (let set = 1; set < 1 << n; set++) this.lengthen(set);
  }

  /** Minutes between two stops by their place in the list; -1 is the yard. */
  private leg(a: number, b: number): number {
    const place = (i: number) => (i < 0 ? 0 : this.stops[i]! + 1);
    return this.p.leg[place(a)]![place(b)]!;
  }

  private lengthen(set: number): void {
    const n = this.stops.length;
    let back = Infinity;
    for (let last = 0; last < n; last++) {
      const way = this.to[set * n + last]!;
      if (way === Infinity) continue;
      back = Math.min(back, way + this.leg(last, -1));
      for (let next = 0; next < n; next++) {
        if (set & (1 << next)) continue;
        const at = (set | (1 << next)) * n + next;
        this.to[at] = Math.min(this.to[at]!, way + this.leg(last, next));
      }
    }
    if (this.isDriven(set, back)) this.cost[set] = back + this.p.setOut;
  }

  /** Whether some day suits all of a set and holds the way and the work. */
  private isDriven(set: number, way: number): boolean {
    const { p, stops } = this;
    let from = -Infinity;
    let by = Infinity;
    let work = 0;
    for (let i = 0; i < stops.length; i++) {
      if (!(set & (1 << i))) continue;
      from = Math.max(from, p.from[stops[i]!]!);
      by = Math.min(by, p.by[stops[i]!]!);
      work += p.minutes[stops[i]!]!;
    }
    return from <= by && way + work <= p.room + 1e-9 && anyDay(p.days, from, by);
  }

  /** The stops of a set in the order of its shortest way. */
  route(set: number): number[] {
    const n = this.stops.length;
    const out: number[] = [];
    let after = -1;
    for (let left = set; left !== 0;) {
      let best = -1;
      for (let i = 0; i < n; i++) {
        if (!(left & (1 << i))) continue;
        const way = (k: number) => this.to[left * n + k]! + this.leg(k, after);
        if (best < 0 || way(i) < way(best)) best = i;
      }
      out.unshift(this.stops[best]!);
      left ^= 1 << best;
      after = best;
    }
    return out;
  }
}
