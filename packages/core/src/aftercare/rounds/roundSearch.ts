import { randomLcg } from 'd3-random';
import type { Route } from './route.ts';
import { daysFor } from './roundDays.ts';
import type { RoundProblem } from './roundProblem.ts';
import { putIn } from './putIn.ts';
import { near, takeOut } from './takeOut.ts';

const SLACK = 1e-9;
/** How much worse rounds may be than those gone on from, in parts of what a stop costs on the whole: at first, and at last. */
const HEAT = { first: 0.7, last: 0.015 };

export const costOf = (p: RoundProblem, routes: readonly Route[]) =>
  routes.reduce((sum, r) => sum + p.setOut + r.legs, 0);

const everyRoundHasADay = (p: RoundProblem, routes: readonly Route[]) =>
  daysFor(routes, p.days).every((day) => day !== null);

/**
 * The shortest rounds found that visit every one of `stops` within its days: strings of neighbouring stops are taken
 * out of rounds that pass near one another and put in again, keeping what is better, and early on what is a little
 * worse. Each stop must fit a round of its own. Source: Christiaens and Vanden Berghe's slack induction by string
 * removals; Kirkpatrick's cooling.
 */
export function searchRounds(p: RoundProblem, stops: readonly number[], seed: number, effort: number): Route[] {
  if (stops.length === 0) return [];
  const draw = randomLcg(seed);
  const nearby = near(p, stops);
  let routes = putIn(p, [], stops, draw);
  let cost = costOf(p, routes);
  let best = { routes, cost, haveDays: everyRoundHasADay(p, routes) };
  const perStop = cost / stops.length;
  for (let turn = 0; turn < effort; turn++) {
    const heat = perStop * HEAT.first * (HEAT.last / HEAT.first) ** (turn / effort);
    const { kept, loose } = takeOut(p, routes, stops, nearby, draw);
    const tried = putIn(p, kept, loose, draw);
    const triedCost = costOf(p, tried);
    if (triedCost > cost - heat * Math.log(1 - draw())) continue;
    routes = tried;
    cost = triedCost;
    const better = cost < best.cost - SLACK;
    if (!better && best.haveDays) continue;
    const haveDays = everyRoundHasADay(p, routes);
    if (haveDays ? better || !best.haveDays : better && !best.haveDays) best = { routes, cost, haveDays };
  }
  return best.routes;
}
