import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { opposed, tellsFinish } from './likelihood.ts';
import { dot } from './odds.ts';
import { placeOf } from '../model/place.ts';
import { surfaceLikelihood, type Zone } from './places.ts';
import { asStacks, priorVector } from './prior.ts';

/** How readily a surface is taken to be of two paints: odds against each further zone. Source: practice. */
const FURTHER_ZONE = 0.12;

/**
 * Two results in two places are zones before they are a conflict. Places are gathered while one finish explains them
 * together better than two do, weighing the odds against a patchwork; what is left apart is a zone. A rub with
 * nothing on the rag and one with colour are never of one zone. Tests of the
 * condition, and tests without a place, speak for every zone, unless only a zone of their own explains them.
 */
export function zonesOf(surface: SurfaceFacts, tests: readonly TestRecord[]): Zone[] {
  const telling = tests.filter(tellsFinish);
  const places = [...new Set(telling.map(placeOf))];
  if (places.length < 2) return [{ places: [], tests }];
  const prior = asStacks(surface, priorVector(surface, telling));
  const evidence = (some: readonly TestRecord[]) => Math.log(dot(prior, surfaceLikelihood(surface, some)));
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
  if (clusters.length === 1) return [{ places: [], tests }];
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
