import { FINISHES } from '../vocabulary/index.ts';
import { INDEX, normal, times, type Vector } from './odds.ts';
import { LAYER_SETS, SAYS_NOTHING, SET_OF, setsOf, TOP_OF, topsOf } from './stackSpace.ts';

/**
 * Of those that follow: how many share the whole stack, its bond included; how many the layers, with a bond of their
 * own; the rest share the top film alone. By one brush in one season the preparation was mostly the same. Source: practice.
 */
export const SHARED = {
  campaign: { stack: 0.45, layers: 0.35 },
  habit: { stack: 0.1, layers: 0.4 },
  otherGround: { stack: 0, layers: 0 },
} as const;
type Shared = (typeof SHARED)[keyof typeof SHARED];

/**
 * A node of the house's tree. A hidden stack stands above those that may share it: the ground's, above the habit of
 * each element, above each campaign, above its surfaces. A child carries its parent's film with the chance `reach`,
 * else one of its own.
 */
export interface Node {
  /** What it is, before anything is known: over stacks. */
  prior: Vector;
  /** Under each top, what lies there and how it holds. */
  given: Vector;
  /** Of each order of layers, how much of its top has it. */
  ofSets: Vector;
  /** The film that it carries where it does not follow its parent: over finishes. */
  own: Vector;
  reach: number;
  shared: Shared;
  parent: Node | null;
  children: Node[];
  /** What it knows itself: the look, the record and the tests of a surface; nothing for a hidden stack. */
  evidence: Vector;
  /** Evidence and all that its children say. */
  said: Vector;
  /** What it says to its parent. */
  message: Vector;
  /** Everything known elsewhere, its prior included: its odds are this times `said`. */
  told: Vector;
}

export const node = (prior: Vector, given: Vector, evidence: Vector, children: Node[] = []): Node => ({
  prior,
  given,
  ofSets: setsOf(given),
  own: topsOf(prior),
  reach: 0,
  shared: SHARED.otherGround,
  parent: null,
  children,
  evidence,
  said: evidence,
  message: SAYS_NOTHING,
  told: prior,
});

/** Bare is seen, and not inherited: a parent that is bare says nothing of its children. */
const BARE = INDEX.bare;
/** How often a child carries what its parent carries, were that a stack with the top at `top`. */
export const follows = ({ reach }: Pick<Node, 'reach'>, top: number): number => (top === BARE ? 0 : reach);

/** The top of each order of layers, as an index into FINISHES. */
const TOP_OF_SET = Uint8Array.from(LAYER_SETS, ({ top }) => INDEX[top]);

/** What is heard of a child that follows its parent, stack by stack of the parent; and of one that carries its own. */
export function heardFrom(child: Node, said: Vector): { followed: Float64Array; own: number; tops: Float64Array } {
  const { given, ofSets, own: carries, reach } = child;
  const sets = new Float64Array(LAYER_SETS.length);
  for (let i = 0; i < said.length; i++) sets[SET_OF[i]!]! += given[i]! * said[i]!;
  const tops = new Float64Array(FINISHES.length);
  for (let set = 0; set < sets.length; set++) tops[TOP_OF_SET[set]!]! += sets[set]!;
  // Of each order of layers: what is heard of its film and layers, whatever the bond. Layers that cannot lie on this
  // ground are not shared: the film is.
  const { stack, layers } = child.shared;
  for (let set = 0; set < sets.length; set++) {
    const [share, top] = [ofSets[set]!, tops[TOP_OF_SET[set]!]!];
    sets[set] = share ? layers * (sets[set]! / share) + (1 - stack - layers) * top : top;
  }
  const followed = new Float64Array(said.length);
  for (let i = 0; i < said.length; i++) {
    if (TOP_OF[i] === BARE) continue;
    const set = SET_OF[i]!;
    followed[i] = reach * (ofSets[set] ? stack * said[i]! + sets[set]! : sets[set]!);
  }
  let own = 0;
  for (let top = 0; top < tops.length; top++) own += carries[top]! * tops[top]!;
  return { followed, own, tops };
}

