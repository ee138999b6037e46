import { FINISHES, type Finish } from '../vocabulary/index.ts';
import { BOND_ROWS, type BondRow, type LiesOn } from './knowledge/bonds.ts';
import { UNDER_LAYERS, UNDER_ROWS, type Lain, type UnderLayer } from './knowledge/layers.ts';
import { LAYER_SETS, SET_OF, STACKS, topLiesOn, type StackKind } from './stackSpace.ts';
import type { Vector } from './odds.ts';

function chanceUnder(layer: UnderLayer, top: Finish, surface: Lain): number {
  return UNDER_ROWS.find((row) => row.layer === layer && row.tops.includes(top) && row.when(surface))?.chance ?? 0;
}

/** How often each order of layers lies under its top: each layer lies there or not by its own chance. */
function shareOfSets(surface: Lain): number[] {
  const chances = new Map(
    FINISHES.map((top) => [top, UNDER_LAYERS.map((layer) => [layer, chanceUnder(layer, top, surface)] as const)]),
  );
  const shares = LAYER_SETS.map(({ top, under }) =>
    chances.get(top)!.reduce((share, [layer, chance]) => share * (under.includes(layer) ? chance : 1 - chance), 1),
  );
  const ofTop = (top: Finish) => LAYER_SETS.reduce((sum, set, i) => (set.top === top ? sum + shares[i]! : sum), 0);
  const totals = new Map(FINISHES.map((top) => [top, ofTop(top)]));
  return LAYER_SETS.map(({ top }, i) => shares[i]! / totals.get(top)!);
}

/** The rows of bonds as they hold on one surface, each film on each ground looked up once. */
function bondsOn(surface: Lain): (film: Finish | UnderLayer, on: LiesOn) => BondRow {
  const found = new Map<string, BondRow>();
  return (film, on) => {
    const key = `${film}/${on}`;
    let row = found.get(key);
    if (!row) found.set(key, (row = BOND_ROWS.find((one) => one.when(film, on, surface))!));
    return row;
  };
}

/** How often the weakest bond of these layers is this one, and so weak. */
function shareOfBond({ top, under, bond, depth }: StackKind, rowOf: ReturnType<typeof bondsOn>): number {
  if (top === 'bare') return 1;
  const lowest = under.findLast((layer) => layer !== 'primer') ?? top;
  const below = rowOf(lowest, 'ground');
  const above = under.length ? rowOf(top, topLiesOn({ under })) : null;
  const soundAbove = above ? 1 - above.weak - above.gone : 1;
  if (bond === 'sound') return soundAbove * (1 - below.weak - below.gone);
  // Where both would let go it does so under the top film first.
  return depth === 'top' ? above![bond] : soundAbove * below[bond];
}

/** By what a surface is made of, where it is, and which rows of layers hold on it: some hundreds at the most. */
const known = new Map<string, Vector>();

/** What may lie on such a surface under each top, and how it holds, before anybody looks: for each top the shares sum to 1. */
export function stacksGiven(surface: Lain): Vector {
  let key = `${surface.substrate}/${surface.exposure}/`;
  for (const row of UNDER_ROWS) key += row.when(surface) ? '1' : '0';
  let given = known.get(key);
  if (!given) {
    const shares = shareOfSets(surface);
    const rowOf = bondsOn(surface);
    given = STACKS.map((stack, i) => {
      const share = shares[SET_OF[i]!]!;
      return share && share * shareOfBond(stack, rowOf);
    });
    known.set(key, given);
  }
  return given;
}
