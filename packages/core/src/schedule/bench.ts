import type { Minute } from './calendar.ts';
import type { PushRule } from './rules.ts';
import type { Timetable } from './timetable.ts';

/** Starts held back beyond what a task's own rules ask: by coats that would close, by rooms that may not be out so long, by what was posted. */
export interface Holdbacks {
  tasks: Float64Array;
  zones: Float64Array;
  /** What each task is held back for. */
  why: (PushRule | null)[];
}

/** What a plan is built on. */
export interface Bench {
  table: Timetable;
  held: Holdbacks;
}

/** Benches of one problem, used again and again, since a search builds thousands of plans. */
export class Benches {
  private readonly spare: Bench[] = [];
  private readonly begun: Timetable;

  constructor(begun: Timetable) {
    this.begun = begun;
  }

  /** A bench that nobody uses, with nothing held back. */
  take(): Bench {
    const bench = this.spare.pop() ?? this.made();
    bench.held.tasks.fill(0);
    bench.held.zones.fill(0);
    return bench;
  }

  giveBack({ table, held }: Bench): void {
    this.spare.push({ table, held });
  }

  private made(): Bench {
    const { tasks, zones } = this.begun.problem;
    const held = {
      tasks: new Float64Array(tasks.length),
      zones: new Float64Array(zones.length),
      why: tasks.map(() => null),
    };
    return { table: this.begun.copy(), held };
  }
}

/** Holds a task back to a minute. */
export function holdTo(held: Holdbacks, index: number, to: Minute, why: PushRule): void {
  held.tasks[index] = to;
  held.why[index] = why;
}
