import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { groundOf } from './facts.ts';
import { stacksGiven } from './given.ts';
import { normal, times } from './odds.ts';
import { surfaceLikelihood } from './places.ts';
import { housePrior, lookLikelihood, seenToHold } from './prior.ts';
import { byItsTop } from './stackSpace.ts';
import { flow, node, over, SHARED, type Node } from './tree.ts';

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

/** A house read: each member's node, with all evidence carried up and down the tree. */
export interface House {
  members: readonly Member[];
  nodes: ReadonlyMap<string, Node>;
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

/**
 * Reads a house whole. Evidence flows along campaigns and along the house's habits by element, both ways and
 * exactly: the hidden finishes are summed out over a tree, so nothing is counted twice.
 */
export function readHouse(members: readonly Member[]): House {
  const nodes = new Map(
    members.map((m) => {
      const prior = housePrior(m.surface);
      const look = times(byItsTop(lookLikelihood(m.surface, prior, m.tests)), seenToHold(m.surface));
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
  roots.forEach(flow);
  return { members, nodes };
}

/** The odds of one member's stacks with everything known in the house, before any ceiling. */
export function oddsIn(house: House, id: string): number[] {
  const at = house.nodes.get(id)!;
  return normal(times(at.told, at.said));
}
