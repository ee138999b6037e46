import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import type { Condition } from '../vocabulary/index.ts';
import { placeOf } from '../model/place.ts';
import { withoutConditions, type ConditionFindings } from './conditions.ts';
import { findsThere } from './found.ts';
import { FINDS } from './knowledge/finds.ts';
import { asTheyStand } from './readings.ts';

/** From what share of a surface on a measured stain is treated as lying all over it. Source: practice. */
export const ALL_OVER = 0.5;

/** What share of the surface it was measured as, 0 upwards; null where its size or the surface's is not known. */
export function shareMeasured({ areaM2, extents }: SurfaceFacts, code: Condition): number | null {
  const size = extents[code]?.areaM2 ?? null;
  return size === null || areaM2 === null ? null : size / areaM2;
}

/** True where it was measured, and is the smaller part of the surface. */
export function isPartOnly(surface: SurfaceFacts, code: Condition): boolean {
  const share = shareMeasured(surface, code);
  return share !== null && share < ALL_OVER;
}

interface Found {
  places: readonly string[];
  tests: readonly TestRecord[];
  findings: ConditionFindings;
}

/** This test found this condition where it was made. */
const finds = (test: TestRecord, code: Condition, surface: SurfaceFacts): boolean =>
  (test.kind === 'moisture-meter' ? code === 'damp' : FINDS[test.kind]?.raises === code) &&
  findsThere(test, surface) === true;

/** The places by name where tests, as they stand, found a condition; none where one found it without a place. */
export function placesOf(code: Condition, tests: readonly TestRecord[], surface: SurfaceFacts): string[] {
  const found = asTheyStand(tests).filter((test) => finds(test, code, surface));
  const places = [...new Set(found.map(placeOf))];
  return places.includes('') ? [] : places;
}

const madeIn = ({ places, tests }: Pick<Found, 'places' | 'tests'>): TestRecord[] =>
  tests.filter((test) => places.includes(placeOf(test)));

/** A test that was made in one of these places found it there. */
const isFoundIn = (zone: Found, code: Condition, surface: SurfaceFacts): boolean =>
  madeIn(zone).some((test) => finds(test, code, surface));

/** The same, also of what a test only looks for: chalk on a palm, wax under a drop. */
export const isSeenIn = (zone: Found, code: Condition, surface: SurfaceFacts): boolean =>
  isFoundIn(zone, code, surface) ||
  madeIn(zone).some((test) => FINDS[test.kind]?.looksFor === code && findsThere(test, surface) === true);

/** What was seen and measured, and that a test found in a place by name, is what was measured there: it stands in no other. */
export function standingWhereFound<Z extends Found>(zones: readonly Z[], surface: SurfaceFacts): Z[] {
  const placed = surface.conditions.filter(
    (code) => surface.extents[code]?.areaM2 != null && zones.some((zone) => isFoundIn(zone, code, surface)),
  );
  if (zones.length < 2 || placed.length === 0) return [...zones];
  return zones.map((zone) => {
    const elsewhere = placed.filter((code) => !isFoundIn(zone, code, surface));
    return elsewhere.length ? { ...zone, findings: withoutConditions(zone.findings, elsewhere) } : zone;
  });
}
