import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import type { TestKind } from '../vocabulary/index.ts';
import { CONFLICT_ROWS } from './knowledge/conflicts.ts';
import { likelihoodOf, readOn, opposed } from './likelihood.ts';
import { dot, times } from './odds.ts';
import { asStacks, priorVector } from './prior.ts';

/** Two tests of one place that can hardly both be right, and the likeliest way in which they are. */
export interface Conflict {
  a: TestRecord;
  b: TestRecord;
  /** How many times less often the two come together than each by itself would let one expect; below 1. */
  lift: number;
  explanation: string;
  /** The test that would settle it. */
  settle: TestKind;
  source: string;
}

/** Results that meet less than half as often as they would by chance contradict each other. Source: judgement. */
const CONTRADICTS = 0.5;

const samePlace = (a: TestRecord, b: TestRecord) => !a.place || !b.place || a.place.trim() === b.place.trim();

/** Every pair of contradicting tests within a zone, the strangest first. Results of different places are zones instead. */
export function conflictsIn(surface: SurfaceFacts, zones: readonly { tests: readonly TestRecord[] }[]): Conflict[] {
  const found: Conflict[] = [];
  const on = readOn(surface);
  for (const { tests } of zones) {
    if (tests.length < 2) continue;
    const prior = asStacks(surface, priorVector(surface, tests));
    const told = tests.map((test) => ({ test, says: likelihoodOf(test, on) }));
    told.forEach((a, i) => {
      for (const b of told.slice(i + 1)) {
        // Results of two places are explained by the places: they were tried as zones first.
        if (!a.says || !b.says || !samePlace(a.test, b.test)) continue;
        const lift = dot(prior, times(a.says, b.says)) / (dot(prior, a.says) * dot(prior, b.says));
        if (lift >= CONTRADICTS && !opposed(a.test, b.test)) continue;
        const row = CONFLICT_ROWS.find((r) => r.when(a.test, b.test, surface))!;
        found.push({
          a: a.test,
          b: b.test,
          lift,
          explanation: row.explanation,
          settle: row.settle,
          source: row.source,
        });
      }
    });
  }
  return found.sort((x, y) => x.lift - y.lift);
}
