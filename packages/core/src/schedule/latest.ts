import { MOST_DAYS, type Minute } from './calendar.ts';
import { handleFrom, recoatFrom, type Person, type Problem, type Task } from './problem.ts';

/**
 * The latest start of each step with which everything could still end by a minute, were everybody free and every air
 * good: a start after it is late, whatever else is chosen. Below the plan's start where nothing could.
 */
export function latestStarts(problem: Problem, finish: Minute): Float64Array {
  const latest = new Float64Array(problem.tasks.length).fill(Infinity);
  for (let k = problem.topological.length - 1; k >= 0; k--) {
    const task = problem.tasks[problem.topological[k]!]!;
    if (task.done) continue;
    let end = finish;
    for (const f of problem.followers[task.index]!) {
      const next = problem.tasks[f]!;
      if (!next.done) end = Math.min(end, latestEnd(task, next, latest[f]!, problem));
    }
    latest[task.index] = latestStart(problem, task, end);
  }
  return latest;
}

/** The latest end of a step with which the next one may start by a minute. */
function latestEnd(task: Task, next: Task, start: Minute, problem: Problem): Minute {
  const waits = next.before === task.index;
  const opens = (end: Minute): Minute => {
    const recoat = waits ? Math.max(end + task.waitMin, recoatFrom(task, end) ?? 0) : end;
    return next.handles === task.index ? Math.max(recoat, handleFrom(task, end) ?? 0) : Math.max(recoat, end);
  };
  if (!waits && next.handles !== task.index) return start;
  // In steady air a wait is as long at any hour.
  if (task.air.kind === 'steady') return start - (opens(start) - start);
  let low = problem.start - 1;
  let high = start;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (opens(middle) <= start) low = middle;
    else high = middle - 1;
  }
  return low;
}

function latestStart(problem: Problem, task: Task, end: Minute): Minute {
  if (task.people === 0) return end - task.minutes;
  let best = -Infinity;
  for (const person of task.able) {
    const at = task.splittable ? lastAcross(person, end, task.minutes) : lastWithin(person, end, task.minutes);
    if (at > best) best = at;
  }
  return best === -Infinity ? problem.start - 1 : best;
}

/** The latest start of so many minutes in one of a person's days, over by `end`. */
function lastWithin({ hours }: Person, end: Minute, minutes: number): Minute {
  for (let day = Math.min(hours.dayAt(end), MOST_DAYS); day >= 0; day--) {
    const span = hours.on(day);
    if (!span) continue;
    const start = Math.min(span[1], end) - minutes;
    if (start >= span[0]) return start;
  }
  return -Infinity;
}

/** The same for work that may break off at night. */
function lastAcross({ hours }: Person, end: Minute, minutes: number): Minute {
  let left = minutes;
  for (let day = Math.min(hours.dayAt(end), MOST_DAYS); day >= 0; day--) {
    const span = hours.on(day);
    if (!span || span[0] >= end) continue;
    const to = Math.min(span[1], end);
    if (to - left >= span[0]) return to - left;
    left -= to - span[0];
  }
  return -Infinity;
}
