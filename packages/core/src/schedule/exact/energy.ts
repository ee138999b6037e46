import type { Rule } from './search.ts';
import { atLeast, atMost, type Side, type Trail } from './trail.ts';

/** Work of fixed length that so many people do. */
export interface Work {
  start: number;
  minutes: number;
  people: number;
}

/**
 * People's minutes set against work: what must lie wholly between two minutes is no more than these people have there.
 * Where it nearly fills them, whatever else begins there is pushed past, or before.
 */
export class Energy implements Rule {
  readonly wakes: Side[];
  readonly turn = 2;
  readonly weight: number;
  private readonly trail: Trail;
  private readonly work: readonly Work[];
  /** The people's minutes before each minute. */
  private readonly had: Int32Array;
  /** Work by its earliest start, the latest first, and by its latest end. Kept from look to look: little changes between. */
  private readonly byLow: Int32Array;
  private readonly byEnd: Int32Array;
  private readonly size: Int32Array;
  /** By the earliest start: it, the latest end, the size, and the people's minutes before it. */
  private readonly lows0: Int32Array;
  private readonly ends0: Int32Array;
  private readonly sizes0: Int32Array;
  private readonly had0: Int32Array;
  private readonly sooner: Int32Array;
  private readonly lasts: Int32Array;
  /** The most people that one piece of work takes. */
  private readonly people: number;
  /** The largest first. */
  private readonly bySize: number[];
  /** The most that one piece of work takes. */
  private readonly most: number;
  private readonly lows: Int32Array;
  private readonly ends: Int32Array;

  constructor(trail: Trail, work: readonly Work[], free: readonly (readonly [number, number])[], until: number) {
    this.trail = trail;
    this.work = work;
    const turns = new Int32Array(until + 3);
    const put = (at: number, by: number) => {
      const i = Math.min(Math.max(at, 0), until + 1);
      turns[i] = turns[i]! + by;
    };
    for (const [from, to] of free) {
      put(from, 1);
      put(to, -1);
    }
    this.had = new Int32Array(until + 3);
    for (let t = 0, now = 0; t < until + 2; t++) {
      now += turns[t]!;
      this.had[t + 1] = this.had[t]! + now;
    }
    this.byLow = Int32Array.from(work, (_, i) => i);
    this.byEnd = this.byLow.slice();
    this.size = Int32Array.from(work, (w) => w.minutes * w.people);
    this.bySize = [...this.byLow].sort((a, b) => this.size[b]! - this.size[a]!);
    this.most = Math.max(0, ...this.size);
    this.lows = new Int32Array(work.length);
    this.ends = new Int32Array(work.length);
    this.lows0 = new Int32Array(work.length);
    this.ends0 = new Int32Array(work.length);
    this.sizes0 = new Int32Array(work.length);
    this.had0 = new Int32Array(work.length);
    this.sooner = new Int32Array(work.length);
    this.lasts = new Int32Array(work.length);
    this.people = Math.max(1, ...work.map((w) => w.people));
    this.weight = 2 + work.length ** 2 / 250;
    this.wakes = work.flatMap((w) => [atLeast(w.start), atMost(w.start)]);
  }

  private hadBy(minute: number): number {
    return this.had[Math.min(Math.max(minute, 0), this.had.length - 1)]!;
  }

  look(): boolean {
    this.draw();
    const { byEnd, ends, ends0, sizes0, had0, lows0, most, sooner, lasts } = this;
    const count = byEnd.length;
    for (let e = 0; e < count; e++) {
      const to = ends[byEnd[e]!]!;
      if (e + 1 < count && ends[byEnd[e + 1]!] === to) continue;
      // Of what begins sooner than each and ends in time: the largest, and the latest end.
      for (let k = count - 1, largest = 0, last = 0; k >= 0; k--) {
        sooner[k] = largest;
        lasts[k] = last;
        if (ends0[k]! > to) continue;
        if (sizes0[k]! > largest) largest = sizes0[k]!;
        if (ends0[k]! > last) last = ends0[k]!;
      }
      let left = this.hadBy(to);
      // The most that one which may end too late can still take before then.
      let later = 0;
      for (let k = 0; k < count; k++) {
        const size = sizes0[k]!;
        const from = lows0[k]!;
        if (ends0[k]! > to) {
          later = Math.max(later, Math.min(size, (to - from) * this.people));
          continue;
        }
        left -= size;
        const spare = left - had0[k]!;
        if (spare >= most) continue;
        if (spare < 0) return this.trail.refuse(this.inside(from, to, -spare - 1));
        const crowded = later > spare || (sooner[k]! > spare && (lasts[k]! - from) * this.people > spare);
        if (crowded && !this.crowd(from, to, spare)) return false;
      }
    }
    return true;
  }

  /** Reads the bounds of now, and lays them side by side in the order in which they are gone through. */
  private draw(): void {
    const { trail, work, lows, ends, byLow, byEnd } = this;
    for (let i = 0; i < work.length; i++) {
      const { start, minutes } = work[i]!;
      lows[i] = trail.low(start);
      ends[i] = trail.high(start) + minutes;
    }
    sortBy(byLow, lows, -1);
    sortBy(byEnd, ends, 1);
    for (let k = 0; k < byLow.length; k++) {
      const i = byLow[k]!;
      this.lows0[k] = lows[i]!;
      this.ends0[k] = ends[i]!;
      this.sizes0[k] = this.size[i]!;
      this.had0[k] = this.hadBy(lows[i]!);
    }
  }

  /** Work that lies wholly between two minutes, as claims; so much of it may be left out, the largest first. */
  private inside(from: number, to: number, spare: number): number[] {
    const claims: number[] = [];
    let left = spare;
    for (const i of this.bySize) {
      if (this.lows[i]! < from || this.ends[i]! > to) continue;
      const { start, minutes, people } = this.work[i]!;
      if (minutes * people <= left) left -= minutes * people;
      else claims.push(atLeast(start), from, atMost(start), minutes - to);
    }
    return claims;
  }

  /** So few minutes are left between these two: what does not fit into them reaches past, or begins before. */
  private crowd(from: number, to: number, left: number): boolean {
    const { trail, work, lows, ends } = this;
    let inside: number[] | null = null;
    for (let i = 0; i < work.length; i++) {
      const { start, minutes, people } = work[i]!;
      const own = lows[i]! >= from && ends[i]! <= to;
      if (own || minutes * people <= left) continue;
      const most = Math.floor(left / people);
      if (lows[i]! >= from && lows[i]! < to - most) {
        inside ??= this.inside(from, to, 0);
        if (!trail.raiseTold(atLeast(start), to - most, [...inside, atLeast(start), from])) return false;
      } else if (ends[i]! <= to && ends[i]! > from + most) {
        inside ??= this.inside(from, to, 0);
        const claims = [...inside, atMost(start), minutes - to];
        if (!trail.raiseTold(atMost(start), minutes - from - most, claims)) return false;
      }
    }
    return true;
  }
}

/** Puts a list that is nearly in order into order. */
function sortBy(list: Int32Array, key: Int32Array, sign: 1 | -1): void {
  for (let k = 1; k < list.length; k++) {
    const i = list[k]!;
    const of = sign * key[i]!;
    let at = k;
    for (; at > 0 && sign * key[list[at - 1]!]! > of; at--) list[at] = list[at - 1]!;
    list[at] = i;
  }
}
