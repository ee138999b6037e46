import { handleFrom, recoatFrom, type Problem } from '../problem.ts';
import type { Timetable } from '../timetable.ts';
import { either, gapAround, keepsTo, type Stretches } from './allowed.ts';
import { Building, meet, type OpenStep } from './building.ts';
import type { Crew } from './crews.ts';
import { Energy, type Work } from './energy.ts';
import { precede } from './precede.ts';
import { risingTable, NEVER } from './rising.ts';
import { addDust, addNights, addRacks } from './rooms.ts';
import { ExactSearch, type Rule } from './search.ts';
import { Sum } from './sum.ts';
import { atLeast, atMost, Trail, type Side } from './trail.ts';
import { Places, type Taken, type Use } from './uses.ts';

/** A plan as variables and rules. Minutes count from the plan's start. */
export interface Model {
  search: ExactSearch;
  steps: readonly OpenStep[];
  finish: number;
}

/**
 * The plan's rules over a horizon of so many minutes from its start. The way between sites, and work over nights by
 * unlike crews, are left out: what is found is a bound, and a plan only once it has been built.
 */
export function modelOf(problem: Problem, begun: Timetable, until: number): Model {
  const building = new Building(problem, begun, until);
  for (const task of problem.tasks) if (!task.done) building.openStep(task);
  const finish = building.variable(0, until);
  const search = new ExactSearch(new Trail(building.lows, building.highs));
  for (const step of building.steps) {
    addHours(building, search, step);
    addOrder(building, search, step, finish);
  }
  addCrews(building, search);
  addRacks(building, search);
  addDust(building, search);
  addNights(building, search);
  return { search, steps: building.steps, finish };
}

function addHours(building: Building, search: ExactSearch, step: OpenStep): void {
  const { trail } = search;
  const hours = step.crews.map((crew) => building.starts(step.task, crew));
  const all = step.task.people === 0 ? [[0, building.until] as const] : either(hours);
  const suits = building.suits(step.task, all);
  for (const arc of keepsTo(step.start, suits, null)) search.arcs.add(arc);
  const allowed = hours.map((of) => meet(of, suits));
  step.choices.forEach(({ variable }, k) => {
    for (const arc of keepsTo(step.start, allowed[k]!, [atLeast(variable), 1])) search.arcs.add(arc);
    search.add(new NobodyThen(trail, step.start, variable, allowed[k]!));
  });
  if (step.choices.length)
    search.add(
      new Sum(
        trail,
        step.choices.map((c) => c.variable),
        step.task.people,
      ),
    );
}

/** A crew that has no hours left between the bounds of a start has no part in the step. */
class NobodyThen implements Rule {
  readonly wakes: Side[];
  readonly turn = 0;
  readonly weight = 0.3;
  private readonly trail: Trail;
  private readonly start: number;
  private readonly crew: number;
  private readonly allowed: Stretches;
  constructor(trail: Trail, start: number, crew: number, allowed: Stretches) {
    this.trail = trail;
    this.start = start;
    this.crew = crew;
    this.allowed = allowed;
    this.wakes = [atLeast(start), atMost(start)];
  }
  look(): boolean {
    const { trail, start, crew } = this;
    if (trail.high(crew) === 0) return true;
    const gap = gapAround(this.allowed, trail.low(start), trail.high(start));
    return !gap || trail.raiseTold(atMost(crew), 0, [atLeast(start), gap[0], atMost(start), -gap[1]]);
  }
}

/** What must have ended, dried and opened before a step, and what must not have closed. */
function addOrder(building: Building, search: ExactSearch, step: OpenStep, finish: number): void {
  const { problem, byTask } = building;
  const { task } = step;
  const since = (p: number, by: (end: number) => number | null, why: 'ends' | 'coat' = 'ends') => {
    const before = problem.tasks[p]!;
    if (before.done) {
      const from = Math.max(before.done.end, by(before.done.end) ?? 0);
      search.demand(atLeast(step.start), Math.min(NEVER, from - problem.start));
    } else
      precede(
        search,
        byTask.get(p)!.start,
        step.start,
        why === 'ends' ? building.end(before) : building.ofEnd(before, by),
      );
  };
  for (const p of task.preds) {
    const before = problem.tasks[p]!;
    if (p !== task.before) since(p, (end) => end);
    else if (!before.coat && before.waitMin === 0) since(p, (end) => end);
    else since(p, (end) => Math.max(end + before.waitMin, recoatFrom(before, end) ?? 0), 'coat');
  }
  if (task.handles !== null) since(task.handles, (end) => handleFrom(problem.tasks[task.handles!]!, end), 'coat');
  if (!building.problem.followers[task.index]!.some((f) => !problem.tasks[f]!.done))
    precede(search, step.start, finish, building.end(task));
  addClosing(building, search, step);
  addSameDay(building, search, step);
}

