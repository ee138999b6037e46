import type { Rising } from './rising.ts';
import type { Rule } from './search.ts';
import { atLeast, atMost, type Side, type Trail } from './trail.ts';

/** Something that takes up places from its start until `until(start)`. */
export interface Use {
  start: number;
  until: Rising;
  /** How many places: a number, or a variable that says. */
  places: number | { variable: number };
}

/** A stretch that is taken whatever is chosen. */
export interface Taken {
  from: number;
  to: number;
  places: number;
}

/**
 * So many places, never more in use at once. Where something must be in use whatever its start, nothing else fits that
 * would need its place: starts are pushed to the next turn, each push told by what stands at one minute.
 */
export class Places implements Rule {
  readonly wakes: Side[];
  readonly turn = 1;
  readonly weight: number;
  private readonly trail: Trail;
  private readonly capacity: number;
  private readonly uses: readonly Use[];
  private readonly taken: readonly Taken[];
  /** What must be in use: from, to and places, by use and then by what is taken; empty stretches where nothing must. */
  private readonly from: Int32Array;
  private readonly to: Int32Array;
  private readonly places: Int32Array;
  /** The minutes at which the number in use changes, in order, and how many are in use from there on. */
  private turns: Int32Array;
  private readonly heights: Int32Array;
  private count = 0;
  private readonly claims: number[] = [];

  constructor(trail: Trail, capacity: number, uses: readonly Use[], taken: readonly Taken[] = []) {
    this.trail = trail;
    this.capacity = capacity;
    this.uses = uses;
    this.taken = taken;
    const all = uses.length + taken.length;
    this.weight = 2 + all / 5;
    this.from = new Int32Array(all);
    this.to = new Int32Array(all);
    this.places = new Int32Array(all);
    this.turns = new Int32Array(2 * all);
    this.heights = new Int32Array(2 * all);
    taken.forEach((t, k) => {
      this.from[uses.length + k] = t.from;
      this.to[uses.length + k] = t.to;
      this.places[uses.length + k] = t.places;
    });
    this.wakes = uses.flatMap((u) => [
      atLeast(u.start),
      atMost(u.start),
      ...(typeof u.places === 'number' ? [] : [atLeast(u.places.variable)]),
    ]);
  }

  private least(use: Use): number {
    return typeof use.places === 'number' ? use.places : this.trail.low(use.places.variable);
  }

  look(): boolean {
    for (;;) {
      this.draw();
      const before = this.trail.length;
      if (!this.check()) return false;
      for (let i = 0; i < this.uses.length; i++) if (!this.push(i)) return false;
      if (this.trail.length === before) return true;
    }
  }

  /** What is in use whatever else is chosen. */
  private draw(): void {
    const { uses, from, to, places } = this;
    for (let i = 0; i < uses.length; i++) {
      const use = uses[i]!;
      places[i] = this.least(use);
      from[i] = this.trail.high(use.start);
      to[i] = places[i] === 0 ? from[i]! : use.until.give(this.trail.low(use.start));
    }
    let n = 0;
    const turns = this.turns;
    for (let i = 0; i < from.length; i++) {
      if (from[i]! >= to[i]!) continue;
      turns[n++] = from[i]!;
      turns[n++] = to[i]!;
    }
    turns.subarray(0, n).sort();
    let count = 0;
    for (let k = 0; k < n; k++) if (k === 0 || turns[k] !== turns[k - 1]) turns[count++] = turns[k]!;
    this.count = count;
    this.heights.fill(0, 0, count);
    for (let i = 0; i < from.length; i++) {
      if (from[i]! >= to[i]!) continue;
      for (let k = this.turnAt(from[i]!); turns[k]! < to[i]!; k++) this.heights[k] = this.heights[k]! + places[i]!;
    }
  }

