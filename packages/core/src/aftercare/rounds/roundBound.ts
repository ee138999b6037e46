import type { Highs } from 'highs';
import { seasonsOf, type Season } from './boundSeasons.ts';
import { cheapestWalks, type Gains } from './cheapestWalks.ts';
import { quickWalks } from './quickWalks.ts';
import { costOf, placeOf, routeOf } from './route.ts';
import type { RoundProblem } from './roundProblem.ts';
import { KnownRounds } from './stopPrices.ts';

/** How many of the stops nearest to it a stop remembers, look by look; and the looks after which a bound is told. */
const LOOKS = [1, 3, 6, 9];
const TOLD_AFTER = [3, 4];
/** So many of the walks that gain are taken up from one season at a time, and so many in all before prices are set anew. */
const OF_A_SEASON = 15;
const AT_ONCE = 100;
/** A round may lie so far under its prices, in minutes. */
const WITHIN = 0.1;
/** How far prices keep to those before: they jump about while few rounds are known. */
const HELD = 0.8;

/** A proven bound in minutes, and the prices of the stops (by stop) that prove it. */
export interface ProvenBound {
  bound: number;
  price: readonly number[];
}

/**
 * Proven bounds on the cost of any rounds that visit every one of `stops`, minutes on the way and setting out, each
 * better than the one before and slower to come by. `found` are rounds to begin with.
 *
 * Each stop has a price. Rounds that cost less than the prices of their stops are looked for and added to those known,
 * and prices set anew, until none is left. Source: Dantzig and Wolfe; Gilmore and Gomory; prices held as Wentges does.
 * `highs` solves the linear programs.
 */
export function* boundsOnRounds(
  p: RoundProblem,
  stops: readonly number[],
  found: readonly (readonly number[])[],
  highs: Highs,
): Generator<ProvenBound> {
  const known = new KnownRounds(p, stops, highs);
  try {
    for (const route of [...found, ...stops.map((stop) => [stop])]) known.take(route);
    yield* nearer(p, stops, known, shared(p, stops, found));
  } finally {
    known.dispose();
  }
}

function* nearer(
  p: RoundProblem,
  stops: readonly number[],
  known: KnownRounds,
  from: number[],
): Generator<ProvenBound> {
  const seasons = seasonsOf(p, stops);
  let { price } = settled(seasons, known, from, quickly);
  let best = 0;
  for (const many of TOLD_AFTER) {
    const looks = LOOKS.slice(0, many);
    known.forgetRepeats();
    const last = settled(seasons, known, price, (season, at) => cheapestWalks(season, at, looks));
    price = last.price;
    const bound = lowered(p, stops, last);
    if (bound > best) yield { bound, price };
    best = Math.max(best, bound);
  }
}

/**
 * What no rounds cost less than, proven by a price for each stop, however they were come by: every walk is looked at,
 * and none may cost less than the prices of its stops; where one does, all are lowered until it does not. Source: Farley.
 */
export function boundBy(p: RoundProblem, stops: readonly number[], price: readonly number[]): number {
  const least = Math.min(0, ...seasonsOf(p, stops).map((season) => cheapestWalks(season, price, LOOKS).least));
  return lowered(p, stops, { price, least });
}

/** What the prices come to once no round costs less than those of its stops: `least` is how far one lies under them now. */
function lowered(p: RoundProblem, stops: readonly number[], { price, least }: Settled): number {
  const cheapest = p.setOut + 2 * Math.min(...stops.map((s) => p.leg[0]![placeOf(s)]!));
  return stops.reduce((sum, s) => sum + price[s]!, 0) / (1 - least / cheapest);
}

/** To begin with each stop bears of the cost that was found as its work is of all. */
function shared(p: RoundProblem, stops: readonly number[], found: readonly (readonly number[])[]): number[] {
  const cost = costOf(
    p,
    found.map((route) => routeOf(p, route)),
  );
  const work = stops.reduce((sum, s) => sum + p.minutes[s]!, 0);
  return p.minutes.map((m) => (cost * m) / work);
}

type Looking = (season: Season, price: readonly number[]) => Gains;

const quickly: Looking = (season, price) => {
  const routes = quickWalks(season, price);
  return { least: routes.length ? -Infinity : 0, routes: () => routes };
};

/** Prices, and how far some round lies under those of its stops, as a negative number: none lies further. */
interface Settled {
  price: readonly number[];
  least: number;
}

/** Prices at which no season is found to have a round that gains. */
function settled(seasons: readonly Season[], known: KnownRounds, from: readonly number[], looking: Looking): Settled {
  let calm = from;
  let held = HELD;
  for (let season = 0; ;) {
    const price = known.prices().map((x, s) => held * calm[s]! + (1 - held) * x);
    const { asked, taken, least } = takeUp(seasons, season, known, price, looking);
    const isDone = taken === 0 || (asked === seasons.length && least > -WITHIN);
    if (isDone && held === 0) return { price, least };
    season += asked;
    calm = price;
    // At the program's own prices nothing may be left either.
    held = isDone ? 0 : HELD;
  }
}

/** Takes up what gains, season by season, until there is enough. */
function takeUp(
  seasons: readonly Season[],
  from: number,
  known: KnownRounds,
  price: readonly number[],
  looking: Looking,
): { asked: number; taken: number; least: number } {
  let asked = 0;
  let taken = 0;
  let least = 0;
  for (; asked < seasons.length && taken < AT_ONCE; asked++) {
    const gains = looking(seasons[(from + asked) % seasons.length]!, price);
    least = Math.min(least, gains.least);
    let own = 0;
    for (const route of gains.routes()) {
      if (own >= OF_A_SEASON) break;
      if (known.take(route)) own += 1;
    }
    taken += own;
  }
  return { asked, taken, least };
}
