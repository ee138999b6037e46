import type { StackKind } from '../evidence/stackSpace.ts';
import { faultsOf } from '../failure/faults.ts';
import { FAULT_ROWS, type FaultPlace } from '../failure/knowledge/faultRows.ts';
import type { Step } from '../model/step.ts';
import { sectionOf, type Layer } from '../systems/section.ts';
import type { Fault } from '../vocabulary/index.ts';
import { drawnBy } from './byLot.ts';
import { caseLying } from './chosen.ts';
import type { PracticeRoom, PracticeSurface } from './room.ts';

/** Something that came after the room was painted. */
export interface CameLater {
  fault: Fault;
  /** Where in the stack it sits. */
  where: FaultPlace;
  /** ISO 8601 duration after which it showed. */
  by: string;
  because: string;
}

/** A surface as it was left: what lay there, what was laid on it, and what came of it. */
export interface Afterwards {
  layers: Layer[];
  came: CameLater[];
}

/** More than these nobody reads: the dearest come first. */
const MOST = 3;

/**
 * Time played forward: the system that somebody chose, on what really lies there, by the account of how films fail. Which faults come is drawn by their chances; the same room answers the same each time.
 */
export function playedForward({ plan, seed }: PracticeRoom, one: PracticeSurface, steps: readonly Step[]): Afterwards {
  const { id, lies } = one;
  const truth = caseLying(one);
  const came = faultsOf(truth, steps)
    .filter(({ fault, odds }) => drawnBy(plan, seed, 'comes', id, fault) < odds)
    .slice(0, MOST)
    .map(({ fault, by, because }) => ({ fault, where: FAULT_ROWS[fault].place, by, because }));
  const drawn = sectionOf(truth, steps, () => null, new Set());
  return { layers: asItLies(drawn, lies), came };
}

/** The section as it really is: nothing in it is inferred, and the bond that is weak is drawn where it lies. */
function asItLies(layers: readonly Layer[], { bond, depth }: StackKind): Layer[] {
  const old = layers.filter((layer) => layer.role === 'film' && layer.stepId === null);
  const loose = depth === 'ground' ? old[0] : depth === 'top' ? old.at(-1) : undefined;
  return layers.map((layer) => {
    if (layer.stepId !== null) return { ...layer, standing: 'laid' };
    if (layer.role !== 'film') return layer;
    return { ...layer, detail: '', standing: 'found', bond: layer === loose ? bond : null };
  });
}
