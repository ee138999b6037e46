import type { PlanInput } from '../src/index.ts';

/**
 * A small job as a whole-number program over a grid of half-hours, at label air: written from the contract, solved by a
 * general solver, and sharing nothing with the planner. Understands hours of people, steps of several people, skills,
 * `after`, recoat windows, hours of rain and wind, dust, racks, rooms wanted back, and nights out.
 */
export const GRID = 30;
const DAY = 1440;

type Step = PlanInput['surfaces'][number]['steps'][number];
interface Job {
  i: number;
  step: Step;
  zone: string | null;
  name: string;
  surface: number;
  /** Minutes from the start at which it may begin, by person. */
  starts: number[][];
}

const clock = (text: string) => Number(text.slice(0, 2)) * 60 + Number(text.slice(3));

/** Minutes from midnight of the first day; the day of the plan's start is day 0. */
interface Times {
  /** Clock minutes at which the plan starts. */
  begin: number;
  weekday: number;
}

function timesOf(input: PlanInput): Times {
  const at = new Date(input.start);
  return { begin: at.getUTCHours() * 60 + at.getUTCMinutes(), weekday: at.getUTCDay() || 7 };
}

const dryFor = (step: Step) => step.drying?.dustFreeMin ?? 0;
const holdsRack = (step: Step) => Math.max(step.minutes, step.minutes + (step.drying?.recoatMin ?? 0));

function worksAt(person: PlanInput['crew'][number], times: Times, start: number, minutes: number): boolean {
  const day = Math.floor((times.begin + start) / DAY);
  const of = times.begin + start - day * DAY;
  const weekday = ((times.weekday - 1 + day) % 7) + 1;
  return (
    (person.days ?? [1, 2, 3, 4, 5]).includes(weekday) &&
    of >= clock(person.from ?? '08:00') &&
    of + minutes <= clock(person.to ?? '16:30')
  );
}

/** Whether the hours from a start suit a coat: no wind over its limit until dust-free, no rain until it is rain-safe. */
function suits(input: PlanInput, step: Step, start: number): boolean {
  const { air } = input;
  if (!step.drying || air.kind === 'steady') return true;
  const offset = (Date.parse(input.start) - Date.parse(air.from)) / 60_000;
  const all = (until: number, good: (hour: number) => boolean) => {
    for (let m = start; m < Math.max(until, start + 1); m++) {
      const hour = Math.min(Math.max(Math.floor((offset + m) / 60), 0), air.temperatureC.length - 1);
      if (!good(hour)) return false;
    }
    return true;
  };
  const end = start + step.minutes;
  const { maxWindMs, rainSafeMin } = step.drying;
  const calm = maxWindMs == null || all(end + dryFor(step), (h) => (air.windMs?.[h] ?? 0) <= maxWindMs);
  return calm && (rainSafeMin == null || all(end + rainSafeMin, (h) => (air.rainMm?.[h] ?? 0) === 0));
}

/** A room that is wanted back: laid and dust-free on one day, before that hour. */
function evening(input: PlanInput, times: Times, step: Step, zone: string | null, start: number): boolean {
  const back = input.zones?.find((z) => z.id === zone)?.backBy;
  if (!back || !step.drying) return true;
  const day = Math.floor((times.begin + start) / DAY);
  return times.begin + start + step.minutes + dryFor(step) <= day * DAY + clock(back);
}

function jobsOf(input: PlanInput, until: number): Job[] {
  const times = timesOf(input);
  let i = 0;
  return input.surfaces.flatMap((surface, s) =>
    surface.steps.map((step): Job => {
      const zone = surface.zone ?? null;
      const starts = input.crew.map((person) => {
        const at: number[] = [];
        if (step.skill && !person.skills?.includes(step.skill)) return at;
        for (let t = 0; t + step.minutes <= until; t += GRID)
          if (worksAt(person, times, t, step.minutes) && suits(input, step, t) && evening(input, times, step, zone, t))
            at.push(t);
        return at;
      });
      return { i: i++, step, zone, name: `${surface.id}/${step.id}`, surface: s, starts };
    }),
  );
}

