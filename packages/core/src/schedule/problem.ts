import { chemistryOf, type HouseRules, type StepKind } from '../vocabulary/index.ts';
import type { Air } from '../drying/air.ts';
import { doseTable, filmOf, type DoseTable, type Film } from '../drying/dose.ts';
import { rainy, unsuited, type BadHours } from '../drying/limits.ts';
import type { PlanInput } from '../model/planInput.ts';
import type { DryingFigures } from '../model/product.ts';
import { workHours } from './usualHours.ts';
import { Calendar, WorkingHours, type Minute, type Span } from './calendar.ts';

/** A coat as the plan sees it: its figures in label minutes, its limits, and its progress in the air of its place. */
export interface Coat {
  film: Film;
  figures: Partial<DryingFigures>;
  dose: DoseTable;
  unsuited: BadHours;
  rain: BadHours | null;
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
  /** Who may do it. */
  able: readonly Person[];
  splittable: boolean;
  dusty: boolean;
  onRack: boolean;
  waitMin: number;
  notBefore: Minute;
  strongVapour: boolean;
  coat: Coat | null;
  zone: Zone | null;
  site: number;
  air: Air;
  before: number | null;
  after: readonly number[];
  /** `before` and `after` together. */
  preds: readonly number[];
  /** The coat whose closing binds this one. */
  closing: number | null;
  /** The last coat before a step that handles or closes the piece: it waits until that may be. */
  handles: number | null;
  /** The step on whose local day this one must end. */
  sameDayAs: number | null;
  done: { start: Minute; end: Minute; crew: readonly string[] } | null;
}

export interface Zone {
  index: number;
  id: string;
  noDustWhileWet: boolean;
  maxNightsOut: number | null;
  backBy: string | null;
  fumesOutBy: string | null;
}

export interface Person {
  index: number;
  id: string;
  skills: ReadonlySet<string>;
  hours: WorkingHours;
  /** Taken before anything is planned: another calendar, another job. */
  busy: readonly Span[];
}

export interface Problem {
  start: Minute;
  calendar: Calendar;
  crew: readonly Person[];
  /** Rack places of each site. */
  racks: readonly number[];
  travelMin: number;
  zones: readonly Zone[];
  goal: HouseRules['planGoal'];
  tasks: readonly Task[];
  /** Tasks in an order that respects every `before` and `after`. */
  topological: readonly number[];
  followers: readonly (readonly number[])[];
}

type GivenStep = PlanInput['surfaces'][number]['steps'][number];

export const minuteOf = (text: string): Minute => Math.ceil(Date.parse(text) / 60_000);
const ABRADES: readonly StepKind[] = ['sand', 'sand-between', 'degloss'];
/** They take the piece in hand or close it: its film must bear that. */
const HANDLES: readonly StepKind[] = ['refit-hardware', 'rehang'];

/** A series is read once: what is summed up over it stays with it, however often the plan is asked for. */
const seriesRead = new WeakMap<PlanInput['air'], Air>();

function airOf(given: PlanInput['air']): Air {
  if (given.kind === 'steady') return given;
  let known = seriesRead.get(given);
  if (!known) seriesRead.set(given, (known = { ...given, from: minuteOf(given.from) }));
  return known;
}

function coatOf(drying: GivenStep['drying'], air: Air): Coat | null {
  if (!drying || !Object.values(drying).some((v) => v != null)) return null;
  const { thickness, ...sheet } = drying;
  const chemistry = sheet.chemistry ?? chemistryOf(sheet.family!);
  const figures = { ...sheet, chemistry };
  const film = { ...filmOf(figures), ...(thickness ? { thickness } : {}) };
  return {
    film,
    figures,
    dose: doseTable(film, air),
    unsuited: unsuited(air, figures),
    rain: figures.rainSafeMin == null ? null : rainy(air),
  };
}

function crewOf(input: PlanInput, calendar: Calendar, start: Minute): Person[] {
  const { setUpMin, packUpMin } = input.visit ?? {};
  return input.crew.map((p, index): Person => ({
    index,
    id: p.id,
    skills: new Set(p.skills ?? []),
    hours: new WorkingHours(
      calendar,
      {
        ...workHours(p),
        off: new Set(p.off ?? []),
        setUpMin: setUpMin ?? 0,
        packUpMin: packUpMin ?? 0,
      },
      start,
    ),
    busy: (p.busy ?? []).map((b): Span => [minuteOf(b.from), minuteOf(b.to)]),
  }));
}

/** The rooms, those that are only named by a surface included. */
function zonesOf(input: PlanInput): Map<string, Zone> {
  const zones = new Map<string, Zone>();
  const given = new Map((input.zones ?? []).map((z) => [z.id, z]));
  const named = input.surfaces.flatMap((s) => (s.zone ? [s.zone] : []));
  for (const id of [...given.keys(), ...named]) {
    if (zones.has(id)) continue;
    const zone = given.get(id);
    zones.set(id, {
      index: zones.size,
      id,
      noDustWhileWet: zone?.noDustWhileWet ?? false,
      maxNightsOut: zone?.maxNightsOut ?? null,
      backBy: zone?.backBy ?? null,
      fumesOutBy: zone?.fumesOutBy ?? null,
    });
  }
  return zones;
}

