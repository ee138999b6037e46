import { chemistryOf, FAMILY_LABELS, type Chemistry, type Family, type Need, type Tint } from '../vocabulary/index.ts';
import type { Case } from './case.ts';
import { PRIMERS, type PrimerRow } from './knowledge/primers.ts';
import { primes } from './onOil.ts';

/** One thing the primer must do here, how well at the least, and where. */
export interface PrimerNeed {
  need: Need;
  atLeast: 1 | 2 | 3;
  scope: 'all' | 'spots' | 'bare-areas';
  why: string;
  /** The firm's rule or the ground names what does it here: another that would do as well is not taken for it. */
  only?: readonly Family[];
  /** Families this situation prefers, the first best, before the general order. */
  prefer?: readonly Family[];
}

export interface ChosenPrimer {
  family: Family;
  why: string[];
  meets: Need[];
  /** True where no product of a fitting family stands on the shelf. */
  toBuy: boolean;
}

/** True where this family may be used here at all: outdoors, on heat, within the makers. */
export function mayPrime(row: PrimerRow, c: Case, scope: PrimerNeed['scope']): boolean {
  if (c.outside && (row.outside === 'no' || (row.outside === 'spots' && scope !== 'spots'))) return false;
  // Under a clear film everything is seen.
  if (c.clear && !row.clear && !SOAKS_IN_CLEAR.includes(row.family)) return false;
  return !(c.hot && !row.heat);
}
const SOAKS_IN_CLEAR: readonly Family[] = ['penetrating-epoxy', 'penetrating-sealer'];

const SLOW: readonly Family[] = ['oil-primer', 'low-odour-oil-primer', 'metal-primer'];
/** What iron asks for: nothing else does in its place. */
export const FOR_IRON: readonly Need[] = ['grip-metal', 'block-rust'];
/** Needs that a blocker may meet: the firm's choice of blocker is heard for them. Bare metal asks for what is made for it. */
const isForBlocker = (need: Need) =>
  !FOR_IRON.includes(need) &&
  need !== 'grip-nonferrous' &&
  (need.startsWith('grip') || need.startsWith('block') || need === 'seal-paste' || need === 'seal-torn');
const isBlocking = (needs: readonly PrimerNeed[]) => needs.some((n) => isForBlocker(n.need));
/** Of several that a patch proved, the gentlest is taken: water before oil before shellac. */
const GENTLE: Readonly<Record<Chemistry, number>> = {
  waterborne: 6,
  'solvent-borne': 3,
  'alcohol-borne': 0,
  'two-part': 0,
};

function preference(row: PrimerRow, c: Case, needs: readonly PrimerNeed[]): number {
  const strength = needs.reduce((sum, n) => sum + (row.does[n.need] ?? 0), 0) / Math.max(1, needs.length);
  const named = needs.reduce((best, n) => {
    const at = n.prefer?.indexOf(row.family) ?? -1;
    return at < 0 ? best : Math.max(best, 1.5 - 0.4 * at);
  }, 0);
  const rule = c.rules.blocker;
  // The rule names a blocker: plain sealing of plaster or timber is none of its business.
  const blocking = isBlocking(needs);
  const asked = blocking && rule !== 'by-situation' && row.blocker === rule ? 4 : 0;
  // On iron nothing else will do; outside nobody breathes it.
  const forIron = needs.some((n) => FOR_IRON.includes(n.need));
  const odour = c.wanted.lowOdour && !c.outside && !forIron && !row.lowOdour ? -5 : 0;
  // A room that is wanted back tonight has no time for a primer that takes till tomorrow.
  const hurries = c.wanted.maxNightsOut !== null && c.wanted.maxNightsOut <= 1 && !forIron;
  const slow = hurries && SLOW.includes(row.family) ? -3 : 0;
  // A clear primer under paint is for pieces that are rubbed through, and nothing else.
  const clear = row.clear && !c.clear ? (c.wanted.distressed && c.furniture ? 4 : -4) : 0;
  // What a patch here, or an accepted trial, has shown weighs beside the table.
  const shown = blocking ? (c.shown.get(row.family) ?? 0) : 0;
  // Another place of the same surface takes it, and it does for this one too.
  const shared = c.onePrimer === row.family ? PROVEN : 0;
  // What a patch here proved outranks rule and table: it decides.
  const proven = blocking && patchProved(c, row.family) ? PROVEN + GENTLE[chemistryOf(row.family)] : 0;
  return strength + named + clear + asked + odour + slow + shown + proven + shared - PRIMERS.indexOf(row) * 0.01;
}

const PROVEN = 8;
const patchProved = (c: Case, family: Family) => c.d.patches.some((p) => p.family === family && p.verdict === 'covers');

/** A product of this family whose own sheet, where it says, does not fall short of what is needed. */
const onShelf = (c: Case, row: PrimerRow, needs: readonly PrimerNeed[]) =>
  c.shelf.some(
    (p) =>
      p.family === row.family &&
      needs.every((n) => (p.does[n.need] === undefined ? meets(row.family, n, c) : p.does[n.need]! >= n.atLeast)),
  );

