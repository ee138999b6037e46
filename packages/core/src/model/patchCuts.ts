import { ADHESION_KINDS } from '../vocabulary/index.ts';
import { placeOf } from './place.ts';
import type { TestRecord } from './test.ts';

/** A patch is cut within so long of its laying; an older film is no patch of ours. Hours; source: practice. */
const PATCH_AGE_H = 2160;

/** Nobody said that they were made in different places. */
const maySharePlace = (a: TestRecord, b: TestRecord) =>
  placeOf(a) === '' || placeOf(b) === '' || placeOf(a) === placeOf(b);

/** The patch that a scratch, a cut or a pull on a film of known age was made in: the last before it, else the next. */
function patchCut(tests: readonly TestRecord[], at: number): TestRecord | undefined {
  const cut = tests[at]!;
  if (!ADHESION_KINDS.includes(cut.kind) || cut.filmAgeHours == null || cut.filmAgeHours > PATCH_AGE_H)
    return undefined;
  const isPatch = (test: TestRecord) => test.kind === 'test-patch' && test.family != null && maySharePlace(test, cut);
  return tests.slice(0, at).findLast(isPatch) ?? tests.slice(at).find(isPatch);
}

/**
 * Tests of grip that were made in a patch of ours carry its family: they tell of what was laid, and nothing of what was
 * there. The same list where there is no such test.
 */
export function withPatchCuts(tests: readonly TestRecord[]): readonly TestRecord[] {
  if (!tests.some(({ kind }) => kind === 'test-patch')) return tests;
  return tests.map((test, at) => {
    const family = patchCut(tests, at)?.family;
    return family ? { ...test, family } : test;
  });
}
