import { NOTHING, type Season } from './boundSeasons.ts';

/** A walk from the yard that has done its work at a stop, by its place in the season. */
interface Walk {
  stop: number;
  /** Minutes since the yard; minutes on the way less the prices of its stops. */
  time: number;
  cost: number;
  /** Which of the stops near this one it remembers having been to, bit by bit. */
  been: number;
  before: Walk | null;
  isNeedless: boolean;
}

/** From stop to stop: the bit of the one that is gone to, the bit that forbids it, and what both remember. */
interface Step {
  own: number;
  been: number;
  shared: readonly (readonly [here: number, there: number])[];
}

/** Walks of a season that gain. */
export interface Gains {
  /** How far the one that gains most lies under the prices of its stops, as a negative number: none lies further. */
  least: number;
  /** Their stops in the order they are driven; a stop may come again where the walk has forgotten it. */
  routes: () => Iterable<number[]>;
}

/**
 * The walks of a season that cost less than the prices of their stops, the one that gains most first: yard to yard
 * within a day's room, never back to a stop that the way since then remembers. Every round that gains is among them
 * or lies no further under its prices than the first. `looks` says how many of the stops nearest to it, itself among
 * them, a stop remembers, look by look.
 *
 * A walk is begun from the yard and carried on stop by stop; of two that stand at one stop, what takes less of the day,
 * costs less and remembers less makes the other needless. One that even the best way home, as the look before knows it,
 * brings to no gain is given up. Source: Baldacci, Mingozzi and Roberti's ng-routes.
 */
export function cheapestWalks(season: Season, price: readonly number[], looks: readonly number[]): Gains {
  let look = null as Look | null;
  for (const many of looks) {
    look = new Look(season, price, many, look?.homeward() ?? null);
    if (look.gains.length === 0) break;
  }
  const gains = look!.gains.sort((a, b) => a.cost - b.cost);
  return { least: gains[0]?.cost ?? 0, routes: () => routesTo(season, gains) };
}

function* routesTo({ stops }: Season, gains: Look['gains']): Generator<number[]> {
  for (const { walk } of gains) {
    const route: number[] = [];
    for (let w: Walk | null = walk; w; w = w.before) route.unshift(stops[w.stop]!);
    yield route;
  }
}

function stepsOf({ n, nearest }: Season, many: number): Step[] {
  const kept = nearest.map((list) => list.slice(0, many));
  const bits = kept.map((list) => new Map(list.map((j, bit) => [j, 1 << bit])));
  return kept.flatMap((of, i) =>
    Array.from({ length: n }, (_, j) => ({
      own: bits[j]!.get(j)!,
      been: bits[i]!.get(j) ?? 0,
      shared: of.flatMap((k) => (bits[j]!.has(k) ? [[bits[i]!.get(k)!, bits[j]!.get(k)!] as const] : [])),
    })),
  );
}

/** Every walk from the yard that may still gain. */
class Look {
  /** Walks that gain when they turn home where they stand. */
  readonly gains: { cost: number; walk: Walk }[] = [];
  private readonly season: Season;
  private readonly pays: Float64Array;
  private readonly steps: readonly Step[];
  private readonly wayHome: readonly Float64Array[] | null;
  /** Walks by the stop at which they stand, and by the minute at which they leave it. */
  private readonly at: Walk[][];
  private readonly leaving: Walk[][];

  constructor(season: Season, price: readonly number[], many: number, wayHome: readonly Float64Array[] | null) {
    const { stops, n, home, work, room } = season;
    this.season = season;
    this.pays = Float64Array.from(stops, (s) => price[s]!);
    this.steps = stepsOf(season, many);
    this.wayHome = wayHome;
    this.at = stops.map(() => []);
    this.leaving = Array.from({ length: Math.floor(room) + 1 }, () => []);
    for (let i = 0; i < n; i++)
      if (this.pays[i]! > 0)
        this.stand(i, home[i]! + work[i]!, home[i]! - this.pays[i]!, this.steps[i * n + i]!.own, null);
    for (const walks of this.leaving) for (const walk of walks) if (!walk.isNeedless) this.carryOn(walk);
  }

  private carryOn(walk: Walk): void {
    const { n, between, home, work, setOut } = this.season;
    const { stop, time, been } = walk;
    const cost = walk.cost + home[stop]! + setOut;
    if (cost < -NOTHING) this.gains.push({ cost, walk });
    for (let j = 0; j < n; j++) {
      const to = this.steps[stop * n + j]!;
      // What nobody pays for is on no walk that gains most: the way past it is no longer.
      if (j === stop || this.pays[j] === 0 || been & to.been) continue;
      let remembers = to.own;
      for (const [here, there] of to.shared) if (been & here) remembers |= there;
      const leg = between[stop * n + j]!;
      this.stand(j, time + leg + work[j]!, walk.cost + leg - this.pays[j]!, remembers, walk);
    }
  }

  private stand(stop: number, time: number, cost: number, been: number, before: Walk | null): void {
    const { home, room } = this.season;
    if (time + home[stop]! > room || this.isHopeless(stop, time, cost)) return;
    const here = this.at[stop]!;
    // Cheapest first: those that may make this one needless, then those that it may.
    let rank = 0;
    for (; rank < here.length && here[rank]!.cost <= cost; rank++) {
      const o = here[rank]!;
      if (o.time <= time && (o.been & been) === o.been) return;
    }
    const walk = { stop, time, cost, been, before, isNeedless: false };
    let kept = rank;
    let moved: Walk = walk;
    for (let k = rank; k < here.length; k++) {
      const o = here[k]!;
      o.isNeedless = time <= o.time && (o.been & been) === been;
      if (o.isNeedless) continue;
      here[kept++] = moved;
      moved = o;
    }
    here[kept++] = moved;
    here.length = kept;
    this.leaving[Math.floor(time)]!.push(walk);
  }

  private isHopeless(stop: number, time: number, cost: number): boolean {
    if (!this.wayHome) return false;
    const { work, room, setOut } = this.season;
    const rest = this.wayHome[stop]![Math.floor(room - time + work[stop]!)]!;
    return cost + rest + this.pays[stop]! + setOut > -NOTHING;
  }

  /** By stop and minutes that are left, its own work among them: the least cost of a way home that takes no more. */
  homeward(): Float64Array[] {
    return this.at.map((walks) => {
      const least = new Float64Array(this.leaving.length + 1).fill(Infinity);
      for (const { time, cost } of walks) least[Math.floor(time)] = Math.min(least[Math.floor(time)]!, cost);
      for (let m = 1; m < least.length; m++) least[m] = Math.min(least[m]!, least[m - 1]!);
      return least;
    });
  }
}
