import { randomLcg } from 'd3-random';
import { costOf, type Route } from './route.ts';
import { haveDays } from './roundDays.ts';
import type { RoundProblem } from './roundProblem.ts';
import { putIn } from './putIn.ts';
import { near, takeOut } from './takeOut.ts';

const SLACK = 1e-9;
/** How much worse rounds may be than those gone on from, in parts of what a stop costs on the whole: at first, and at last. */
const HEAT = { first: 0.7, last: 0.015 };

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
  let best = { routes, cost, isDriven: haveDays(routes, p.days) };
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
    if (!better && best.isDriven) continue;
    const isDriven = haveDays(routes, p.days);
    if (isDriven || (better && !best.isDriven)) best = { routes, cost, isDriven };
  }
  return best.routes;
}
