import type { TestRecord } from '../model/test.ts';
import type { TestKind } from '../vocabulary/index.ts';
import { placeOf } from '../model/place.ts';

/** Read again and again until it is right, so that the last says how it stands even where no place was named. */
const REPEATED: readonly TestKind[] = ['moisture-meter', 'hand-wipe', 'water-drop'];

/**
 * The tests as they stand: at one place the last of a kind, since what was damp dries and what was foul is washed. A
 * place never speaks for another. Where none was named, only what is read again and again speaks for the same place.
 */
export function asTheyStand(tests: readonly TestRecord[]): TestRecord[] {
  const at = (test: TestRecord) => `${test.kind}|${placeOf(test)}`;
  const last = new Map(tests.map((test) => [at(test), test]));
  const mayBeElsewhere = (test: TestRecord) => placeOf(test) === '' && !REPEATED.includes(test.kind);
  return tests.filter((test) => mayBeElsewhere(test) || last.get(at(test)) === test);
}
