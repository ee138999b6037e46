import { FINISHES } from '../vocabulary/index.ts';
import { ceilingOf } from './likelihood.ts';
import type { House } from './house.ts';
import { follows, heardFrom, type Node } from './tree.ts';
import { normal, times, topOf } from './odds.ts';
import { TOP_OF, topsOf } from './stackSpace.ts';

/**
 * A house as it can be drawn from: each hidden or real finish after the one it hangs on, with the odds of what it is
 * for each thing that the one above may be. Plain figures, so that a worker can be handed them.
 */
export interface JointNode {
  /** Which node it hangs on, by index; −1 where on none. Nodes come after what they hang on. */
  on: number;
  /** Odds over FINISHES: one row where it hangs on nothing, else a row for each finish of the one above. */
  rows: number[][];
  /** A surface's own: it may not stand above what its tests have earned. */
  ceiling: { top: number; turns: number } | null;
}

/** The joint odds of a house, and which node is which member. */
export interface JointOdds {
  nodes: JointNode[];
  memberAt: Record<string, number>;
}

/**
 * P(film of the child | film of its parent), stacks summed out: over the parent's stacks as everything but this child
 * has them, what a child that follows carries, and what one carries that does not.
 */
function rowsUnder(child: Node): number[][] {
  const parent = child.parent!;
  const { followed, tops } = heardFrom(child, child.said);
  const rows = FINISHES.map(() => FINISHES.map(() => 1e-300));
  for (let i = 0; i < followed.length; i++) {
    const top = TOP_OF[i]!;
    const elsewhere = (parent.told[i]! * parent.said[i]!) / child.message[i]!;
    if (!elsewhere) continue;
    const row = rows[top]!;
    row[top]! += elsewhere * followed[i]!;
    for (let f = 0; f < row.length; f++) row[f]! += elsewhere * (1 - follows(child, top)) * child.own[f]! * tops[f]!;
  }
  return rows.map(normal);
}

/**
 * The odds of all members together, with what they share: to draw a finish for each from them is to draw a house as it
 * may well be, campaigns together. The odds of each by itself are those of `posteriorIn`, ceiling and all.
 */
export function jointOdds(house: House): JointOdds {
  const nodes: JointNode[] = [];
  const at = new Map<Node, number>();
  const member = new Map([...house.nodes].map(([id, node]) => [node, id]));
  const tested = house.members.filter((m) => m.tests.length > 0);
  const place = (node: Node): number => {
    const known = at.get(node);
    if (known !== undefined) return known;
    const on = node.parent ? place(node.parent) : -1;
    const odds = normal(topsOf(times(node.told, node.said)));
    const id = member.get(node);
    const asked = id === undefined ? null : house.members.find((m) => m.id === id)!;
    const index = nodes.push({
      on,
      rows: node.parent ? rowsUnder(node) : [odds],
      ceiling: asked
        ? ceilingOn(
            odds,
            ceilingOf(
              asked.tests,
              tested.some((m) => m !== asked),
            ),
          )
        : null,
    });
    at.set(node, index - 1);
    return index - 1;
  };
  const memberAt = Object.fromEntries(house.members.map((m) => [m.id, place(house.nodes.get(m.id)!)]));
  return { nodes, memberAt };
}

/** How often a leading finish that stands too high is turned into one of the others. */
function ceilingOn(odds: readonly number[], ceiling: number): JointNode['ceiling'] {
  const top = topOf(odds);
  return odds[top]! > ceiling ? { top, turns: 1 - ceiling / odds[top]! } : null;
}

/** Draws by odds: the index that `u`, from 0 up to 1, falls on; `but` is left out, and its share with it. */
export function drawFrom(row: readonly number[], u: number, but = -1): number {
  let left = but < 0 ? u : u * (1 - row[but]!);
  for (let i = 0; i < row.length; i++) {
    if (i === but) continue;
    left -= row[i]!;
    if (left < 0) return i;
  }
  return but === row.length - 1 ? row.length - 2 : row.length - 1;
}

/**
 * Draws one house: an index into FINISHES for each node, into `drawn`. `random` gives numbers from 0 up to 1. A node
 * under a ceiling is turned only for itself: what hangs on it, and what it hangs on, is drawn by the evidence.
 */
export function drawHouse(nodes: readonly JointNode[], random: () => number, drawn: Uint8Array): void {
  nodes.forEach((node, n) => {
    const row = node.rows[node.on < 0 ? 0 : drawn[node.on]!]!;
    let f = drawFrom(row, random());
    if (node.ceiling && f === node.ceiling.top && random() < node.ceiling.turns) f = drawFrom(row, random(), f);
    drawn[n] = f;
  });
}
