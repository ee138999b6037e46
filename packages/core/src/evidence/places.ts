import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import type { TestKind } from '../vocabulary/index.ts';
import { gripFailed, gripHeld } from './conditions.ts';
import { isPartOnly } from './measured.ts';
import { LETS_GO } from './knowledge/laysOpen.ts';
import { placeOf } from '../model/place.ts';
import { PLACE_SHARES } from './knowledge/bonds.ts';
import { stacksGiven } from './given.ts';
import { filmSeen, likelihoodOfAll, readOn, saidBy } from './likelihood.ts';
import { normal, times, type Vector } from './odds.ts';
import { SET_OF, setsOf, STACKS } from './stackSpace.ts';

/** A part of a surface with a finish of its own: the places that agree, and every test that speaks for them. */
export interface Zone {
  /** Places named by its tests; empty for the rest of the surface, or for a surface that is one. */
  places: string[];
  tests: readonly TestRecord[];
}

const said = (place: string) => place !== '';

/**
 * The parts of one film by how its bond was found: a place where it let go stays a place of its own, whatever another
 * showed, and one that held says that it holds there; one where only the film was looked into is not known to let go.
 * One part where the tests agree, or where only one place was tried and nobody measured how far it goes.
 */
export function bondPlaces(zone: Zone, surface: SurfaceFacts): Zone[] {
  const failed = new Set(zone.tests.filter(gripFailed).map(placeOf).filter(said));
  const isElsewhere = (t: TestRecord) => !failed.has(placeOf(t));
  const heldElsewhere = zone.tests.some((t) => gripHeld(t) && isElsewhere(t));
  const seenElsewhere = zone.tests.some((t) => said(placeOf(t)) && isElsewhere(t) && FILM_SEEN.includes(t.kind));
  if (failed.size === 0 || !(heldElsewhere || seenElsewhere || letsGoInPart(surface, zone.tests))) return [zone];
  const isOf = (t: TestRecord, there: boolean) =>
    failed.has(placeOf(t)) ? there : placeOf(t) === '' && !gripFailed(t) && !gripHeld(t) ? true : !there;
  const part = (there: boolean): Zone => ({
    places: there ? [...failed] : zone.places.filter((p) => !failed.has(p)),
    tests: zone.tests.filter((t) => isOf(t, there)),
  });
  return [part(true), part(false)];
}

/** How far it lets go was measured: a part, and no test without a place says that it goes further. */
export function letsGoInPart(surface: SurfaceFacts, tests: readonly TestRecord[]): boolean {
  const seen = LETS_GO.filter((code) => surface.conditions.includes(code));
  const isEverywhere = tests.some((t) => gripFailed(t) && !said(placeOf(t)));
  return seen.length > 0 && !isEverywhere && seen.every((code) => isPartOnly(surface, code));
}

/** Tests that look into the film, whatever they say of its bond. */
const FILM_SEEN: readonly TestKind[] = ['spirit-rub', 'acetone-rub', 'chip-look'];

/**
 * What a place says of the surface that it is part of: it has its layers, and its bond mostly. A place where it let go
 * therefore says what lies under the whole, and that it may let go elsewhere; one that holds does not unsay it.
 */
function saidOfSurface(here: Vector, given: Vector): number[] {
  const share = setsOf(given);
  const mean = setsOf(times(given, here));
  return here.map((x, i) => {
    const set = SET_OF[i]!;
    return share[set] ? PLACE_SHARES.bond * x + (1 - PLACE_SHARES.bond) * (mean[set]! / share[set]) : x;
  });
}

/** How likely the film holds elsewhere, where it was found to let go in one place: it shares that place's layers, and not always its bond. */
export function holdsElsewhere(surface: SurfaceFacts, odds: Vector): number {
  const [given, sets] = [stacksGiven(surface), setsOf(odds)];
  const share = setsOf(given);
  const sound = STACKS.reduce((sum, { bond }, i) => {
    const set = SET_OF[i]!;
    return bond === 'sound' && share[set] ? sum + (sets[set]! * given[i]!) / share[set] : sum;
  }, 0);
  return (1 - PLACE_SHARES.bond) * sound;
}

/** Tests of each part of a film that holds otherwise than the rest, without those that speak for the whole of it. */
function partsOf(surface: SurfaceFacts, tests: readonly TestRecord[]): Set<TestRecord>[] {
  const parts = bondPlaces({ places: [], tests: [...tests] }, surface).map((part) => part.tests);
  return parts.map((part) => new Set(part.filter((t) => !parts.every((other) => other.includes(t)))));
}

/** What all tests of one film say of what lies there: of a surface with parts that hold otherwise, part by part. */
export function surfaceLikelihood(surface: SurfaceFacts, tests: readonly TestRecord[]): Vector {
  const on = readOn(surface);
  const parts = partsOf(surface, tests);
  if (parts.length < 2) return likelihoodOfAll(tests, on);
  const given = stacksGiven(surface);
  const ofTheWhole = tests.filter((t) => !parts.some((part) => part.has(t)));
  return parts.reduce<Vector>(
    (all, part) => times(all, saidOfSurface(saidBy(part, tests, on), given)),
    times(filmSeen(tests, on), saidBy(ofTheWhole, tests, on)),
  );
}

/** The odds at one part of a film, where those of the whole are known: what its own tests say counts in full there. */
export function oddsAtPart(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  part: readonly TestRecord[],
  odds: Vector,
): Vector {
  const own = partsOf(surface, tests).find((some) => some.size > 0 && [...some].every((t) => part.includes(t)));
  if (!own) return odds;
  const here = saidBy(own, tests, readOn(surface));
  const said = saidOfSurface(here, stacksGiven(surface));
  return normal(odds.map((x, i) => (x * here[i]!) / said[i]!));
}
