import { smellsStrongly } from '../systems/smell.ts';
import {
  coatsIn,
  FAMILY_LABELS,
  isCoat,
  STEP_DOING,
  TINT_LABELS,
  type Family,
  type StepKind,
  type Tint,
} from '../vocabulary/index.ts';
import { nightsOut } from '../pricing/nightsOut.ts';
import { priceOn, type SystemPrice } from '../pricing/price.ts';
import type { Case } from '../systems/case.ts';
import type { Composed } from '../systems/compose.ts';
import { coatFamilies, stepKey, type Step } from '../model/step.ts';
import { COAT_GAINS, MORE_COATS, WORK_GAINS } from './knowledge/gains.ts';
import { holdsOf, type Holds } from './holds.ts';

const inHours = (minutes: number) => {
  const hours = Math.abs(minutes / 60);
  if (hours >= 24) return hours < 36 ? 'a day' : `${Math.round(hours / 24)} days`;
  if (hours < 0.95) return `${Math.max(5, Math.round(Math.abs(minutes) / 5) * 5)} minutes`;
  const told = Math.round(hours * 10) / 10;
  return told === 1 ? 'an hour' : `${told} hours`;
};

/** Where a coat is laid, if not all over. */
const WHERE: Readonly<Record<string, string>> = { spots: ' on the spots', 'bare-areas': ' where it is bare' };

/** The coats of each family in each place, counted together, in the order they are laid. */
function coatsOf(steps: readonly Step[]): string[] {
  const coats = new Map<string, number>();
  for (const { kind, family, coats: n, scope = 'all' } of steps) {
    if (!family || !isCoat(kind)) continue;
    const what = `${FAMILY_LABELS[family]}${WHERE[scope] ?? (scope === 'all' ? '' : ` (${scope})`)}`;
    coats.set(what, (coats.get(what) ?? 0) + (n ?? 1));
  }
  return [...coats].map(([what, n]) => `${coatsIn(n)} of ${what}`);
}

/** Coats by what they are of, wherever they are laid. */
function countedCoats(steps: readonly Step[]): ReadonlyMap<Family, number> {
  const counted = new Map<Family, number>();
  for (const { kind, family, coats = 1 } of steps)
    if (family && isCoat(kind)) counted.set(family, (counted.get(family) ?? 0) + coats);
  return counted;
}

/** The first system as the others are told against it, read once. */
export interface Weighed {
  key: string;
  coats: string[];
  families: readonly Family[];
  /** How many coats of each it lays. */
  counted: ReadonlyMap<Family, number>;
  /** What else is done, by its key. */
  kinds: ReadonlyMap<string, StepKind>;
  tint: Tinted | null;
  fumes: boolean;
  price: SystemPrice;
  callBackAYear: number;
  /** Nights that what hangs is out of its opening; null where it stays, or nobody counts them. */
  nights: number | null;
}

export const weighedOf = (base: Composed, key: string, c: Case, price = priceOn(c, base.steps)): Weighed => ({
  key,
  coats: coatsOf(base.steps),
  families: coatFamilies(base.steps),
  counted: countedCoats(base.steps),
  kinds: new Map(worthTelling(base.steps).map((s) => [stepKey(s), s.kind])),
  tint: tintIn(base.steps),
  fumes: smellsStrongly(base.steps),
  price,
  callBackAYear: holdsOf(c, base.steps, price).callBackAYear,
  nights: nightsIn(c, base.steps),
});

/** Nights are counted where somebody asked for it back. */
const nightsIn = (c: Case, steps: readonly Step[]) => (c.wanted.maxNightsOut === null ? null : nightsOut(c, steps));

