import type { Minute, Span } from './calendar.ts';
import type { Team } from './crewTime.ts';
import { Diary } from './diary.ts';
import { dustFreeAt, recoatFrom, type Problem, type Task } from './problem.ts';

/** Stretches of a room or a rack, each with the task it is of. */
interface Use {
  from: Minute[];
  to: Minute[];
  task: number[];
}

const nothing = (): Use => ({ from: [], to: [], task: [] });
const copyInto = (target: Use, use: Use) => {
  const count = use.from.length;
  target.from.length = target.to.length = target.task.length = count;
  for (let i = 0; i < count; i++) {
    target.from[i] = use.from[i]!;
    target.to[i] = use.to[i]!;
    target.task[i] = use.task[i]!;
  }
};
const note = (use: Use, from: Minute, to: Minute, task: number) => {
  use.from.push(from);
  use.to.push(to);
  use.task.push(task);
};

const NOBODY: readonly number[] = [];
/** Days for which visits are told apart: more than anybody plans ahead. */
const DAYS = 1100;

/** What has been placed so far, and what it takes up: people, racks, rooms. Kept in plain lists, since a search builds thousands. */
export class Timetable {
  readonly problem: Problem;
  readonly start: Float64Array;
  readonly end: Float64Array;
  /** Indices of who does each task. */
  readonly crew: (readonly number[])[];
  readonly diaries: Diary[];
  readonly racks: Use[];
  readonly wet: Use[];
  readonly dusty: Use[];
  /** Distinct pairs of person and local day: which, and how many. */
  private readonly visited: Uint8Array;
  visits = 0;

  private constructor(from: Problem, diaries: Diary[]) {
    const { tasks, crew, racks, zones } = from;
    this.problem = from;
    this.start = new Float64Array(tasks.length);
    this.end = new Float64Array(tasks.length);
    this.crew = tasks.map(() => NOBODY);
    this.diaries = diaries;
    this.racks = racks.map(nothing);
    this.wet = zones.map(nothing);
    this.dusty = zones.map(nothing);
    this.visited = new Uint8Array(crew.length * DAYS);
  }

  /** With what is done in its place, and nothing else. */
  static begin(problem: Problem): Timetable {
    const { crew, tasks, travelMin } = problem;
    const table = new Timetable(
      problem,
      crew.map((p) => Diary.taken(p.hours, travelMin, [...p.busy, ...doneBy(problem, p.id)], tasks.length)),
    );
    for (const task of problem.tasks) {
      if (!task.done) continue;
      const people = problem.crew.filter((p) => task.done!.crew.includes(p.id)).map((p) => p.index);
      table.stand(task, task.done.start, task.done.end, people);
    }
    return table;
  }

  copy(): Timetable {
    const table = new Timetable(
      this.problem,
      this.diaries.map((d) => d.copy()),
    );
    table.become(this);
    return table;
  }

  /** Takes over what another of the same problem holds: to make room costs more than to copy. */
  become(other: Timetable): void {
    this.start.set(other.start);
    this.end.set(other.end);
    this.visited.set(other.visited);
    this.visits = other.visits;
    for (let i = 0; i < other.crew.length; i++) this.crew[i] = other.crew[i]!;
    this.diaries.forEach((d, i) => d.become(other.diaries[i]!));
    this.racks.forEach((use, i) => copyInto(use, other.racks[i]!));
    this.wet.forEach((use, i) => copyInto(use, other.wet[i]!));
    this.dusty.forEach((use, i) => copyInto(use, other.dusty[i]!));
  }

  private visitAt(person: number, day: number): number {
    return person * DAYS + Math.min(Math.max(day, 0), DAYS - 1);
  }

  /** Whether somebody is there on that day anyway. */
  isThere(person: number, minute: Minute): boolean {
    return this.visited[this.visitAt(person, this.problem.calendar.dayOf(minute))] === 1;
  }

  put(task: Task, { start, end, crew }: Team): void {
    for (const person of crew) this.diaries[person.index]!.add(start, end, task.site);
    this.stand(
      task,
      start,
      end,
      crew.map((p) => p.index),
    );
  }

  private stand(task: Task, start: Minute, end: Minute, crew: readonly number[]): void {
    const i = task.index;
    this.start[i] = start;
    this.end[i] = end;
    this.crew[i] = crew;
    for (const person of crew) this.noteVisits(person, task, start, end);
    if (task.onRack) note(this.racks[task.site]!, start, Math.max(end, recoatFrom(task, end) ?? end), i);
    if (!task.zone?.noDustWhileWet) return;
    if (task.coat) note(this.wet[task.zone.index]!, start, dustFreeAt(task, end), i);
    if (task.dusty) note(this.dusty[task.zone.index]!, start, end, i);
  }

  private noteVisits(person: number, task: Task, start: Minute, end: Minute): void {
    const { calendar, crew } = this.problem;
    const first = calendar.dayOf(start);
    const last = calendar.dayOf(Math.max(start, end - 1));
    const { hours } = crew[person]!;
    for (let day = first; day <= last; day++) {
      if (first !== last && task.splittable && !hours.on(hours.dayAt(calendar.midnight(day)))) continue;
      const at = this.visitAt(person, day);
      if (this.visited[at] === 0) this.visits++;
      this.visited[at] = 1;
    }
  }
}

function doneBy(problem: Problem, person: string): Span[] {
  return problem.tasks.flatMap((t): Span[] => (t.done?.crew.includes(person) ? [[t.done.start, t.done.end]] : []));
}
