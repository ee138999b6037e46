import { randomLcg } from 'd3-random';
import { daysFor } from './roundDays.ts';
import { anyDay, type RoundProblem } from './roundProblem.ts';

/** One round: visits by index, in the order they are driven. */
export interface Route {
  stops: number[];
  /** Minutes on the way, yard to yard. */
  legs: number;
  /** Minutes on the spots. */
  work: number;
  /** The days in which every stop may be visited. */
  from: number;
  by: number;
}

const place = (stop: number) => stop + 1;
const SLACK = 1e-9;

export function routeOf(p: RoundProblem, stops: number[]): Route {
  let legs = 0;
  let at = 0;
  for (const stop of stops) {
    legs += p.leg[at]![place(stop)]!;
    at = place(stop);
  }
  return {
    stops,
    legs: legs + p.leg[at]![0]!,
    work: stops.reduce((sum, s) => sum + p.minutes[s]!, 0),
    from: Math.max(...stops.map((s) => p.from[s]!)),
    by: Math.min(...stops.map((s) => p.by[s]!)),
  };
}

export const costOf = (p: RoundProblem, routes: readonly Route[]) =>
  routes.reduce((sum, r) => sum + p.setOut + r.legs, 0);

/** What one more stop costs a route at its best place; null where it does not fit. */
function bestPlace(p: RoundProblem, route: Route, stop: number): { more: number; at: number } | null {
  const from = Math.max(route.from, p.from[stop]!);
  const by = Math.min(route.by, p.by[stop]!);
  if (from > by || route.work + p.minutes[stop]! > p.room || !anyDay(p.days, from, by)) return null;
  let more = Infinity;
  let at = -1;
  const own = p.leg[place(stop)]!;
  let before = 0;
  for (let i = 0; i <= route.stops.length; i++) {
    const after = i < route.stops.length ? place(route.stops[i]!) : 0;
    const extra = own[before]! + own[after]! - p.leg[before]![after]!;
    if (extra < more) {
      more = extra;
      at = i;
    }
    before = after;
  }
  return route.legs + more + route.work + p.minutes[stop]! > p.room + SLACK ? null : { more, at };
}

const alone = (p: RoundProblem, stop: number) => p.setOut + 2 * p.leg[0]![place(stop)]!;

/** Puts visits in, the one first that would lose most by waiting: the difference of its best and second best place. */
function putIn(p: RoundProblem, routes: Route[], loose: number[], noise: () => number): void {
  const left = [...loose];
  // What each visit would cost in each route; only the route that changed is asked again.
  const asks = left.map((stop) => routes.map((r) => bestPlace(p, r, stop)));
  while (left.length > 0) {
    let pick = 0;
    let most = -Infinity;
    let into = -1;
    left.forEach((stop, k) => {
      let first = alone(p, stop);
      let second = first;
      let where = -1;
      asks[k]!.forEach((ask, r) => {
        if (!ask) return;
        const more = ask.more * noise();
        if (more < first) {
          second = first;
          first = more;
          where = r;
        } else if (more < second) second = more;
      });
      const regret = second - first - first * 0.01;
      if (regret > most) {
        most = regret;
        pick = k;
        into = where;
      }
    });
    const [stop] = left.splice(pick, 1);
    const [ask] = asks.splice(pick, 1);
    if (into < 0) {
      routes.push(routeOf(p, [stop!]));
      into = routes.length - 1;
    } else {
      const { stops } = routes[into]!;
      const { at } = ask![into]!;
      routes[into] = routeOf(p, [...stops.slice(0, at), stop!, ...stops.slice(at)]);
    }
    left.forEach((other, k) => (asks[k]![into] = bestPlace(p, routes[into]!, other)));
  }
}

