import { anyHand, type Order } from './construct.ts';
import type { Problem } from './problem.ts';
import type { Timetable } from './timetable.ts';

/** Most of what makes a step late is due to what leads to it. */
const PASSED_ON = 0.9;
/** What was put forward long ago counts less and less. */
const FORGOTTEN = 0.995;

/** How hard late steps are put forward. */
export interface Pressure {
  /** The share of its lateness by which a step comes sooner at the next building. */
  forward: number;
  /** By so much of that share it is drawn more or less. */
  drawn: number;
  /** A step is late that stands in the way of an end by so many minutes sooner than the best. */
  sooner: number;
}

/** No one way is the best for every job. */
export const PRESSURES: readonly Pressure[] = [
  { forward: 0.3, drawn: 0.1, sooner: 500 },
  { forward: 1, drawn: 0.5, sooner: 1 },
  { forward: 0.05, drawn: 0.5, sooner: Infinity },
];

/**
 * Whoever comes late is put forward, and what leads to it too, building after building: what many need and few have (a
 * place on the rack, somebody who sprays) shows by what waits for it, and is begun with.
 */
export class Pressing {
  private readonly forward: Float64Array;
  private readonly problem: Problem;
  private readonly soonest: Float64Array;
  private readonly pressure: Omit<Pressure, 'sooner'>;
  private readonly random: () => number;

  /** `soonest`: the starts with which everything would end as early as nothing can, were nobody busy. */
  constructor(problem: Problem, soonest: Float64Array, pressure: Omit<Pressure, 'sooner'>, random: () => number) {
    this.problem = problem;
    this.soonest = soonest;
    this.pressure = pressure;
    this.random = random;
    this.forward = new Float64Array(problem.tasks.length);
  }

  /** The order to build by now. */
  order(): Order {
    return anyHand(this.soonest.map((at, i) => at - this.forward[i]!));
  }

  /** Learns from what was built by it: steps that start after `latest` are late. */
  see(table: Timetable, latest: Float64Array): void {
    const { problem, forward, pressure } = this;
    const late = latest.map((at, i) => Math.max(0, table.start[i]! - at));
    for (let k = problem.topological.length - 1; k >= 0; k--) {
      const index = problem.topological[k]!;
      for (const p of problem.tasks[index]!.preds) late[p] = Math.max(late[p]!, PASSED_ON * late[index]!);
      const share = pressure.forward * (1 + pressure.drawn * (2 * this.random() - 1));
      forward[index] = FORGOTTEN * forward[index]! + share * late[index]!;
    }
  }
}
