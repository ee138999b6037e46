import { DateTime } from 'luxon';
import type { Plan, PlanInput } from '../src/index.ts';

/**
 * An independent checker of plans: its own reading of the input, its own drying arithmetic, hour by hour, and its own
 * calendar, with no call into the planner. It answers with every rule that a plan breaks.
 */
type Step = PlanInput['surfaces'][number]['steps'][number];
type Zone = NonNullable<PlanInput['zones']>[number];
type Given = PlanInput['air'];
interface Laid {
  surface: string;
  site: string;
  step: Step;
  zone: Zone | undefined;
  zoneId: string | null;
  start: number;
  end: number;
  crew: string[];
  dustFree: number | null;
  recoat: number | null;
  until: number | null;
}
type Say = (rule: string, what: Laid) => void;

/** Remembers the answers of a costly question. */
function kept<K, V>(ask: (key: K) => V): (key: K) => V {
  const known = new Map<K, V>();
  return (key) => {
    if (!known.has(key)) known.set(key, ask(key));
    return known.get(key)!;
  };
}
const ms = kept((iso: string) => Date.parse(iso) / 60_000);
const dayStart = kept((key: string) => {
  const [minute, zone] = key.split('|');
  const day = DateTime.fromMillis(Number(minute) * 60_000, { zone: zone! }).startOf('day');
  return { from: day.toMillis() / 60_000, date: day.toISODate()!, weekday: day.weekday, zone: zone! };
});
const clockOn = kept((key: string) => {
  const [date, clock, zone] = key.split('|');
  return DateTime.fromISO(`${date}T${clock}`, { zone: zone! }).toMillis() / 60_000;
});
const dateOf = (minute: number, zone: string) => dayStart(`${minute}|${zone}`).date;
const nextDate = (date: string) => DateTime.fromISO(date).plus({ days: 1 }).toISODate()!;
const nightsBetween = (a: string, b: string) => Math.round(DateTime.fromISO(b).diff(DateTime.fromISO(a), 'days').days);

interface Hour {
  from: number;
  to: number;
  t: number;
  rh: number;
  s: number;
  rain: number;
  wind: number | null;
}

/** The air between two minutes, in pieces that do not change, one after another: most readers stop early. */
function* hoursBetween(air: Given, from: number, to: number): Generator<Hour> {
  if (from >= to) return;
  if (air.kind === 'steady') {
    yield {
      from,
      to,
      t: air.temperatureC,
      rh: air.relativeHumidityPct,
      s: air.surfaceC ?? air.temperatureC,
      rain: air.rainMm ?? 0,
      wind: air.windMs ?? null,
    };
    return;
  }
  const first = ms(air.from);
  const at = (list: readonly number[] | null | undefined, i: number) =>
    list?.length ? list[i < 0 ? 0 : i >= list.length ? list.length - 1 : i] : undefined;
  for (let m = from; m < to;) {
    const i = Math.floor((m - first) / 60);
    const end = Math.min(to, first + (i + 1) * 60);
    const t = at(air.temperatureC, i)!;
    yield {
      from: m,
      to: end,
      t,
      rh: at(air.relativeHumidityPct, i)!,
      s: at(air.surfaceC, i) ?? t,
      rain: at(air.rainMm, i) ?? 0,
      wind: at(air.windMs, i) ?? null,
    };
    m = end;
  }
}

const anyHour = (air: Given, from: number, to: number, wrong: (hour: Hour) => boolean) => {
  for (const hour of hoursBetween(air, from, to)) if (wrong(hour)) return true;
  return false;
};

