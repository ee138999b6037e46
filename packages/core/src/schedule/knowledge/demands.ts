import type { PlanInput } from '../../model/planInput.ts';
import { clockOf, minutesOf } from '../calendar.ts';
import { workHours } from '../usualHours.ts';

/** Where in a job a conflict lies: the surface of a step that finds no place, its room, its site. */
export interface Where {
  surface: string;
  zone: string | null;
  site: string | null;
}

/** Something that is asked of a plan and could be given up: how the plan is without it, and by how little less it could be eased. */
export interface Demand {
  rule: string;
  /** What is asked, in words; null where it is not asked here. */
  says: (input: PlanInput, where: Where) => string | null;
  without: (input: PlanInput, where: Where) => PlanInput;
  /** The n-th step of easing it, from 1, in words; null where there is no further one. */
  eased: (input: PlanInput, where: Where, n: number) => { input: PlanInput; words: string } | null;
}

type Zone = NonNullable<PlanInput['zones']>[number];
type Surface = PlanInput['surfaces'][number];
type Person = PlanInput['crew'][number];

const zoneOf = (input: PlanInput, where: Where) => input.zones?.find((z) => z.id === where.zone);
const withZone = (input: PlanInput, where: Where, change: Partial<Zone>): PlanInput => ({
  ...input,
  zones: (input.zones ?? []).map((z) => (z.id === where.zone ? { ...z, ...change } : z)),
});
const withSurface = (input: PlanInput, where: Where, change: (s: Surface) => Surface): PlanInput => ({
  ...input,
  surfaces: input.surfaces.map((s) => (s.id === where.surface ? change(s) : s)),
});
const withSteps = (input: PlanInput, where: Where, change: (t: Surface['steps'][number]) => Surface['steps'][number]) =>
  withSurface(input, where, (s) => ({ ...s, steps: s.steps.map((t) => (t.done ? t : change(t))) }));
const withCrew = (input: PlanInput, change: (p: Person) => Person): PlanInput => ({
  ...input,
  crew: input.crew.map(change),
});

const nights = (n: number) => `${n} ${n === 1 ? 'night' : 'nights'}`;

const later = (clock: string, n: number) => {
  const minutes = minutesOf(clock) + 30 * n;
  return minutes < 24 * 60 ? clockOf(minutes) : null;
};

const fumesIn = (input: PlanInput, where: Where) => input.surfaces.some((s) => s.zone === where.zone && s.steps.some((t) => t.strongVapour && !t.done));
const stepsOf = (input: PlanInput, where: Where) => input.surfaces.find((s) => s.id === where.surface)?.steps.filter((t) => !t.done) ?? [];
const racksOf = (input: PlanInput, where: Where) => (where.site ? input.sites?.find((s) => s.id === where.site)?.racks : input.racks);
const withRacks = (input: PlanInput, where: Where, racks: number | null): PlanInput =>
  where.site ? { ...input, sites: input.sites!.map((s) => (s.id === where.site ? { ...s, racks } : s)) } : { ...input, racks };

