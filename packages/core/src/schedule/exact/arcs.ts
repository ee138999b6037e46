import { Why, type Side, type Trail } from './trail.ts';

/**
 * One bound that raises another: `bound[to] >= give(bound[from])`, where `give` never falls. `need(w)` is the least
 * that `from` must be for `to` to be at least `w`. With a guard it holds only while the guard's claim does.
 */
export interface Arc {
  from: Side;
  to: Side;
  give: (value: number) => number;
  need: (value: number) => number;
  guard: readonly [Side, number] | null;
}

/** All arcs, by the side that sets them off. */
export class Arcs {
  private readonly trail: Trail;
  private readonly all: Arc[] = [];
  private readonly bySide: number[][];

  constructor(trail: Trail) {
    this.trail = trail;
    this.bySide = Array.from(trail.bound, () => []);
  }

  add(arc: Arc): void {
    const id = this.all.length;
    this.all.push(arc);
    this.bySide[arc.from]!.push(id);
    if (arc.guard) this.bySide[arc.guard[0]]!.push(id);
  }

  /** Everything that follows from a side that rose; false on a contradiction. */
  risen(side: Side): boolean {
    const { trail } = this;
    const { bound } = trail;
    for (const id of this.bySide[side]!) {
      const { guard, from, to, give } = this.all[id]!;
      if (guard && bound[guard[0]]! < guard[1]) continue;
      const value = give(bound[from]!);
      if (value > bound[to]! && !trail.raise(to, value, Why.Rule, id)) return false;
    }
    return true;
  }

  /** All at once, at the beginning. */
  all0(): boolean {
    for (let side = 0; side < this.bySide.length; side++) if (!this.risen(side)) return false;
    return true;
  }

  explain(id: number, value: number, into: number[]): void {
    const { guard, from, need } = this.all[id]!;
    into.push(from, need(value));
    if (guard) into.push(guard[0], guard[1]);
  }
}