/** What a parent hears: what the child that follows says, and what one that does not. */
export function messageTo(child: Node, said: Vector): number[] {
  const { followed, own } = heardFrom(child, said);
  const carried = (1 - child.reach) * own;
  const message = new Array<number>(said.length);
  for (let i = 0; i < said.length; i++) message[i] = TOP_OF[i] === BARE ? own : followed[i]! + carried;
  return message;
}

/** What a child hears of its parent's odds `d`. */
export function messageFrom(child: Node, d: Vector): number[] {
  const { stack, layers } = child.shared;
  const sets = setsOf(d);
  const tops = new Float64Array(FINISHES.length);
  let rest = 0;
  for (let i = 0; i < d.length; i++) {
    const top = TOP_OF[i]!;
    rest += (1 - follows(child, top)) * d[i]!;
    tops[top]! += (child.ofSets[SET_OF[i]!] ? 1 - stack - layers : 1) * d[i]!;
  }
  const message = new Array<number>(d.length);
  for (let i = 0; i < d.length; i++) {
    const [top, set, given] = [TOP_OF[i]!, SET_OF[i]!, child.given[i]!];
    const followed = given && stack * d[i]! + (layers * sets[set]! * given) / child.ofSets[set]! + tops[top]! * given;
    message[i] = follows(child, top) * followed + child.own[top]! * given * rest;
  }
  return message;
}

/**
 * Hangs a child under a parent. The film that it carries of its own is chosen so that, before any evidence, the odds of
 * its film stay what they were: to hang a surface in a campaign is no evidence by itself.
 */
function hang(child: Node, parent: Node, reach: number, shared: Shared): void {
  child.parent = parent;
  child.reach = reach;
  child.shared = shared;
  const [mine, theirs] = [topsOf(child.prior), topsOf(parent.prior)];
  const left = mine.map((x, i) => Math.max(0, x - follows(child, i) * theirs[i]!));
  child.own = left.some((x) => x > 0) ? normal(left) : mine;
}

const meanPrior = (children: readonly Node[]) =>
  normal(children[0]!.prior.map((_, i) => children.reduce((sum, child) => sum + child.prior[i]!, 0)));

/** Under each top of some odds, what lies there. */
function givenIn(prior: Vector): number[] {
  const tops = topsOf(prior);
  return prior.map((x, i) => (tops[TOP_OF[i]!] ? x / tops[TOP_OF[i]!]! : 0));
}

/** A hidden stack over some children. */
export function over(children: Node[], reachOf: (child: Node) => number, sharedWith: (child: Node) => Shared): Node {
  const prior = meanPrior(children);
  const hidden = node(prior, givenIn(prior), SAYS_NOTHING, children);
  for (const child of children) hang(child, hidden, reachOf(child), sharedWith(child));
  return hidden;
}

/** Carries evidence up from the leaves. */
function gather(at: Node): void {
  for (const child of at.children) {
    gather(child);
    at.said = times(at.said, child.message);
  }
  if (at.parent) at.message = scaled(messageTo(at, at.said));
}

/** Messages matter up to a factor: kept near one, so that a hundred surfaces do not vanish into rounding. */
function scaled(v: number[]): number[] {
  let most = 0;
  for (const x of v) most = Math.max(most, x);
  for (let i = 0; i < v.length; i++) v[i]! /= most;
  return v;
}

/** Carries it down again, to each child what is known elsewhere. */
function spread(at: Node): void {
  for (const child of at.children) {
    // Everything the parent knows but what this child told it.
    const elsewhere = times(at.told, at.said);
    for (let i = 0; i < elsewhere.length; i++) elsewhere[i]! /= child.message[i]!;
    child.told = messageFrom(child, normal(elsewhere));
    spread(child);
  }
}

/** Carries all evidence under a root up and down, so that every node has heard of every other. */
export function flow(root: Node): void {
  gather(root);
  spread(root);
}
