import type { Diary } from '../diary.ts';
import type { Person, Problem, Task } from '../problem.ts';

/** People who are all the same to a plan: the same hours, the same other work, able to do the same. */
export interface Crew {
  people: readonly Person[];
  /** Their free stretches from the plan's start, in minutes from there, ends included. */
  free: readonly (readonly [number, number])[];
  /** What they do besides, in minutes from the plan's start. */
  busy: readonly (readonly [number, number])[];
}

/** People grouped by what tells them apart, over so many minutes from the start. */
export function crewsOf(problem: Problem, begun: readonly Diary[], until: number): Crew[] {
  const bySign = new Map<string, { people: Person[]; free: [number, number][]; busy: [number, number][] }>();
  for (const person of problem.crew) {
    const busy = begun[person.index]!.stretches().flatMap(([from, to]): [number, number][] => {
      const [a, b] = [from - problem.start, to - problem.start];
      return b > 0 && a < until ? [[a, b]] : [];
    });
    const free = freeOf(problem, person, busy, until);
    const does = problem.tasks.map((t) => (!t.done && isAble(t, person) ? '1' : '0')).join('');
    const sign = JSON.stringify([free, busy, does]);
    const known = bySign.get(sign);
    if (known) known.people.push(person);
    else bySign.set(sign, { people: [person], free, busy });
  }
  return [...bySign.values()];
}

export const isAble = (task: Task, person: Person) => task.able.some((p) => p.index === person.index);

function freeOf(
  problem: Problem,
  person: Person,
  busy: readonly [number, number][],
  until: number,
): [number, number][] {
  const out: [number, number][] = [];
  const first = person.hours.dayAt(problem.start);
  for (let day = first; ; day++) {
    if (problem.calendar.midnight(problem.calendar.dayOf(problem.start) + day - first) - problem.start > until)
      return out;
    const span = person.hours.on(day);
    if (!span) continue;
    let from = Math.max(0, span[0] - problem.start);
    const to = span[1] - problem.start;
    for (const [a, b] of busy) {
      if (b <= from || a >= to) continue;
      if (a > from) out.push([from, a]);
      from = Math.max(from, b);
    }
    if (from < to) out.push([from, to]);
  }
}
