import type { Highs } from 'highs';
import { boundBy, boundsOnRounds, type ProvenBound } from './roundBound.ts';
import { daysFor, haveDays } from './roundDays.ts';
import { anyDay, roundProblem, type RoundProblem, type RoundsAsked } from './roundProblem.ts';
import { costOf, placeOf, routeOf, type Route } from './route.ts';
import { searchRounds } from './roundSearch.ts';
import { exactRounds, MOST_EXACT } from './exactRounds.ts';
import { groupsApart } from './apart.ts';
import type { MapPlace } from './townMap.ts';

/** A stop of a round: when the van is there, in minutes after it left the yard. */
export interface RoundStop {
  id: string;
  arriveMin: number;
}
/** A round on its day (days since 1970). */
export interface Round {
  day: number;
  stops: RoundStop[];
  travelMin: number;
  workMin: number;
  km: number;
  /** The way by road, yard to yard. */
  path: MapPlace[];
}
/** A visit that no round takes, and why. */
export interface NotInARound {
  id: string;
  why: 'longer-than-a-day' | 'no-day-in-its-season';
}
export interface Rounds {
  rounds: Round[];
  notTaken: NotInARound[];
  /** On the way and setting out, in minutes. */
  costMin: number;
}

/** How long the search goes on unless it is told otherwise: about a second for a year of a small firm. */
export const USUAL_EFFORT = 30_000;

/**
 * Groups visits into rounds by place and season: the least time on the way that was found, each round on a day that
 * suits all its stops. The same question gives the same rounds.
 */
export function planRounds(asked: RoundsAsked): Rounds {
  const p = roundProblem(asked);
  const why = asked.visits.map((_, i) => cannot(p, i));
  const stops = canBeMade(why);
  const routes = routesFor(p, stops, asked);
  const days = daysFor(routes, p.days);
  const idOf = (stop: number) => asked.visits[stop]!.id;
  return {
    rounds: routes
      .flatMap((route, r) => (days[r] == null ? [] : [asRound(p, route, days[r], idOf)]))
      .sort((a, b) => a.day - b.day),
    notTaken: [
      ...why.flatMap((reason, i): NotInARound[] => (reason ? [{ id: idOf(i), why: reason }] : [])),
      ...routes.flatMap((route, r): NotInARound[] =>
        days[r] == null ? route.stops.map((s) => ({ id: idOf(s), why: 'no-day-in-its-season' })) : [],
      ),
    ],
    costMin: costOf(p, routes),
  };
}

/**
 * Proven leasts of the time on the way and setting out, in minutes, whatever the rounds: each nearer than the one
 * before and longer in coming, none above what was found. Take as many as there is time for. `highs` is the loaded
 * solver of linear programs.
 */
export function* leastRoundTimes(asked: RoundsAsked, found: Rounds, highs: Highs): Generator<ProvenBound> {
  const p = roundProblem(asked);
  const { few, rest } = split(p, asked);
  const exact = triedOut(p, few);
  if (rest.length === 0) {
    yield { bound: exact, price: [] };
    return;
  }
  const stopOf = new Map(asked.visits.map((v, i) => [v.id, i]));
  const routes = found.rounds.map(({ stops }) => stops.map(({ id }) => stopOf.get(id)!));
  const within = routes.map((route) => route.filter((s) => rest.includes(s))).filter((route) => route.length > 0);
  for (const { bound, price } of boundsOnRounds(p, rest, within, highs))
    yield { bound: Math.min(found.costMin, exact + bound), price };
}

/** The least there is, where every group of visits is small enough to try everything; null where one is not. */
export function leastRoundTimeTriedOut(asked: RoundsAsked): number | null {
  const p = roundProblem(asked);
  const { few, rest } = split(p, asked);
  return rest.length === 0 ? triedOut(p, few) : null;
}

/** The bound that prices prove, as `leastRoundTimes` tells them. */
export function leastRoundTimeBy(asked: RoundsAsked, price: readonly number[]): number {
  const p = roundProblem(asked);
  const { few, rest } = split(p, asked);
  return triedOut(p, few) + (rest.length ? boundBy(p, rest, price) : 0);
}

/** The groups that can be tried out, and the stops of the rest. */
function split(p: RoundProblem, asked: RoundsAsked): { few: number[][]; rest: number[] } {
  const stops = canBeMade(asked.visits.map((_, i) => cannot(p, i)));
  const [few, many] = bySize(groupsApart(p, stops));
  return { few, rest: many.flat() };
}

const triedOut = (p: RoundProblem, few: readonly number[][]) =>
  few.reduce((sum, group) => sum + exactRounds(p, group).cost, 0);

/** Groups that can be tried out, and those that are too many for it. */
const bySize = (groups: readonly number[][]) =>
  [groups.filter((g) => g.length <= MOST_EXACT), groups.filter((g) => g.length > MOST_EXACT)] as const;

/**
 * The rounds of each group that can be driven together: the best there are where it is small enough to try everything.
 * Where those want one day for two rounds, all are searched for, each with a day of its own.
 */
function routesFor(p: RoundProblem, stops: readonly number[], { seed, effort }: RoundsAsked): Route[] {
  const [few, many] = bySize(groupsApart(p, stops));
  const exact = few.flatMap((group) => exactRounds(p, group).routes).map((route) => routeOf(p, route));
  const routes = [...exact, ...searchRounds(p, many.flat(), seed, effort)];
  return haveDays(routes, p.days) || exact.length === 0 ? routes : searchRounds(p, stops, seed, effort);
}

const canBeMade = (why: readonly (string | null)[]) => why.flatMap((reason, i) => (reason === null ? [i] : []));

function cannot(p: RoundProblem, stop: number): NotInARound['why'] | null {
  if (p.minutes[stop]! + 2 * p.leg[0]![placeOf(stop)]! > p.room) return 'longer-than-a-day';
  return anyDay(p.days, p.from[stop]!, p.by[stop]!) ? null : 'no-day-in-its-season';
}

function asRound(p: RoundProblem, route: Route, day: number, idOf: (stop: number) => string): Round {
  let at = 0;
  let clock = 0;
  let km = 0;
  const path: MapPlace[] = [];
  const go = (to: number) => {
    clock += p.leg[at]![to]!;
    km += p.ways.km[at]![to]!;
    path.push(...p.ways.path(at, to).slice(path.length ? 1 : 0));
    at = to;
  };
  const stops = route.stops.map((stop): RoundStop => {
    go(placeOf(stop));
    const arriveMin = Math.round(clock);
    clock += p.minutes[stop]!;
    return { id: idOf(stop), arriveMin };
  });
  go(0);
  return { day, stops, travelMin: route.legs, workMin: route.work, km, path };
}