/** Whether a family does what is needed here, by its table or by its patch: dye is stopped by what stopped it. */
export const meets = (family: Family, { need, atLeast, only }: PrimerNeed, c: Case): boolean =>
  (primes(family, need) >= atLeast || (need.startsWith('block') && patchProved(c, family))) &&
  (!only || only.includes(family));

/** The families that meet all of these needs here, best first, whether or not the shelf holds them. */
function primersFor(needs: readonly PrimerNeed[], c: Case): PrimerRow[] {
  const scope = needs.some((n) => n.scope === 'all')
    ? 'all'
    : needs.some((n) => n.scope === 'bare-areas')
      ? 'bare-areas'
      : 'spots';
  return PRIMERS.filter((row) => mayPrime(row, c, scope) && needs.every((n) => meets(row.family, n, c))).sort(
    (a, b) => preference(b, c, needs) - preference(a, c, needs),
  );
}

/** What one place of a surface asks of its primer. */
export interface AskedThere {
  c: Case;
  needs: readonly PrimerNeed[];
}

/** Of these families the one that does all that several places ask for, and best over them together; null where none does. */
export function primerForAll(families: readonly Family[], places: readonly AskedThere[]): Family | null {
  const sum = (row: PrimerRow) => places.reduce((total, { c, needs }) => total + preference(row, c, needs), 0);
  const fits = (row: PrimerRow) => places.every(({ c, needs }) => primersFor(needs, c).includes(row));
  const fitting = PRIMERS.filter((row) => families.includes(row.family) && fits(row));
  return fitting.sort((a, b) => sum(b) - sum(a))[0]?.family ?? null;
}

/** Chooses one primer for these needs, from the shelf where it can; null where no family does it all. */
export function choosePrimer(needs: readonly PrimerNeed[], c: Case): ChosenPrimer | null {
  const fitting = primersFor(needs, c);
  const row = fitting.find((r) => onShelf(c, r, needs)) ?? fitting[0];
  if (!row) return null;
  const why = [row.reason, ...(isBlocking(needs) ? whyOfPatches(row.family, c) : [])];
  return { family: row.family, why, meets: needs.map((n) => n.need), toBuy: !onShelf(c, row, needs) };
}

/** How the patches that covered bear on a choice: they decided it, or what held the colour back does not do the rest here. */
function whyOfPatches(family: Family, c: Case): string[] {
  const covered = c.d.patches.filter((p) => p.verdict === 'covers' && p.family);
  if (covered.length === 0) return whyOfOpenPatches(family, c);
  if (!patchProved(c, family))
    return [
      `What covered in its patch, ${covered.map((p) => FAMILY_LABELS[p.family!]).join(' and ')}, does not do all that is asked here.`,
    ];
  return [
    covered.length > 1
      ? 'Of those whose patches covered at the later look it is the gentlest that does all this, and that decides.'
      : 'Its patch covered at the later look, and that decides.',
  ];
}

/** A gentler primer whose patch covers so far would do, were it to cover at the later look. */
function whyOfOpenPatches(family: Family, c: Case): string[] {
  const gentler = c.d.patches.flatMap((p) =>
    p.family && p.verdict === 'look-again' && p.decidedBy.result === 'covers' && isGentler(p.family, family)
      ? [FAMILY_LABELS[p.family]]
      : [],
  );
  return gentler.length === 0
    ? []
    : [
        `The patch of ${gentler.join(' and ')} covers so far: look again the next day. If it still covers, that is used; the later look decides.`,
      ];
}
const isGentler = (one: Family, other: Family) => GENTLE[chemistryOf(one)] > GENTLE[chemistryOf(other)];

/**
 * Splits needs that no single primer meets into the fewest coats, strongest demand first. Greedy over few needs:
 * each coat takes every need it can.
 */
export function choosePrimers(needs: readonly PrimerNeed[], c: Case): ChosenPrimer[] {
  const open = [...needs];
  const chosen: ChosenPrimer[] = [];
  while (open.length) {
    const whole = choosePrimer(open, c);
    if (whole) return [...chosen, whole];
    const taken = [...open];
    while (taken.length > 1 && !choosePrimer(taken, c)) taken.pop();
    const part = choosePrimer(taken, c);
    if (part) chosen.push(part);
    open.splice(0, taken.length);
  }
  return chosen;
}

/** The grey that lies as deep as the finish, so that it hides in fewer coats. Bounds on CIE L*; source: practice after ISO 6504-3. */
export function tintFor(c: Case): Tint | undefined {
  const to = c.shift.to;
  if (to === null) return undefined;
  if (c.rules.primerTint === 'dark-to-light-only') return 'white';
  if (to >= 78) return 'white';
  if (c.rules.primerTint === 'toward-finish') return 'toward-finish';
  return to >= 62 ? 'grey-light' : to >= 42 ? 'grey-mid' : 'grey-deep';
}
