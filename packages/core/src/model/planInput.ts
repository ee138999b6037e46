import { dryingSchema } from './product.ts';
import { IANAZone } from 'luxon';
import { z } from 'zod';
import { HOUSE_RULES, STEP_KINDS } from '../vocabulary/index.ts';

const id = z.string().min(1, 'must not be empty').max(120);
const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'must be a time of day as HH:MM');
const date = z.iso.date('must be a date as YYYY-MM-DD');
const instant = z.iso
  .datetime({ offset: true, error: 'must be a time with its offset, as 2027-03-01T08:00:00+00:00' })
  .refine((text) => {
    const year = Number(text.slice(0, 4));
    return year >= 1970 && year < 2200;
  }, 'must lie between 1970 and 2199');
const temperature = z.number().min(-60).max(80);
const humidity = z.number().min(0, 'must be 0 to 100 %').max(100, 'must be 0 to 100 %');
const millimetres = z.number().min(0).max(1000);
const metresPerSecond = z.number().min(0).max(120);
const MOST_HOURS = 24 * 400;

const steady = z.strictObject({
  kind: z.literal('steady'),
  temperatureC: temperature,
  relativeHumidityPct: humidity,
  surfaceC: temperature.nullish(),
  rainMm: millimetres.nullish(),
  windMs: metresPerSecond.nullish(),
});
const hourly = z.strictObject({
  kind: z.literal('hourly'),
  from: instant,
  temperatureC: z.array(temperature).min(1, 'must hold at least one hour').max(MOST_HOURS),
  relativeHumidityPct: z.array(humidity).min(1, 'must hold at least one hour').max(MOST_HOURS),
  surfaceC: z.array(temperature).max(MOST_HOURS).nullish(),
  rainMm: z.array(millimetres).max(MOST_HOURS).nullish(),
  windMs: z.array(metresPerSecond).max(MOST_HOURS).nullish(),
});
const air = z.discriminatedUnion('kind', [steady, hourly]);

const drying = dryingSchema.extend({ thickness: z.number().gt(0).max(20).nullish() }).superRefine((d, context) => {
  const fault = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message });
  const { thickness: _film, ...sheet } = d;
  const said = Object.values(sheet).some((v) => v != null);
  if (said && !d.chemistry && !d.family) fault('chemistry', 'a coat needs its chemistry, or a family that has one');
  if (d.recoatMaxMin != null && d.recoatMin != null && d.recoatMaxMin < d.recoatMin)
    fault('recoatMaxMin', 'closes before it opens');
  if (d.recoatPreferredMin != null && d.recoatMin != null && d.recoatPreferredMin < d.recoatMin)
    fault('recoatPreferredMin', 'lies before the least recoat time');
  if (d.handleMin != null && d.dustFreeMin != null && d.handleMin < d.dustFreeMin)
    fault('handleMin', 'lies before dust-free');
  if (d.minTempC != null && d.maxTempC != null && d.minTempC > d.maxTempC) fault('maxTempC', 'lies under minTempC');
});

const busy = z.strictObject({ from: instant, to: instant }).superRefine((b, context) => {
  if (Date.parse(b.from) > Date.parse(b.to))
    context.addIssue({ code: 'custom', path: ['to'], message: 'lies before from' });
});

const person = z
  .strictObject({
    id,
    days: z
      .array(
        z
          .number()
          .int()
          .min(1, 'ISO weekdays run from 1, Monday, to 7')
          .max(7, 'ISO weekdays run from 1, Monday, to 7'),
      )
      .max(7)
      .nullish(),
    from: clock.nullish(),
    to: clock.nullish(),
    off: z.array(date).max(2000).nullish(),
    skills: z.array(z.string().min(1).max(60)).max(50).nullish(),
    busy: z.array(busy).max(5000).nullish(),
  })
  .superRefine((p, context) => {
    if (p.from && p.to && p.from >= p.to)
      context.addIssue({ code: 'custom', path: ['to'], message: 'must be later than from' });
  });

const zone = z.strictObject({
  id,
  noDustWhileWet: z.boolean().nullish(),
  maxNightsOut: z.number().int().min(0).max(3650).nullish(),
  backBy: clock.nullish(),
  /** Where people sleep or eat: a coat with strong vapour is dust-free by then, on the day it is laid. */
  fumesOutBy: clock.nullish(),
  air: air.nullish(),
});

const site = z.strictObject({ id, racks: z.number().int().min(0).max(100_000).nullish() });
const minutesOfDay = z.number().int().min(0).max(720);
const visit = z.strictObject({
  setUpMin: minutesOfDay.nullish(),
  packUpMin: minutesOfDay.nullish(),
  travelMin: minutesOfDay.nullish(),
});

const step = z
  .strictObject({
    id: id.refine((text) => !text.includes('/'), 'must not contain "/"'),
    kind: z.enum(STEP_KINDS),
    minutes: z.number().int('must be whole minutes').min(0).max(525_600),
    people: z.number().int().min(0).max(200).nullish(),
    waitMin: z.number().int().min(0).max(5_256_000).nullish(),
    dusty: z.boolean().nullish(),
    after: z.array(z.string().max(260)).max(500).nullish(),
    skill: z.string().min(1).max(60).nullish(),
    splittable: z.boolean().nullish(),
    onRack: z.boolean().nullish(),
    /** No sooner than this: another trade's date, a delivery, a block that was dragged. */
    notBefore: instant.nullish(),
    /** A step before it on this surface, on whose local day this one must end: a door is hung again by evening. */
    sameDayAs: z.string().max(120).nullish(),
    strongVapour: z.boolean().nullish(),
    drying: drying.nullish(),
    done: z.boolean().nullish(),
    start: instant.nullish(),
    end: instant.nullish(),
    crew: z.array(id).max(200).nullish(),
  })
  .superRefine((s, context) => {
    const fault = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message });
    if (s.done) {
      if (!s.start) fault('start', 'a done step has its start');
      if (!s.end) fault('end', 'a done step has its end');
      if (s.start && s.end && Date.parse(s.start) > Date.parse(s.end)) fault('end', 'lies before the start');
    } else if (s.start || s.end) fault(s.start ? 'start' : 'end', 'only a done step has a start and an end');
  });

