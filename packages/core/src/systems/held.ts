import type { Family, StepKind } from '../vocabulary/index.ts';
import { preparationOf, type Preparation } from './knowledge/preparations.ts';
import type { Step } from '../model/step.ts';

/** How often a system of the firm's has come back, against what is typical: 1 as often, 2 twice as often. */
export interface HeldFactor {
  /** The family of its main primer; null where it has none. */
  primer: Family | null;
  finish: Family;
  factor: number;
}

/** What the firm's own record says of how its work has held. */
export interface Held {
  systems: readonly HeldFactor[];
  preparations: readonly { preparation: Preparation; factor: number }[];
}

const MAIN: readonly StepKind[] = ['prime', 'undercoat'];

/** The pair of families by which a system is known in the firm's record of what held. */
export function heldAs(steps: readonly { kind: StepKind; family?: Family | null }[]): {
  primer: Family | null;
  finish: Family | null;
} {
  return {
    primer: steps.find((s) => MAIN.includes(s.kind))?.family ?? null,
    finish: steps.findLast((s) => s.kind === 'finish-coat')?.family ?? null,
  };
}

/** What the firm's own record makes of the typical rate of call-backs of these steps; 1 where it says nothing. */
export function heldFactor(held: Held | undefined, steps: readonly Step[]): number {
  if (!held) return 1;
  const { primer, finish } = heldAs(steps);
  return held.systems.find((h) => h.primer === primer && h.finish === finish)?.factor ?? 1;
}

/** How films of the firm's held that had the preparation of these steps, against what is typical; 1 where its record says nothing. */
export function preparedFactor(held: Held | undefined, steps: readonly Step[]): number {
  const preparation = preparationOf(steps);
  return held?.preparations.find((h) => h.preparation === preparation)?.factor ?? 1;
}
