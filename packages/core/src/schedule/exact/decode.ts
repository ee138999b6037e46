import type { Order } from '../construct.ts';
import type { Problem } from '../problem.ts';
import type { Crew } from './crews.ts';
import type { OpenStep } from './building.ts';
import type { Model } from './model.ts';
import type { Values } from './solve.ts';

/** A solution as an order to build a plan from: who comes first, and who does what. */
export function orderOf(problem: Problem, model: Model, values: Values): Order {
  const rank = new Float64Array(problem.tasks.length);
  const hand = new Int16Array(problem.tasks.length).fill(-1);
  const teams = new Map<number, readonly number[]>();
  const free = new Float64Array(problem.crew.length);
  const there = new Set<string>();
  const steps = [...model.steps].sort((a, b) => values[a.start]! - values[b.start]!);
  for (const step of steps) {
    const { task } = step;
    const from = values[step.start]!;
    rank[task.index] = from + task.index * 1e-6;
    if (task.people === 0) continue;
    const day = (person: number) => `${person} ${problem.calendar.dayOf(problem.start + from)}`;
    const team: number[] = [];
    for (const [crew, count] of sharesOf(step, values)) {
      const idle = crew.people.filter((p) => free[p.index]! <= from);
      // Whoever is there that day anyway; then whoever has been waiting the shortest.
      idle.sort(
        (a, b) => Number(there.has(day(b.index))) - Number(there.has(day(a.index))) || free[b.index]! - free[a.index]!,
      );
      team.push(...idle.slice(0, count).map((p) => p.index));
    }
    for (const person of team) {
      free[person] = step.until.give(from);
      there.add(day(person));
    }
    if (team.length === 1 && task.people === 1) hand[task.index] = team[0]!;
    else if (team.length === task.people) teams.set(task.index, team);
  }
  return { rank, hand, teams, followUp: false };
}

function sharesOf(step: OpenStep, values: Values): (readonly [Crew, number])[] {
  if (step.choices.length === 0) return [[step.crews[0]!, step.task.people]];
  return step.choices.map((c) => [c.crew, values[c.variable]!] as const);
}
