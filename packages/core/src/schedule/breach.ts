import type { PlanInput } from '../model/planInput.ts';
import type { Where } from './knowledge/demands.ts';
import { stepsByName, type FeasiblePlan } from './plan.ts';
import { dustFreeAt, minuteOf, nameOf, readProblem, recoatUntil, type Problem, type Task } from './problem.ts';

/** By how much a plan breaks what was asked, and the same in words. */
export interface Breach {
  by: number;
  words: string;
}

interface Asked {
  /** What was asked before anything was eased. */
  asked: PlanInput;
  where: Where;
  plan: FeasiblePlan;
  /** By how many steps the demand was eased. */
  n: number;
}

/** A plan's times, by task of the question that was asked. */
interface Laid {
  problem: Problem;
  start: (task: Task) => number;
  end: (task: Task) => number;
  here: readonly Task[];
}

const most = (list: readonly number[]) => Math.max(0, ...list);
const count = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`;

/** As people say a length: minutes up to two hours. */
const long = (minutes: number) =>
  minutes < 120 ? count(minutes, 'minute') : `${Math.floor(minutes / 60)} h${minutes % 60 ? ` ${minutes % 60}` : ''}`;

/** How a breach is measured on the plan itself; what is not here is as much as it was eased by. */
const MEASURED: Record<string, (laid: Laid, where: Where) => Breach> = {
  'nights-out': ({ problem, start, end, here }) => {
    const { calendar } = problem;
    const first = Math.min(...here.map((t) => calendar.dayOf(start(t))));
    const last = Math.max(...here.map((t) => calendar.dayOf(end(t))));
    const by = Math.max(0, last - first - (here[0]?.zone?.maxNightsOut ?? 0));
    return { by, words: `It is out for ${count(by, 'night')} more.` };
  },
  'back-by': (laid) => pastClock(laid, (t) => t.zone!.backBy, 'It is free'),
  fumes: (laid) => pastClock(laid, (t) => (t.strongVapour ? t.zone!.fumesOutBy : null), 'It is gone'),
  'same-day': ({ problem, start, end, here }, where) => {
    const days = here
      .filter((t) => t.surface === where.surface && t.sameDayAs !== null)
      .map((t) => {
        const off = problem.tasks[t.sameDayAs!]!;
        return problem.calendar.dayOf(Math.max(start(t), end(t) - 1)) - problem.calendar.dayOf(start(off));
      });
    return { by: most(days), words: `It is back ${count(most(days), 'day')} later.` };
  },
  'other-trade': ({ start, here }, where) => {
    const sooner = here
      .filter((t) => t.surface === where.surface && t.notBefore > 0)
      .map((t) => t.notBefore - start(t));
    return { by: most(sooner), words: `It is begun ${long(most(sooner))} before that.` };
  },
  'recoat-closes': ({ problem, start, end, here }, where) => {
    const late = here
      .filter((t) => t.surface === where.surface && t.closing !== null)
      .map((t) => {
        const coat = problem.tasks[t.closing!]!;
        return start(t) - (recoatUntil(coat, end(coat)) ?? Infinity);
      });
    return {
      by: most(late),
      words: `The next comes ${long(most(late))} after it has closed: abrade it first.`,
    };
  },
};

/** How long past an hour of its day the last coat is dry. */
function pastClock({ problem, start, end, here }: Laid, clockOf: (task: Task) => string | null, it: string): Breach {
  const late = here.flatMap((t) => {
    const clock = t.coat && !t.done ? clockOf(t) : null;
    if (!clock) return [];
    return [dustFreeAt(t, end(t)) - problem.calendar.at(problem.calendar.dayOf(start(t)), clock)];
  });
  return { by: most(late), words: `${it} ${long(most(late))} later.` };
}

/** What was eased by steps: what one step is, in words. */
const BY_STEPS: Record<string, (n: number) => Breach> = {
  rack: (n) => ({ by: n, words: `${count(n, 'more place')} ${n === 1 ? 'is' : 'are'} used.` }),
  crew: (n) => ({ by: n, words: `${count(n, 'more person', 'more people')} ${n === 1 ? 'is' : 'are'} needed.` }),
  hours: (n) => ({ by: n, words: 'It needs longer days, or one more in the week.' }),
  air: (n) => ({ by: n, words: 'It needs better air than there is.' }),
  dust: () => ({ by: 1, words: 'Here it is.' }),
  order: () => ({ by: 1, words: 'It goes before them.' }),
};

/** By how much a plan breaks a rule, measured against what was asked. */
export function breachOf(rule: string, { asked, where, plan, n }: Asked): Breach {
  const measured = MEASURED[rule];
  if (!measured) return BY_STEPS[rule]!(n);
  const problem = readProblem(asked);
  const laid = stepsByName(plan.steps);
  const minute = (task: Task, of: 'start' | 'end') => minuteOf(laid.get(nameOf(task))![of]);
  const here = problem.tasks.filter((t) =>
    where.zone === null ? t.surface === where.surface : t.zone?.id === where.zone,
  );
  return measured({ problem, here, start: (t) => minute(t, 'start'), end: (t) => minute(t, 'end') }, where);
}