  /** The last turn up to a minute; below 0 before all of them. */
  private turnAt(minute: number): number {
    let low = 0;
    let high = this.count;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.turns[middle]! <= minute) low = middle + 1;
      else high = middle;
    }
    return low - 1;
  }

  private check(): boolean {
    for (let k = 0; k < this.count; k++)
      if (this.heights[k]! > this.capacity) {
        this.claims.length = 0;
        this.tell(this.turns[k]!, -1, this.capacity + 1);
        return this.trail.refuse(this.claims);
      }
    return true;
  }

  /** Says why so many places are in use at a minute. */
  private tell(at: number, but: number, enough: number): void {
    let height = 0;
    for (let i = this.from.length - 1; i >= 0 && height < enough; i--) {
      if (i === but || this.from[i]! > at || this.to[i]! <= at) continue;
      height += this.places[i]!;
      const use = this.uses[i];
      if (!use) continue;
      this.claims.push(atMost(use.start), -at, atLeast(use.start), use.until.need(at + 1));
      this.own(use, this.places[i]!);
    }
  }

  private own(use: Use, places: number): void {
    if (typeof use.places !== 'number') this.claims.push(atLeast(use.places.variable), places);
  }

  private push(i: number): boolean {
    const use = this.uses[i]!;
    const fixed = this.trail.isFixed(use.start);
    if (typeof use.places === 'number') return fixed || (this.later(i) && this.earlier(i));
    if (this.places[i]! > 0 && !fixed && !(this.later(i) && this.earlier(i))) return false;
    return this.limit(i);
  }

  /** How many others are in use in a stretch between turns, at the minute given. */
  private others(k: number, i: number, at: number): number {
    const own = this.from[i]! <= at && this.to[i]! > at ? this.places[i]! : 0;
    return this.heights[k]! - own;
  }

  private later(i: number): boolean {
    const use = this.uses[i]!;
    const { trail, turns } = this;
    const places = this.places[i]!;
    let low = trail.low(use.start);
    let until = use.until.give(low);
    for (let k = Math.max(0, this.turnAt(low)); k + 1 < this.count && turns[k]! < until; k++) {
      const at = Math.max(turns[k]!, low);
      const ends = turns[k + 1]!;
      if (ends <= low || this.others(k, i, at) + places <= this.capacity) continue;
      // The latest minute of this stretch that it would still be in use at.
      const last = Math.min(ends, until) - 1;
      this.claims.length = 0;
      this.tell(last, i, this.capacity - places + 1);
      this.claims.push(atLeast(use.start), use.until.need(last + 1));
      this.own(use, places);
      if (!trail.raiseTold(atLeast(use.start), last + 1, this.claims)) return false;
      low = last + 1;
      until = use.until.give(low);
      // It may still reach into the same stretch.
      if (low < ends) k--;
    }
    return true;
  }

  private earlier(i: number): boolean {
    const use = this.uses[i]!;
    const { trail, turns } = this;
    const places = this.places[i]!;
    let high = trail.high(use.start);
    let until = use.until.give(high);
    for (let k = Math.min(this.turnAt(until - 1), this.count - 2); k >= 0 && turns[k + 1]! > high; k--) {
      const at = Math.max(turns[k]!, high);
      if (at >= until || this.others(k, i, at) + places <= this.capacity) continue;
      this.claims.length = 0;
      this.tell(at, i, this.capacity - places + 1);
      this.claims.push(atMost(use.start), -at);
      this.own(use, places);
      // Over by that minute.
      if (!trail.raiseTold(atMost(use.start), 1 - use.until.need(at + 1), this.claims)) return false;
      high = trail.high(use.start);
      until = use.until.give(high);
      if (at > turns[k]!) k++;
    }
    return true;
  }

  /** How many places it may take at all, where it must be in use at some minute. */
  private limit(i: number): boolean {
    const use = this.uses[i]!;
    const { trail, turns } = this;
    const { variable } = use.places as { variable: number };
    if (trail.isFixed(variable)) return true;
    const from = trail.high(use.start);
    const to = use.until.give(trail.low(use.start));
    for (let k = Math.max(0, this.turnAt(from)); k + 1 < this.count && turns[k]! < to; k++) {
      const at = Math.max(turns[k]!, from);
      if (turns[k + 1]! <= from || at >= to) continue;
      const left = this.capacity - this.others(k, i, at);
      if (left >= trail.high(variable)) continue;
      this.claims.length = 0;
      this.tell(at, i, this.capacity - left);
      this.claims.push(atMost(use.start), -at, atLeast(use.start), use.until.need(at + 1));
      if (!trail.raiseTold(atMost(variable), -left, this.claims)) return false;
    }
    return true;
  }
}