/** The next coat begins before the one under it closes: the one under it is not laid too soon. */
function addClosing(building: Building, search: ExactSearch, step: OpenStep): void {
  const { problem, byTask } = building;
  const { closing } = step.task;
  if (closing === null) return;
  const coat = problem.tasks[closing]!;
  const most = coat.coat!.figures.recoatMaxMin;
  if (most == null) return;
  const stays = Math.floor(most);
  if (coat.done) search.demand(atMost(step.start), -(coat.done.end + stays - problem.start));
  else {
    const end = building.end(coat);
    precede(search, step.start, byTask.get(closing)!.start, {
      give: (s) => Math.max(0, end.need(s - stays)),
      // The least start of the later whose coat must begin at `w` or after.
      need: (w) => (w <= 0 ? -NEVER : end.give(w - 1) + stays + 1),
    });
  }
}

/** What is taken off in the morning is back on the same day. */
function addSameDay(building: Building, search: ExactSearch, step: OpenStep): void {
  const { problem, byTask, until } = building;
  const { task } = step;
  if (task.sameDayAs === null) return;
  const off = problem.tasks[task.sameDayAs]!;
  const end = building.end(task);
  const midnight = risingTable(until, (s) => {
    const last = Math.max(s, end.give(s) - 1);
    return last >= NEVER
      ? NEVER
      : problem.calendar.midnight(problem.calendar.dayOf(problem.start + last)) - problem.start;
  });
  if (off.done) search.demand(atMost(step.start), 1 - midnight.need(off.done.start - problem.start + 1));
  else precede(search, step.start, byTask.get(task.sameDayAs)!.start, midnight);
}

function addCrews(building: Building, search: ExactSearch): void {
  const everybody: Use[] = [];
  for (const step of building.steps)
    if (step.task.people > 0 && step.task.minutes > 0)
      everybody.push({ start: step.start, until: building.end(step.task), places: step.task.people });
  for (const crew of building.crews) {
    const uses: Use[] = [];
    for (const step of building.steps) {
      if (!step.crews.includes(crew) || step.task.minutes === 0) continue;
      const choice = step.choices.find((c) => c.crew === crew);
      const places = choice ? { variable: choice.variable } : step.task.people;
      uses.push({ start: step.start, until: building.end(step.task), places });
    }
    const taken = crew.busy.map(([from, to]): Taken => ({ from, to, places: crew.people.length }));
    search.add(new Places(search.trail, crew.people.length, uses, taken));
  }
  if (building.crews.length > 1) search.add(new Places(search.trail, building.problem.crew.length, everybody));
  addEnergy(building, search);
}

/** The hours of everybody, and of each crew, set against the work that is theirs alone. */
function addEnergy(building: Building, search: ExactSearch): void {
  const workOf = (of: readonly OpenStep[]): Work[] =>
    of
      .filter(({ task }) => !task.splittable && task.minutes > 0 && task.people > 0)
      .map(({ task, start }) => ({ start, minutes: task.minutes, people: task.people }));
  const hoursOf = (crews: readonly Crew[]) => crews.flatMap((c) => c.people.flatMap(() => c.free));
  search.add(new Energy(search.trail, workOf(building.steps), hoursOf(building.crews), building.until));
  for (const crew of building.crews.length > 1 ? building.crews : []) {
    const own = workOf(building.steps.filter((s) => s.crews.length === 1 && s.crews[0] === crew));
    if (own.length > 1) search.add(new Energy(search.trail, own, hoursOf([crew]), building.until));
  }
}
