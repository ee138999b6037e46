import { planRead, planSchema, readBy, type Plan } from '@rustic/core';

/** Runs in a thread of the pool: planning never holds up requests. */
export default function planInThread(input: unknown): Plan {
  return planRead(readBy(planSchema, input));
}
