import { earliestTeam, eligible } from './crewTime.ts';
import { MOST_DAYS, type Minute } from './calendar.ts';
import { coatTimes, predecessors, type Problem } from './problem.ts';
import { pushAlone } from './rules.ts';

/** The earliest end of each task if nobody were ever busy elsewhere; infinite where even that is impossible. */
export function earliestEnds(problem: Problem): Minute[] {
  const ends = new Array<Minute>(problem.tasks.length).fill(0);
  for (const index of problem.topological) {
    const task = problem.tasks[index]!;
    if (task.done) {
      ends[index] = task.done.end;
      continue;
    }
    let from = problem.start;
    for (const p of predecessors(task)) {
      from = Math.max(from, ends[p]!);
      if (p !== task.before) continue;
      const before = problem.tasks[p]!;
      from = Math.max(from, ends[p]! + before.waitMin, coatTimes(before, ends[p]!).recoatFrom ?? 0);
    }
    ends[index] = from === Infinity ? Infinity : endAlone(problem, index, from);
  }
  return ends;
}

function endAlone(problem: Problem, index: number, open: Minute): Minute {
  const task = problem.tasks[index]!;
  let from = open;
  for (;;) {
    const team = earliestTeam(task, problem.crew, null, from, () => 0);
    if (!team) return Infinity;
    const push = pushAlone(problem, task, team.start, team.end);
    if (!push) return team.end;
    if (push.to === Infinity) return Infinity;
    from = Math.max(push.to, team.start + 1);
  }
}

/** The minute by which these people together have worked this many minutes since the start, were they never idle. */
function workedBy(problem: Problem, people: Problem['crew'], minutes: number): Minute {
  if (minutes <= 0 || people.length === 0) return problem.start;
  let left = minutes;
  for (let day = 0; day <= MOST_DAYS; day++) {
    const spans = people
      .map((p) => p.hours.on(day))
      .filter((s) => s !== null)
      .map((s) => [Math.max(s[0], problem.start), s[1]] as const)
      .filter(([a, b]) => b > a);
    const worth = spans.reduce((sum, [a, b]) => sum + b - a, 0);
    if (worth < left) {
      left -= worth;
      continue;
    }
    return within(spans, left);
  }
  return problem.start;
}

/** The first minute by which the spans of one day hold this many minutes. */
function within(spans: readonly (readonly [number, number])[], minutes: number): Minute {
  const turns = [...new Set(spans.flat())].sort((a, b) => a - b);
  let left = minutes;
  for (let i = 0; i + 1 < turns.length; i++) {
    const working = spans.filter(([a, b]) => a <= turns[i]! && b >= turns[i + 1]!).length;
    const held = working * (turns[i + 1]! - turns[i]!);
    if (held >= left) return Math.ceil(turns[i]! + left / working);
    left -= held;
  }
  return turns.at(-1)!;
}

/**
 * A proven earliest finish, whatever the order: the longest chain with everybody free, and all the work of the crew
 * (and of each skill) set against the hours it has.
 */
export function lowerBound(problem: Problem, ends = earliestEnds(problem)): Minute {
  const open = problem.tasks.filter((t) => !t.done);
  const work = (of: typeof open) => of.reduce((sum, t) => sum + t.minutes * t.people, 0);
  const skills = [...new Set(open.map((t) => t.skill).filter((s) => s !== null))];
  const bySkill = skills.map((skill) => {
    const of = open.filter((t) => t.skill === skill);
    return workedBy(problem, eligible(of[0]!, problem.crew), work(of));
  });
  const longest = problem.tasks.length ? Math.max(...ends) : problem.start;
  return Math.max(longest, workedBy(problem, problem.crew, work(open)), ...bySkill);
}