const surface = z.strictObject({
  id: id.refine((text) => !text.includes('/'), 'must not contain "/"'),
  zone: id.nullish(),
  site: id.nullish(),
  steps: z.array(step).max(500),
});

type Where = (path: (string | number)[], message: string) => void;

function noTwice(ids: readonly string[], path: (string | number)[], where: Where): void {
  ids.forEach((one, i) => {
    if (ids.indexOf(one) < i) where([...path, i, 'id'], `"${one}" is used twice`);
  });
}

/** Everything `ledger plan` takes. */
export const planSchema = z
  .strictObject({
    start: instant,
    timeZone: z
      .string()
      .max(80)
      .refine((name) => IANAZone.isValidZone(name), 'is not a known time zone'),
    crew: z.array(person).max(200),
    air,
    zones: z.array(zone).max(500).nullish(),
    racks: z.number().int().min(0).max(100_000).nullish(),
    /** Several jobs that share the people; racks of the job itself stand above. */
    sites: z.array(site).max(200).nullish(),
    /** What each visit costs a person beside the work, in minutes: at its start, its end, and between two sites. */
    visit: visit.nullish(),
    goal: z.enum(HOUSE_RULES.planGoal).nullish(),
    /** A demand that cannot be met is broken, as little as can be, instead of emptying the plan. */
    relaxed: z.boolean().nullish(),
    surfaces: z.array(surface).max(2000),
  })
  .superRefine((plan, context) => {
    const where: Where = (path, message) => context.addIssue({ code: 'custom', path, message });
    noTwice(
      plan.crew.map((p) => p.id),
      ['crew'],
      where,
    );
    noTwice(
      (plan.zones ?? []).map((z) => z.id),
      ['zones'],
      where,
    );
    noTwice(
      (plan.sites ?? []).map((s) => s.id),
      ['sites'],
      where,
    );
    noTwice(
      plan.surfaces.map((s) => s.id),
      ['surfaces'],
      where,
    );
    plan.surfaces.forEach((s, i) =>
      noTwice(
        s.steps.map((t) => t.id),
        ['surfaces', i, 'steps'],
        where,
      ),
    );
    const zones = plan.zones ?? [];
    plan.surfaces.forEach((s, i) => {
      if (s.zone && zones.length && !zones.some((z) => z.id === s.zone))
        where(['surfaces', i, 'zone'], `"${s.zone}" is not among the zones`);
      if (s.site && !plan.sites?.some((one) => one.id === s.site))
        where(['surfaces', i, 'site'], `"${s.site}" is not among the sites`);
      s.steps.forEach((t, j) => {
        if (t.done && s.steps.slice(0, j).some((before) => !before.done))
          where(['surfaces', i, 'steps', j, 'done'], 'a step before it is not done');
        if (t.sameDayAs && !s.steps.slice(0, j).some((before) => before.id === t.sameDayAs))
          where(['surfaces', i, 'steps', j, 'sameDayAs'], `"${t.sameDayAs}" is no step before it on this surface`);
      });
    });
    checkAfter(plan.surfaces, where);
  });
export type PlanInput = z.infer<typeof planSchema>;

/** Every name in `after` must exist, and the order it makes with the order of the steps must have no loop. */
function checkAfter(surfaces: readonly z.infer<typeof surface>[], where: Where): void {
  const before = new Map<string, string[]>();
  surfaces.forEach((s, i) =>
    s.steps.forEach((t, j) => {
      const known = (t.after ?? []).filter((name, k) => {
        const [surfaceId, stepId] = name.split('/');
        const exists =
          surfaces.some((other) => other.id === surfaceId && other.steps.some((step) => step.id === stepId)) &&
          name.split('/').length === 2;
        if (!exists) where(['surfaces', i, 'steps', j, 'after', k], `"${name}" names no step; say surface/step`);
        return exists;
      });
      before.set(`${s.id}/${t.id}`, [...known, ...(j > 0 ? [`${s.id}/${s.steps[j - 1]!.id}`] : [])]);
    }),
  );
  const state = new Map<string, 'open' | 'closed'>();
  const loops = (name: string): boolean => {
    // An explicit stack: chains of thousands of steps are no reason to overflow.
    const stack: { name: string; next: number }[] = [{ name, next: 0 }];
    state.set(name, 'open');
    while (stack.length) {
      const top = stack.at(-1)!;
      const earlier = before.get(top.name)?.[top.next++];
      if (earlier === undefined) {
        state.set(top.name, 'closed');
        stack.pop();
        continue;
      }
      if (state.get(earlier) === 'open') return true;
      if (!state.has(earlier)) {
        state.set(earlier, 'open');
        stack.push({ name: earlier, next: 0 });
      }
    }
    return false;
  };
  surfaces.forEach((s, i) =>
    s.steps.forEach((t, j) => {
      if (!state.has(`${s.id}/${t.id}`) && loops(`${s.id}/${t.id}`))
        where(['surfaces', i, 'steps', j, 'after'], 'the order runs in a loop');
    }),
  );
}
