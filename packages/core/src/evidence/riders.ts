import { FINISHES } from '../vocabulary/index.ts';
import type { House, Member } from './house.ts';
import { normal, times, type Vector } from './odds.ts';
import { TOP_OF, topsOf } from './stackSpace.ts';
import { follows, heardFrom, messageTo, type Node } from './tree.ts';
import { leastLoss, pricesFor, type Prices } from './treatment.ts';

/** The odds of a surface's stacks, with everything known. */
export const stacksAt = (at: Node) => normal(times(at.told, at.said));
/** And of its films. */
export const filmsAt = (at: Node) => topsOf(stacksAt(at));
/** What is expected to be lost on it per m², as things stand. */
export const lossNow = (at: Node, prices: Prices) => leastLoss(filmsAt(at), prices);

/**
 * A surface whose treatment rides on a test of another under the same hidden stack, laid out for the thousands of times
 * it is asked. Its films, were the parent believed to be `b`, are Σ of followed·b under each top, and own·Σ(b·strays):
 * linear in b, so that only sums are left to take.
 */
export interface Rider {
  areaM2: number;
  /** What a wrong treatment of it costs. */
  prices: Prices;
  /** What is expected to be lost on it as things stand, per m². */
  loss: number;
  /** Over stacks of the parent. */
  strays: Float64Array;
  followed: Float64Array;
  /** Over finishes. */
  own: Float64Array;
}

function riderOf(node: Node, areaM2: number, prices: Prices): Rider {
  const { followed, tops } = heardFrom(node, node.said);
  return {
    areaM2,
    prices,
    loss: lossNow(node, prices),
    strays: Float64Array.from(node.message, (m, i) => (1 - follows(node, TOP_OF[i]!)) / m),
    followed: followed.map((x, i) => x / node.message[i]!),
    own: Float64Array.from(tops, (x, top) => x * node.own[top]!),
  };
}

const sameFigures = (a: Float64Array, b: Float64Array) => a.every((x, i) => x === b[i]);
const alike = (a: Rider, b: Rider) =>
  a.prices === b.prices &&
  a.loss === b.loss &&
  sameFigures(a.own, b.own) &&
  sameFigures(a.followed, b.followed) &&
  sameFigures(a.strays, b.strays);

/** Surfaces that would hear the same alike: most untested ones of a campaign. Reckoned as one, of all their sizes. */
export interface Riders extends Rider {
  of: Map<Node, number>;
}

/** The surfaces under each hidden stack whose treatment is not settled, so that a test beside them could save something. */
export function ridersUnder(house: House, areas: (m: Member) => number): Map<Node, Riders[]> {
  const under = new Map<Node, Riders[]>();
  for (const member of house.members) {
    const node = house.nodes.get(member.id)!;
    const area = areas(member);
    if (!node.parent || area <= 0) continue;
    const list = under.get(node.parent) ?? [];
    under.set(node.parent, list);
    const rider = riderOf(node, area, pricesFor(member.surface));
    const known = list.find((one) => alike(one, rider));
    if (!known) list.push({ ...rider, of: new Map([[node, area]]) });
    else {
      known.areaM2 += area;
      known.of.set(node, area);
    }
  }
  return under;
}

/** Less than this to lose, in minor units, and nobody tests for it. */
const WORTH_HEARING = 65;

/** Those that would hear of a test made on one surface: all under the same hidden stack but itself. */
export const besides = (all: readonly Riders[], at: Node): Rider[] =>
  all.flatMap((riders) => {
    const areaM2 = riders.areaM2 - (riders.of.get(at) ?? 0);
    return riders.loss * areaM2 > WORTH_HEARING ? [{ ...riders, areaM2 }] : [];
  });

const scratch = new Float64Array(FINISHES.length);

/** What a test's outcome leaves to lose on the others, were it heard by them. */
export function lossHeard(at: Node, riders: readonly Rider[], outcome: Vector): number {
  const heard = messageTo(at, times(at.said, outcome));
  const parent = at.parent!;
  const belief = new Float64Array(heard.length);
  for (let i = 0; i < belief.length; i++)
    belief[i] = ((parent.told[i]! * parent.said[i]!) / at.message[i]!) * heard[i]!;
  let loss = 0;
  for (const { strays, followed, own, areaM2, prices } of riders) {
    let told = 0;
    scratch.fill(0);
    for (let i = 0; i < belief.length; i++) {
      told += belief[i]! * strays[i]!;
      scratch[TOP_OF[i]!]! += belief[i]! * followed[i]!;
    }
    let total = 0;
    for (let top = 0; top < scratch.length; top++) total += scratch[top]! += told * own[top]!;
    loss += (leastLoss(scratch, prices) / total) * areaM2;
  }
  return loss;
}
