import { stepsByName, type Plan, type PlanInput, type PlanStep } from '@rustic/core';

/** So long after its posted end a step may still be on its way into the log. */
const LATE_LOG_MIN = 30;
const MINUTE_MS = 60_000;

/**
 * Steps that by the posted plan have begun are under way, also before anybody has logged them: a plan is not thrown over
 * because minutes pass. One that is still not logged half an hour after its posted end has not happened.
 */
export function underWay(input: PlanInput, posted: Plan | null, now: Date): PlanInput {
  if (posted?.status !== 'feasible') return input;
  const steps = stepsByName(posted.steps);
  const people = new Set(input.crew.map((p) => p.id));
  return {
    ...input,
    surfaces: input.surfaces.map((surface) => {
      let before = true;
      return {
        ...surface,
        steps: surface.steps.map((step): PlanStep => {
          if (step.done) return step;
          const then = steps.get(`${surface.id}/${step.id}`);
          const begun =
            before &&
            then !== undefined &&
            Date.parse(then.start) <= now.getTime() &&
            now.getTime() < Date.parse(then.end) + LATE_LOG_MIN * MINUTE_MS;
          before &&= begun;
          if (!begun) return step;
          const crew = then.crew.filter((id) => people.has(id));
          return { ...step, done: true, start: then.start, end: then.end, crew };
        }),
      };
    }),
  };
}
