export { plan, planRead, type Plan, type PlannedStep, type PlanWarning } from './plan.ts';
export { workOf, type WorkStep, type PlanStep } from './workOf.ts';
export { runLine, CLOSING_SOON_MIN, type Done, type RunLine } from './runSheet.ts';
export { differenceOf, type Difference, type Moved } from './difference.ts';
export type { Reason } from './construct.ts';
export type { WaitCode } from './state.ts';