const listed = (words: readonly string[]) =>
  words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words.at(-1)}` : (words[0] ?? '');

/** What lies tinted under the finish, and how. */
interface Tinted {
  words: 'primer' | 'undercoat';
  tint: Tint;
}
/** How the primer is tinted, or the undercoat where that is the first; null where there is none, or it is left as it comes. */
function tintIn(steps: readonly Step[]): Tinted | null {
  const step = steps.find(({ kind, tint }) => (kind === 'prime' || kind === 'undercoat') && tint !== undefined);
  return step?.tint ? { words: step.kind === 'prime' ? 'primer' : 'undercoat', tint: step.tint } : null;
}

/** What follows from the coats by itself is not told beside them: fresh air for a solvent, sheets for a spray. */
const FOLLOWS: readonly StepKind[] = ['ventilate', 'protect', 'mask', 'unmask', 'clean-up'];
const worthTelling = (steps: readonly Step[]) => steps.filter((s) => !isCoat(s.kind) && !FOLLOWS.includes(s.kind));

/** What is done besides coats, beside the first: what comes in, else what is left out, and another tint. */
function besidesCoats({ kinds, tint }: Weighed, { steps }: Composed): string {
  const others = worthTelling(steps);
  const doing = (list: readonly StepKind[]) => listed([...new Set(list.map((kind) => STEP_DOING[kind]))]);
  const added = others.filter((s) => !kinds.has(stepKey(s))).map((s) => s.kind);
  const keys = new Set(others.map(stepKey));
  const left = [...kinds].filter(([key, kind]) => !keys.has(key) && !added.includes(kind)).map(([, kind]) => kind);
  const then = tintIn(steps);
  return [
    ...(added.length ? [`with ${doing(added)}`] : []),
    ...(left.length && !added.length ? [`without ${doing(left)}`] : []),
    ...(then && tint && then.tint !== tint.tint
      ? [`its ${then.words} ${TINT_LABELS[then.tint]} instead of ${TINT_LABELS[tint.tint]}`]
      : []),
  ].join(', ');
}

/** What other coats it lays, and what else it does; a sentence. */
function workText(base: Weighed, other: Composed): string {
  const then = coatsOf(other.steps);
  const instead = then.filter((coat) => !base.coats.includes(coat));
  const without = base.coats.filter((coat) => !then.includes(coat));
  const also = besidesCoats(base, other);
  const so = also ? `, ${also}.` : '.';
  if (instead.length) return `It lays ${listed(instead)}${without.length ? ` instead of ${listed(without)}` : ''}${so}`;
  if (without.length) return `It does without ${listed(without)}${so}`;
  if (also) return `It lays the same coats${so}`;
  // Neither another coat nor other work: what differs is when it is done.
  return 'It does the same work in another order.';
}

/** What an alternative trades against the first: coats, hours, waiting, cost, smell and what may go wrong; whole sentences. */
export function differenceText(base: Weighed, other: Composed, c: Case, price: SystemPrice, holds: Holds): string {
  const trades: string[] = [];
  const minutes = price.minutes - base.price.minutes;
  if (Math.abs(minutes) >= 10) trades.push(`takes ${inHours(minutes)} ${minutes > 0 ? 'more' : 'less'} of work`);
  const wait = price.waitingMin - base.price.waitingMin;
  if (Math.abs(wait) >= 60) trades.push(`waits ${inHours(wait)} ${wait > 0 ? 'longer' : 'less'}`);
  const nights = (nightsIn(c, other.steps) ?? 0) - (base.nights ?? 0);
  if (nights !== 0)
    trades.push(
      `is out ${Math.abs(nights)} ${Math.abs(nights) === 1 ? 'night' : 'nights'} ${nights > 0 ? 'longer' : 'less'}`,
    );
  const cost = price.cost - base.price.cost;
  if (Math.abs(cost) >= 100) trades.push(cost > 0 ? 'is dearer' : 'is cheaper');
  const strong = smellsStrongly(other.steps);
  if (strong !== base.fumes) trades.push(strong ? 'smells strongly of solvent or alcohol' : 'has little smell');
  const back = Math.round((holds.callBackAYear - base.callBackAYear) * 100);
  if (back !== 0) trades.push(`is called back ${Math.abs(back)} in 100 ${back > 0 ? 'more' : 'less'} a year`);
  // Where it neither saves nor holds longer, why anybody would do it is said.
  const saves = [minutes / 10, wait / 60, nights, cost / 100, Number(strong) - Number(base.fumes), back];
  const gain = saves.some((more) => more <= -1) ? null : gainOf(base, other);
  return [workText(base, other), ...(trades.length ? [`It ${listed(trades)}.`] : []), ...(gain ? [gain] : [])].join(
    ' ',
  );
}

/** What another way is chosen for: by a coat that is new, by more of them, or by the work beside them. */
function gainOf(base: Weighed, { steps }: Composed): string | null {
  const coat = coatFamilies(steps).find((family) => !base.families.includes(family) && COAT_GAINS[family]);
  if (coat) return COAT_GAINS[coat]!;
  const thicker = [...countedCoats(steps)].find(([family, n]) => n > (base.counted.get(family) ?? 0));
  if (thicker) return MORE_COATS.find(({ of }) => of(thicker[0]))!.gain;
  const work = steps.find((s) => !base.kinds.has(stepKey(s)) && WORK_GAINS[s.kind]);
  return work ? WORK_GAINS[work.kind]! : null;
}
