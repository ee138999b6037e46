import type { ChipLayer, Finish } from '../vocabulary/index.ts';
import { CHIP_READ, SEEN_AS, STRAIGHT_ON_OIL } from './knowledge/chips.ts';
import { overStacks, type StackKind } from './stackSpace.ts';
import type { Vector } from './odds.ts';

/** Runs of one kind are one layer. */
const runs = (layers: readonly ChipLayer[]) => layers.filter((layer, i) => layer !== layers[i - 1]);

function topRead(top: Finish, shown: ChipLayer): number {
  if (shown === 'unknown') return 1;
  if (top === 'bare') return shown === 'paper' ? CHIP_READ.top : CHIP_READ.otherTop;
  return SEEN_AS[top] === shown ? CHIP_READ.top : CHIP_READ.otherTop;
}

/** What lies next under a waterborne top, where oil lies under it at all: straight on it, or with a primer between. */
function nextRead({ top, under }: StackKind, next: ChipLayer | undefined): number {
  if (!under.includes('older-oil') || SEEN_AS[top as Exclude<Finish, 'bare'>] !== 'waterborne' || !next) return 1;
  const row = STRAIGHT_ON_OIL[top === 'waterborne-over-oil' ? 'straight' : 'primed'];
  return row[next === 'oil' || next === 'primer' ? next : 'other'];
}

function chipOn(stack: StackKind, shown: readonly ChipLayer[]): number {
  const [first = 'unknown', ...rest] = runs(shown);
  const lower = new Set(rest.filter((layer) => layer !== 'unknown' && layer !== 'paper' && layer !== first));
  const expected = new Set(stack.under.map((layer) => SEEN_AS[layer]).filter((layer) => layer !== first));
  let chance = topRead(stack.top, first) * nextRead(stack, rest[0]);
  // A chip that names the top alone says nothing of what is under it: nobody dug deeper.
  if (rest.length === 0) return chance;
  for (const layer of expected) {
    const seen = CHIP_READ.seen[layer === 'primer' ? 'primer' : 'paint'];
    chance *= lower.delete(layer) ? seen : 1 - seen;
  }
  return chance * CHIP_READ.imagined ** lower.size;
}

/** How often each stack shows such a chip. */
export const chipLikelihood = (shown: readonly ChipLayer[]): Vector => overStacks((stack) => chipOn(stack, shown));
