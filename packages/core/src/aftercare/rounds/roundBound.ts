import { seasonsOf, type Season } from './boundSeasons.ts';
import { cheapestWalks, type Walks } from './cheapestWalks.ts';
import type { RoundProblem } from './roundProblem.ts';

/** Minutes in which a day's room is counted, and days in which the year is: first coarsely to find the shares, then finely for the bound itself. */
const COARSE = { unit: 20, days: 20, turns: 40, exact: false };
const FINE = { unit: 4, days: 10, turns: 5, exact: true };
/** Turns without anything better before the pace slackens. */
const PATIENCE = 4;
/** So much of the last move goes on in the next: the walks jump about. */
const KEPT = 0.3;

/**
 * A proven least cost of any rounds that visit every one of `stops`: minutes on the way and setting out. Each visit
 * bears a share of the cost. What is left of the cheapest walk through it, in any stretch of days that suits it, is added in
 * proportion to the time that it takes of that walk; in a walk stops may come again, but not at once. The shares are
 * moved until no stop is walked to more or less than once. `above` is a cost that was found.
 *
 * Source: Christofides, Mingozzi and Toth's q-routes; Held and Karp's way of moving the shares.
 */
export function boundOnRounds(p: RoundProblem, stops: readonly number[], above: number): number {
  if (stops.length === 0) return 0;
  const takes = stops.reduce((sum, s) => sum + p.minutes[s]!, 0);
  let share = stops.map((s) => (above * p.minutes[s]!) / takes);
  let best = 0;
  for (const { unit, days, turns, exact } of [COARSE, FINE]) {
    const seasons = seasonsOf(p, stops, days, unit, exact);
    const found = moved(p, stops, seasons, share, above, turns);
    share = found.share;
    if (exact) best = found.bound;
  }
  return Math.min(best, above);
}

/** Moves the shares so many times; the best of them, and the bound that they give. */
function moved(
  p: RoundProblem,
  stops: readonly number[],
  seasons: readonly Season[],
  from: readonly number[],
  above: number,
  turns: number,
): { share: number[]; bound: number } {
  const share = [...from];
  let best = { share: [...share], worth: -Infinity, bound: 0 };
  const off = stops.map(() => 0);
  const fewest = fewestRounds(p, stops);
  // What each round bears of there being no fewer of them.
  let toll = 0;
  let pace = 1;
  let still = 0;
  for (let turn = 0; turn < turns; turn++) {
    const { worth: about, bound: sure, walked, rounds } = priced(p.setOut - toll, stops, seasons, share);
    const more = toll * fewest;
    const worth = about + more;
    const proven = Math.max(best.bound, sure + more);
    if (worth > best.worth) {
      best = { share: [...share], worth, bound: proven };
      still = 0;
    } else {
      best.bound = proven;
      if (++still % PATIENCE === 0) pace *= 0.7;
    }
    walked.forEach((times, i) => (off[i] = KEPT * off[i]! + (1 - KEPT) * (1 - times)));
    const length = off.reduce((sum, x) => sum + x * x, 0);
    if (length < 1e-9) break;
    const step = (pace * Math.max(above * 1.01 - worth, above * 0.01)) / length;
    off.forEach((x, i) => (share[i] = Math.max(0, share[i]! + step * x)));
    toll = Math.max(0, toll + step * (fewest - rounds));
  }
  return best;
}

/** What the shares come to: `worth` about, `bound` proven; and how often each stop is walked to in the cheapest walks. */
function priced(setOut: number, stops: readonly number[], seasons: readonly Season[], share: readonly number[]) {
  const least = stops.map(() => Infinity);
  const through: { season: Season; walks: Walks; at: number }[] = [];
  for (const season of seasons) {
    const walks = cheapestWalks(season, share, setOut);
    season.members.forEach((stop, at) => {
      if (walks.least[at]! >= least[stop]!) return;
      least[stop] = walks.least[at]!;
      through[stop] = { season, walks, at };
    });
  }
  const walked = stops.map(() => 0);
  const shares = share.reduce((sum, x) => sum + x, 0);
  let worth = shares;
  let bound = shares;
  let rounds = 0;
  through.forEach(({ season, walks, at }, stop) => {
    const [low, high] = [season.leastTaken[at]!, season.mostTaken[at]!];
    worth += (least[stop]! * (low + high)) / 2;
    // Of what is left over a stop bears the least that it may take, of what is missing the most.
    bound += least[stop]! * (least[stop]! >= 0 ? low : high);
    const walk = walks.through(at);
    rounds += walk[0]![1];
    for (const [other, part] of walk) walked[other]! += part;
  });
  return { worth, bound, walked, rounds };
}

/** No fewer rounds than this will do: by the room that all of it takes, and by the seasons that have no day in common. */
function fewestRounds(p: RoundProblem, stops: readonly number[]): number {
  const takes = stops.map((s) => {
    const home = 2 * p.leg[0]![s + 1]!;
    const ways = [home, home, ...stops.filter((o) => o !== s).map((o) => p.leg[o + 1]![s + 1]!)];
    const [first = 0, second = first] = ways.sort((a, b) => a - b);
    return p.minutes[s]! + (first + second) / 2;
  });
  const byRoom = Math.ceil(takes.reduce((sum, t) => sum + t, 0) / p.room - 1e-9);
  let apart = 0;
  let until = -Infinity;
  for (const s of [...stops].sort((a, b) => p.by[a]! - p.by[b]!))
    if (p.from[s]! > until) {
      apart += 1;
      until = p.by[s]!;
    }
  return Math.max(byRoom, apart);
}
