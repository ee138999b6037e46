import { earliestTeam, type Prefer, type Team } from './crewTime.ts';
import type { Minute } from './calendar.ts';
import { handleFrom, preferredFrom, recoatFrom, recoatUntil, type Person, type Problem, type Task } from './problem.ts';
import { pushAlone, pushByOthers, type Push, type PushRule } from './rules.ts';
import { holdTo, type Bench, type Holdbacks } from './bench.ts';
import type { Timetable } from './timetable.ts';

/** What a search may choose: who comes first, and who does what. */
export interface Order {
  /** The least first, among those whose predecessors stand. */
  rank: Float64Array;
  /** The only person a task may go to, by index; below 0 for whoever comes first. */
  hand: Int16Array;
  /** The only people a task of several may go to, by task and person. */
  teams?: ReadonlyMap<number, readonly number[]>;
  /** A coat that closes is followed up before anything else takes the people. */
  followUp: boolean;
  /** Coats, by index, that are given the longer wait their sheet prefers; none where it is not said. */
  patient?: ReadonlySet<number>;
  /** What is not taken off sooner than this, by index: it is hung again by evening, and planned from there backwards. */
  offFrom?: ReadonlyMap<number, Minute>;
}

/** An order by rank alone, whoever comes first. */
export const anyHand = (rank: Float64Array): Order => ({
  rank,
  hand: new Int16Array(rank.length).fill(-1),
  followUp: true,
});

/** Work left to spend on looking for better, counted in tries of a start: never in seconds, so that the same input gives the same plan. */
export interface Budget {
  left: number;
}

/** What stands in the way of a plan: the step, the rule, and where another step has to do with it, that. */
export interface Obstacle {
  rule: PushRule | 'people' | 'skill';
  task: Task;
  by: number | null;
  /** The rule proves it of this step alone, whatever the order. */
  proven: boolean;
  /** What the rule counted: nights, minutes. */
  figure: number | null;
}

/** Says which step starts when and what pushed it there last; asked for once, of the plan that stands. */
export type Notice = (task: Task, team: Team, why: Push | null) => void;

const obstacle = (rule: Obstacle['rule'], task: Task, more: Partial<Obstacle> = {}): Refused => ({
  obstacle: { rule, task, by: null, proven: false, figure: null, ...more },
});

/** When a task may start as far as what stands before it goes. */
function openAt(table: Timetable, task: Task, held: Holdbacks, { patient, offFrom }: Order): Minute {
  const { problem } = table;
  let open = Math.max(problem.start, task.notBefore, held.tasks[task.index]!, offFrom?.get(task.index) ?? 0);
  for (const p of task.preds) {
    const end = table.end[p]!;
    if (end > open) open = end;
    if (p !== task.before) continue;
    const before = problem.tasks[p]!;
    if (end + before.waitMin > open) open = end + before.waitMin;
    if (!before.coat) continue;
    open = Math.max(open, recoatFrom(before, end) ?? 0);
    if (patient?.has(p)) open = Math.max(open, preferredFrom(before, end) ?? 0);
  }
  if (task.handles !== null)
    open = Math.max(open, handleFrom(problem.tasks[task.handles]!, table.end[task.handles]!) ?? 0);
  return task.zone ? Math.max(open, held.zones[task.zone.index]!) : open;
}

/** The same, with what holds it: asked where somebody wants to know. */
function openFrom(table: Timetable, task: Task, held: Holdbacks, order: Order): Push {
  const { problem } = table;
  const { patient, offFrom } = order;
  const to = openAt(table, task, held, order);
  const by = (rule: PushRule, p?: number): Push => ({ to, rule, ...(p === undefined ? {} : { by: p }) });
  if (task.notBefore === to) return by('other-trade');
  if (offFrom?.get(task.index) === to) return by('same-day');
  for (const p of task.preds) {
    const end = table.end[p]!;
    if (end === to) return by('order', p);
    if (p !== task.before) continue;
    const before = problem.tasks[p]!;
    if (before.waitMin > 0 && end + before.waitMin === to) return by('wait', p);
    if (!before.coat) continue;
    if (recoatFrom(before, end) === to) return by('coat', p);
    if (patient?.has(p) && preferredFrom(before, end) === to) return by('preferred', p);
  }
  if (task.handles !== null && handleFrom(problem.tasks[task.handles]!, table.end[task.handles]!) === to)
    return by('handle', task.handles);
  if (held.tasks[task.index] === to) return by(held.why[task.index] ?? 'posted');
  return by(task.zone && held.zones[task.zone.index] === to ? 'nights-out' : 'order');
}

