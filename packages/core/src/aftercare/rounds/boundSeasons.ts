import { placeOf } from './route.ts';
import type { RoundProblem } from './roundProblem.ts';

/** Minutes that are rounding. */
export const NOTHING = 1e-7;

/** Stops that one working day suits, and what lies between them: by their place in `stops`. */
export interface Season {
  stops: readonly number[];
  n: number;
  /** Minutes between them, by `from * n + to`; from the yard; on the spot. */
  between: Float64Array;
  home: Float64Array;
  work: Float64Array;
  /** Minutes of a day for work and legs together; and what a round costs before it starts. */
  room: number;
  setOut: number;
  /** Of each all of them, the nearest first: itself leads. */
  nearest: readonly (readonly number[])[];
}

/**
 * The stops of a round suit one day, so a bound that looks at the stops of each day alone holds; a day says nothing
 * more where another has all of its stops.
 */
export function seasonsOf(p: RoundProblem, stops: readonly number[]): Season[] {
  const sets = new Map<string, Set<number>>();
  for (const day of p.days) {
    const open = stops.filter((s) => p.from[s]! <= day && p.by[s]! >= day);
    if (open.length) sets.set(open.join(), new Set(open));
  }
  const distinct = [...sets.values()];
  const isWithin = (a: Set<number>, b: Set<number>) => a.size < b.size && [...a].every((s) => b.has(s));
  return distinct.filter((a) => !distinct.some((b) => isWithin(a, b))).map((set) => seasonOf(p, [...set]));
}

function seasonOf(p: RoundProblem, stops: readonly number[]): Season {
  const n = stops.length;
  const between = new Float64Array(n * n);
  for (let i = 0; i < n; i++)
    for (let j = 0; j < n; j++) between[i * n + j] = p.leg[placeOf(stops[i]!)]![placeOf(stops[j]!)]!;
  const all = stops.map((_, i) => i);
  return {
    stops,
    n,
    between,
    home: Float64Array.from(stops, (s) => p.leg[0]![placeOf(s)]!),
    work: Float64Array.from(stops, (s) => p.minutes[s]!),
    room: p.room + NOTHING,
    setOut: p.setOut,
    // Two at one place: itself before the other.
    nearest: all.map((i) =>
      [...all].sort((a, b) => (a === i ? -1 : b === i ? 1 : between[i * n + a]! - between[i * n + b]!)),
    ),
  };
}
