import type { Rule } from './search.ts';
import { atLeast, atMost, type Side, type Trail } from './trail.ts';

/** Variables that add up to a fixed number: who takes part in a step. */
export class Sum implements Rule {
  readonly wakes: Side[];
  readonly turn = 0;
  readonly weight = 0.3;
  private readonly trail: Trail;
  private readonly of: readonly number[];
  private readonly total: number;

  constructor(trail: Trail, of: readonly number[], total: number) {
    this.trail = trail;
    this.of = of;
    this.total = total;
    this.wakes = of.flatMap((x) => [atLeast(x), atMost(x)]);
  }

  look(): boolean {
    const { trail } = this;
    let low = 0;
    let high = 0;
    for (const x of this.of) {
      low += trail.low(x);
      high += trail.high(x);
    }
    for (const x of this.of) {
      const most = this.total - (low - trail.low(x));
      if (most < trail.high(x) && !trail.raiseTold(atMost(x), -most, this.others(x, atLeast))) return false;
      const least = this.total - (high - trail.high(x));
      if (least > trail.low(x) && !trail.raiseTold(atLeast(x), least, this.others(x, atMost))) return false;
    }
    return true;
  }

  private others(x: number, side: (y: number) => Side): number[] {
    return this.of.flatMap((y) => (y === x ? [] : [side(y), this.trail.bound[side(y)]!]));
  }
}
