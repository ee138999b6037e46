import { planIf, planRead, planSchema, readBy, replan, type Change, type FeasiblePlan, type Plan } from '@rustic/core';

interface PlanAsked {
  input: unknown;
  posted: FeasiblePlan | null;
  drags: Change[];
}

/** Runs in a thread of the pool: planning never holds up requests. With a posted plan, as little of it moves as can; what was dragged moves first. */
export default function planInThread({ input, posted, drags }: PlanAsked): Plan {
  const read = readBy(planSchema, input);
  const plan = posted ? replan(read, posted) : planRead(read);
  return drags.length && plan.status === 'feasible' ? planIf(read, plan, drags) : plan;
}
