import type { Arcs } from './arcs.ts';
import type { Nogoods } from './nogoods.ts';
import { Why, type Side, type Trail } from './trail.ts';

/** What a contradiction taught: claims that never hold together, the one to deny first, and the level to go back to. */
export interface Lesson {
  claims: number[];
  level: number;
  spread: number;
}

/** Reads a contradiction back to the one rise of the current level that it hangs on. */
export class Learner {
  private readonly trail: Trail;
  private readonly arcs: Arcs;
  private readonly nogoods: Nogoods;
  /** The value that the contradiction needs of each side; meaningless where `at` is below 0. */
  private readonly need: Int32Array;
  /** The rise that made it true. */
  private readonly at: Int32Array;
  private readonly touched: Side[] = [];
  private here = 0;
  private readonly bump: (variable: number) => void;
  private readonly reasons: number[] = [];

  constructor(trail: Trail, arcs: Arcs, nogoods: Nogoods, bump: (variable: number) => void) {
    this.trail = trail;
    this.arcs = arcs;
    this.nogoods = nogoods;
    this.need = new Int32Array(trail.bound.length);
    this.at = new Int32Array(trail.bound.length).fill(-1);
    this.bump = bump;
  }

  /** Null where nothing was chosen that it hangs on: there is no solution at all. */
  lesson(): Lesson | null {
    const { trail } = this;
    this.here = 0;
    this.addAll(trail.conflict);
    if (trail.clashed >= 0) this.addClash(trail.clashed);
    if (this.here === 0) this.backToWhereItHangs();
    if (trail.level === 0) return this.none();
    for (let i = trail.length - 1; ; i--) {
      const side = trail.sideAt(i);
      if (this.at[side] !== i) continue;
      if (this.here === 1) return this.told(side);
      const value = this.need[side]!;
      this.at[side] = -1;
      this.here--;
      this.reasons.length = 0;
      this.why(i, side, value, this.reasons);
      this.addAll(this.reasons);
    }
  }

  /** The reasons of a rise, no further than just past the other side. */
  private addClash(i: number): void {
    this.reasons.length = 0;
    this.why(i, this.trail.sideAt(i), 1 - this.trail.conflict[1]!, this.reasons);
    this.addAll(this.reasons);
  }

  private none(): null {
    for (const side of this.touched) this.at[side] = -1;
    this.touched.length = 0;
    return null;
  }

  /** A contradiction that the last choices have no part in. */
  private backToWhereItHangs(): void {
    const { trail } = this;
    let level = 0;
    for (const side of this.touched) if (this.at[side]! >= 0) level = Math.max(level, trail.levelAt(this.at[side]!));
    trail.levels.length = Math.max(level, 0);
    this.here = this.touched.filter((s) => this.at[s]! >= 0 && trail.levelAt(this.at[s]!) === level).length;
  }

  private addAll(claims: readonly number[]): void {
    for (let k = 0; k < claims.length; k += 2) this.add(claims[k]!, claims[k + 1]!);
  }

  private add(side: Side, value: number): void {
    const { trail } = this;
    const at = trail.since(side, value);
    // True from the beginning, or before any choice: it always holds.
    if (at < 0 || trail.levelAt(at) === 0) return;
    const before = this.at[side]!;
    if (before >= 0 && this.need[side]! >= value) return;
    if (before < 0) {
      this.touched.push(side);
      this.bump(side >> 1);
    } else if (trail.levelAt(before) === trail.level) this.here--;
    this.at[side] = at;
    this.need[side] = value;
    if (trail.levelAt(at) === trail.level) this.here++;
  }

  private why(i: number, side: Side, value: number, into: number[]): void {
    switch (this.trail.kindAt(i)) {
      case Why.Told:
        return this.trail.toldAt(i, into);
      case Why.Learnt:
        return this.nogoods.othersOf(this.trail.refAt(i), side, into);
      case Why.Rule:
        return this.arcs.explain(this.trail.refAt(i), value, into);
    }
  }

  /** Whether a claim follows from the others of the lesson by its own reason. */
  private follows(side: Side): boolean {
    const i = this.at[side]!;
    if (this.trail.kindAt(i) === Why.Chosen) return false;
    this.reasons.length = 0;
    this.why(i, side, this.need[side]!, this.reasons);
    for (let k = 0; k < this.reasons.length; k += 2) {
      const of = this.reasons[k]!;
      const value = this.reasons[k + 1]!;
      const at = this.trail.since(of, value);
      if (at < 0 || this.trail.levelAt(at) === 0) continue;
      if (this.at[of]! < 0 || this.need[of]! < value || this.at[of]! >= i) return false;
    }
    return true;
  }

  private told(last: Side): Lesson {
    const { trail } = this;
    const claims = [last, this.need[last]!];
    const kept = [...new Set(this.touched)].filter((s) => s !== last && this.at[s]! >= 0 && !this.follows(s));
    let level = 0;
    const levels = new Set<number>();
    for (const side of kept) {
      const of = trail.levelAt(this.at[side]!);
      levels.add(of);
      // The one that fell last is watched beside the denied one.
      if (of > level) {
        level = of;
        claims.splice(2, 0, side, this.need[side]!);
      } else claims.push(side, this.need[side]!);
    }
    for (const side of this.touched) this.at[side] = -1;
    this.touched.length = 0;
    return { claims, level, spread: levels.size + 1 };
  }
}
