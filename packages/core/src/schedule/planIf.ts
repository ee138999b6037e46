import type { PlanInput } from '../model/planInput.ts';
import { planRead, type FeasiblePlan, type Plan } from './plan.ts';
import { minuteOf, readProblem, stepsIn } from './problem.ts';
import { replan } from './replan.ts';
import { workHours } from './usualHours.ts';

type Drying = NonNullable<PlanInput['surfaces'][number]['steps'][number]['drying']>;

/** One thing that could be otherwise. */
export type Change =
  /** A block dragged to another start. */
  | { kind: 'drag'; surface: string; step: string; to: string }
  /** The air of a room, or outside where none is named. */
  | { kind: 'air'; zone: string | null; air: PlanInput['air'] }
  /** Somebody more: all the while, or for so many of their working days in a row, whichever days gain the most. */
  | { kind: 'painter'; person: PlanInput['crew'][number]; days?: number }
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
  const helper = changes.find((c) => c.kind === 'painter' && c.days !== undefined);
  if (helper?.kind === 'painter') return bestDays(asked, plan, helper.person, helper.days!);
  const dragged = changes.filter((c) => c.kind === 'drag');
  if (dragged.length < changes.length || dragged.length === 0) return planRead(asked, { tries: triesFor(input) });
  const steps = plan.steps.map((s) => {
    const drag = dragged.find((d) => d.surface === s.surface && d.step === s.id);
    return drag ? { ...s, start: drag.to } : s;
  });
  return replan(asked, { ...plan, steps });
}

/** So many beginnings are tried, spread over the plan. */
const MOST_BEGINNINGS = 12;

/** The plan with somebody for so many working days in a row, on the days that bring the end forward most. */
function bestDays(input: PlanInput, plan: FeasiblePlan, person: PlanInput['crew'][number], days: number): Plan {
  const { start, calendar, crew } = readProblem(input);
  const { hours } = crew.find((p) => p.id === person.id)!;
  const first = calendar.dayOf(start);
  const last = hours.dayAt(minuteOf(plan.finish));
  const dates = Array.from({ length: last + 1 }, (_, day) => calendar.named(first + day).date);
  const works = dates.flatMap((_, day) => (hours.on(day) ? [day] : []));
  const apart = Math.max(1, Math.ceil((works.length - days + 1) / MOST_BEGINNINGS));
  const beginnings = works.filter((_, i) => i % apart === 0 && (i === 0 || i + days <= works.length));
  const gone = { from: calendar.iso(calendar.midnight(first + last + 1)), to: NEVER_ENDS };
  const plans = beginnings.map((from) => {
    const there = new Set(works.filter((day) => day >= from).slice(0, days));
    const off = dates.filter((_, day) => !there.has(day));
    const asked = { ...person, off: [...(person.off ?? []), ...off], busy: [...(person.busy ?? []), gone] };
    return planRead(
      { ...input, crew: input.crew.map((p) => (p.id === person.id ? asked : p)) },
      { tries: triesFor(input) },
    );
  });
  return plans.reduce((a, b) => (isSooner(b, a) ? b : a), planRead(without(input, person), { tries: triesFor(input) }));
}

/** Nobody is hired beyond this. */
const NEVER_ENDS = '2100-01-01T00:00:00Z';

const without = (input: PlanInput, person: PlanInput['crew'][number]): PlanInput => ({
  ...input,
  crew: input.crew.filter((p) => p.id !== person.id),
});

function isSooner(a: Plan, b: Plan): boolean {
  if (a.status === 'infeasible') return false;
  if (b.status === 'infeasible') return true;
  return a.finish === b.finish ? a.visits < b.visits : Date.parse(a.finish) < Date.parse(b.finish);
}
