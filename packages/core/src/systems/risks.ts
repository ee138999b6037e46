import type { Fault, StepKind } from '../vocabulary/index.ts';
import type { SystemPrice } from '../pricing/price.ts';
import type { Case } from './case.ts';
import { SKIPPED } from './knowledge/skipped.ts';
import type { Step } from './step.ts';

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
    const row = SKIPPED.find((r) => r.kind === step.kind && r.when(c, step));
    if (!row || risks.has(step.kind)) continue;
    risks.set(step.kind, {
      ifSkipped: step.kind,
      fault: row.fault,
      text: row.text,
      odds: row.odds,
      shows: row.shows,
      cost: Math.round(row.redo * price.cost),
    });
  }
  return [...risks.values()].sort((a, b) => b.odds * b.cost - a.odds * a.cost);
}
