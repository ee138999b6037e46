import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { groundOf } from './facts.ts';
import { isDirty, likelihoodOfAll } from './likelihood.ts';
import { dot, INDEX, normal, ONES, times, type Vector } from './odds.ts';
import { housePrior, lookLikelihood } from './prior.ts';

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
 * A node of the house's tree. A hidden finish stands above those that may share it: the ground's, above the habit of
 * each element, above each campaign, above its surfaces. A child carries its parent's finish with the chance `reach`,
 * else one of its own.
 */
export interface Node {
  /** What it is, before anything is known. */
  prior: Vector;
  /** What it carries where it does not follow its parent. */
  own: Vector;
  reach: number;
  parent: Node | null;
  children: Node[];
  /** What it knows itself: the look, the record and the tests of a surface; nothing for a hidden finish. */
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

const node = (prior: Vector, evidence: Vector, children: Node[] = []): Node => ({
  prior,
  own: prior,
  reach: 0,
  parent: null,
  children,
  evidence,
  said: evidence,
  message: ONES,
  told: prior,
});

/** Bare is seen, and not inherited: a parent that is bare says nothing of its children. */
const BARE = INDEX.bare;
/** How often a child carries what its parent carries, were that the finish at `i`. */
export const follows = ({ reach }: Pick<Node, 'reach'>, i: number): number => (i === BARE ? 0 : reach);

/** What a parent hears: ρ L(h) + (1 − ρ) Σ own L; with ρ = 0 where it is bare. */
export function messageTo(child: Pick<Node, 'reach' | 'own'>, said: Vector): number[] {
  const own = dot(child.own, said);
  return said.map((x, i) => follows(child, i) * x + (1 - follows(child, i)) * own);
}

/** What a child hears of its parent's odds `d`: ρ d(f) + own(f) Σ (1 − ρ) d. */
export function messageFrom(child: Pick<Node, 'reach' | 'own'>, d: Vector): number[] {
  let rest = 0;
  for (let i = 0; i < d.length; i++) rest += (1 - follows(child, i)) * d[i]!;
  return d.map((x, i) => follows(child, i) * x + rest * child.own[i]!);
}

/**
 * Hangs a child under a parent. What it carries of its own is chosen so that, before any evidence, the child's odds
 * stay what they were: to hang a surface in a campaign is no evidence by itself.
 */
function hang(child: Node, parent: Node, reach: number): void {
  child.parent = parent;
  child.reach = reach;
  const left = child.prior.map((x, i) => Math.max(0, x - follows(child, i) * parent.prior[i]!));
  child.own = left.some((x) => x > 0) ? normal(left) : child.prior;
}

const meanPrior = (children: readonly Node[]) =>
  normal(children[0]!.prior.map((_, i) => children.reduce((sum, child) => sum + child.prior[i]!, 0)));

/** A hidden finish over some children. */
function over(children: Node[], reachOf: (child: Node) => number): Node {
  const hidden = node(meanPrior(children), ONES, children);
  for (const child of children) hang(child, hidden, reachOf(child));
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
  const reach = new Map(
    group.map((m) => [
      nodes.get(m.id)!,
      groundOf(m.surface.substrate) !== ground
        ? REACH.campaign.otherGround
        : m.surface.element === leader.surface.element
          ? REACH.campaign.sameElement
          : REACH.campaign.otherElement,
    ]),
  );
  return {
    node: over(
      group.map((m) => nodes.get(m.id)!),
      (child) => reach.get(child)!,
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
  const most = Math.max(...v);
  return v.map((x) => x / most);
}

function spread(at: Node): void {
  for (const child of at.children) {
    // Everything the parent knows but what this child told it.
    const elsewhere = at.told.map((x, i) => (x * at.said[i]!) / child.message[i]!);
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
      const evidence = times(lookLikelihood(m.surface, prior, looked), likelihoodOfAll(m.tests, isDirty(m.surface)));
      return [m.id, node(prior, evidence)];
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
    ),
  }));
  const roots = grouped(habits, (habit) => habit.ground).map((kin) =>
    over(
      kin.map((k) => k.node),
      () => REACH.acrossElements,
    ),
  );
  for (const root of roots) {
    gather(root);
    spread(root);
  }
  return { members, nodes };
}

/** The odds of one member with everything known in the house, before any ceiling. */
export function oddsIn(house: House, id: string): number[] {
  const at = house.nodes.get(id)!;
  return normal(times(at.told, at.said));
}
