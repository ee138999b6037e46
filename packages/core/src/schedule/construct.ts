import { STEP_LABELS } from '../vocabulary/index.ts';
import { earliestTeam, eligible, type Team } from './crewTime.ts';
import type { Minute } from './calendar.ts';
import { predecessors, type Problem, type Task } from './problem.ts';
import { pushAlone, pushByOthers, type Push } from './rules.ts';
import { State, type Placed } from './state.ts';

/** A demand that cannot be met, in words. */
export interface Reason {
  rule: string;
  step: string;
  text: string;
}

export type Built = { state: State } | { reason: Reason };

/** Work left to spend on looking for better, counted in tries of a start: never in seconds, so that the same input gives the same plan. */
export interface Budget {
  left: number;
}

const nameOf = (task: Task) => `${task.surface}/${task.id}`;
const refused = (task: Task, rule: string, text: string): { reason: Reason } => ({
  reason: { rule, step: nameOf(task), text },
});

/** Starts held back beyond what a task's own rules ask: by coats that would close, by rooms that may not be out so long. */
interface Held {
  tasks: Map<number, Minute>;
  zones: Map<string, Minute>;
}

/** When a task may start as far as its predecessors go, and what it waits for. */
function openFrom(
  problem: Problem,
  state: State,
  task: Task,
  held: Held,
): { from: Minute; why: Push | null } | { reason: Reason } {
  let from = problem.start;
  let why: Push | null = null;
  const wait = (to: Minute, code: Push['code'], text: string) => {
    if (to > from) {
      from = to;
      why = { to, code, rule: code, text };
    }
  };
  for (const p of predecessors(task)) {
    const before = state.placed[p]!;
    const words = STEP_LABELS[before.task.kind].toLowerCase();
    wait(before.end, 'order', `Waits for ${before.task.surface}: ${words}.`);
    if (p !== task.before) continue;
    wait(before.end + before.task.waitMin, 'wait', `Waits after ${words}.`);
    if (before.recoatFrom === Infinity)
      return refused(task, 'air', `In this air the coat before it (${nameOf(before.task)}) never opens.`);
    if (before.recoatFrom !== null)
      wait(
        before.recoatFrom,
        'coat',
        `Waits for the coat before it, open ${problem.calendar.said(before.recoatFrom)}.`,
      );
  }
  wait(held.tasks.get(task.index) ?? from, 'coat', 'Held back so that the next coat comes before this one closes.');
  wait(
    (task.zone && held.zones.get(task.zone.id)) ?? from,
    'room',
    'Held back so that the room is not out of use too long.',
  );
  return { from, why };
}

function crewWhy(problem: Problem, task: Task, from: Minute, team: Team): Push {
  const unhindered = earliestTeam(task, problem.crew, null, from, () => 0);
  const hours = unhindered !== null && unhindered.start >= team.start;
  return {
    to: team.start,
    code: hours ? 'hours' : 'crew',
    rule: hours ? 'hours' : 'crew',
    text: hours ? 'Waits for working hours that are long enough.' : 'Waits until somebody is free.',
  };
}

/** Places one task at the earliest start that every rule allows: each rule pushes the start later until none objects. */
function placeEarliest(
  problem: Problem,
  state: State,
  task: Task,
  held: Held,
  budget: Budget,
): Placed | { reason: Reason } {
  const open = openFrom(problem, state, task, held);
  if ('reason' in open) return open;
  let { from, why } = open;
  const prefer = (p: Problem['crew'][number], at: Minute) => (state.visits.has(state.visitKey(p.index, at)) ? 0 : 1);
  for (;;) {
    budget.left -= 1;
    const team = earliestTeam(task, problem.crew, state.busy, from, prefer);
    if (!team) return refused(task, ...noTeam(problem, task));
    if (team.start > from) why = crewWhy(problem, task, from, team);
    from = team.start;
    const push =
      pushAlone(problem, task, team.start, team.end) ?? pushByOthers(problem, state, task, team.start, team.end);
    if (!push)
      return state.put(task, team, why && team.start > problem.start ? { code: why.code, text: why.text } : null);
    if (push.to === Infinity) return refused(task, push.rule, neverText(push));
    from = Math.max(push.to, from + 1);
    why = push;
  }
}

function neverText(push: Push): string {
  if (push.rule === 'air')
    return `This air never suits the coat. ${push.text} Warm, dry or shelter the place, or take another product.`;
  if (push.rule === 'back-by')
    return 'On no day is this coat dust-free by the hour the room is wanted back. Start earlier, take a quicker product, or ask for a later hour.';
  return push.text;
}

function noTeam(problem: Problem, task: Task): [rule: string, text: string] {
  const able = eligible(task, problem.crew).length;
  if (able < task.people) {
    return task.skill
      ? ['skill', `${task.people} with the skill "${task.skill}" are needed; the crew has ${able}.`]
      : ['crew', `${task.people} people are needed at once; the crew has ${able}.`];
  }
  return [
    'hours',
    `${task.minutes} minutes fit into nobody's working day together. Let it be split over nights, or lengthen a day.`,
  ];
}

