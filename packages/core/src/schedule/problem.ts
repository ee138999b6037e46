import { chemistryOf, type StepKind } from '../vocabulary/index.ts';
import type { Air } from '../drying/air.ts';
import { reaches, type Film } from '../drying/dose.ts';
import type { PlanInput } from '../contract/planInput.ts';
import type { DryingFigures } from '../shelf/product.ts';
import { Calendar, WorkingHours, type Minute } from './calendar.ts';

/** A coat as the plan sees it: its film, its waits in label minutes, its limits. */
export interface Coat {
  film: Film;
  figures: Partial<DryingFigures>;
}

/** A step to be placed. Indices point into `Problem.tasks`. */
export interface Task {
  index: number;
  id: string;
  surface: string;
  kind: StepKind;
  minutes: number;
  people: number;
  skill: string | null;
  splittable: boolean;
  dusty: boolean;
  onRack: boolean;
  waitMin: number;
  coat: Coat | null;
  zone: Zone | null;
  air: Air;
  before: number | null;
  after: readonly number[];
  /** The coat whose closing binds this one. */
  closing: number | null;
  done: { start: Minute; end: Minute; crew: readonly string[] } | null;
}

export interface Zone {
  id: string;
  noDustWhileWet: boolean;
  maxNightsOut: number | null;
  backBy: string | null;
}

export interface Person {
  index: number;
  id: string;
  skills: ReadonlySet<string>;
  hours: WorkingHours;
}

export interface Problem {
  start: Minute;
  calendar: Calendar;
  crew: readonly Person[];
  racks: number;
  tasks: readonly Task[];
  /** Tasks in an order that respects every `before` and `after`. */
  topological: readonly number[];
  followers: readonly (readonly number[])[];
}

const minuteOf = (text: string): Minute => Math.ceil(Date.parse(text) / 60_000);
const ABRADES: readonly StepKind[] = ['sand', 'sand-between', 'degloss'];
const EVERY_DAY_OF_WORK = [1, 2, 3, 4, 5];

function airOf(given: PlanInput['air']): Air {
  return given.kind === 'steady' ? given : { ...given, from: minuteOf(given.from) };
}

function coatOf(drying: PlanInput['surfaces'][number]['steps'][number]['drying']): Coat | null {
  if (!drying || !Object.values(drying).some((v) => v != null)) return null;
  const chemistry = drying.chemistry ?? chemistryOf(drying.family!);
  return { film: { chemistry, minTempC: drying.minTempC ?? null }, figures: { ...drying, chemistry } };
}

/** Reads a plan's input into tasks, people and calendar. The input has been checked. */
export function readProblem(input: PlanInput): Problem {
  const start = minuteOf(input.start);
  const calendar = new Calendar(input.timeZone, start);
  const zones = new Map((input.zones ?? []).map((z) => [z.id, z]));
  const tasks: Task[] = [];
  const byName = new Map<string, number>();
  for (const surface of input.surfaces) {
    const zone = surface.zone ? zones.get(surface.zone) : undefined;
    let lastCoat: number | null = null;
    surface.steps.forEach((step, i) => {
      const index = tasks.length;
      const coat = coatOf(step.drying);
      byName.set(`${surface.id}/${step.id}`, index);
      tasks.push({
        index,
        id: step.id,
        surface: surface.id,
        kind: step.kind,
        minutes: step.minutes,
        people: step.people ?? 1,
        skill: step.skill ?? null,
        splittable: step.splittable ?? false,
        dusty: step.dusty ?? false,
        onRack: step.onRack ?? false,
        waitMin: step.waitMin ?? 0,
        coat,
        zone: surface.zone
          ? {
              id: surface.zone,
              noDustWhileWet: zone?.noDustWhileWet ?? false,
              maxNightsOut: zone?.maxNightsOut ?? null,
              backBy: zone?.backBy ?? null,
            }
          : null,
        air: airOf(zone?.air ?? input.air),
        before: i > 0 ? index - 1 : null,
        after: [],
        closing: coat ? lastCoat : null,
        done: step.done ? { start: minuteOf(step.start!), end: minuteOf(step.end!), crew: step.crew ?? [] } : null,
      });
      // An abrading step opens the way for what comes after it, not for itself.
      if (ABRADES.includes(step.kind)) lastCoat = null;
      if (coat) lastCoat = index;
    });
  }
  let at = 0;
  for (const surface of input.surfaces)
    for (const step of surface.steps) {
      const task = tasks[at++]!;
      tasks[task.index] = { ...task, after: (step.after ?? []).map((name) => byName.get(name)!) };
    }
  const crew = input.crew.map((p, index): Person => ({
    index,
    id: p.id,
    skills: new Set(p.skills ?? []),
    hours: new WorkingHours(
      calendar,
      { days: p.days ?? EVERY_DAY_OF_WORK, from: p.from ?? '08:00', to: p.to ?? '16:30', off: new Set(p.off ?? []) },
      start,
    ),
  }));
  const followers = tasks.map((): number[] => []);
  for (const task of tasks) for (const p of predecessors(task)) followers[p]!.push(task.index);
  return {
    start,
    calendar,
    crew,
    racks: input.racks ?? Infinity,
    tasks,
    topological: sorted(tasks, followers),
    followers,
  };
}

/** Everything that must have ended before a task starts. */
export function predecessors(task: Task): number[] {
  return task.before === null ? [...task.after] : [task.before, ...task.after];
}

function sorted(tasks: readonly Task[], followers: readonly (readonly number[])[]): number[] {
  const open = tasks.map((t) => predecessors(t).length);
  const order = tasks.filter((t) => open[t.index] === 0).map((t) => t.index);
  for (let i = 0; i < order.length; i++) for (const f of followers[order[i]!]!) if (--open[f]! === 0) order.push(f);
  return order;
}

/** When a coat laid from `start` to `end` is dust-free and opens; null where it has no such figure, infinite where it never gets there. */
export function coatTimes(task: Task, end: Minute): CoatTimes {
  const last = lastTimes.get(task);
  if (last?.end === end) return last.times;
  const times = timesOf(task, end);
  lastTimes.set(task, { end, times });
  return times;
}

export interface CoatTimes {
  dustFreeAt: Minute | null;
  recoatFrom: Minute | null;
  recoatUntil: Minute | null;
}

/** Every rule asks for the same end in turn: the last answer is kept. */
const lastTimes = new WeakMap<Task, { end: Minute; times: CoatTimes }>();

function timesOf(task: Task, end: Minute): CoatTimes {
  if (!task.coat) return { dustFreeAt: null, recoatFrom: null, recoatUntil: null };
  const { film, figures } = task.coat;
  const when = (label: number | null | undefined) =>
    label == null ? null : (reaches(film, task.air, end, label) ?? Infinity);
  return {
    dustFreeAt: when(figures.dustFreeMin),
    recoatFrom: when(figures.recoatMin),
    recoatUntil: figures.recoatMaxMin == null ? null : end + Math.floor(figures.recoatMaxMin),
  };
}