/** Places one task at the earliest start that every rule allows: each rule pushes the start later until none objects. */
function placeEarliest(
  table: Timetable,
  task: Task,
  people: readonly Person[],
  held: Holdbacks,
  order: Order,
  budget: Budget,
  prefer: Prefer,
  notice: Notice | null,
): Refused | null {
  const { problem } = table;
  let from = openAt(table, task, held, order);
  if (from === Infinity) {
    const { rule, by } = openFrom(table, task, held, order);
    return obstacle(rule, task, { by: by ?? null, proven: rule !== 'preferred' });
  }
  let why = notice && from > problem.start ? openFrom(table, task, held, order) : null;
  let pushed = false;
  for (;;) {
    budget.left -= 1;
    const team = earliestTeam(task, people, table.diaries, from, prefer);
    if (!team) return noTeam(problem, task);
    if (team.start > from && notice) {
      const waits = crewWhy(task, people, from, team);
      // What a rule pushed past the end of the day waits for that rule, not for the morning.
      if (waits.rule === 'crew' || !pushed) why = waits;
    }
    from = team.start;
    const push = pushAlone(problem, task, from, team.end) ?? pushByOthers(problem, table, task, from, team.end);
    if (!push) {
      table.put(task, team);
      notice?.(task, team, why);
      return null;
    }
    if (push.to === Infinity) return obstacle(push.rule, task, { by: push.by ?? null, proven: push.by === undefined });
    from = Math.max(push.to, from + 1);
    why = push;
    pushed = true;
  }
}

/** Whether a team's start waits for working hours or for somebody to be free. */
function crewWhy(task: Task, people: readonly Person[], from: Minute, team: Team): Push {
  const unhindered = earliestTeam(task, people, null, from, () => 0);
  return { to: team.start, rule: unhindered !== null && unhindered.start >= team.start ? 'hours' : 'crew' };
}

function noTeam(problem: Problem, task: Task): Refused {
  if (task.able.length < task.people)
    return obstacle(problem.crew.length < task.people ? 'people' : 'skill', task, { proven: true });
  const alone = earliestTeam(task, task.able, null, problem.start, () => 0);
  return obstacle(alone ? 'crew' : 'hours', task, { proven: true });
}

const MOST_REPAIRS = 80;

/**
 * Builds a plan on the bench by placing tasks one after another, the least `rank` first among those whose predecessors
 * stand. A coat that would close before the next is held back, a room that would be out too long is begun later, and
 * the building starts again. Null when it stands.
 */
export function construct(
  begun: Timetable,
  order: Order,
  budget: Budget,
  bench: Bench,
  mostRepairs = MOST_REPAIRS,
): Obstacle | null {
  for (let repair = 0; ; repair++) {
    bench.table.become(begun);
    const refused = constructOnce(bench, order, budget, null);
    if (!refused) return null;
    if (!refused.hold || repair >= mostRepairs || budget.left <= 0) return refused.obstacle;
    refused.hold(bench.held);
  }
}

/** Builds the same plan again, saying of each step what it waited for. */
export function retell(begun: Timetable, order: Order, held: Holdbacks, notice: Notice): void {
  constructOnce({ table: begun.copy(), held }, order, { left: Infinity }, notice);
}

/** What stood in the way, and what to hold back where that may help. */
interface Refused {
  obstacle: Obstacle;
  hold?: (held: Holdbacks) => void;
}

function constructOnce({ table, held }: Bench, order: Order, budget: Budget, notice: Notice | null): Refused | null {
  const { problem } = table;
  const { tasks, followers } = problem;
  const open = openCounts(problem);
  const ready: number[] = [];
  for (const task of tasks) if (!task.done && open[task.index] === 0) ready.push(task.index);
  const prefer: Prefer = (p, at) => (table.isThere(p.index, at) ? 0 : 1);
  let chained = -1;
  while (ready.length) {
    const task = tasks[takeNext(ready, order.rank, chained)]!;
    const people = peopleFor(problem, task, order);
    const refused =
      placeEarliest(table, task, people, held, order, budget, prefer, notice) ??
      closesTooSoon(table, task) ??
      notThatDay(table, task);
    if (refused) return refused;
    chained = -1;
    const closes = order.followUp && recoatUntil(task, table.end[task.index]!) !== null;
    for (const f of followers[task.index]!) {
      if (tasks[f]!.done || --open[f]! > 0) continue;
      ready.push(f);
      if (closes && tasks[f]!.before === task.index) chained = f;
    }
  }
  return nightsOut(table);
}