const vapour = (t: number) => 6.112 * Math.exp((17.62 * t) / (243.12 + t));
function speed(d: NonNullable<Step['drying']>, air: Hour): number {
  const t = Math.min(air.t, air.s);
  const cold = d.minTempC != null && t < d.minTempC;
  const damp = (per: number) => 1 - per * (air.rh - 50);
  const blown = 1 + 0.2 * Math.min(5, air.wind ?? 0);
  const raw =
    d.chemistry === 'waterborne'
      ? cold
        ? 0
        : ((vapour(t) * (1 - air.rh / 100)) / (vapour(23) * 0.5)) * blown
      : d.chemistry === 'two-part'
        ? cold
          ? 0
          : Math.pow(2, (t - 23) / 10)
        : d.chemistry === 'solvent-borne'
          ? Math.pow(2, (t - 23) / 10) * damp(0.004)
          : Math.pow(2, (t - 23) / 15) * damp(0.002);
  return Math.max(0, Math.min(1, raw));
}

const HORIZON = 60 * 24 * 90;
function driedAt(d: NonNullable<Step['drying']>, air: Given, end: number, label: number): number {
  let left = label * (d.thickness ?? 1) ** 2;
  if (left <= 1e-6) return end;
  for (const hour of hoursBetween(air, end, end + HORIZON)) {
    const rate = speed(d, hour);
    const gained = rate * (hour.to - hour.from);
    if (gained >= left - 1e-6) return Math.ceil(hour.from + left / rate - 1e-6);
    left -= gained;
  }
  return Infinity;
}

function within(air: Hour, d: NonNullable<Step['drying']>): boolean {
  const gamma = Math.log(Math.max(air.rh, 0.01) / 100) + (17.62 * air.t) / (243.12 + air.t);
  const dew = (243.12 * gamma) / (17.62 - gamma);
  if (d.minTempC != null && Math.min(air.t, air.s) < d.minTempC) return false;
  if (d.maxTempC != null && Math.max(air.t, air.s) > d.maxTempC) return false;
  if (d.maxRhPct != null && air.rh > d.maxRhPct) return false;
  if (d.maxWindMs != null && air.wind !== null && air.wind > d.maxWindMs) return false;
  return d.dewMarginC == null || air.s - dew >= d.dewMarginC;
}

const hasFilm = (step: Step) => !!step.drying && Object.values(step.drying).some((v) => v != null);

export function brokenRules(input: PlanInput, plan: Plan): string[] {
  if (plan.status !== 'feasible') return [];
  const broken: string[] = [];
  const say: Say = (rule, what) => broken.push(`${rule}: ${what.surface}/${what.step.id}`);
  const laid = readBack(input, plan, broken, say);
  const open = laid.filter((l) => !l.step.done);
  const bySurface = new Map<string, Laid[]>();
  for (const l of laid) bySurface.set(l.surface, [...(bySurface.get(l.surface) ?? []), l]);
  for (const l of open) checkAlone(input, l, say);
  for (const steps of bySurface.values()) checkOrder(input, steps, say);
  for (const l of open)
    for (const name of l.step.after ?? []) {
      const before = laid.find((o) => `${o.surface}/${o.step.id}` === name)!;
      if (l.start < before.end) say('after', l);
    }
  checkPeople(input, laid, say);
  checkRooms(input, laid, say);
  checkRacks(input, laid, say);
  return broken;
}

