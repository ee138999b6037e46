import type { PlanInput } from '../src/index.ts';

/**
 * Every plan of a small job on a half-hour grid, at label air: is there one that ends before `target`? Its own state,
 * moved through time; it shares nothing with the planner. Understands people of whole half-hours, recoat windows and
 * one rack.
 */
type Steps = PlanInput['surfaces'][number]['steps'];
interface State {
  next: number[];
  open: number[];
  close: number[];
  onRack: number[];
  free: number[];
}
const SLOT = 30;
const DAY = 1440;

export function endsBefore(input: PlanInput, target: number): boolean {
  const surfaces = input.surfaces.map((s) => s.steps);
  const clock = (text: string) => Number(text.slice(0, 2)) * 60 + Number(text.slice(3)) - 480;
  const people = input.crew.map((p) => [clock(p.from!), clock(p.to!)] as const);
  const racks = input.racks ?? Infinity;
  const least = surfaces.map(leastFrom);
  const n = surfaces.length;
  let states = new Map<string, State>();
  const start: State = {
    next: Array<number>(n).fill(0),
    open: Array<number>(n).fill(0),
    close: Array<number>(n).fill(Infinity),
    onRack: Array<number>(n).fill(0),
    free: people.map(() => 0),
  };
  states.set('', start);
  for (let t = 0; t < target; t += SLOT) {
    const now = new Map<string, State>();
    let done = false;
    const walk = (s: State, person: number): void => {
      if (done) return;
      if (person === people.length) {
        if (s.next.every((k, i) => k === surfaces[i]!.length)) done = true;
        else now.set(JSON.stringify(relative(s, t)), s);
        return;
      }
      walk(s, person + 1);
      const [from, to] = people[person]!;
      const into = t % DAY;
      if (s.free[person]! > t || into < from) return;
      for (let i = 0; i < n; i++) {
        const step = surfaces[i]![s.next[i]!];
        if (!step || s.open[i]! > t || into + step.minutes > to || t + step.minutes >= target) continue;
        if (step.drying?.chemistry && s.close[i]! < t) continue;
        if (step.onRack && s.onRack.filter((until) => until > t).length >= racks) continue;
        walk(begun(s, i, person, t, step), person + 1);
      }
    };
    for (const s of states.values()) {
      const late = s.next.some((k, i) => k < surfaces[i]!.length && Math.max(t, s.open[i]!) + least[i]![k]! >= target);
      const closed = s.next.some((k, i) => surfaces[i]![k]?.drying?.chemistry && s.close[i]! < t);
      if (!late && !closed) walk(s, 0);
    }
    if (done) return true;
    states = now;
    if (states.size === 0) return false;
  }
  return false;
}

function begun(s: State, i: number, person: number, t: number, step: Steps[number]): State {
  const end = t + step.minutes;
  const opens = end + (step.drying?.recoatMin ?? 0) + 0;
  const set = <T>(list: readonly T[], at: number, value: T) => list.map((v, k) => (k === at ? value : v));
  return {
    next: set(s.next, i, s.next[i]! + 1),
    open: set(s.open, i, Math.max(opens, end + (step.waitMin ?? 0))),
    close: set(s.close, i, step.drying?.recoatMaxMin == null ? Infinity : end + step.drying.recoatMaxMin),
    onRack: set(s.onRack, i, step.onRack ? opens : s.onRack[i]!),
    free: set(s.free, person, end),
  };
}

/** Bare work and waits from each step of a surface on. */
function leastFrom(steps: Steps): number[] {
  const least = Array<number>(steps.length + 1).fill(0);
  for (let k = steps.length - 1; k >= 0; k--) {
    const wait = k + 1 < steps.length ? Math.max(steps[k]!.drying?.recoatMin ?? 0, steps[k]!.waitMin ?? 0) : 0;
    least[k] = steps[k]!.minutes + wait + least[k + 1]!;
  }
  return least;
}

/** Times before now are all the same. */
const relative = (s: State, t: number) => [
  s.next,
  s.open.map((at) => Math.max(at, t)),
  s.close.map((at) => (at === Infinity ? -1 : at)),
  s.onRack.map((at) => Math.max(at, t)),
  s.free.map((at) => Math.max(at, t)),
];
