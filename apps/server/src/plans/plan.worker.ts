import {
  nearestPlans,
  planChoices,
  planIf,
  planRead,
  planSchema,
  readBy,
  replan,
  type Change,
  type Doubts,
  type FeasiblePlan,
  type Plan,
  type PlanChoices,
  type RelaxedPlan,
} from '@rustic/core';

interface PlanAsked {
  input: unknown;
  posted: FeasiblePlan | null;
  drags: Change[];
  /** Some seconds' search, as if nothing had been posted. */
  thorough?: boolean;
}

/** Runs in a thread of the pool: planning never holds up requests. With a posted plan, as little of it moves as can; what was dragged moves first. */
export default function planInThread({ input, posted, drags, thorough = false }: PlanAsked): Plan {
  const read = readBy(planSchema, input);
  const plan = posted && !thorough ? replan(read, posted) : planRead(read, { thorough });
  return drags.length && plan.status === 'feasible' ? planIf(read, plan, drags) : plan;
}

/** So many plans stand side by side where none can meet everything. */
const SIDE_BY_SIDE = 3;

/** What comes nearest where not all can be met. */
export const nearestSideBySide = (input: unknown): RelaxedPlan[] =>
  nearestPlans(readBy(planSchema, input), SIDE_BY_SIDE);

interface ChoicesAsked {
  input: unknown;
  posted: FeasiblePlan | null;
  doubts: Doubts;
}

/** How the plan as it is fares in the weather as it may turn out, and what could be had instead. */
export function plansToChooseFrom({ input, posted, doubts }: ChoicesAsked): PlanChoices {
  const read = readBy(planSchema, input);
  return planChoices(read, planInThread({ input, posted, drags: [] }), doubts);
}
