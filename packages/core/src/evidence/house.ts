import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { FINISHES } from '../vocabulary/index.ts';
import { groundOf } from './facts.ts';
import { stacksGiven } from './given.ts';
import { dot, INDEX, normal, times, type Vector } from './odds.ts';
import { surfaceLikelihood } from './places.ts';
import { housePrior, lookLikelihood } from './prior.ts';
import { byItsTop, LAYER_SETS, SET_OF, STACKS, TOP_OF, topsOf } from './stackSpace.ts';

/** One surface of a house, or one zone of it, with the tests made on it and the campaign it belongs to. */
export interface Member {
  id: string;
  surface: SurfaceFacts;
  tests: readonly TestRecord[];
  /** The name of its campaign (one paint, one season), or null where none is known. */
  campaign: string | null;
}

/**
 * How often a surface carries its campaign's paint, by likeness to the campaign's leading element; how often a
 * surface or a campaign follows the house's habit for its element; and how far habits of one ground lean on each
 * other. Source: practice.
 */
export const REACH = {
  campaign: { sameElement: 0.85, otherElement: 0.75, otherGround: 0.3 },
  habit: 0.5,
  acrossElements: 0.3,
};

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

/** A house read: each member's node, with all evidence carried up and down the tree. */
export interface House {
  members: readonly Member[];
  nodes: ReadonlyMap<string, Node>;
}

/** Says nothing of any stack. */
const ONES: Vector = STACKS.map(() => 1);

const node = (prior: Vector, given: Vector, evidence: Vector, children: Node[] = []): Node => ({
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
  message: ONES,
  told: prior,
});

/** Bare is seen, and not inherited: a parent that is bare says nothing of its children. */
const BARE = INDEX.bare;
/** How often a child carries what its parent carries, were that a stack with the top at `top`. */
export const follows = ({ reach }: Pick<Node, 'reach'>, top: number): number => (top === BARE ? 0 : reach);

/** Shares of stacks gathered by their layers, in the order of LAYER_SETS. */
function setsOf(stacks: Vector): number[] {
  const sets = LAYER_SETS.map(() => 0);
  for (let i = 0; i < stacks.length; i++) sets[SET_OF[i]!]! += stacks[i]!;
  return sets;
}

/** What is heard of a child that follows its parent, stack by stack of the parent; and of one that carries its own. */
export function heardFrom(child: Node, said: Vector): { followed: Float64Array; own: number; tops: number[] } {
  const weighed = times(child.given, said);
  const [sets, tops] = [setsOf(weighed), topsOf(weighed)];
  const { stack, layers } = child.shared;
  const followed = new Float64Array(said.length);
  for (let i = 0; i < said.length; i++) {
    const [top, set] = [TOP_OF[i]!, SET_OF[i]!];
    const share = child.ofSets[set]!;
    // Layers that cannot lie on this ground are not shared: the film is.
    const heard = share
      ? stack * said[i]! + layers * (sets[set]! / share) + (1 - stack - layers) * tops[top]!
      : tops[top]!;
    followed[i] = follows(child, top) * heard;
  }
  return { followed, own: dot(child.own, tops), tops };
}

