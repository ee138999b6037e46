export {
  plan,
  planRead,
  stepsByName,
  type FeasiblePlan,
  type Plan,
  type PlannedStep,
  type PlanWarning,
} from './plan.ts';
export { nearestPlans, planNearest, planOrNearest, type Broken, type RelaxedPlan } from './relax.ts';
export { replan, SAME_MIN } from './replan.ts';
export { changedInput, planIf, type Change } from './planIf.ts';
export { isOfParts, workOf, type WorkStep, type PlanStep } from './workOf.ts';
export { runLine, CLOSING_SOON_MIN, type Done, type RunLine } from './runSheet.ts';
export { differenceOf, type Difference, type Moved } from './difference.ts';
export type { Reason, WaitCode, WaitsFor } from './waits.ts';
export { givenAir } from './givenAir.ts';
export { comesTo, planFront, type ComesTo, type TradedPlan } from './front.ts';
export type { SearchOptions } from './optimise.ts';
