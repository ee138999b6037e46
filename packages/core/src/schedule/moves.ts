import type { Order } from './construct.ts';
import type { Problem, Task } from './problem.ts';
import type { Timetable } from './timetable.ts';

/** How far a step is put forward or back, in minutes: an hour, an afternoon, a day, some days. */
const REACHES = [60, 300, 1000, 2500] as const;

/** Changes one thing of a plan: what comes before what, or who does it. */
export class Moves {
  private readonly problem: Problem;
  private readonly open: readonly Task[];
  private readonly random: () => number;

  constructor(problem: Problem, random: () => number) {
    this.problem = problem;
    this.open = problem.tasks.filter((t) => !t.done);
    this.random = random;
  }

  private pick<T>(list: readonly T[]): T {
    return list[Math.floor(this.random() * list.length)]!;
  }

  private reach(): number {
    return this.pick(REACHES);
  }

  /** A neighbour of a plan, by the order in which its steps start. Steps that start after `latest` are late. */
  changed(order: Order, table: Timetable, latest: Float64Array): Order {
    const rank = new Float64Array(table.start.length);
    // What was built is an order itself: ranks are starts, so that a change has a known size in minutes.
    for (let i = 0; i < rank.length; i++) rank[i] = table.start[i]! + i * 1e-6;
    const next: Order = { ...order, rank };
    const dice = this.random();
    if (dice < 0.2) this.pullLate(next, table, latest);
    else if (dice < 0.4) this.pullCritical(next, table);
    else if (dice < 0.66) this.shiftSome(next);
    else if (dice < 0.74) this.shiftSurface(next);
    else if (dice < 0.92) this.swap(next);
    else if (dice < 0.99) this.otherHand(next);
    else next.followUp = !order.followUp;
    return next;
  }

  /** One of the steps that are late comes sooner. */
  private pullLate({ rank }: Order, table: Timetable, latest: Float64Array): void {
    let late = this.pick(this.open).index;
    let seen = 0;
    for (const { index } of this.open)
      if (table.start[index]! > latest[index]! && this.random() * ++seen < 1) late = index;
    rank[late] = rank[late]! - this.random() * this.reach();
  }

  /** What ends last waits for something: one of the steps that lead there comes sooner. */
  private pullCritical({ rank }: Order, { start, end }: Timetable): void {
    let at = this.open[0]!.index;
    for (const { index } of this.open) if (end[index]! > end[at]!) at = index;
    for (let steps = Math.floor(this.random() * 12); steps > 0; steps--) {
      let before = -1;
      for (const p of this.problem.tasks[at]!.preds)
        if (!this.problem.tasks[p]!.done && (before < 0 || end[p]! > end[before]!)) before = p;
      if (before < 0) break;
      at = before;
    }
    rank[at] = Math.min(rank[at]!, start[at]!) - this.random() * this.reach();
  }

  private shiftSome({ rank }: Order): void {
    const count = 1 + Math.floor(this.random() * 3);
    const reach = this.reach();
    for (let k = 0; k < count; k++) {
      const { index } = this.pick(this.open);
      rank[index] = rank[index]! + (this.random() * 2 - 1) * reach;
    }
  }

  private shiftSurface({ rank }: Order): void {
    const { surface } = this.pick(this.open);
    const by = (this.random() * 2 - 1) * this.reach();
    for (const t of this.open) if (t.surface === surface) rank[t.index] = rank[t.index]! + by;
  }

  private swap({ rank }: Order): void {
    const a = this.pick(this.open).index;
    const b = this.pick(this.open).index;
    [rank[a], rank[b]] = [rank[b]!, rank[a]!];
  }

  private otherHand(order: Order): void {
    const task = this.pick(this.open);
    if (task.people !== 1 || task.able.length < 2) {
      order.rank[task.index] = order.rank[task.index]! - this.random() * this.reach();
      return;
    }
    order.hand = order.hand.slice();
    order.hand[task.index] = order.hand[task.index]! >= 0 && this.random() < 0.5 ? -1 : this.pick(task.able).index;
  }

  /** An order drawn at random. */
  drawn(): Float64Array {
    return Float64Array.from(this.problem.tasks, () => this.random());
  }
}
