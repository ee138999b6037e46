import { anyDay, type RoundProblem } from './roundProblem.ts';
import { placeOf, routeOf, type Route } from './route.ts';

const SLACK = 1e-9;
/** How often a place is overlooked: the best of every stop is not the best of all. */
const OVERLOOKED = 0.01;

/** What is put in first, and how often: any, long work, far off, near, or what may wait least. */
const FIRST: readonly [often: number, key: (p: RoundProblem, stop: number, draw: () => number) => number][] = [
  [0.36, (_p, _stop, draw) => draw()],
  [0.18, (p, stop) => -p.minutes[stop]!],
  [0.18, (p, stop) => -p.leg[0]![placeOf(stop)]!],
  [0.1, (p, stop) => p.leg[0]![placeOf(stop)]!],
  [0.18, (p, stop) => p.by[stop]! - p.from[stop]!],
];

/** Puts stops in one by one, each at the place where it costs least, or in a round of its own. */
export function putIn(p: RoundProblem, kept: readonly Route[], loose: readonly number[], draw: () => number): Route[] {
  const routes = [...kept];
  for (const stop of inTurn(p, loose, draw)) {
    const { into, at } = bestPlace(p, routes, stop, draw);
    const route = routes[into];
    if (route) routes[into] = routeOf(p, [...route.stops.slice(0, at), stop, ...route.stops.slice(at)]);
    else routes.push(routeOf(p, [stop]));
  }
  return routes;
}

function inTurn(p: RoundProblem, loose: readonly number[], draw: () => number): number[] {
  let drawn = draw();
  const [, key] = FIRST.find(([often]) => (drawn -= often) < 0) ?? FIRST[0]!;
  return loose
    .map((stop) => ({ stop, by: key(p, stop, draw) }))
    .sort((a, b) => a.by - b.by)
    .map(({ stop }) => stop);
}

/** Where a stop costs least more: `into` is past the last of the routes where that is a round of its own. */
function bestPlace(p: RoundProblem, routes: readonly Route[], stop: number, draw: () => number) {
  let best = { more: p.setOut + 2 * p.leg[placeOf(stop)]![0]!, at: 0 };
  let into = routes.length;
  for (let r = 0; r < routes.length; r++) {
    const found = placeIn(p, routes[r]!, stop, best.more, draw);
    if (!found) continue;
    best = found;
    into = r;
  }
  return { into, at: best.at };
}

/** The place in a route at which a stop costs least, if that is less than `least`, and the route still fits a day. */
function placeIn(p: RoundProblem, route: Route, stop: number, least: number, draw: () => number) {
  const { stops } = route;
  const room = p.room + SLACK - route.legs - route.work - p.minutes[stop]!;
  const from = Math.max(route.from, p.from[stop]!);
  const by = Math.min(route.by, p.by[stop]!);
  if (room < 0 || from > by) return null;
  const own = p.leg[placeOf(stop)]!;
  let most = Math.min(least, room);
  let at = -1;
  for (let i = 0, before = 0; i <= stops.length; i++) {
    const after = i < stops.length ? placeOf(stops[i]!) : 0;
    const more = own[before]! + own[after]! - p.leg[before]![after]!;
    before = after;
    if (more >= most || draw() < OVERLOOKED) continue;
    most = more;
    at = i;
  }
  return at >= 0 && anyDay(p.days, from, by) ? { more: most, at } : null;
}