/** Who may do a task, as far as the order says. */
function peopleFor(problem: Problem, task: Task, { hand, teams }: Order): readonly Person[] {
  const only = hand[task.index]!;
  if (task.people === 1) return only >= 0 && task.able.length > 1 ? [problem.crew[only]!] : task.able;
  return teams?.get(task.index)?.map((p) => problem.crew[p]!) ?? task.able;
}

const counts = new WeakMap<Problem, number[]>();

/** How many predecessors of each task are still to be placed. */
function openCounts(problem: Problem): number[] {
  let known = counts.get(problem);
  if (!known) {
    known = problem.tasks.map((t) => t.preds.filter((p) => !problem.tasks[p]!.done).length);
    counts.set(problem, known);
  }
  return known.slice();
}

function takeNext(ready: number[], rank: Float64Array, chained: number): number {
  let best = 0;
  for (let i = 0; i < ready.length; i++) {
    if (ready[i] === chained) {
      best = i;
      break;
    }
    if (rank[ready[i]!]! < rank[ready[best]!]!) best = i;
  }
  const taken = ready[best]!;
  ready[best] = ready[ready.length - 1]!;
  ready.pop();
  return taken;
}

/** Holds a task back to a minute, and always by one more than last time, so that repairing ends. */
const holdTask = (index: number, to: Minute, why: PushRule) => (held: Holdbacks) => {
  holdTo(held, index, Math.max(to, held.tasks[index]! + 1), why);
};

function closesTooSoon(table: Timetable, task: Task): Refused | null {
  if (task.closing === null) return null;
  const coat = table.problem.tasks[task.closing]!;
  const closes = recoatUntil(coat, table.end[coat.index]!);
  const start = table.start[task.index]!;
  if (closes === null || start <= closes) return null;
  const found = obstacle('recoat-closes', task, { by: coat.index, proven: coat.done !== null });
  if (coat.done) return found;
  return { ...found, hold: holdTask(coat.index, table.start[coat.index]! + start - closes, 'recoat-closes') };
}

/** What is taken off in the morning is back by the evening of that day. */
function notThatDay(table: Timetable, task: Task): Refused | null {
  if (task.sameDayAs === null) return null;
  const { calendar, tasks } = table.problem;
  const off = tasks[task.sameDayAs]!;
  const day = calendar.dayOf(Math.max(table.start[task.index]!, table.end[task.index]! - 1));
  if (day === calendar.dayOf(table.start[off.index]!)) return null;
  const found = obstacle('same-day', task, { by: off.index, proven: off.done !== null });
  if (off.done) return found;
  return {
    ...found,
    hold: holdTask(off.index, Math.max(calendar.midnight(day), table.start[off.index]! + 1), 'same-day'),
  };
}

/** Nights a room is out: the date of its last end less that of its first start. */
function nightsOut(table: Timetable): Refused | null {
  const { calendar, tasks, zones } = table.problem;
  for (const zone of zones) {
    if (zone.maxNightsOut === null) continue;
    let first = Infinity;
    let end = -Infinity;
    let last: Task | null = null;
    for (const task of tasks) {
      if (task.zone !== zone) continue;
      first = Math.min(first, table.start[task.index]!);
      if (table.end[task.index]! <= end) continue;
      end = table.end[task.index]!;
      last = task;
    }
    if (!last) continue;
    const nights = calendar.dayOf(end) - calendar.dayOf(first);
    if (nights <= zone.maxNightsOut) continue;
    const begins = calendar.midnight(calendar.dayOf(end) - zone.maxNightsOut);
    const fixed = tasks.some((t) => t.zone === zone && t.done && t.done.start < begins);
    const found = obstacle('nights-out', last, { figure: nights });
    if (fixed) return found;
    return {
      ...found,
      hold: (held) => {
        held.zones[zone.index] = Math.max(begins, held.zones[zone.index]! + 1);
      },
    };
  }
  return null;
}
