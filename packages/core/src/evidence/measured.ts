import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import type { Condition } from '../vocabulary/index.ts';
import { placeOf } from '../model/place.ts';
import { withoutConditions, type ConditionFindings } from './conditions.ts';
import { FINDS } from './knowledge/finds.ts';
import { isOverLimit } from './knowledge/moisture.ts';

/** From what share of a surface on a measured stain is treated as lying all over it. Source: practice. */
export const ALL_OVER = 0.5;

/** True where it was measured, and is the smaller part of the surface. */
export function isPartOnly({ areaM2, extents }: SurfaceFacts, code: Condition): boolean {
  const size = extents[code]?.areaM2 ?? null;
  return size !== null && areaM2 !== null && size < ALL_OVER * areaM2;
}

interface Found {
  places: readonly string[];
  tests: readonly TestRecord[];
  findings: ConditionFindings;
}

/** A test that was made in one of these places found it there. */
const isFoundIn = ({ places, tests }: Found, code: Condition, { substrate }: SurfaceFacts): boolean =>
  tests.some((test) => {
    if (!places.includes(placeOf(test))) return false;
    if (test.kind === 'moisture-meter') return code === 'damp' && isOverLimit(test, substrate) === true;
    const row = FINDS[test.kind];
    return row?.raises === code && row.there.includes(test.result ?? '');
  });

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
