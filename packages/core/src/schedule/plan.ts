import { planSchema, type PlanInput } from '../contract/planInput.ts';
import { readBy } from '../contract/fault.ts';
import type { Reason } from './construct.ts';
import { optimise } from './optimise.ts';
import { readProblem, type Problem } from './problem.ts';
import type { Placed, WaitCode } from './state.ts';

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
  waitsFor: { code: WaitCode; text: string } | null;
}

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

const finite = (minute: number | null) => (minute === null || minute === Infinity ? null : minute);

function shown(problem: Problem, placed: Placed): PlannedStep {
  const iso = (minute: number | null) => (finite(minute) === null ? null : problem.calendar.iso(minute!));
  return {
    id: placed.task.id,
    surface: placed.task.surface,
    start: problem.calendar.iso(placed.start),
    end: problem.calendar.iso(placed.end),
    crew: [...placed.crew],
    dustFreeAt: iso(placed.dustFreeAt),
    recoatFrom: iso(placed.recoatFrom),
    recoatUntil: iso(placed.recoatUntil),
    waitsFor: placed.waitsFor,
  };
}

/** What the plan could not keep of wishes, and what has happened against the sheets. */
function warningsOf(placed: readonly Placed[]): PlanWarning[] {
  return placed.flatMap((p): PlanWarning[] => {
    const step = `${p.task.surface}/${p.task.id}`;
    const out: PlanWarning[] = [];
    if (p.recoatFrom === Infinity)
      out.push({ code: 'never-opens', step, text: 'In this air the coat never opens for another.' });
    if (finite(p.recoatFrom) !== null && p.recoatUntil !== null && p.recoatFrom! > p.recoatUntil)
      out.push({
        code: 'closes-before-opening',
        step,
        text: 'In this air the coat closes before it opens: abrade before the next.',
      });
    const next = placed.find((q) => q.task.before === p.task.index);
    if (p.task.done && next?.task.done && finite(p.recoatFrom) !== null && next.start < p.recoatFrom!)
      out.push({
        code: 'recoated-early',
        step: `${next.task.surface}/${next.task.id}`,
        text: 'It was started before the coat under it was open.',
      });
    const wish = p.task.coat?.figures.recoatPreferredMin;
    if (wish != null && next && !next.task.done && next.start < p.end + wish)
      out.push({ code: 'preferred-wait', step, text: 'The longer wait that its sheet prefers is not kept.' });
    return out;
  });
}

/** Plans an input that has been read. */
export function planRead(input: PlanInput): Plan {
  const problem = readProblem(input);
  const { best, reason, bound } = optimise(problem);
  if (!best)
    return {
      status: 'infeasible',
      steps: [],
      finish: null,
      lowerBound: null,
      visits: 0,
      objective: null,
      reasons: [reason!],
      warnings: [],
    };
  const placed = best.placed.filter((p) => p !== undefined);
  const finish = placed.length ? Math.max(...placed.map((p) => p.end)) : problem.start;
  return {
    status: 'feasible',
    steps: placed.map((p) => shown(problem, p)),
    finish: problem.calendar.iso(finish),
    lowerBound: problem.calendar.iso(Math.min(bound, finish)),
    visits: best.visits.size,
    objective: { finishMin: finish - problem.start, visits: best.visits.size },
    warnings: warningsOf(placed),
  };
}

/** Reads any JSON value as a job to plan and plans it. Throws `UnusableInput` with every fault. */
export function plan(input: unknown): Plan {
  return planRead(readBy(planSchema, input));
}
