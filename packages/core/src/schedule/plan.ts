import { planSchema, type PlanInput } from '../model/planInput.ts';
import { readBy } from '../model/fault.ts';
import { conflictIn } from './conflict.ts';
import { retell } from './construct.ts';
import { optimise, type FoundPlan, type SearchOptions } from './optimise.ts';
import { dustFreeAt, nameOf, preferredFrom, readProblem, recoatFrom, recoatUntil, type Problem } from './problem.ts';
import type { Timetable } from './timetable.ts';
import { reasonOf, waitsFor, type Reason, type WaitsFor } from './waits.ts';

/** One step of a plan. Times are ISO 8601 with offset. */
export interface PlannedStep {
  id: string;
  surface: string;
  start: string;
  end: string;
  crew: string[];
  dustFreeAt: string | null;
  recoatFrom: string | null;
  recoatUntil: string | null;
  waitsFor: WaitsFor | null;
}

/** The steps of a plan by their name, surface/step. */
export const stepsByName = (steps: readonly PlannedStep[]): ReadonlyMap<string, PlannedStep> =>
  new Map(steps.map((s) => [`${s.surface}/${s.id}`, s]));

export interface PlanWarning {
  code: string;
  step: string;
  text: string;
}

/** The answer of `ledger plan`: see the contract of the command line. */
export type Plan =
  | {
      status: 'feasible';
      steps: PlannedStep[];
      finish: string;
      lowerBound: string;
      visits: number;
      objective: { finishMin: number; visits: number };
      warnings: PlanWarning[];
    }
  | {
      status: 'infeasible';
      steps: [];
      finish: null;
      lowerBound: null;
      visits: 0;
      objective: null;
      reasons: Reason[];
      warnings: PlanWarning[];
    };

export type FeasiblePlan = Extract<Plan, { status: 'feasible' }>;

/** A plan as it is told: every step with its drying and what it waits for. */
export function planFound(problem: Problem, begun: Timetable, found: FoundPlan, bound: number): FeasiblePlan {
  const whys = new Map<number, WaitsFor | null>();
  retell(begun, found.order, found.held, (task, team, why) => whys.set(task.index, waitsFor(problem, task, team, why)));
  const { table, measures } = found;
  return {
    status: 'feasible',
    steps: problem.tasks.map((task): PlannedStep => {
      const iso = (minute: number | null) =>
        minute === null || minute === Infinity ? null : problem.calendar.iso(minute);
      const end = table.end[task.index]!;
      const label = task.coat?.figures.dustFreeMin;
      return {
        id: task.id,
        surface: task.surface,
        start: problem.calendar.iso(table.start[task.index]!),
        end: problem.calendar.iso(end),
        crew: task.done ? [...task.done.crew] : table.crew[task.index]!.map((p) => problem.crew[p]!.id),
        dustFreeAt: label == null ? null : iso(dustFreeAt(task, end)),
        recoatFrom: iso(recoatFrom(task, end)),
        recoatUntil: iso(recoatUntil(task, end)),
        waitsFor: whys.get(task.index) ?? null,
      };
    }),
    finish: problem.calendar.iso(measures.finish),
    lowerBound: problem.calendar.iso(Math.min(bound, measures.finish)),
    visits: measures.visits,
    objective: { finishMin: measures.finish - problem.start, visits: measures.visits },
    warnings: warningsOf(problem, table),
  };
}

/** What the plan could not keep of wishes, and what has happened against the sheets. */
function warningsOf(problem: Problem, table: Timetable): PlanWarning[] {
  return problem.tasks.flatMap((task): PlanWarning[] => {
    if (!task.coat) return [];
    const out: PlanWarning[] = [];
    const end = table.end[task.index]!;
    const opens = recoatFrom(task, end);
    const closes = recoatUntil(task, end);
    const next = problem.tasks[task.index + 1]?.before === task.index ? problem.tasks[task.index + 1]! : null;
    const warn = (code: string, step: string, text: string) => out.push({ code, step, text });
    if (opens === Infinity) warn('never-opens', nameOf(task), 'In this air the coat never opens for another.');
    else if (opens !== null && closes !== null && opens > closes)
      warn(
        'closes-before-opening',
        nameOf(task),
        'In this air the coat closes before it opens: abrade before the next.',
      );
    if (!next) return out;
    const starts = table.start[next.index]!;
    if (task.done && next.done && opens !== null && starts < opens)
      warn('recoated-early', nameOf(next), 'It was started before the coat under it was open.');
    const wish = preferredFrom(task, end);
    if (wish !== null && !next.done && starts < wish)
      warn('preferred-wait', nameOf(task), 'The longer wait that its sheet prefers is not kept.');
    return out;
  });
}

export const infeasible = (reasons: Reason[]): Plan => ({
  status: 'infeasible',
  steps: [],
  finish: null,
  lowerBound: null,
  visits: 0,
  objective: null,
  reasons,
  warnings: [],
});

/** Plans an input that has been read. The same input and options give the same plan. */
export function planRead(input: PlanInput, options: SearchOptions = {}): Plan {
  const problem = readProblem(input);
  const { best, begun, obstacle, bound } = optimise(problem, options);
  if (best) return planFound(problem, begun, best, bound);
  return infeasible(options.explain === false ? [reasonOf(problem, obstacle!)] : conflictIn(input, problem, obstacle!));
}

/** Reads any JSON value as a job to plan and plans it. Throws `UnusableInput` with every fault. */
export function plan(input: unknown, options: SearchOptions = {}): Plan {
  return planRead(readBy(planSchema, input), options);
}
