import { Why, type Side, type Trail } from './trail.ts';

/** Claims of which never all hold: side, value, side, value. The first two are watched. */
interface Nogood {
  claims: Int32Array;
  /** How many levels of choices it was learnt across: the fewer, the more it is worth. */
  spread: number;
  used: number;
}

/** What has been learnt from contradictions, each told again as soon as all but one of its claims hold. */
export class Nogoods {
  private readonly trail: Trail;
  private readonly all: (Nogood | null)[] = [];
  /** By side: value and nogood, of claims that were not true when they were last looked at. */
  private readonly watched: number[][];
  count = 0;

  constructor(trail: Trail) {
    this.trail = trail;
    this.watched = Array.from(trail.bound, () => []);
  }

  private holds(claims: Int32Array, at: number): boolean {
    return this.trail.bound[claims[at]!]! >= claims[at + 1]!;
  }

  /** The claims of a nogood but the one that it denies. */
  othersOf(id: number, denied: Side, into: number[]): void {
    const { claims } = this.all[id]!;
    for (let at = 0; at < claims.length; at += 2) {
      if (claims[at] === (denied ^ 1)) continue;
      into.push(claims[at]!, claims[at + 1]!);
    }
  }

  /** Learns that these never hold together; the first is denied at once, the second is the one that fell last before. */
  learn(list: readonly number[], spread: number): boolean {
    const claims = Int32Array.from(list);
    const side = claims[0]!;
    const value = claims[1]!;
    // A single claim needs no watching: it is denied at the beginning and never comes back.
    if (claims.length === 2) return this.trail.raiseTold(side ^ 1, 1 - value, []);
    const id = this.all.length;
    this.all.push({ claims, spread, used: id });
    this.count++;
    this.watch(claims, 0, id);
    this.watch(claims, 2, id);
    return this.trail.raise(side ^ 1, 1 - value, Why.Learnt, id);
  }

  private watch(claims: Int32Array, at: number, id: number): void {
    this.watched[claims[at]!]!.push(claims[at + 1]!, id);
  }

  /** Looks at everything that watches a side whose bound rose; false on a contradiction. */
  risen(side: Side): boolean {
    const list = this.watched[side]!;
    const bound = this.trail.bound[side]!;
    let keep = 0;
    for (let i = 0; i < list.length; i += 2) {
      const value = list[i]!;
      const id = list[i + 1]!;
      const nogood = this.all[id];
      if (!nogood) continue;
      if (value > bound) {
        list[keep++] = value;
        list[keep++] = id;
        continue;
      }
      const fate = this.look(nogood, side, id);
      if (fate === MOVED) continue;
      list[keep++] = value;
      list[keep++] = id;
      if (fate === REFUSED) {
        for (let k = i + 2; k < list.length; k++) list[keep++] = list[k]!;
        list.length = keep;
        return false;
      }
    }
    list.length = keep;
    return true;
  }

  /** A watched claim has come true: another is watched, or the last one left is denied. */
  private look(nogood: Nogood, side: Side, id: number): number {
    const { claims } = nogood;
    if (claims[0] === side) swap(claims, 0, 2);
    // Denied already: it cannot be told again.
    if (this.trail.bound[claims[0]! ^ 1]! >= 1 - claims[1]!) return STAYS;
    for (let at = 4; at < claims.length; at += 2) {
      if (this.holds(claims, at)) continue;
      swap(claims, 2, at);
      this.watch(claims, 2, id);
      return MOVED;
    }
    nogood.used = this.all.length;
    return this.trail.raise(claims[0]! ^ 1, 1 - claims[1]!, Why.Learnt, id) ? STAYS : REFUSED;
  }

  /** Forgets the half that spans most choices and was of least use; what gives a reason on the trail stays. */
  forget(): void {
    const busy = new Set<number>();
    for (let i = 0; i < this.trail.length; i++) if (this.trail.kindAt(i) === Why.Learnt) busy.add(this.trail.refAt(i));
    const ids = this.all.flatMap((n, id) => (n && n.spread > 2 && !busy.has(id) ? [id] : []));
    ids.sort((a, b) => this.all[b]!.spread - this.all[a]!.spread || this.all[a]!.used - this.all[b]!.used);
    for (const id of ids.slice(0, ids.length >> 1)) {
      this.all[id] = null;
      this.count--;
    }
  }
}

const MOVED = 0;
const STAYS = 1;
const REFUSED = 2;

function swap(claims: Int32Array, a: number, b: number): void {
  const side = claims[a]!;
  const value = claims[a + 1]!;
  claims[a] = claims[b]!;
  claims[a + 1] = claims[b + 1]!;
  claims[b] = side;
  claims[b + 1] = value;
}
