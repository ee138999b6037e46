import type { HoursBy } from '../model/hoursBy.ts';
import type { SurfaceFacts } from '../model/surface.ts';
import { chemistryOf, isCoat, type StepKind } from '../vocabulary/index.ts';
import { TAPE_AFTER_MIN } from '../colourParts/knowledge/taping.ts';
import type { PlanInput } from '../model/planInput.ts';
import { productFor } from '../quantities/estimate.ts';
import { bookedMinutes, minutesOf, turnsOf } from '../quantities/hours.ts';
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
  /** Done on these parts alone, that have colours of their own. */
  parts?: string;
}

/** Not hands-on work: they belong to aftercare. */
const AFTERWARDS: readonly StepKind[] = ['cure-hold', 'revisit'];
/** What is waited for after it; where the same follows in the next place, that is waited for there. */
const ownWait = ({ beside, waitMin = 0 }: Step) => (beside ? 0 : waitMin);
/** How long a coat is left before the line of a part is taped over it, in minutes. */
function beforeTape(step: Step, next: Step | undefined): number {
  return next?.kind === 'mask' && next.parts && step.family ? TAPE_AFTER_MIN[chemistryOf(step.family)] : 0;
}

/** True of a logged step that laid or taped parts in colours of their own, and nothing of the ground. */
export const isOfParts = (stepId: string): boolean => /^r\d/.test(stepId);

const LONG_DAY = 420;

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
  let line = 0;
  return steps.flatMap((step, index): WorkStep[] => {
    // Steps of parts have names of their own: the lines of the system keep theirs when parts come or go.
    const name = step.parts ? `r${step.parts.round}${step.kind === 'mask' ? 'm' : ''}` : `s${++line}`;
    if (AFTERWARDS.includes(step.kind) || Boolean(step.later) !== (visit === 'return')) return [];
    const minutes = bookedMinutes(step, minutesOf(step, surface, by));
    const product = productFor(step, shelf);
    const turns = turnsOf(step);
    return Array.from({ length: turns }, (_, i): WorkStep => ({
      step: index,
      coat: i + 1,
      product,
      ...(step.later ? { atReturn: true } : {}),
      ...(step.parts && step.scope ? { parts: step.scope } : {}),
      plan: {
        id: turns > 1 ? `${name}c${i + 1}` : name,
        kind: step.kind,
        minutes,
        people: 1,
        waitMin: isCoat(step.kind) ? (i === turns - 1 ? beforeTape(step, steps[index + 1]) : 0) : ownWait(step),
        dusty: makesDust(step),
        splittable: minutes > LONG_DAY,
        ...(isCoat(step.kind) && product && !step.beside ? { drying: product.drying } : {}),
      },
    }));
  });
}
