import type { PlanInput } from '../model/planInput.ts';
import { planRead, type FeasiblePlan, type Plan } from './plan.ts';
import { stepsIn } from './problem.ts';
import { replan } from './replan.ts';
import { workHours } from './usualHours.ts';

type Drying = NonNullable<PlanInput['surfaces'][number]['steps'][number]['drying']>;

/** One thing that could be otherwise. */
export type Change =
  /** A block dragged to another start. */
  | { kind: 'drag'; surface: string; step: string; to: string }
  /** The air of a room, or outside where none is named. */
  | { kind: 'air'; zone: string | null; air: PlanInput['air'] }
  | { kind: 'painter'; person: PlanInput['crew'][number] }
  | { kind: 'day'; weekday: number }
  /** Another product on a coat. */
  | { kind: 'product'; surface: string; step: string; drying: Drying };

/** The question with a thing changed. */
export function changedInput(input: PlanInput, change: Change): PlanInput {
  switch (change.kind) {
    case 'drag':
      return withStep(input, change, { notBefore: change.to });
    case 'product':
      return withStep(input, change, { drying: change.drying });
    case 'painter':
      return { ...input, crew: [...input.crew.filter((p) => p.id !== change.person.id), change.person] };
    case 'day':
      return {
        ...input,
        crew: input.crew.map((p) => ({ ...p, days: [...new Set([...workHours(p).days, change.weekday])] })),
      };
    case 'air':
      return change.zone === null
        ? { ...input, air: change.air }
        : { ...input, zones: input.zones?.map((z) => (z.id === change.zone ? { ...z, air: change.air } : z)) };
  }
}

function withStep(
  input: PlanInput,
  { surface, step }: { surface: string; step: string },
  over: Partial<PlanInput['surfaces'][number]['steps'][number]>,
): PlanInput {
  return {
    ...input,
    surfaces: input.surfaces.map((s) =>
      s.id === surface ? { ...s, steps: s.steps.map((t) => (t.id === step && !t.done ? { ...t, ...over } : t)) } : s,
    ),
  };
}

/** An answer is wanted while a hand still moves: so few tries, by the number of steps. */
const triesFor = (input: PlanInput) => 4000 + 40 * stepsIn(input);

/**
 * What the plan would be with these changes. A drag moves as little else as it can; anything else is planned afresh,
 * within what can be answered at once.
 */
export function planIf(input: PlanInput, plan: FeasiblePlan, changes: readonly Change[]): Plan {
  const asked = changes.reduce(changedInput, input);
  const dragged = changes.filter((c) => c.kind === 'drag');
  if (dragged.length < changes.length || dragged.length === 0) return planRead(asked, { tries: triesFor(input) });
  const steps = plan.steps.map((s) => {
    const drag = dragged.find((d) => d.surface === s.surface && d.step === s.id);
    return drag ? { ...s, start: drag.to } : s;
  });
  return replan(asked, { ...plan, steps });
}