const MOST_REPAIRS = 80;

/**
 * Builds a plan by placing tasks one after another, the least `rank` first among those whose predecessors stand.
 * A coat that would close before the next is held back, a room that would be out too long is begun later, and the
 * building starts again.
 */
export function construct(
  problem: Problem,
  rank: readonly number[],
  budget: Budget,
  mostRepairs = MOST_REPAIRS,
): Built {
  const held: Held = { tasks: new Map(), zones: new Map() };
  let last: Reason | null = null;
  for (let repair = 0; repair < mostRepairs; repair++) {
    const built = constructOnce(problem, rank, held, budget);
    if ('state' in built || !('hold' in built)) return built;
    last = built.hold.reason;
    built.hold.apply(held);
  }
  return { reason: last! };
}

type Held1 = { hold: { reason: Reason; apply: (held: Held) => void } };

function constructOnce(problem: Problem, rank: readonly number[], held: Held, budget: Budget): Built | Held1 {
  const state = new State(problem);
  const open = problem.tasks.map((t) => predecessors(t).filter((p) => !problem.tasks[p]!.done).length);
  const ready = problem.tasks.filter((t) => !t.done && open[t.index] === 0).map((t) => t.index);
  let chained: number | null = null;
  while (ready.length) {
    const at = nextReady(ready, rank, chained);
    const task = problem.tasks[ready.splice(at, 1)[0]!]!;
    const placed = placeEarliest(problem, state, task, held, budget);
    if ('reason' in placed) return placed;
    const late = closesTooSoon(problem, state, placed);
    if (late) return late;
    chained = null;
    for (const f of problem.followers[task.index]!) {
      if (--open[f]! === 0 && !problem.tasks[f]!.done) ready.push(f);
      // A coat that closes is followed up before anything else takes the people.
      if (placed.recoatUntil !== null && problem.tasks[f]!.before === task.index) chained = f;
    }
  }
  return nightsOut(problem, state) ?? { state };
}

function nextReady(ready: readonly number[], rank: readonly number[], chained: number | null): number {
  const follow = chained === null ? -1 : ready.indexOf(chained);
  if (follow >= 0) return follow;
  let best = 0;
  for (let i = 1; i < ready.length; i++) if (rank[ready[i]!]! < rank[ready[best]!]!) best = i;
  return best;
}

function closesTooSoon(problem: Problem, state: State, placed: Placed): Built | Held1 | null {
  const { task } = placed;
  const coat = task.closing === null ? undefined : state.placed[task.closing];
  if (!coat || coat.recoatUntil === null || placed.start <= coat.recoatUntil) return null;
  const text = `The coat before it (${nameOf(coat.task)}) closes ${problem.calendar.said(coat.recoatUntil)}, before this one can start. Abrade between them, or change the hours or the air.`;
  const reason: Reason = { rule: 'recoat-closes', step: nameOf(task), text };
  if (coat.task.done) return { reason };
  const later = coat.start + (placed.start - coat.recoatUntil);
  return {
    hold: {
      reason,
      apply: (held) => held.tasks.set(coat.task.index, Math.max(later, (held.tasks.get(coat.task.index) ?? 0) + 1)),
    },
  };
}

/** Nights a room is out: the date of its last end less that of its first start. */
function nightsOut(problem: Problem, state: State): Built | Held1 | null {
  const { calendar } = problem;
  const zones = new Map<string, Placed[]>();
  for (const placed of state.placed)
    if (placed?.task.zone && placed.task.zone.maxNightsOut !== null)
      zones.set(placed.task.zone.id, [...(zones.get(placed.task.zone.id) ?? []), placed]);
  for (const [id, steps] of zones) {
    const most = steps[0]!.task.zone!.maxNightsOut!;
    const first = Math.min(...steps.map((s) => calendar.dayOf(s.start)));
    const last = Math.max(...steps.map((s) => calendar.dayOf(s.end)));
    if (last - first <= most) continue;
    const end = steps.reduce((a, b) => (b.end > a.end ? b : a));
    const reason: Reason = {
      rule: 'nights-out',
      step: nameOf(end.task),
      text: `The room "${id}" would be out of use for ${last - first} nights; ${most} are allowed. Quicker products, more people or a weekend would shorten it.`,
    };
    const fixed = steps.some((s) => s.task.done && calendar.dayOf(s.start) < last - most);
    if (fixed) return { reason };
    return {
      hold: {
        reason,
        apply: (held) => held.zones.set(id, Math.max(calendar.midnight(last - most), (held.zones.get(id) ?? 0) + 1)),
      },
    };
  }
  return null;
}