/** The plan's steps beside what was asked, with their drying reckoned anew. */
function readBack(input: PlanInput, plan: Plan & { status: 'feasible' }, broken: string[], say: Say): Laid[] {
  const found = new Map(plan.steps.map((s) => [`${s.surface}/${s.id}`, s]));
  const asked = input.surfaces.reduce((n, s) => n + s.steps.length, 0);
  if (plan.steps.length !== asked || found.size !== asked) broken.push('every step once');
  const laid: Laid[] = [];
  for (const surface of input.surfaces)
    for (const step of surface.steps) {
      const p = found.get(`${surface.id}/${step.id}`);
      if (!p) continue;
      const zone = input.zones?.find((z) => z.id === surface.zone);
      const air = zone?.air ?? input.air;
      const end = ms(p.end);
      const figure = (label: number | null | undefined) =>
        hasFilm(step) && label != null ? driedAt(step.drying!, air, end, label) : null;
      const one: Laid = {
        surface: surface.id,
        site: surface.site ?? '',
        step,
        zone,
        zoneId: surface.zone ?? null,
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
      if (step.done && Math.max(Math.abs(one.start - ms(step.start!)), Math.abs(one.end - ms(step.end!))) > 1)
        say('done stays', one);
      laid.push(one);
    }
  return laid;
}

/** A person's hours on the local day of a minute, less what a visit costs; null on a day off. */
function hoursOn(input: PlanInput, id: string, minute: number): [number, number] | null {
  const person = input.crew.find((p) => p.id === id)!;
  const day = dayStart(`${minute}|${input.timeZone}`);
  if (!(person.days ?? [1, 2, 3, 4, 5]).includes(day.weekday) || (person.off ?? []).includes(day.date)) return null;
  const at = (clock: string) => clockOn(`${day.date}|${clock}|${input.timeZone}`);
  return [
    at(person.from ?? '08:00') + (input.visit?.setUpMin ?? 0),
    at(person.to ?? '16:30') - (input.visit?.packUpMin ?? 0),
  ];
}

/** Minutes of a person's hours between two minutes. */
function workedIn(input: PlanInput, id: string, from: number, to: number): number {
  let worked = 0;
  for (let date = dateOf(from, input.timeZone); ; date = nextDate(date)) {
    const midnight = clockOn(`${date}|00:00|${input.timeZone}`);
    if (midnight >= to) return worked;
    const span = hoursOn(input, id, midnight + 720);
    if (span) worked += Math.max(0, Math.min(to, span[1]) - Math.max(from, span[0]));
  }
}

function checkAlone(input: PlanInput, l: Laid, say: Say): void {
  const { step } = l;
  if (l.start < ms(input.start) - 1e-6) say('not before the start', l);
  if (step.notBefore && l.start < ms(step.notBefore)) say('not before its date', l);
  if (!step.splittable && Math.abs(l.end - l.start - step.minutes) > 1e-6) say('whole', l);
  const people = step.people ?? 1;
  if (l.crew.length !== people || new Set(l.crew).size !== people) say('people', l);
  for (const id of l.crew) {
    const person = input.crew.find((p) => p.id === id)!;
    if (step.skill && !(person.skills ?? []).includes(step.skill)) say('skill', l);
    const worked = workedIn(input, id, l.start, l.end);
    if (step.splittable ? worked < step.minutes : worked < l.end - l.start) say('hours', l);
    if (!step.splittable && step.minutes === 0) {
      const span = hoursOn(input, id, l.start);
      if (!span || l.start < span[0] || l.start > span[1]) say('hours', l);
    }
  }
  if (hasFilm(step)) checkAir(input, l, say);
}

function checkAir(input: PlanInput, l: Laid, say: Say): void {
  const d = l.step.drying!;
  const air = l.zone?.air ?? input.air;
  const hold = Math.max(l.dustFree ?? l.end, d.limitsHoldMin != null ? l.end + d.limitsHoldMin : l.end);
  if (anyHour(air, l.start, hold, (hour) => !within(hour, d))) say('air', l);
  if (d.rainSafeMin != null && anyHour(air, l.start, l.end + d.rainSafeMin, (hour) => hour.rain > 0)) say('rain', l);
  const evening = (clock: string, rule: string) => {
    const date = dateOf(l.start, input.timeZone);
    const dry = l.dustFree ?? l.end;
    if (dry > clockOn(`${date}|${clock}|${input.timeZone}`)) say(rule, l);
  };
  if (l.zone?.backBy) evening(l.zone.backBy, 'back by');
  if (l.zone?.fumesOutBy && l.step.strongVapour) evening(l.zone.fumesOutBy, 'fumes out by');
}

function checkOrder(input: PlanInput, steps: Laid[], say: Say): void {
  steps.forEach((l, i) => {
    const before = steps[i - 1];
    if (l.step.done) return;
    if (before && l.start < before.end + (before.step.waitMin ?? 0)) say('order or wait', l);
    if (before?.recoat != null && l.start < before.recoat) say('recoat opens', l);
    const off = l.step.sameDayAs && steps.find((o) => o.step.id === l.step.sameDayAs);
    if (off && dateOf(off.start, input.timeZone) !== dateOf(Math.max(l.start, l.end - 1), input.timeZone))
      say('same day', l);
    if (l.step.kind === 'rehang' || l.step.kind === 'refit-hardware') checkHandled(input, steps.slice(0, i), l, say);
    if (!hasFilm(l.step)) return;
    for (let j = i - 1; j >= 0; j--) {
      if (['sand', 'sand-between', 'degloss'].includes(steps[j]!.step.kind)) break;
      if (!hasFilm(steps[j]!.step)) continue;
      if (steps[j]!.until !== null && l.start > steps[j]!.until!) say('recoat closes', l);
      break;
    }
  });
}

/** What is handled or closed has a film that bears it. */
function checkHandled(input: PlanInput, earlier: Laid[], l: Laid, say: Say): void {
  const coat = earlier.filter((o) => hasFilm(o.step)).at(-1);
  const label = coat?.step.drying?.handleMin;
  if (!coat || label == null) return;
  if (l.start < driedAt(coat.step.drying!, l.zone?.air ?? input.air, coat.end, label)) say('handled too soon', l);
}

const overlap = (a: number, b: number, c: number, d: number) => a < d && c < b;

/** Nobody is in two places, nobody works while busy elsewhere, and the way between two sites is left. */
function checkPeople(input: PlanInput, laid: Laid[], say: Say): void {
  for (const person of input.crew) {
    const own = laid.filter((l) => l.crew.includes(person.id)).sort((a, b) => a.start - b.start);
    const travel = input.visit?.travelMin ?? 0;
    for (const [i, a] of own.entries()) {
      for (const b of own.slice(i + 1)) {
        if (a.step.done && b.step.done) continue;
        const way = a.site === b.site || a.step.done || b.step.done ? 0 : travel;
        if (overlap(a.start, a.end, b.start, b.end)) say('one place at a time', a);
        if (a.end > a.start && b.end > b.start && b.start >= a.end && b.start < a.end + way) say('the way', b);
      }
      if (!a.step.done && person.busy?.some((busy) => overlap(a.start, a.end, ms(busy.from), ms(busy.to))))
        say('busy elsewhere', a);
    }
  }
}

function checkRooms(input: PlanInput, laid: Laid[], say: Say): void {
  for (const zone of input.zones ?? []) {
    const of = laid.filter((l) => l.zone === zone);
    if (of.length === 0) continue;
    if (zone.noDustWhileWet)
      for (const a of of.filter((l) => l.step.dusty))
        for (const b of of.filter((l) => hasFilm(l.step) && l !== a))
          if (!(a.step.done && b.step.done) && overlap(a.start, a.end, b.start, b.dustFree ?? b.end))
            say('dust near wet', a);
    if (zone.maxNightsOut == null) continue;
    const first = dateOf(Math.min(...of.map((l) => l.start)), input.timeZone);
    const last = dateOf(Math.max(...of.map((l) => l.end)), input.timeZone);
    if (nightsBetween(first, last) > zone.maxNightsOut) say('nights out', of[0]!);
  }
}

function checkRacks(input: PlanInput, laid: Laid[], say: Say): void {
  const places = [['', input.racks] as const, ...(input.sites ?? []).map((s) => [s.id, s.racks] as const)];
  for (const [site, racks] of places) {
    if (racks == null) continue;
    const on = laid.filter((l) => l.step.onRack && l.site === site);
    const held = on.map((l) => [l.start, Math.max(l.end, l.recoat ?? l.end)] as const);
    for (const l of on.filter((x) => !x.step.done))
      if (held.filter(([a, b]) => a <= l.start && b > l.start).length > racks) say('racks', l);
  }
}
