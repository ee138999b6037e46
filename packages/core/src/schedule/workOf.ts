import type { HoursBy } from '../model/hoursBy.ts';
import type { SurfaceFacts } from '../model/surface.ts';
import { isCoat, type StepKind } from '../vocabulary/index.ts';
import type { PlanInput } from '../model/planInput.ts';
import { productFor } from '../quantities/estimate.ts';
import { minutesOf } from '../quantities/hours.ts';
import type { Product } from '../model/product.ts';
import type { Step } from '../model/step.ts';
import { makesDust } from '../systems/knowledge/dustyWork.ts';

export type PlanStep = PlanInput['surfaces'][number]['steps'][number];

/** A plan step with the line of the specification it comes from. */
export interface WorkStep {
  /** Index of the step in the system, and which of its coats, from 1. */
  step: number;
  coat: number;
  plan: PlanStep;
  product: Product | null;
  /** Done at a return visit, and no part of the first. */
  atReturn?: true;
}

/** Not hands-on work: they belong to aftercare. */
const AFTERWARDS: readonly StepKind[] = ['cure-hold', 'revisit'];
const LONG_DAY = 420;
const roundUp = (minutes: number) => Math.max(5, Math.ceil(minutes / 5) * 5);

/**
 * Turns a specification into steps to plan: one for each coat, with hours, waits and drying. Ids are stable: `s4` or `s4c2`.
 * What is done at a return visit is left out, or is all there is where `visit` asks for that.
 */
export function workOf(
  steps: readonly Step[],
  surface: SurfaceFacts,
  shelf: readonly Product[],
  { visit = 'first', by = {} }: { visit?: 'first' | 'return'; by?: HoursBy } = {},
): WorkStep[] {
  return steps.flatMap((step, index): WorkStep[] => {
    if (AFTERWARDS.includes(step.kind) || Boolean(step.later) !== (visit === 'return')) return [];
    const hours = minutesOf(step, surface, by);
    const product = productFor(step, shelf);
    const coats = step.coats ?? 1;
    return Array.from({ length: isCoat(step.kind) ? coats : 1 }, (_, i): WorkStep => {
      const minutes = roundUp(isCoat(step.kind) ? hours / coats : hours);
      return {
        step: index,
        coat: i + 1,
        product,
        ...(step.later ? { atReturn: true } : {}),
        plan: {
          id: isCoat(step.kind) && coats > 1 ? `s${index + 1}c${i + 1}` : `s${index + 1}`,
          kind: step.kind,
          minutes,
          people: 1,
          waitMin: isCoat(step.kind) ? 0 : (step.waitMin ?? 0),
          dusty: makesDust(step),
          splittable: minutes > LONG_DAY,
          ...(isCoat(step.kind) && product ? { drying: product.drying } : {}),
        },
      };
    });
  });
}
