import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { gripFailed, gripHeld } from './conditions.ts';
import { isDirty, likelihoodOfAll, opposed, tellsFinish } from './likelihood.ts';
import { dot } from './odds.ts';
import { priorVector } from './prior.ts';

/** A part of a surface with a finish of its own: the places that agree, and every test that speaks for them. */
export interface Zone {
  /** Places named by its tests; empty for the rest of the surface, or for a surface that is one. */
  places: string[];
  tests: TestRecord[];
}

/** How readily a surface is taken to be of two paints: odds against each further zone. Source: practice. */
const FURTHER_ZONE = 0.12;

const placeOf = (test: TestRecord) => (test.place ?? '').trim();

/**
 * Two results in two places are zones before they are a conflict. Places are gathered while one finish explains them
 * together better than two do, weighing the odds against a patchwork; what is left apart is a zone. A rub with
 * nothing on the rag and one with colour are never of one zone. Tests of the
 * condition, and tests without a place, speak for every zone, unless only a zone of their own explains them.
 */
export function zonesOf(surface: SurfaceFacts, tests: readonly TestRecord[]): Zone[] {
  const telling = tests.filter(tellsFinish);
  const places = [...new Set(telling.map(placeOf))];
  if (places.length < 2) return [{ places: [], tests: [...tests] }];
  const prior = priorVector(
    surface,
    telling.some((t) => t.kind === 'sheen-look'),
  );
  const dirty = isDirty(surface);
  const evidence = (some: readonly TestRecord[]) => Math.log(dot(prior, likelihoodOfAll(some, dirty)));
  let clusters = places.map((place) => {
    const own = telling.filter((t) => placeOf(t) === place);
    return { places: [place], tests: own, evidence: evidence(own) };
  });
  for (;;) {
    let best: { gain: number; merged: (typeof clusters)[number]; a: number; b: number } | null = null;
    for (let a = 0; a < clusters.length; a++)
      for (let b = a + 1; b < clusters.length; b++) {
        if (clusters[a]!.tests.some((x) => clusters[b]!.tests.some((y) => opposed(x, y)))) continue;
        const both = telling.filter((t) => clusters[a]!.tests.includes(t) || clusters[b]!.tests.includes(t));
        const together = evidence(both);
        const gain = together - clusters[a]!.evidence - clusters[b]!.evidence - Math.log(FURTHER_ZONE);
        if (!best || gain > best.gain)
          best = {
            gain,
            a,
            b,
            merged: { places: [...clusters[a]!.places, ...clusters[b]!.places], tests: both, evidence: together },
          };
      }
    if (!best || best.gain <= 0) break;
    const { a, b, merged } = best;
    clusters = [...clusters.filter((_, i) => i !== a && i !== b), merged];
    if (clusters.length === 1) break;
  }
  if (clusters.length === 1) return [{ places: [], tests: [...tests] }];
  const inOrder = clusters.sort((x, y) => telling.indexOf(x.tests[0]!) - telling.indexOf(y.tests[0]!));
  return inOrder.map((cluster) => ({
    places: cluster.places.filter((p) => p !== ''),
    tests: tests.filter(
      (t) =>
        cluster.tests.includes(t) ||
        // A condition found elsewhere stays there; one without a place is everywhere.
        (!telling.includes(t) &&
          (placeOf(t) === '' || cluster.places.includes(placeOf(t)) || !places.includes(placeOf(t)))),
    ),
  }));
}

const said = (place: string) => place !== '';

/**
 * The parts of one film by how its bond was found: a place where it let go stays a place of its own, whatever another
 * showed, and one that held says that it holds there. One part where the tests agree, or where only one place was tried.
 */
export function bondPlaces(zone: Zone): Zone[] {
  const failed = new Set(zone.tests.filter(gripFailed).map(placeOf).filter(said));
  const heldElsewhere = zone.tests.some((t) => gripHeld(t) && !failed.has(placeOf(t)));
  if (failed.size === 0 || !heldElsewhere) return [zone];
  const isOf = (t: TestRecord, there: boolean) =>
    failed.has(placeOf(t)) ? there : placeOf(t) === '' && !gripFailed(t) && !gripHeld(t) ? true : !there;
  const part = (there: boolean): Zone => ({
    places: there ? [...failed] : zone.places.filter((p) => !failed.has(p)),
    tests: zone.tests.filter((t) => isOf(t, there)),
  });
  return [part(true), part(false)];
}
