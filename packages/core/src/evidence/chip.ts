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

/** Varnish is a film of oil: waterborne paint lies on it, holds and lets go as on any other. */
const liesOnOil = ({ top, under }: StackKind): boolean =>
  under.includes('older-oil') && top !== 'bare' && SEEN_AS[top] === 'waterborne';
const asOil = (layers: readonly ChipLayer[]) => layers.map((layer) => (layer === 'clear' ? 'oil' : layer));

/** What lies next under a waterborne top, where oil lies under it at all: straight on it, or with a primer between. */
function nextRead({ top }: StackKind, next: ChipLayer | undefined): number {
  if (!next) return 1;
  const row = STRAIGHT_ON_OIL[top === 'waterborne-over-oil' ? 'straight' : 'primed'];
  return row[next === 'oil' || next === 'primer' ? next : 'other'];
}

function chipOn(stack: StackKind, shown: readonly ChipLayer[]): number {
  const [first = 'unknown', ...seen] = runs(shown);
  const onOil = liesOnOil(stack);
  const rest = onOil ? asOil(seen) : seen;
  const lower = new Set(rest.filter((layer) => layer !== 'unknown' && layer !== 'paper' && layer !== first));
  const expected = new Set(stack.under.map((layer) => SEEN_AS[layer]).filter((layer) => layer !== first));
  let chance = topRead(stack.top, first) * (onOil ? nextRead(stack, rest[0]) : 1);
  // A chip that names the top alone says nothing of what is under it: nobody dug deeper.
  if (rest.length === 0) return chance;
  for (const layer of expected) {
    const shows = CHIP_READ.seen[layer === 'primer' ? 'primer' : 'paint'];
    chance *= lower.delete(layer) ? shows : 1 - shows;
  }
  return chance * CHIP_READ.imagined ** lower.size;
}

/** What lies on paper, down to it: what the paper hangs on is of another wall. */
function onThePaper(shown: readonly ChipLayer[]): readonly ChipLayer[] {
  const paper = shown.indexOf('paper');
  return paper < 0 ? shown : shown.slice(0, paper + 1);
}

/** How often each stack shows such a chip. */
export const chipLikelihood = (shown: readonly ChipLayer[]): Vector => {
  const seen = onThePaper(shown);
  return overStacks((stack) => chipOn(stack, seen));
};
