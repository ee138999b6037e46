import type { Fault } from '../vocabulary/index.ts';
import type { Step } from '../model/step.ts';
import type { Case } from '../systems/case.ts';
import type { BondTerms } from './bond.ts';
import { CAUSES, chanceOf, NO } from './causes.ts';
import { FIT_ROWS } from '../systems/knowledge/fits.ts';
import { LEFT_ROWS } from './knowledge/grounds.ts';
import { MECHANISM_OF, type Mechanism } from './knowledge/mechanisms.ts';
import { RISING_ROWS } from './knowledge/rising.ts';
import { WET_ROWS } from './knowledge/wetFilm.ts';
import { outlookOf } from './tallyOf.ts';

/** How likely each mechanism brings a fault: 0 to 1 each; those that have no part in it are absent. */
export type MechanismOdds = Readonly<Partial<Record<Mechanism, number>>>;

const ALONE: ReadonlyMap<number, Mechanism> = new Map([
  [NO.betweenCoats, 'between-coats'],
  [NO.oldBond, 'old-film'],
  [NO.flashes, 'thirst'],
  [NO.sinks, 'thirst'],
  [NO.fillerFlashes, 'thirst'],
  [NO.hiding, 'hiding'],
  [NO.noFinish, 'hiding'],
  [NO.paper, 'swells'],
  [NO.flat, 'moves'],
  [NO.handledEarly, 'closing'],
] as const);

const within = (cause: number, from: number, rows: readonly unknown[]) => cause >= from && cause < from + rows.length;

/** The mechanism of a cause, by its number; null for what is of the hand. A bond is told apart by what weighs in it. */
function mechanismOf(cause: number): Mechanism | null {
  if (within(cause, NO.wet, WET_ROWS)) return MECHANISM_OF[WET_ROWS[cause - NO.wet]!.trait] ?? null;
  if (within(cause, NO.left, LEFT_ROWS)) return MECHANISM_OF[LEFT_ROWS[cause - NO.left]!.trait] ?? null;
  if (within(cause, NO.rising, RISING_ROWS)) return 'rises';
  if (within(cause, NO.fit, FIT_ROWS)) return 'misfit';
  return ALONE.get(cause) ?? (CAUSES[cause]!.fault === 'sticks-shut' ? 'closing' : null);
}

/** What of a bond's chance to let go is dirt on the face: what would be gone, were it clean. 0 to 1. */
function shareOfDirt({ points, dirt }: BondTerms): number {
  const dirty = dirt.reduce((sum, one) => sum + Math.max(0, one), 0);
  return 1 - chanceOf(points - dirty) / chanceOf(points);
}

/**
 * How likely each mechanism brings one fault on a surface, as these steps leave it: what was not done is simply not
 * among them. Over everything that may be there, and over its places.
 */
export function mechanismOdds(c: Case, steps: readonly Step[], fault: Fault): MechanismOdds {
  const odds: Partial<Record<Mechanism, number>> = {};
  const add = (mechanism: Mechanism, chance: number) => {
    if (chance > 0) odds[mechanism] = 1 - (1 - (odds[mechanism] ?? 0)) * (1 - chance);
  };
  const { tally, places } = outlookOf(c, steps);
  CAUSES.forEach((row, cause) => {
    const mechanism = row.fault === fault && cause !== NO.bond ? mechanismOf(cause) : null;
    if (mechanism) add(mechanism, tally.odds[cause]!);
  });
  if (fault !== CAUSES[NO.bond]!.fault) return odds;
  const each = places.flat().map(({ chance, tally: there }) => {
    const goes = (chance / places.length) * there.odds[NO.bond]!;
    return { goes, dirty: there.bond ? goes * shareOfDirt(there.bond) : 0 };
  });
  const dirty = each.reduce((sum, one) => sum + one.dirty, 0);
  add('dirt', dirty);
  add('no-grip', each.reduce((sum, one) => sum + one.goes, 0) - dirty);
  return odds;
}
