import type { Fault, StepKind } from '../vocabulary/index.ts';
import type { SystemPrice } from '../pricing/price.ts';
import type { Case } from '../systems/case.ts';
import { ifSkipped } from '../systems/consequences.ts';
import type { Step } from '../model/step.ts';

/** What goes wrong if a step is left out: odds 0 to 1, `shows` an ISO 8601 duration, cost in minor units. */
export interface Risk {
  ifSkipped: StepKind;
  fault: Fault;
  text: string;
  odds: number;
  shows: string;
  cost: number;
}

/** One risk for each kind of step in the system that has a known fault, the dearest first. */
export function risksOf(steps: readonly Step[], c: Case, price: SystemPrice): Risk[] {
  const risks = new Map<StepKind, Risk>();
  for (const step of steps) {
    if (risks.has(step.kind)) continue;
    const told = ifSkipped(step, c, price.cost);
    if (!told || told.odds <= 0) continue;
    const { kind, ...rest } = told;
    risks.set(step.kind, { ifSkipped: kind, ...rest });
  }
  return [...risks.values()].sort((a, b) => b.odds * b.cost - a.odds * a.cost);
}