/** Better air, tried in turn: warmer first, then drier. */
const BETTER_AIR = [
  [15, 60],
  [18, 55],
  [20, 50],
  [23, 50],
] as const;
const better = (input: PlanInput, where: Where, [temperatureC, relativeHumidityPct]: readonly [number, number]) => {
  const air = { kind: 'steady' as const, temperatureC, relativeHumidityPct };
  return zoneOf(input, where) ? withZone(input, where, { air }) : { ...input, air };
};
const ALL_DAYS = [1, 2, 3, 4, 5, 6, 7];
const DAY_NAMES = ['', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

/** Those who stand beside the crew where one more is tried: they can do what anybody is asked for. */
const another = (input: PlanInput, n: number): Person[] =>
  Array.from({ length: n }, (_, i) => ({
    ...input.crew[0],
    id: `another-${i + 1}`,
    off: [],
    busy: [],
    skills: [...new Set(input.surfaces.flatMap((s) => s.steps.flatMap((t) => (t.skill ? [t.skill] : []))))],
  }));
const NUMBERS = ['', 'One', 'Two', 'Three', 'Four'];
const none = () => null;

/** A demand that can only be given up whole, in words of what is done instead. */
const whole = (without: Demand['without'], words: string): Pick<Demand, 'without' | 'eased'> => ({
  without,
  eased: (input, where, n) => (n === 1 ? { input: without(input, where), words } : null),
});
/** The coats of a surface, also those that are laid, as if they never closed. */
const neverClosing = (input: PlanInput, where: Where) =>
  withSurface(input, where, (s) => ({ ...s, steps: s.steps.map((t) => (t.drying ? { ...t, drying: { ...t.drying, recoatMaxMin: null } } : t)) }));

/** Everything that may be asked of a plan and stands in another's way, those first that are given up most easily. */
export const DEMANDS: readonly Demand[] = [
  {
    rule: 'order',
    says: (input, where) => (stepsOf(input, where).some((t) => t.after?.length) ? 'It waits for other surfaces, by the order of the room.' : null),
    without: (input, where) => withSteps(input, where, (t) => ({ ...t, after: [] })),
    eased: none,
  },
  {
    rule: 'rack',
    says: (input, where) => (racksOf(input, where) != null && stepsOf(input, where).some((t) => t.onRack) ? `There are ${racksOf(input, where)} places on the rack.` : null),
    without: (input, where) => withRacks(input, where, null),
    eased: (input, where, n) => {
      const racks = racksOf(input, where)! + n;
      return n > 12 ? null : { input: withRacks(input, where, racks), words: `${racks} places on the rack would do.` };
    },
  },
  {
    rule: 'dust',
    says: (input, where) => (zoneOf(input, where)?.noDustWhileWet ? 'No dust is made in the room while a film is wet.' : null),
    without: (input, where) => withZone(input, where, { noDustWhileWet: false }),
    eased: none,
  },
  {
    rule: 'same-day',
    says: (input, where) => (stepsOf(input, where).some((t) => t.sameDayAs) ? 'What is taken off in the morning is back by evening.' : null),
    ...whole((input, where) => withSteps(input, where, (t) => ({ ...t, sameDayAs: null })), 'An opening that is closed meanwhile would do.'),
  },
  {
    rule: 'nights-out',
    says: (input, where) => (zoneOf(input, where)?.maxNightsOut == null ? null : `The room may be out of use for ${nights(zoneOf(input, where)!.maxNightsOut!)}.`),
    without: (input, where) => withZone(input, where, { maxNightsOut: null }),
    eased: (input, where, n) => {
      const most = zoneOf(input, where)!.maxNightsOut! + n;
      return n > 14 ? null : { input: withZone(input, where, { maxNightsOut: most }), words: `${nights(most)} would do.` };
    },
  },
  {
    rule: 'back-by',
    says: (input, where) => (zoneOf(input, where)?.backBy ? `The room is wanted back by ${zoneOf(input, where)!.backBy}.` : null),
    without: (input, where) => withZone(input, where, { backBy: null }),
    eased: (input, where, n) => {
      const backBy = later(zoneOf(input, where)!.backBy!, n);
      return backBy === null ? null : { input: withZone(input, where, { backBy }), words: `Back by ${backBy} would do.` };
    },
  },
  {
    rule: 'fumes',
    says: (input, where) => (zoneOf(input, where)?.fumesOutBy && fumesIn(input, where) ? `The vapour is out of the room by ${zoneOf(input, where)!.fumesOutBy}.` : null),
    without: (input, where) => withZone(input, where, { fumesOutBy: null }),
    eased: (input, where, n) => {
      const fumesOutBy = later(zoneOf(input, where)!.fumesOutBy!, n);
      return fumesOutBy === null ? null : { input: withZone(input, where, { fumesOutBy }), words: `People back by ${fumesOutBy} would do.` };
    },
  },
  {
    rule: 'other-trade',
    says: (input, where) => (stepsOf(input, where).some((t) => t.notBefore) ? 'A date of another trade has to come first.' : null),
    without: (input, where) => withSteps(input, where, (t) => ({ ...t, notBefore: null })),
    eased: none,
  },
  {
    rule: 'hours',
    says: (input) => (input.crew.length ? 'The crew works its own days and hours.' : null),
    without: (input) => withCrew(input, (p) => ({ ...p, days: ALL_DAYS, from: '06:00', to: '22:00', off: [], busy: [] })),
    eased: (input, _where, n) => {
      const worked = new Set(input.crew.flatMap((p) => workHours(p).days));
      const day = [6, 7].find((d) => !worked.has(d));
      if (n === 1 && day)
        return {
          input: withCrew(input, (p) => ({ ...p, days: [...workHours(p).days, day] })),
          words: `Working ${DAY_NAMES[day]} would do.`,
        };
      const longest = input.crew
        .map((p) => workHours(p).to)
        .sort()
        .at(-1)!;
      const to = later(longest, day ? n - 1 : n);
      return to && to <= '22:00' ? { input: withCrew(input, (p) => ({ ...p, to })), words: `Hours until ${to} would do.` } : null;
    },
  },
  {
    rule: 'crew',
    says: (input) => `The crew has ${input.crew.length} people.`,
    without: (input) => ({ ...input, crew: [...input.crew, ...another(input, 4)] }),
    eased: (input, _where, n) =>
      n > 4
        ? null
        : {
            input: { ...input, crew: [...input.crew, ...another(input, n)] },
            words: `${NUMBERS[n]} more ${n === 1 ? 'person' : 'people'} would do.`,
          },
  },
  {
    rule: 'air',
    says: (input, where) => (stepsOf(input, where).some((t) => t.drying?.chemistry || t.drying?.family) ? 'The coats dry, and are laid, in the air of the place.' : null),
    without: (input, where) => better(input, where, BETTER_AIR.at(-1)!),
    eased: (input, where, n) => {
      const air = BETTER_AIR[n - 1];
      return air ? { input: better(input, where, air), words: `Air of ${air[0]} °C and ${air[1]} % would do.` } : null;
    },
  },
  {
    rule: 'recoat-closes',
    says: (input, where) => (stepsOf(input, where).some((t) => t.drying?.recoatMaxMin != null) ? 'A coat on it closes, and the next has to come before.' : null),
    ...whole(neverClosing, 'Abrading between the coats would do.'),
  },
];
