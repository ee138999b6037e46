import { planIf, type Change, type FeasiblePlan, type PlanInput } from '@rustic/core';

/** Answers "what if" beside the page: the page stays quick while a plan is sought. */
self.onmessage = ({ data }: MessageEvent<{ input: PlanInput; plan: FeasiblePlan; changes: Change[]; ask: number }>) => {
  const { input, plan, changes } = data;
  self.postMessage({ plan: planIf(input, plan, changes) });
};
