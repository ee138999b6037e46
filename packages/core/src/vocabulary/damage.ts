import type { Condition } from './surface.ts';

/** Conditions that have a place: one part of a wall has them, and another has not. */
export const DAMAGE = ['peeling', 'blistering', 'water-stain', 'damp', 'soot', 'mould', 'efflorescence', 'substrate-crack', 'rot'] as const satisfies readonly Condition[];
export type Damage = (typeof DAMAGE)[number];

/** What stands at or behind a wall and may be why. */
export const WALL_FEATURES = ['heater', 'pipe', 'wet-room-behind', 'chimney', 'downpipe'] as const;
export type WallFeature = (typeof WALL_FEATURES)[number];

export const DAMAGE_LABELS: Record<Damage, string> = {
  peeling: 'comes away',
  blistering: 'blisters',
  'water-stain': 'water stain',
  damp: 'damp',
  soot: 'soot',
  mould: 'mould',
  efflorescence: 'salts',
  'substrate-crack': 'crack',
  rot: 'rot',
};
export const FEATURE_LABELS: Record<WallFeature, string> = {
  heater: 'heater',
  pipe: 'pipe',
  'wet-room-behind': 'bathroom behind',
  chimney: 'chimney',
  downpipe: 'downpipe outside',
};

/** What a mark on a place says, in words. */
export const placedWords = (what: Damage | WallFeature): string => ({ ...DAMAGE_LABELS, ...FEATURE_LABELS })[what];
