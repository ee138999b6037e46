import { DateTime } from 'luxon';
import type { Plan, PlanInput } from '../src/index.ts';

/**
 * An independent checker of plans: its own reading of the input and its own drying arithmetic, minute by minute,
 * with no call into the planner. It answers with every rule that a plan breaks.
 */
type Step = PlanInput['surfaces'][number]['steps'][number];
type Zone = NonNullable<PlanInput['zones']>[number];
interface Laid {
  surface: string;
  step: Step;
  zone: Zone | undefined;
  start: number;
  end: number;
  crew: string[];
  dustFree: number | null;
  recoat: number | null;
  until: number | null;
}

/** Remembers the answers of a costly question: times are asked for minute by minute. */
function kept<K, V>(ask: (key: K) => V): (key: K) => V {
  const known = new Map<K, V>();
  return (key) => {
    if (!known.has(key)) known.set(key, ask(key));
    return known.get(key)!;
  };
}
const ms = kept((iso: string) => Date.parse(iso) / 60_000);
const clockAt = kept((key: string) => {
  const [minute, zone] = key.split('|');
  const local = DateTime.fromMillis(Number(minute) * 60_000, { zone: zone! });
  return { clock: local.toFormat('HH:mm'), weekday: local.weekday, date: local.toISODate()! };
});

function airHour(air: PlanInput['air'], minute: number) {
  if (air.kind === 'steady')
    return {
      t: air.temperatureC,
      rh: air.relativeHumidityPct,
      s: air.surfaceC ?? air.temperatureC,
      rain: air.rainMm ?? 0,
    };
  const i = Math.floor((minute - ms(air.from)) / 60);
  const at = (list: readonly number[] | null | undefined) =>
    list && list.length ? list[i < 0 ? 0 : i >= list.length ? list.length - 1 : i]! : undefined;
  return {
    t: at(air.temperatureC)!,
    rh: at(air.relativeHumidityPct)!,
    s: at(air.surfaceC) ?? at(air.temperatureC)!,
    rain: at(air.rainMm) ?? 0,
  };
}

const vapour = (t: number) => 6.112 * Math.exp((17.62 * t) / (243.12 + t));
function speed(step: Step, air: ReturnType<typeof airHour>): number {
  const d = step.drying!;
  const t = Math.min(air.t, air.s);
  const cold = d.minTempC != null && t < d.minTempC;
  const damp = (per: number) => 1 - per * (air.rh - 50);
  const raw =
    d.chemistry === 'waterborne'
      ? cold
        ? 0
        : (vapour(t) * (1 - air.rh / 100)) / (vapour(23) * 0.5)
      : d.chemistry === 'two-part'
        ? cold
          ? 0
          : Math.pow(2, (t - 23) / 10)
        : d.chemistry === 'solvent-borne'
          ? Math.pow(2, (t - 23) / 10) * damp(0.004)
          : Math.pow(2, (t - 23) / 15) * damp(0.002);
  return Math.max(0, Math.min(1, raw));
}

function driedAt(step: Step, air: PlanInput['air'], end: number, label: number): number {
  let dose = 0;
  for (let minute = end; minute < end + 60 * 24 * 90; minute++) {
    if (dose >= label - 1e-6) return minute;
    dose += speed(step, airHour(air, minute));
  }
  return Infinity;
}

function within(air: ReturnType<typeof airHour>, d: NonNullable<Step['drying']>): boolean {
  const gamma = Math.log(Math.max(air.rh, 0.01) / 100) + (17.62 * air.t) / (243.12 + air.t);
  const dew = (243.12 * gamma) / (17.62 - gamma);
  if (d.minTempC != null && Math.min(air.t, air.s) < d.minTempC) return false;
  if (d.maxTempC != null && Math.max(air.t, air.s) > d.maxTempC) return false;
  if (d.maxRhPct != null && air.rh > d.maxRhPct) return false;
  return d.dewMarginC == null || air.s - dew >= d.dewMarginC;
}

const hasFilm = (step: Step) => !!step.drying && Object.values(step.drying).some((v) => v != null);

export function brokenRules(input: PlanInput, plan: Plan): string[] {
  if (plan.status !== 'feasible') return [];
  const broken: string[] = [];
  const say = (rule: string, what: Laid) => broken.push(`${rule}: ${what.surface}/${what.step.id}`);
  const zone = (id: string | null | undefined) => input.zones?.find((z) => z.id === id);
  const laid: Laid[] = [];
  for (const surface of input.surfaces)
    for (const step of surface.steps) {
      const found = plan.steps.filter((s) => s.surface === surface.id && s.id === step.id);
      if (found.length !== 1) {
        broken.push(`every step once: ${surface.id}/${step.id}`);
        continue;
      }
      const p = found[0]!;
      const z = zone(surface.zone);
      const air = z?.air ?? input.air;
      const end = ms(p.end);
      const figure = (label: number | null | undefined) =>
        hasFilm(step) && label != null ? driedAt(step, air, end, label) : null;
      const one: Laid = {
        surface: surface.id,
        step,
        zone: z,
        start: ms(p.start),
        end,
        crew: p.crew,
        dustFree: figure(step.drying?.dustFreeMin),
        recoat: figure(step.drying?.recoatMin),
        until: step.drying?.recoatMaxMin != null ? end + step.drying.recoatMaxMin : null,
      };
      for (const [said, own] of [
        [p.dustFreeAt, one.dustFree],
        [p.recoatFrom, one.recoat],
        [p.recoatUntil, one.until],
      ] as const)
        if (own !== null && own !== Infinity && Math.abs(ms(said!) - own) > 1)
          say(`drying ${said} against ${own - one.end}`, one);
      laid.push(one);
    }
  const open = laid.filter((l) => !l.step.done);
  for (const l of open) checkAlone(input, l, say);
  for (const surface of input.surfaces)
    checkOrder(
      laid.filter((l) => l.surface === surface.id),
      say,
    );
  for (const l of open)
    for (const name of l.step.after ?? []) {
      const before = laid.find((o) => `${o.surface}/${o.step.id}` === name)!;
      if (l.start < before.end) say('after', l);
    }
  checkTogether(input, laid, say);
  return broken;
}

