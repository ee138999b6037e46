import type { Step } from '../model/step.ts';
import { estimateSystem, type StepEstimate } from '../quantities/estimate.ts';
import type { Case } from '../systems/case.ts';
import { toolsFor } from '../systems/tools.ts';
import type { Family } from '../vocabulary/index.ts';
import { othersFor } from './whatIf.ts';

/** A line of a system as it is read: what is done, how long it takes, what it uses, and what it might be done with instead. */
export interface SystemLine extends Omit<StepEstimate, 'product'> {
  step: Step;
  product: { id: string; name: string; maker: string } | null;
  tools: string[];
  others: Family[];
}

/** The lines of a system in its case; litres, minutes and waits as `estimateSystem` gives them. */
export function systemLines(c: Case, steps: readonly Step[]): SystemLine[] {
  const estimates = estimateSystem(steps, c.d.surface, c.shelf, c.by);
  return steps.map((step, i) => {
    const { product, ...taken } = estimates[i]!;
    return {
      step,
      ...taken,
      product: product && { id: product.id, name: product.name, maker: product.maker },
      tools: toolsFor(step, c).words,
      others: othersFor(step),
    };
  });
}
