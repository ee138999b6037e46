import { anyDay, type RoundProblem } from './roundProblem.ts';
import { placeOf, routeOf, type Route } from './route.ts';

/** Stops that are taken out at once on the whole, the longest string, how often a stretch within it stays, and one stop more of it. */
const LOOSE = 25;
const LONGEST = 15;
const STAYS = 0.5;
const STAYS_LONGER = 0.99;

/** Of each stop all that some day suits as well, the nearest first; itself leads. By stop. */
export function near(p: RoundProblem, stops: readonly number[]): number[][] {
  const found: number[][] = [];
  for (const s of stops) {
    const own = p.leg[placeOf(s)]!;
    found[s] = stops
      .filter((o) => anyDay(p.days, Math.max(p.from[s]!, p.from[o]!), Math.min(p.by[s]!, p.by[o]!)))
      .sort((a, b) => own[placeOf(a)]! - own[placeOf(b)]!);
  }
  return found;
}

/** Takes a string of stops out of each of some rounds that pass near one stop, drawn from all. */
export function takeOut(
  p: RoundProblem,
  routes: readonly Route[],
  stops: readonly number[],
  nearby: readonly (readonly number[])[],
  draw: () => number,
): { kept: Route[]; loose: number[] } {
  const routeAt = new Int32Array(p.count);
  for (let r = 0; r < routes.length; r++) for (const stop of routes[r]!.stops) routeAt[stop] = r;
  const longest = Math.min(LONGEST, stops.length / routes.length);
  const many = Math.floor(1 + draw() * ((4 * LOOSE) / (1 + longest) - 1));
  const left = new Map<number, number[]>();
  const loose: number[] = [];
  for (const stop of nearby[stops[Math.floor(draw() * stops.length)]!]!) {
    if (left.size >= many) break;
    const r = routeAt[stop]!;
    if (left.has(r)) continue;
    const of = routes[r]!.stops;
    const length = Math.floor(1 + draw() * Math.min(of.length, longest));
    left.set(r, withoutString(of, of.indexOf(stop), length, loose, draw));
  }
  const kept: Route[] = [];
  for (let r = 0; r < routes.length; r++) {
    const rest = left.get(r);
    if (!rest) kept.push(routes[r]!);
    else if (rest.length) kept.push(routeOf(p, rest));
  }
  return { kept, loose };
}

/** A round without a string of so many stops around the one at `at`; every other time a stretch within it stays. */
function withoutString(
  stops: readonly number[],
  at: number,
  length: number,
  loose: number[],
  draw: () => number,
): number[] {
  let stays = 0;
  if (draw() < STAYS) while (length + stays < stops.length && draw() < STAYS_LONGER) stays += 1;
  const long = length + stays;
  const earliest = Math.max(0, at - long + 1);
  const latest = Math.min(at, stops.length - long);
  const begin = earliest + Math.floor(draw() * (latest - earliest + 1));
  const stay = begin + Math.floor(draw() * (length + 1));
  const kept: number[] = [];
  stops.forEach((stop, i) => {
    const isLoose = i >= begin && i < begin + long && (i < stay || i >= stay + stays);
    (isLoose ? loose : kept).push(stop);
  });
  return kept;
}
