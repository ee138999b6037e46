import { CONDITION_SIZE, readArea, sayArea, type Condition, type Extent } from '@rustic/core';
import type { Units } from '../store/store.ts';
import { readTyped } from '../words/length.ts';

const FOOT_M = 0.3048;

/** What the size of a condition is asked in; null where it has none. */
export function sizeUnit(condition: Condition, units: Units): string | null {
  const by = CONDITION_SIZE[condition];
  if (by === 'area') return units === 'us' ? 'sq ft' : 'm²';
  return by && (units === 'us' ? 'ft' : 'm');
}

/** An area as its field shows it: the figure alone. */
export const shownArea = (areaM2: number, units: Units): string => sayArea(areaM2, units).replace(/ .*/, '');

/** A size as its field shows it. */
export function shownSize(condition: Condition, extent: Extent | undefined, units: Units): string {
  const { areaM2, lengthM } = extent ?? {};
  if (CONDITION_SIZE[condition] === 'area') return areaM2 == null ? '' : shownArea(areaM2, units);
  if (lengthM == null) return '';
  return String(Math.round((units === 'us' ? lengthM / FOOT_M : lengthM) * 100) / 100);
}

/** Reads the size of a condition as it is typed, in m² or m; null where it cannot be read. */
export const readSize = (condition: Condition, text: string, units: Units): number | null =>
  CONDITION_SIZE[condition] === 'area' ? readArea(text, units) : readTyped(text, units);

/** How large each condition is said to be, beside what stands of others. A size that was rubbed out is not known again; one that nobody touched stays to the letter. */
export function extentsOf(
  said: { conditions: readonly Condition[]; extents: Readonly<Partial<Record<Condition, string>>> },
  was: Readonly<Partial<Record<Condition, Extent>>>,
  units: Units,
): Partial<Record<Condition, Extent>> {
  const extents: Partial<Record<Condition, Extent>> = { ...was };
  for (const condition of said.conditions.filter((one) => CONDITION_SIZE[one])) {
    const text = (said.extents[condition] ?? '').trim();
    if (text === shownSize(condition, was[condition], units)) continue;
    if (text === '') delete extents[condition];
    else {
      const size = readSize(condition, text, units) ?? Number.NaN;
      extents[condition] = CONDITION_SIZE[condition] === 'area' ? { areaM2: size } : { lengthM: size };
    }
  }
  return extents;
}