/** Reads a plan's input into tasks, people and calendar. The input has been checked. A calendar of the same start and zone may be used again. */
export function readProblem(input: PlanInput, calendar = new Calendar(input.timeZone, minuteOf(input.start))): Problem {
  const start = minuteOf(input.start);
  const crew = crewOf(input, calendar, start);
  const zones = zonesOf(input);
  const sites = new Map((input.sites ?? []).map((s, i) => [s.id, i + 1]));
  const tasks = tasksOf(input, { crew, zones, sites });
  const followers = tasks.map((): number[] => []);
  for (const task of tasks) for (const p of task.preds) followers[p]!.push(task.index);
  return {
    start,
    calendar,
    crew,
    racks: [input.racks ?? Infinity, ...(input.sites ?? []).map((s) => s.racks ?? Infinity)],
    travelMin: input.visit?.travelMin ?? 0,
    zones: [...zones.values()],
    goal: input.goal ?? 'finish-first',
    tasks,
    topological: sorted(tasks, followers),
    followers,
  };
}

interface Around {
  crew: readonly Person[];
  zones: ReadonlyMap<string, Zone>;
  sites: ReadonlyMap<string, number>;
}

function tasksOf(input: PlanInput, around: Around): Task[] {
  const tasks: Task[] = [];
  const byName = new Map<string, number>();
  const airs = new Map((input.zones ?? []).map((z) => [z.id, z.air ? airOf(z.air) : null]));
  const outside = airOf(input.air);
  for (const surface of input.surfaces) {
    let lastCoat: number | null = null;
    let film: number | null = null;
    const air = (surface.zone ? airs.get(surface.zone) : null) ?? outside;
    surface.steps.forEach((step, i) => {
      const index = tasks.length;
      const coat = coatOf(step.drying, air);
      byName.set(`${surface.id}/${step.id}`, index);
      tasks.push({
        ...workIn(step, around),
        index,
        surface: surface.id,
        coat,
        air,
        zone: (surface.zone ? around.zones.get(surface.zone) : null) ?? null,
        site: (surface.site ? around.sites.get(surface.site) : 0) ?? 0,
        before: i > 0 ? index - 1 : null,
        after: [],
        preds: [],
        closing: coat ? lastCoat : null,
        handles: HANDLES.includes(step.kind) ? film : null,
        sameDayAs: step.sameDayAs ? byName.get(`${surface.id}/${step.sameDayAs}`)! : null,
      });
      // An abrading step opens the way for what comes after it, not for itself.
      if (ABRADES.includes(step.kind)) lastCoat = null;
      if (coat) lastCoat = film = index;
    });
  }
  let at = 0;
  for (const { steps } of input.surfaces)
    for (const step of steps) {
      const task = tasks[at]!;
      const after = (step.after ?? []).map((name) => byName.get(name)!);
      tasks[at++] = { ...task, after, preds: task.before === null ? after : [task.before, ...after] };
    }
  return tasks;
}

function workIn(step: GivenStep, { crew }: Around) {
  const skill = step.skill ?? null;
  return {
    id: step.id,
    kind: step.kind,
    minutes: step.minutes,
    people: step.people ?? 1,
    skill,
    able: crew.filter((p) => skill === null || p.skills.has(skill)),
    splittable: step.splittable ?? false,
    dusty: step.dusty ?? false,
    onRack: step.onRack ?? false,
    waitMin: step.waitMin ?? 0,
    notBefore: step.notBefore ? minuteOf(step.notBefore) : 0,
    strongVapour: step.strongVapour ?? false,
    done: step.done ? { start: minuteOf(step.start!), end: minuteOf(step.end!), crew: step.crew ?? [] } : null,
  };
}

function sorted(tasks: readonly Task[], followers: readonly (readonly number[])[]): number[] {
  const open = tasks.map((t) => t.preds.length);
  const order = tasks.filter((t) => open[t.index] === 0).map((t) => t.index);
  for (let i = 0; i < order.length; i++) for (const f of followers[order[i]!]!) if (--open[f]! === 0) order.push(f);
  return order;
}

/** When a coat that ends then is dust-free; its end where its sheet says nothing; infinite where this air never gets it there. */
export function dustFreeAt(task: Task, end: Minute): Minute {
  const label = task.coat?.figures.dustFreeMin;
  return label == null ? end : task.coat!.dose.reach(end, label);
}

/** When a coat that ends then opens for the next; null where its sheet says nothing. */
export function recoatFrom(task: Task, end: Minute): Minute | null {
  const label = task.coat?.figures.recoatMin;
  return label == null ? null : task.coat!.dose.reach(end, label);
}

/** When a coat that ends then may be handled or closed; null where its sheet says nothing. */
export function handleFrom(task: Task, end: Minute): Minute | null {
  const label = task.coat?.figures.handleMin;
  return label == null ? null : task.coat!.dose.reach(end, label);
}

/** When a coat that ends then has had the longer wait that its sheet prefers; null where it asks for none. */
export function preferredFrom(task: Task, end: Minute): Minute | null {
  const label = task.coat?.figures.recoatPreferredMin;
  return label == null ? null : task.coat!.dose.reach(end, label);
}

/** When a coat that ends then closes; label time, never stretched. Null where it never does. */
export function recoatUntil(task: Task, end: Minute): Minute | null {
  const label = task.coat?.figures.recoatMaxMin;
  return label == null ? null : end + Math.floor(label);
}

export const nameOf = (task: Task) => `${task.surface}/${task.id}`;

/** How many steps are asked for, those that are done included. */
export const stepsIn = (input: PlanInput): number => input.surfaces.reduce((n, s) => n + s.steps.length, 0);
