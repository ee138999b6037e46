import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import type { TestKind } from '../vocabulary/index.ts';
import { placeOf } from '../model/place.ts';
import { FINDS } from './knowledge/finds.ts';
import { isOverLimit } from './knowledge/moisture.ts';
import type { Zone } from './places.ts';
import { asTheyStand } from './readings.ts';

/** Whether a test found what it looks for where it was made; null where it looks for nothing, or leaves it open. */
export function findsThere(test: TestRecord, { substrate }: SurfaceFacts): boolean | null {
  if (test.kind === 'moisture-meter') return isOverLimit(test, substrate);
  const row = FINDS[test.kind];
  if (!row) return null;
  return row.there.includes(test.result ?? '') || (row.not.includes(test.result ?? '') ? false : null);
}

/** What it finds in one place and not in another sets the place apart. */
const setsApart = (kind: TestKind) => kind === 'moisture-meter' || FINDS[kind]?.apart === true;

/** One kind of test that found something in some places and that it is not there in others. */
interface Differs {
  kind: TestKind;
  /** Where it was found. */
  places: ReadonlySet<string>;
}

/** Which tests found something in places of this zone, and found it not in others. */
function differing({ places, tests }: Zone, surface: SurfaceFacts): Differs[] {
  const standing = asTheyStand(tests);
  return [...new Set(standing.map((t) => t.kind))].filter(setsApart).flatMap((kind) => {
    const own = standing.filter((t) => t.kind === kind);
    const there = own.filter((t) => findsThere(t, surface)).map(placeOf);
    const elsewhere = own.some((t) => findsThere(t, surface) === false && !there.includes(placeOf(t)));
    // Found without a place it may be anywhere.
    const isNamed = there.every((place) => (places.length ? places.includes(place) : place !== ''));
    return there.length > 0 && elsewhere && isNamed ? [{ kind, places: new Set(there) }] : [];
  });
}

/** Places where the same was found, and what that was. */
interface Alike {
  kinds: readonly TestKind[];
  places: string[];
}

/** The places of a zone by what was found there, and the rest of it. */
function placesAlike(zone: Zone, differs: readonly Differs[]): Alike[] {
  const found = [...new Set(differs.flatMap(({ places }) => [...places]))];
  const alike = new Map<string, Alike>();
  for (const place of found) {
    const kinds = differs.filter((d) => d.places.has(place)).map((d) => d.kind);
    alike.set(kinds.join(), { kinds, places: [...(alike.get(kinds.join())?.places ?? []), place] });
  }
  const rest = zone.places.filter((place) => !found.includes(place));
  return [...alike.values(), ...(zone.places.length && !rest.length ? [] : [{ kinds: [], places: rest }])];
}

/**
 * The parts of one zone by what was found where: damp under the window, chalk on the south side, paste behind the
 * radiator. What a test found in one place stays there where the same test found it not in another; places where the
 * same was found are one part, and the rest is the last.
 */
export function foundPlaces(zone: Zone, surface: SurfaceFacts): Zone[] {
  const differs = differing(zone, surface);
  if (differs.length === 0) return [zone];
  const tellsPart = (t: TestRecord) => differs.some(({ kind }) => kind === t.kind);
  const parts = placesAlike(zone, differs);
  // What else was looked for in a place that is a part of its own was found there.
  const isOfAnother = (t: TestRecord, places: readonly string[]) =>
    FINDS[t.kind] !== undefined &&
    !places.includes(placeOf(t)) &&
    parts.some((part) => part.kinds.length > 0 && part.places.includes(placeOf(t)));
  return parts.map(({ kinds, places }) => ({
    places,
    tests: zone.tests.filter((t) => {
      if (!tellsPart(t)) return !isOfAnother(t, places);
      return kinds.includes(t.kind) ? places.includes(placeOf(t)) : !findsThere(t, surface);
    }),
  }));
}
