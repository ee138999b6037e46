/**
 * Bounds of whole-number variables, and how each came to be. A side is one bound of one variable: side 2x says "x is at
 * least", side 2x + 1 says "minus x is at least", so that an upper bound is a lower bound too and one rule serves both.
 * A claim is a side and a value: `bound[side] >= value`.
 */
export type Side = number;

export const atLeast = (variable: number): Side => 2 * variable;
/** Claims of this side speak of minus the variable. */
export const atMost = (variable: number): Side => 2 * variable + 1;
const opposite = (side: Side): Side => side ^ 1;

/** Why a bound rose: chosen, told by a list of claims, by a learnt nogood, or by a rule that is asked when it matters. */
export const enum Why {
  Chosen,
  Told,
  Learnt,
  Rule,
}

/** A list of whole numbers that grows. */
class Whole {
  data: Int32Array;
  constructor(size: number) {
    this.data = new Int32Array(size);
  }
  room(at: number): Int32Array {
    if (at >= this.data.length) {
      const more = new Int32Array(2 * at + 16);
      more.set(this.data);
      this.data = more;
    }
    return this.data;
  }
}

/** Every rise of a bound, in order, so that it can be taken back and asked why. */
export class Trail {
  readonly bound: Int32Array;
  /** The latest rise of each side; below 0 where it stands as it began. */
  readonly latest: Int32Array;
  length = 0;
  /** Where each level of choices begins. */
  readonly levels: number[] = [];
  private readonly sides = new Whole(1024);
  private readonly olds = new Whole(1024);
  private readonly befores = new Whole(1024);
  private readonly kinds = new Whole(1024);
  private readonly refs = new Whole(1024);
  private readonly ats = new Whole(1024);
  private readonly told = new Whole(4096);
  private toldLength = 0;
  /** The claims that cannot stand together. */
  readonly conflict: number[] = [];
  /** The rise that went past the other side, whose reasons belong to the conflict too; below 0 where a rule refused. */
  clashed = -1;
  /** Sides whose bound rose and that nobody has looked at, each once. */
  private readonly risen: Side[] = [];
  private readonly isRisen: Uint8Array;

  constructor(lows: readonly number[], highs: readonly number[]) {
    this.bound = new Int32Array(2 * lows.length);
    lows.forEach((low, x) => {
      this.bound[atLeast(x)] = low;
      this.bound[atMost(x)] = -highs[x]!;
    });
    this.latest = new Int32Array(2 * lows.length).fill(-1);
    this.isRisen = new Uint8Array(2 * lows.length);
  }

  low(x: number): number {
    return this.bound[2 * x]!;
  }
  high(x: number): number {
    return -this.bound[2 * x + 1]!;
  }
  isFixed(x: number): boolean {
    return this.bound[2 * x]! + this.bound[2 * x + 1]! === 0;
  }
  get level(): number {
    return this.levels.length;
  }

  sideAt(i: number): Side {
    return this.sides.data[i]!;
  }
  levelAt(i: number): number {
    return this.ats.data[i]!;
  }
  kindAt(i: number): Why {
    return this.kinds.data[i]!;
  }
  refAt(i: number): number {
    return this.refs.data[i]!;
  }

  /** The rise that made a claim true; below 0 where it was true from the beginning. */
  since(side: Side, value: number): number {
    let at = this.latest[side]!;
    while (at >= 0 && this.olds.data[at]! >= value) at = this.befores.data[at]!;
    return at;
  }

  /** The claims that told a rise, pushed as side, value. */
  toldAt(i: number, into: number[]): void {
    const from = this.refs.data[i]!;
    const count = this.told.data[from]!;
    for (let k = from + 1; k <= from + 2 * count; k++) into.push(this.told.data[k]!);
  }

  /** Raises a bound; false where it contradicts the other side, with what tells the contradiction in `conflict`. */
  raise(side: Side, value: number, kind: Why, ref: number): boolean {
    const old = this.bound[side]!;
    if (value <= old) return true;
    const at = this.length++;
    this.sides.room(at)[at] = side;
    this.olds.room(at)[at] = old;
    this.befores.room(at)[at] = this.latest[side]!;
    this.kinds.room(at)[at] = kind;
    this.refs.room(at)[at] = ref;
    this.ats.room(at)[at] = this.levels.length;
    this.latest[side] = at;
    this.bound[side] = value;
    if (this.isRisen[side] === 0) {
      this.isRisen[side] = 1;
      this.risen.push(side);
    }
    if (value + this.bound[opposite(side)]! <= 0) return true;
    this.conflict.length = 0;
    this.conflict.push(opposite(side), this.bound[opposite(side)]!);
    this.clashed = at;
    return false;
  }

  /** Raises a bound that a list of claims tells. */
  raiseTold(side: Side, value: number, claims: readonly number[]): boolean {
    if (value <= this.bound[side]!) return true;
    const from = this.toldLength;
    this.toldLength += claims.length + 1;
    const told = this.told.room(this.toldLength);
    told[from] = claims.length / 2;
    for (let k = 0; k < claims.length; k++) told[from + 1 + k] = claims[k]!;
    return this.raise(side, value, Why.Told, from);
  }

  /** These claims cannot stand together. */
  refuse(claims: readonly number[]): false {
    this.conflict.length = 0;
    for (const c of claims) this.conflict.push(c);
    this.clashed = -1;
    return false;
  }

  /** A side that rose since it was last looked at; below 0 where there is none. */
  nextRisen(): Side {
    const side = this.risen.pop();
    if (side === undefined) return -1;
    this.isRisen[side] = 0;
    return side;
  }

  /** Nobody looks at what rose: it is taken back. */
  forgetRisen(): void {
    for (const side of this.risen) this.isRisen[side] = 0;
    this.risen.length = 0;
  }

  newLevel(): void {
    this.levels.push(this.length);
  }

  /** Takes back everything above a level. */
  backTo(level: number): void {
    if (level >= this.levels.length) return;
    const to = this.levels[level]!;
    while (this.length > to) {
      const at = --this.length;
      const side = this.sides.data[at]!;
      this.bound[side] = this.olds.data[at]!;
      this.latest[side] = this.befores.data[at]!;
      if (this.kinds.data[at] === Why.Told) this.toldLength = this.refs.data[at]!;
    }
    this.levels.length = level;
    this.forgetRisen();
  }
}