/** The program in the LP format: least end of a plan that is over by `until`, in minutes from the start. */
export function programOf(input: PlanInput, until: number): string {
  const jobs = jobsOf(input, until);
  const times = timesOf(input);
  const rows: string[] = [];
  const binaries = new Set<string>();
  const x = (job: Job, t: number) => `x${job.i}_${t}`;
  const startsOf = (job: Job) => [...new Set(job.starts.flat())].sort((a, b) => a - b);
  const sum = (names: readonly string[]) => names.join('\n + ');
  const atMostOne = (names: readonly string[]) => {
    if (names.length > 1) rows.push(`${sum(names)} <= 1`);
  };
  const xs = (job: Job, when: (t: number) => boolean) =>
    startsOf(job)
      .filter(when)
      .map((t) => x(job, t));
  for (const job of jobs) {
    const at = startsOf(job);
    // No start at all: a row that nothing meets.
    rows.push(at.length ? `${sum(at.map((t) => x(job, t)))} = 1` : 'finish >= 1000000');
    for (const t of at) {
      binaries.add(x(job, t));
      const by = job.starts.flatMap((starts, p) => (starts.includes(t) ? [`z${job.i}_${p}_${t}`] : []));
      for (const z of by) binaries.add(z);
      rows.push(`${sum(by)} - ${job.step.people ?? 1} ${x(job, t)} = 0`);
    }
    if (at.length)
      rows.push(`finish - ${sum(at.map((t) => `${t + job.step.minutes} ${x(job, t)}`)).replaceAll(' + ', ' - ')} >= 0`);
  }
  input.crew.forEach((_, p) => {
    for (let t = 0; t < until; t += GRID)
      atMostOne(
        jobs.flatMap((job) =>
          job.starts[p]!.filter((s) => s <= t && s + job.step.minutes > t).map((s) => `z${job.i}_${p}_${s}`),
        ),
      );
  });
  const lagged = (a: Job, b: Job, lag: number) => {
    for (let t = 0; t < until; t += GRID) atMostOne([...xs(a, (s) => s >= t), ...xs(b, (s) => s < t + lag)]);
  };
  const within = (a: Job, b: Job, most: number) => {
    for (let t = 0; t < until; t += GRID) atMostOne([...xs(a, (s) => s <= t), ...xs(b, (s) => s > t + most)]);
  };
  const byName = new Map(jobs.map((j) => [j.name, j]));
  for (const [k, job] of jobs.entries()) {
    const before = jobs[k - 1];
    if (before?.surface === job.surface) {
      const { minutes, waitMin, drying } = before.step;
      lagged(before, job, minutes + Math.max(waitMin ?? 0, drying?.recoatMin ?? 0));
    }
    const under = jobs.findLast((j) => j.i < job.i && j.surface === job.surface && j.step.drying);
    const closes = under?.step.drying?.recoatMaxMin;
    if (under && closes != null && job.step.drying) within(under, job, under.step.minutes + closes);
    for (const name of job.step.after ?? []) lagged(byName.get(name)!, job, byName.get(name)!.step.minutes);
  }
  const inUse = (job: Job, t: number, length: number) => xs(job, (s) => s <= t && s + length > t);
  for (let t = 0; t < until; t += GRID) {
    const racked = jobs.filter((j) => j.step.onRack).flatMap((j) => inUse(j, t, holdsRack(j.step)));
    if (input.racks != null && racked.length) rows.push(`${sum(racked)} <= ${input.racks}`);
    for (const zone of input.zones ?? [])
      if (zone.noDustWhileWet)
        for (const d of jobs.filter((j) => j.zone === zone.id && j.step.dusty))
          for (const c of jobs.filter((j) => j.zone === zone.id && j.step.drying && j !== d))
            atMostOne([...inUse(d, t, d.step.minutes), ...inUse(c, t, c.step.minutes + dryFor(c.step))]);
  }
  const dayOf = (t: number) => Math.floor((times.begin + t) / DAY);
  for (const zone of input.zones ?? []) {
    if (zone.maxNightsOut == null) continue;
    const here = jobs.filter((j) => j.zone === zone.id);
    for (let day = 0; day <= dayOf(until); day++)
      for (const a of here)
        for (const b of here)
          if (a !== b)
            atMostOne([
              ...xs(a, (s) => dayOf(s) <= day),
              ...xs(b, (s) => dayOf(s + b.step.minutes) > day + zone.maxNightsOut!),
            ]);
  }
  const named = rows.map((row, i) => ` r${i}: ${row}`);
  return `Minimize\n obj: finish\nSubject To\n${named.join('\n')}\nBounds\n finish >= 0\nBinary\n ${[...binaries].join('\n ')}\nEnd\n`;
}
