import type { SurfaceFacts } from '../model/surface.ts';
import type { Finish } from '../vocabulary/index.ts';
import { UNDER_LAYERS, type UnderLayer } from './knowledge/layers.ts';
import { LAYER_SETS, setsOf } from './stackSpace.ts';
import type { Vector } from './odds.ts';

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

const WORTH_LISTING = 0.01;

/** The ways the layers may lie, whatever their bonds, most likely first. Of new ground there is nothing to say. */
export function layerStacks(surface: SurfaceFacts, lies: Vector): Stack[] {
  if (surface.isNew === true) return [];
  const shares = setsOf(lies);
  return LAYER_SETS.map(({ top, under }, set): Stack => ({ top, under, probability: shares[set]! }))
    .filter((s) => s.probability >= WORTH_LISTING)
    .sort((a, b) => b.probability - a.probability);
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
