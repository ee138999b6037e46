import type { Rising } from './rising.ts';
import type { Rule } from './search.ts';
import { atLeast, atMost, type Side, type Trail } from './trail.ts';

/** Something that lasts from its start until `until(start)`. */
export interface Stretch {
  start: number;
  until: Rising;
}

/** Two stretches that never overlap: where one can no longer be over before the other, the other comes first. */
export class Apart implements Rule {
  readonly wakes: Side[];
  readonly turn = 0;
  readonly weight = 0.3;
  private readonly trail: Trail;
  private readonly a: Stretch;
  private readonly b: Stretch;

  constructor(trail: Trail, a: Stretch, b: Stretch) {
    this.trail = trail;
    this.a = a;
    this.b = b;
    this.wakes = [atLeast(a.start), atMost(a.start), atLeast(b.start), atMost(b.start)];
  }

  look(): boolean {
    return this.order(this.a, this.b) && this.order(this.b, this.a);
  }

  /** Where the first cannot be over by the time the second must have begun, the second comes first. */
  private order(first: Stretch, second: Stretch): boolean {
    const { trail } = this;
    const latest = trail.high(second.start);
    if (first.until.give(trail.low(first.start)) <= latest) return true;
    const why = [atLeast(first.start), first.until.need(latest + 1), atMost(second.start), -latest];
    const over = second.until.give(trail.low(second.start));
    if (over > trail.low(first.start)) {
      const claims = [...why, atLeast(second.start), second.until.need(over)];
      if (!trail.raiseTold(atLeast(first.start), over, claims)) return false;
    }
    const high = trail.high(first.start);
    const by = second.until.need(high + 1) - 1;
    if (by >= trail.high(second.start)) return true;
    return trail.raiseTold(atMost(second.start), -by, [...why, atMost(first.start), -high]);
  }
}