function checkAlone(input: PlanInput, l: Laid, say: (rule: string, what: Laid) => void): void {
  const { step } = l;
  if (l.start < ms(input.start) - 1e-6) say('not before the start', l);
  if (!step.splittable && Math.abs(l.end - l.start - step.minutes) > 1e-6) say('whole', l);
  const people = step.people ?? 1;
  if (l.crew.length !== people || new Set(l.crew).size !== people) say('people', l);
  for (const id of l.crew) {
    const person = input.crew.find((p) => p.id === id)!;
    if (step.skill && !(person.skills ?? []).includes(step.skill)) say('skill', l);
    let worked = 0;
    for (let m = l.start; m < l.end; m++) {
      const { clock, weekday, date } = clockAt(`${m}|${input.timeZone}`);
      const on =
        (person.days ?? [1, 2, 3, 4, 5]).includes(weekday) &&
        !(person.off ?? []).includes(date) &&
        clock >= (person.from ?? '08:00') &&
        clock < (person.to ?? '16:30');
      if (on) worked++;
      else if (!step.splittable) {
        say('hours', l);
        break;
      }
    }
    if (step.splittable && worked < step.minutes) say('split hours', l);
  }
  if (!hasFilm(step)) return;
  const d = step.drying!;
  const air = l.zone?.air ?? input.air;
  const hold = Math.max(l.dustFree ?? l.end, d.limitsHoldMin != null ? l.end + d.limitsHoldMin : l.end);
  for (let m = l.start; m < hold; m++)
    if (!within(airHour(air, m), d)) {
      say('air', l);
      break;
    }
  if (d.rainSafeMin != null)
    for (let m = l.start; m < l.end + d.rainSafeMin; m++)
      if (airHour(air, m).rain > 0) {
        say('rain', l);
        break;
      }
  if (l.zone?.backBy) {
    const start = DateTime.fromMillis(l.start * 60_000, { zone: input.timeZone });
    const dry = DateTime.fromMillis((l.dustFree ?? l.end) * 60_000, { zone: input.timeZone });
    if (dry.toISODate() !== start.toISODate() || dry.toFormat('HH:mm') > l.zone.backBy) say('back by', l);
  }
}

function checkOrder(steps: Laid[], say: (rule: string, what: Laid) => void): void {
  steps.forEach((l, i) => {
    const before = steps[i - 1];
    if (l.step.done) return;
    if (before && l.start < before.end + (before.step.waitMin ?? 0)) say('order or wait', l);
    if (before?.recoat != null && l.start < before.recoat) say('recoat opens', l);
    if (!hasFilm(l.step)) return;
    for (let j = i - 1; j >= 0; j--) {
      if (['sand', 'sand-between', 'degloss'].includes(steps[j]!.step.kind)) break;
      if (!hasFilm(steps[j]!.step)) continue;
      if (steps[j]!.until !== null && l.start > steps[j]!.until!) say('recoat closes', l);
      break;
    }
  });
}

function checkTogether(input: PlanInput, laid: Laid[], say: (rule: string, what: Laid) => void): void {
  const overlap = (a: number, b: number, c: number, d: number) => a < d && c < b;
  laid.forEach((a, i) =>
    laid.slice(i + 1).forEach((b) => {
      if (a.step.done && b.step.done) return;
      if (a.crew.some((id) => b.crew.includes(id)) && overlap(a.start, a.end, b.start, b.end))
        say('one place at a time', a);
    }),
  );
  for (const a of laid)
    for (const b of laid) {
      if (a === b || !a.step.dusty || a.step.done || !a.zone?.noDustWhileWet || a.zone !== b.zone || !hasFilm(b.step))
        continue;
      if (overlap(a.start, a.end, b.start, b.dustFree ?? b.end)) say('dust near wet', a);
    }
  if (input.racks != null) {
    const held = laid.filter((l) => l.step.onRack).map((l) => [l.start, Math.max(l.end, l.recoat ?? l.end)] as const);
    for (const l of laid.filter((x) => x.step.onRack && !x.step.done))
      if (held.filter(([a, b]) => a <= l.start && b > l.start).length > input.racks) say('racks', l);
  }
  for (const zone of input.zones ?? []) {
    const of = laid.filter((l) => l.zone === zone);
    if (zone.maxNightsOut == null || of.length === 0) continue;
    const date = (m: number) => DateTime.fromMillis(m * 60_000, { zone: input.timeZone }).startOf('day');
    const nights = date(Math.max(...of.map((l) => l.end))).diff(date(Math.min(...of.map((l) => l.start))), 'days').days;
    if (Math.round(nights) > zone.maxNightsOut) say('nights out', of[0]!);
  }
}
