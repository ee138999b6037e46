import type { Season } from './boundSeasons.ts';

/** The cheapest walks of a season for some shares of the cost. */
export interface Walks {
  /** By member: the least that a walk through it leaves for each unit of the day that it takes. */
  least: Float64Array;
  /** The stops (by index among all) of that walk through a member, each with the member's part of the walk. */
  through: (member: number) => [stop: number, part: number][];
}

const NONE = -1;

/** Paths from the yard, by room taken, last stop, and which of the stops near it they have been to. */
interface Paths {
  masks: number;
  cost: Float64Array;
  /** The state before, or none. */
  before: Int32Array;
  /** The cheapest over what it remembers, by room taken and last stop. */
  any: Float64Array;
}

export function cheapestWalks(season: Season, share: readonly number[], setOut: number): Walks {
  const paths = pathsOf(season, share);
  const n = season.members.length;
  const least = new Float64Array(n).fill(Infinity);
  const part = new Float64Array(n);
  const halves: [number, number][] = [];
  for (let i = 0; i < n; i++) {
    const own = (season.leastTaken[i]! + season.mostTaken[i]!) / 2;
    for (let out = season.takesHome[i]!; out <= season.room; out++)
      for (let back = 1; back <= out && out + back <= season.room; back++) {
        const taken = out + back;
        const worth = least[i]! * taken - setOut;
        if (paths.any[out * n + i]! + paths.any[back * n + i]! >= worth) continue;
        const joined = join(paths, (out * n + i) * paths.masks, (back * n + i) * paths.masks);
        if (joined.cost >= worth) continue;
        least[i] = (setOut + joined.cost) / taken;
        part[i] = own / taken;
        halves[i] = [joined.out, joined.back];
      }
  }
  const through = (member: number): [number, number][] => [
    [season.members[member]!, part[member]!],
    ...halves[member]!.flatMap((state) =>
      behind(paths, n, state).map((m): [number, number] => [season.members[m]!, part[member]!]),
    ),
  ];
  return { least, through };
}

/** The cheapest two halves of a walk that meet at a stop and remember nothing in common. */
function join({ masks, cost }: Paths, out: number, back: number): { cost: number; out: number; back: number } {
  let best = { cost: Infinity, out: NONE, back: NONE };
  for (let a = 0; a < masks; a++) {
    if (cost[out + a] === Infinity) continue;
    for (let b = 0; b < masks; b++) {
      const both = cost[out + a]! + cost[back + b]!;
      if ((a & b) === 0 && both < best.cost) best = { cost: both, out: out + a, back: back + b };
    }
  }
  return best;
}

function pathsOf(season: Season, share: readonly number[]): Paths {
  const { members, leg, home, takes, takesHome, room, near, masks } = season;
  const n = members.length;
  const cost = new Float64Array((room + 1) * n * masks).fill(Infinity);
  const before = new Int32Array(cost.length).fill(NONE);
  const any = new Float64Array((room + 1) * n).fill(Infinity);
  const anyAt = new Int32Array(any.length).fill(NONE);
  const half = Float64Array.from(members, (m) => share[m]! / 2);
  // Turned round, so that what comes to a stop lies in a row.
  const legCost = new Float64Array(n * n);
  for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) legCost[i * n + j] = leg[j * n + i]! - half[i]! - half[j]!;
  for (let q = 1; q <= room; q++)
    for (let i = 0; i < n; i++) {
      const here = (q * n + i) * masks;
      if (q === takesHome[i]) cost[here] = home[i]! - half[i]!;
      // From afar nothing near is remembered.
      for (let j = 0, row = i * n; j < n; j++, row++) {
        const left = q - takes[row]!;
        if (left <= 0 || near[row] !== null) continue;
        const to = any[left * n + j]! + legCost[row]!;
        if (to >= cost[here]!) continue;
        cost[here] = to;
        before[here] = anyAt[left * n + j]!;
      }
      for (const j of season.nearTo[i]!) {
        const row = i * n + j;
        const left = q - takes[row]!;
        if (left <= 0 || any[left * n + j] === Infinity) continue;
        const remembers = near[row]!;
        const there = (left * n + j) * masks;
        for (let mask = 0; mask < masks; mask++) {
          const now = remembers[mask]!;
          const to = cost[there + mask]! + legCost[row]!;
          if (now === NONE || to >= cost[here + now]!) continue;
          cost[here + now] = to;
          before[here + now] = there + mask;
        }
      }
      for (let mask = 0; mask < masks; mask++)
        if (cost[here + mask]! < any[q * n + i]!) {
          any[q * n + i] = cost[here + mask]!;
          anyAt[q * n + i] = here + mask;
        }
    }
  return { masks, cost, before, any };
}

/** The members before a state on its path, last first. */
function behind({ masks, before }: Paths, n: number, state: number): number[] {
  const found: number[] = [];
  for (let at = before[state]!; at !== NONE; at = before[at]!) found.push(Math.floor(at / masks) % n);
  return found;
}
