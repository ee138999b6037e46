import type { Minute, Span } from './calendar.ts';
import { coatTimes, type Problem, type Task } from './problem.ts';
import type { Team } from './crewTime.ts';

/** A task in its place. */
export interface Placed {
  task: Task;
  start: Minute;
  end: Minute;
  crew: readonly string[];
  dustFreeAt: Minute | null;
  recoatFrom: Minute | null;
  recoatUntil: Minute | null;
  waitsFor: { code: WaitCode; text: string } | null;
}

export type WaitCode = 'coat' | 'wait' | 'crew' | 'rack' | 'dust' | 'hours' | 'air' | 'room' | 'order';

interface ZoneUse {
  wet: { span: Span; task: number }[];
  dusty: { span: Span; task: number }[];
}

const insert = (spans: Span[], span: Span) => {
  const at = spans.findIndex((s) => s[0] > span[0]);
  if (at < 0) spans.push(span);
  else spans.splice(at, 0, span);
};

/** What has been placed so far, and what it takes up: people, racks, rooms. */
export class State {
  readonly placed: (Placed | undefined)[];
  readonly busy: Span[][];
  readonly racks: Span[] = [];
  readonly visits = new Set<number>();
  private readonly zones = new Map<string, ZoneUse>();
  private readonly problem: Problem;

  constructor(problem: Problem) {
    this.problem = problem;
    this.placed = new Array<Placed | undefined>(problem.tasks.length);
    this.busy = problem.crew.map(() => []);
    for (const task of problem.tasks) if (task.done) this.put(task, { ...task.done, crew: [] }, null, task.done.crew);
  }

  zone(id: string): ZoneUse {
    let use = this.zones.get(id);
    if (!use) this.zones.set(id, (use = { wet: [], dusty: [] }));
    return use;
  }

  /** Visits are distinct pairs of person and local day. */
  visitKey(person: number, minute: Minute): number {
    return person * 100_000 + this.problem.calendar.dayOf(minute);
  }

  put(
    task: Task,
    team: Team,
    waitsFor: Placed['waitsFor'],
    names: readonly string[] = team.crew.map((p) => p.id),
  ): Placed {
    const times = coatTimes(task, team.end);
    const placed: Placed = { task, start: team.start, end: team.end, crew: names, ...times, waitsFor };
    this.placed[task.index] = placed;
    for (const person of this.problem.crew) {
      if (!names.includes(person.id)) continue;
      insert(this.busy[person.index]!, [team.start, team.end]);
      this.noteVisits(person.index, task, team);
    }
    if (task.onRack) insert(this.racks, [team.start, Math.max(team.end, times.recoatFrom ?? team.end)]);
    if (task.zone) {
      if (task.coat)
        this.zone(task.zone.id).wet.push({ span: [team.start, times.dustFreeAt ?? team.end], task: task.index });
      if (task.dusty) this.zone(task.zone.id).dusty.push({ span: [team.start, team.end], task: task.index });
    }
    return placed;
  }

  private noteVisits(person: number, task: Task, team: Team): void {
    const { calendar } = this.problem;
    const last = calendar.dayOf(Math.max(team.start, team.end - 1));
    for (let day = calendar.dayOf(team.start); day <= last; day++) {
      const works =
        !task.splittable ||
        this.problem.crew[person]!.hours.on(
          Math.max(0, this.problem.crew[person]!.hours.dayAt(calendar.midnight(day))),
        );
      if (works) this.visits.add(person * 100_000 + day);
    }
  }
}