/** Turns stretches of a route round while that makes it shorter. */
function straightened(p: RoundProblem, route: Route): Route {
  const stops = [...route.stops];
  const at = (i: number) => (i < 0 || i >= stops.length ? 0 : place(stops[i]!));
  for (let again = true; again;) {
    again = false;
    for (let i = 0; i < stops.length - 1; i++)
      for (let j = i + 1; j < stops.length; j++) {
        const before = p.leg[at(i - 1)]![at(i)]! + p.leg[at(j)]![at(j + 1)]!;
        const turned = p.leg[at(i - 1)]![at(j)]! + p.leg[at(i)]![at(j + 1)]!;
        if (turned >= before - SLACK) continue;
        stops.splice(i, j - i + 1, ...stops.slice(i, j + 1).reverse());
        again = true;
      }
  }
  return routeOf(p, stops);
}

/** Takes visits out: those near one of them, those of one whole round, or any. */
function takeOut(p: RoundProblem, routes: readonly Route[], draw: () => number): { kept: Route[]; loose: number[] } {
  const all = routes.flatMap((r) => r.stops);
  const many = Math.min(all.length, 3 + Math.floor(draw() * Math.min(20, all.length * 0.4)));
  const seed = all[Math.floor(draw() * all.length)]!;
  const kind = draw();
  const gone = new Set<number>();
  if (kind < 0.55) {
    const near = [...all].sort((a, b) => p.leg[place(seed)]![place(a)]! - p.leg[place(seed)]![place(b)]!);
    for (const stop of near) if (gone.size < many && draw() < 0.85) gone.add(stop);
  } else if (kind < 0.8) {
    const own = routes.find((r) => r.stops.includes(seed))!;
    for (const stop of own.stops) gone.add(stop);
    const other = routes[Math.floor(draw() * routes.length)]!;
    if (draw() < 0.5) for (const stop of other.stops) gone.add(stop);
  } else while (gone.size < many) gone.add(all[Math.floor(draw() * all.length)]!);
  const kept = routes.flatMap((r) => {
    const stops = r.stops.filter((s) => !gone.has(s));
    return stops.length === r.stops.length ? [r] : stops.length ? [routeOf(p, stops)] : [];
  });
  return { kept, loose: [...gone] };
}

const everyRoundHasADay = (p: RoundProblem, routes: readonly Route[]) =>
  daysFor(routes, p.days).every((day) => day !== null);

/** How far above the best a way may lie to be gone on from, at first; it closes to nothing. */
const WIDE = 0.03;

/**
 * The shortest rounds found that visit every one of `stops` within its days: rounds are taken apart and put together
 * again, keeping what is better, and early on what is little worse. Each stop must fit a round of its own.
 */
export function searchRounds(p: RoundProblem, stops: readonly number[], seed: number, effort: number): Route[] {
  if (stops.length === 0) return [];
  const draw = randomLcg(seed);
  const now: { routes: Route[]; cost: number } = { routes: [], cost: 0 };
  putIn(p, now.routes, [...stops], () => 1);
  now.routes = now.routes.map((r) => straightened(p, r));
  now.cost = costOf(p, now.routes);
  let best = { ...now };
  let bestHasDays = everyRoundHasADay(p, best.routes);
  for (let turn = 0; turn < effort; turn++) {
    const { kept, loose } = takeOut(p, now.routes, draw);
    putIn(p, kept, loose, () => 0.9 + 0.2 * draw());
    const cost = costOf(p, kept);
    if (cost > best.cost * (1 + WIDE * (1 - turn / effort))) continue;
    const known = new Set(now.routes);
    now.routes = kept.map((r) => (known.has(r) ? r : straightened(p, r)));
    now.cost = costOf(p, now.routes);
    const better = now.cost < best.cost - SLACK;
    if (!better && bestHasDays) continue;
    const hasDays = everyRoundHasADay(p, now.routes);
    if ((better && (hasDays || !bestHasDays)) || (hasDays && !bestHasDays)) {
      best = { ...now };
      bestHasDays = hasDays;
    }
  }
  return best.routes;
}
