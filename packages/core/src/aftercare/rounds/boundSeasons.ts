import type { RoundProblem } from './roundProblem.ts';

/** A stretch of days, the stops that some day of it suits, and what lies between them. */
export interface Season {
  /** By their index among the stops. */
  members: number[];
  /** Minutes between members, by `from * members.length + to`; and from the yard. */
  leg: Float64Array;
  home: Float64Array;
  /** What a leg with half the work at both its ends takes of a day, in units; the same from the yard. */
  takes: Int32Array;
  takesHome: Int32Array;
  /** A day's room, in units. */
  room: number;
  /** So many things a stop may remember. */
  masks: number;
  /** What is remembered at a stop on coming to it from a near one, by what that one remembers (-1: it was here before); null from afar. By `to * members.length + from`. */
  near: (Int32Array | null)[];
  /** The near ones of each stop. */
  nearTo: number[][];
  /** Between what a stop takes of a round at the least and at the most, in units. */
  leastTaken: Float64Array;
  mostTaken: Float64Array;
}

/**
 * A round is driven on one day, so all its stops suit one stretch of `days`: a bound that looks at each stretch alone
 * holds. One whose stops another has too says nothing more. `exact`: rounded down, so that no round that fits is left out.
 */
export function seasonsOf(
  p: RoundProblem,
  stops: readonly number[],
  days: number,
  unit: number,
  exact: boolean,
): Season[] {
  const first = Math.min(...stops.map((s) => p.from[s]!));
  const last = Math.max(...stops.map((s) => p.by[s]!));
  const stretches: number[][] = [];
  for (let day = first; day <= last; day += days)
    stretches.push(stops.flatMap((s, i) => (p.from[s]! < day + days && p.by[s]! >= day ? [i] : [])));
  const within = (a: readonly number[], b: readonly number[]) => a.every((x) => b.includes(x));
  const distinct = stretches.filter(
    (m, i) => m.length > 0 && !stretches.some((o, j) => i !== j && within(m, o) && (o.length > m.length || j < i)),
  );
  return distinct.map((members) => seasonOf(p, stops, members, unit, exact));
}

function seasonOf(p: RoundProblem, stops: readonly number[], members: number[], unit: number, exact: boolean): Season {
  const n = members.length;
  const place = members.map((m) => stops[m]! + 1);
  const work = members.map((m) => p.minutes[stops[m]!]!);
  const units = (minutes: number) =>
    Math.max(1, exact ? Math.floor(minutes / unit + 1e-9) : Math.round(minutes / unit));
  const leg = new Float64Array(n * n).fill(Infinity);
  const takes = new Int32Array(n * n).fill(1);
  const home = Float64Array.from(place, (to) => p.leg[0]![to]!);
  for (let a = 0; a < n; a++)
    for (let b = 0; b < n; b++) {
      if (a === b) continue;
      leg[a * n + b] = p.leg[place[a]!]![place[b]!]!;
      takes[a * n + b] = units(leg[a * n + b]! + (work[a]! + work[b]!) / 2);
    }
  const takesHome = Int32Array.from(home, (h, i) => units(h + work[i]! / 2));
  const room = Math.floor(p.room / unit + 1e-9);
  const part = partsOf(work, leg, takes, home, takesHome);
  return { members, leg, home, takes, takesHome, room, ...part, ...memoryOf(n, leg) };
}

/** How many of the stops nearest to it a stop remembers having been to: a walk does not come back to those. */
const REMEMBERED = 3;
const NONE = -1;

/** Source: Baldacci, Mingozzi and Roberti's ng-routes. */
function memoryOf(n: number, leg: Float64Array): Pick<Season, 'masks' | 'near' | 'nearTo'> {
  const many = Math.min(REMEMBERED, n - 1);
  const masks = 1 << many;
  const all = Array.from({ length: n }, (_, i) => i);
  const known = all.map((i) =>
    all
      .filter((j) => j !== i)
      .sort((a, b) => leg[i * n + a]! - leg[i * n + b]!)
      .slice(0, many),
  );
  const near = all.flatMap((to) =>
    all.map((from) => {
      const meet =
        to !== from && (known[from]!.includes(to) || known[to]!.some((k) => k === from || known[from]!.includes(k)));
      return meet ? Int32Array.from({ length: masks }, (_, mask) => remembered(known, from, to, mask)) : null;
    }),
  );
  return { masks, near, nearTo: all.map((to) => all.filter((from) => near[to * n + from] !== null)) };
}

function remembered(known: readonly (readonly number[])[], from: number, to: number, mask: number): number {
  const been = known[from]!.filter((_, bit) => mask & (1 << bit));
  if (been.includes(to)) return NONE;
  return known[to]!.reduce((now, k, bit) => (k === from || been.includes(k) ? now | (1 << bit) : now), 0);
}

/**
 * Between what a stop takes of a round: of every leg the part that its own work and half the way are of it, all of one
 * from the yard; a stop has two legs.
 */
function partsOf(
  work: readonly number[],
  leg: Float64Array,
  takes: Int32Array,
  home: Float64Array,
  takesHome: Int32Array,
): Pick<Season, 'leastTaken' | 'mostTaken'> {
  const n = work.length;
  const leastTaken = Float64Array.from(takesHome);
  const mostTaken = Float64Array.from(takesHome);
  for (let i = 0; i < n; i++) {
    for (let j = 0; j < n; j++) {
      if (i === j) continue;
      const way = leg[j * n + i]!;
      const part = (takes[j * n + i]! * (work[i]! + way)) / (work[i]! + work[j]! + 2 * way);
      leastTaken[i] = Math.min(leastTaken[i]!, part);
      mostTaken[i] = Math.max(mostTaken[i]!, part);
    }
  }
  return { leastTaken: leastTaken.map((x) => 2 * x), mostTaken: mostTaken.map((x) => 2 * x) };
}
