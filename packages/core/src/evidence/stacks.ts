import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { FINISHES, type ChipLayer, type Finish } from '../vocabulary/index.ts';
import { UNDER_LAYERS, UNDER_ROWS, type UnderLayer } from './knowledge/layers.ts';
import type { FinishProbabilities } from './odds.ts';

/** One way the layers may lie: the top finish, and what lies under it from the top down. */
export interface Stack {
  top: Finish;
  under: readonly UnderLayer[];
  probability: number;
}

/** How sure a layer is, over all stacks. */
export interface LayerChance {
  layer: UnderLayer;
  probability: number;
}

/** A test saw a lower layer, or seemed to: how many times likelier that is with one than without. Source: practice. */
const SAW_LOWER = 12;
const SAW_PRIMER = 25;
const SAW_ON_CHIP = 30;
const WORTH_LISTING = 0.02;
const SEEN_AS: Partial<Readonly<Record<ChipLayer, UnderLayer>>> = {
  waterborne: 'older-waterborne',
  oil: 'older-oil',
  clear: 'clear-or-stain',
  distemper: 'distemper',
  primer: 'primer',
};

function chanceOf(layer: UnderLayer, top: Finish, surface: SurfaceFacts): number {
  return UNDER_ROWS.find((row) => row.layer === layer && row.tops.includes(top) && row.when(surface))?.chance ?? 0;
}

/** What the tests saw of the layers below: how much likelier they are under this stack than under a single film. */
function seenUnder(under: readonly UnderLayer[], tests: readonly TestRecord[]): number {
  const paints = under.some((l) => l !== 'primer');
  let factor = 1;
  for (const test of tests) {
    if ((test.kind === 'spirit-rub' && test.result === 'lifts-to-lower-coat') || test.plane === 'between-coats')
      factor *= paints ? SAW_LOWER : 1;
    if (test.plane === 'primer') factor *= under.includes('primer') ? SAW_PRIMER : 1;
    for (const layer of new Set(test.layers?.slice(1))) {
      const seen = SEEN_AS[layer];
      if (seen) factor *= under.includes(seen) ? SAW_ON_CHIP : 1;
    }
  }
  return factor;
}

/** Every set of layers under one top, with its share: each lies there or not by its own chance. */
function under(top: Finish, surface: SurfaceFacts): { layers: UnderLayer[]; share: number }[] {
  return UNDER_LAYERS.reduce<{ layers: UnderLayer[]; share: number }[]>(
    (sets, layer) => {
      const chance = chanceOf(layer, top, surface);
      if (chance === 0) return sets;
      return sets.flatMap((set) => [
        { layers: [...set.layers, layer], share: set.share * chance },
        ...(chance < 1 ? [{ layers: set.layers, share: set.share * (1 - chance) }] : []),
      ]);
    },
    [{ layers: [], share: 1 }],
  );
}

/**
 * The odds over whole stacks of layers, most likely first; they sum to the odds of their tops. What tests saw beneath
 * (a lower coat on the rag, a bond that let go at the primer or between coats) shifts them.
 */
export function layerStacks(surface: SurfaceFacts, tests: readonly TestRecord[], odds: FinishProbabilities): Stack[] {
  if (surface.isNew === true) return [];
  const stacks = FINISHES.flatMap((top) => {
    if (odds[top] < WORTH_LISTING) return [];
    const sets = under(top, surface).map((set) => ({ ...set, share: set.share * seenUnder(set.layers, tests) }));
    const total = sets.reduce((sum, set) => sum + set.share, 0);
    return sets.map((set): Stack => ({ top, under: set.layers, probability: (odds[top] * set.share) / total }));
  });
  return stacks.filter((s) => s.probability >= WORTH_LISTING / 2).sort((a, b) => b.probability - a.probability);
}

/** How likely each layer lies under one top, from the top down, given that it is that top. */
export function layersUnder(stacks: readonly Stack[], top: Finish): LayerChance[] {
  const own = stacks.filter((s) => s.top === top);
  const total = own.reduce((sum, s) => sum + s.probability, 0);
  if (total === 0) return [];
  return UNDER_LAYERS.map((layer) => ({
    layer,
    probability: own.reduce((sum, s) => sum + (s.under.includes(layer) ? s.probability : 0), 0) / total,
  })).filter((l) => l.probability > 0);
}
