import { FINISHES, type Finish } from '../vocabulary/index.ts';
import { UNDER_LAYERS, UNDER_ROWS, type UnderLayer } from './knowledge/layers.ts';
import type { BondState, LiesOn } from './knowledge/bonds.ts';
import { capped, type Vector } from './odds.ts';

/** Where the weakest bond of a stack lies: under the top film, or under everything. */
export type BondDepth = 'top' | 'ground';

/** What may lie at a place, from the top down, and the weakest bond in it. */
export interface StackKind {
  top: Finish;
  /** What lies under the top film, from the top down; primer last. */
  under: readonly UnderLayer[];
  bond: BondState;
  /** Which bond that is; null where all are sound. */
  depth: BondDepth | null;
}

const layersPossible = (top: Finish) =>
  UNDER_LAYERS.filter((layer) => UNDER_ROWS.some((row) => row.layer === layer && row.tops.includes(top)));
/** What the name says lies under it always. */
const ALWAYS: Partial<Readonly<Record<Finish, UnderLayer>>> = { 'waterborne-over-oil': 'older-oil' };

/** More paints than so under the top one are told apart by nobody. */
const MOST_PAINTS = 2;

const setsUnder = (top: Finish): UnderLayer[][] =>
  layersPossible(top)
    .reduce<UnderLayer[][]>(
      (sets, layer) =>
        ALWAYS[top] === layer ? sets.map((set) => [...set, layer]) : sets.flatMap((set) => [[...set, layer], set]),
      [[]],
    )
    .filter((set) => set.filter((layer) => layer !== 'primer').length <= MOST_PAINTS);

const SOUND: readonly (readonly [BondState, BondDepth | null])[] = [['sound', null]];
const AT_GROUND: typeof SOUND = [
  ['weak', 'ground'],
  ['gone', 'ground'],
];
const AT_TOP: typeof SOUND = [
  ['weak', 'top'],
  ['gone', 'top'],
];

/** The films of one order of layers, whatever its bonds. */
export const LAYER_SETS: readonly { top: Finish; under: readonly UnderLayer[] }[] = FINISHES.flatMap((top) =>
  setsUnder(top).map((under) => ({ top, under })),
);

const STACKS_OF_SETS = LAYER_SETS.map(({ top, under }): StackKind[] =>
  [...SOUND, ...(top === 'bare' ? [] : AT_GROUND), ...(under.length ? AT_TOP : [])].map(([bond, depth]) => ({
    top,
    under,
    bond,
    depth,
  })),
);

/** Every stack there may be: what the odds of a surface run over. */
export const STACKS: readonly StackKind[] = STACKS_OF_SETS.flat();

/** Says nothing of any stack: a likelihood. */
export const SAYS_NOTHING: Vector = STACKS.map(() => 1);

/** Of each stack: its top finish, as an index into FINISHES, and its order of layers, as one into LAYER_SETS. */
export const TOP_OF = Uint8Array.from(STACKS, (stack) => FINISHES.indexOf(stack.top));
export const SET_OF = Uint8Array.from(STACKS_OF_SETS.flatMap((stacks, set) => stacks.map(() => set)));

/** What the top film lies on. */
export const topLiesOn = ({ under }: Pick<StackKind, 'under'>): LiesOn => under[0] ?? 'ground';

/** A vector over stacks, read stack by stack. */
export const overStacks = (f: (stack: StackKind, i: number) => number): number[] => STACKS.map(f);

/** A vector over finishes as one over stacks: each by its top. */
export const byItsTop = (finishes: Vector): number[] => STACKS.map((_, i) => finishes[TOP_OF[i]!]!);

/** Shares of stacks gathered by their tops, in the order of FINISHES. */
export function topsOf(stacks: Vector): number[] {
  const tops = FINISHES.map(() => 0);
  for (let i = 0; i < stacks.length; i++) tops[TOP_OF[i]!]! += stacks[i]!;
  return tops;
}

/** Shares of stacks gathered by their layers, in the order of LAYER_SETS. */
export function setsOf(stacks: Vector): number[] {
  const sets = LAYER_SETS.map(() => 0);
  for (let i = 0; i < stacks.length; i++) sets[SET_OF[i]!]! += stacks[i]!;
  return sets;
}

/** Odds over stacks whose films none stand above the ceiling. */
export function cappedTops(stacks: Vector, ceiling: number): Vector {
  const tops = topsOf(stacks);
  const under = capped(tops, ceiling);
  return under === tops ? stacks : stacks.map((x, i) => (x ? (x * under[TOP_OF[i]!]!) / tops[TOP_OF[i]!]! : 0));
}