/** What a parent hears: what the child that follows says, and what one that does not. */
export function messageTo(child: Node, said: Vector): number[] {
  const { followed, own } = heardFrom(child, said);
  const message = new Array<number>(said.length);
  for (let i = 0; i < said.length; i++) message[i] = followed[i]! + (1 - follows(child, TOP_OF[i]!)) * own;
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
function over(children: Node[], reachOf: (child: Node) => number, sharedWith: (child: Node) => Shared): Node {
  const prior = meanPrior(children);
  const hidden = node(prior, givenIn(prior), ONES, children);
  for (const child of children) hang(child, hidden, reachOf(child), sharedWith(child));
  return hidden;
}

/** New and young surfaces share no paint with the rest of the house. */
const standsAlone = ({ surface }: Member) =>
  surface.isNew === true || (surface.isNew === null && (surface.substrateAgeMonths ?? 1000) < 12);

function grouped<T>(list: readonly T[], keyOf: (one: T) => string): T[][] {
  const groups = new Map<string, T[]>();
  for (const one of list) {
    const key = keyOf(one);
    const group = groups.get(key);
    if (group) group.push(one);
    else groups.set(key, [one]);
  }
  return [...groups.values()];
}

interface Kin {
  node: Node;
  element: string;
  ground: string;
}

/** The member whose element most of the campaign shares; the first of them where several do. */
function leaderOf(group: readonly Member[]): Member {
  const byElement = grouped(group, (m) => m.surface.element);
  return byElement.reduce((most, some) => (some.length > most.length ? some : most))[0]!;
}

function overCampaign(group: readonly Member[], nodes: ReadonlyMap<string, Node>): Kin {
  const leader = leaderOf(group);
  const ground = groundOf(leader.surface.substrate);
  const isOther = (m: Member) => groundOf(m.surface.substrate) !== ground;
  const reach = new Map(
    group.map((m) => [
      nodes.get(m.id)!,
      isOther(m)
        ? REACH.campaign.otherGround
        : m.surface.element === leader.surface.element
          ? REACH.campaign.sameElement
          : REACH.campaign.otherElement,
    ]),
  );
  const elsewhere = new Set(group.filter(isOther).map((m) => nodes.get(m.id)!));
  return {
    node: over(
      group.map((m) => nodes.get(m.id)!),
      (child) => reach.get(child)!,
      (child) => (elsewhere.has(child) ? SHARED.otherGround : SHARED.campaign),
    ),
    element: leader.surface.element,
    ground,
  };
}

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

function spread(at: Node): void {
  for (const child of at.children) {
    // Everything the parent knows but what this child told it.
    const elsewhere = times(at.told, at.said);
    for (let i = 0; i < elsewhere.length; i++) elsewhere[i]! /= child.message[i]!;
    child.told = messageFrom(child, normal(elsewhere));
    spread(child);
  }
}

/**
 * Reads a house whole. Evidence flows along campaigns and along the house's habits by element, both ways and
 * exactly: the hidden finishes are summed out over a tree, so nothing is counted twice.
 */
export function readHouse(members: readonly Member[]): House {
  const nodes = new Map(
    members.map((m) => {
      const prior = housePrior(m.surface);
      const looked = m.tests.some((test) => test.kind === 'sheen-look');
      const look = byItsTop(lookLikelihood(m.surface, prior, looked));
      const given = stacksGiven(m.surface);
      const evidence = times(look, surfaceLikelihood(m.surface, m.tests));
      return [m.id, node(times(byItsTop(prior), given), given, evidence)];
    }),
  );
  const shared = members.filter((m) => !standsAlone(m));
  const free: Kin[] = shared
    .filter((m) => m.campaign === null)
    .map((m) => ({ node: nodes.get(m.id)!, element: m.surface.element, ground: groundOf(m.surface.substrate) }));
  const campaigns = grouped(
    shared.filter((m) => m.campaign !== null),
    (m) => m.campaign!,
  ).map((group) => overCampaign(group, nodes));
  const habits = grouped([...free, ...campaigns], (kin) => `${kin.ground}/${kin.element}`).map((kin): Kin => ({
    ...kin[0]!,
    node: over(
      kin.map((k) => k.node),
      () => REACH.habit,
      () => SHARED.habit,
    ),
  }));
  const roots = grouped(habits, (habit) => habit.ground).map((kin) =>
    over(
      kin.map((k) => k.node),
      () => REACH.acrossElements,
      () => SHARED.habit,
    ),
  );
  for (const root of roots) {
    gather(root);
    spread(root);
  }
  return { members, nodes };
}

/** The odds of one member's stacks with everything known in the house, before any ceiling. */
export function oddsIn(house: House, id: string): number[] {
  const at = house.nodes.get(id)!;
  return normal(times(at.told, at.said));
}
