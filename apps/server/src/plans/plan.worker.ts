import { planRead, planSchema, readBy, replan, type FeasiblePlan, type Plan } from '@rustic/core';

/** Runs in a thread of the pool: planning never holds up requests. With a posted plan, as little of it moves as can. */
export default function planInThread({ input, posted }: { input: unknown; posted: FeasiblePlan | null }): Plan {
  const read = readBy(planSchema, input);
  return posted ? replan(read, posted) : planRead(read);
}
