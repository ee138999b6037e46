export { plan, planRead, type Plan, type PlannedStep, type PlanWarning } from './plan.ts';
export { workOf, type WorkStep, type PlanStep } from './workOf.ts';
export type { Reason } from './construct.ts';
export type { WaitCode } from './state.ts';
