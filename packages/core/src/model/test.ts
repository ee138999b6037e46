import { z } from 'zod';
import {
  CHIP_LAYERS,
  FAMILIES,
  MOISTURE_SCALES,
  PLANES,
  TEST_KINDS,
  TEST_NOT_YET,
  TEST_RESULTS,
} from '../vocabulary/index.ts';
import { withPatchCuts } from './patchCuts.ts';

/** Fields that one kind of test alone carries. */
const ONLY_WITH: Readonly<Record<string, string>> = {
  grade: 'cross-cut',
  value: 'moisture-meter',
  yellowed: 'sheen-look',
  family: 'test-patch',
  coats: 'test-patch',
  layers: 'chip-look',
  scale: 'moisture-meter',
};

/** Tests that carry something other than a result, and what that is. */
const CARRIES: Readonly<Partial<Record<string, 'grade' | 'value' | 'layers'>>> = {
  'cross-cut': 'grade',
  'moisture-meter': 'value',
  'chip-look': 'layers',
};

/** One test as it was made: `result` by kind (see TEST_RESULTS), `grade` for a cross-cut, `value` for moisture, `layers` for a chip. */
export const testSchema = z
  .strictObject({
    kind: z.enum(TEST_KINDS as [(typeof TEST_KINDS)[number]]),
    result: z.string().max(40).nullish(),
    grade: z.number().int('must be a whole grade').min(0).max(5).nullish(),
    value: z.number().min(0, 'must be 0 % or more').max(300, 'must be 300 % or less').nullish(),
    /** Top first. */
    layers: z.array(z.enum(CHIP_LAYERS)).min(1, 'must name a layer at the least').max(20).nullish(),
    /** Left out: wood. */
    scale: z.enum(MOISTURE_SCALES).nullish(),
    yellowed: z.boolean().nullish(),
    place: z.string().max(200).nullish(),
    filmAgeHours: z.number().min(0).max(10_000_000).nullish(),
    plane: z.enum(PLANES).nullish(),
    /** Of a patch; a test of grip that was made in one carries it too, once tests are read together. */
    family: z.enum(FAMILIES).nullish(),
    coats: z.number().int().min(1).max(10).nullish(),
    minutes: z.number().min(0).max(525_600).nullish(),
    /** It was read before its time was up. */
    readEarly: z.boolean().nullish(),
  })
  .superRefine((test, context) => {
    const fault = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message });
    for (const [field, kind] of Object.entries(ONLY_WITH)) {
      if (test[field as keyof typeof test] != null && test.kind !== kind) fault(field, `belongs to a ${kind} only`);
    }
    if (test.readEarly && TEST_NOT_YET[test.kind] === null)
      fault('readEarly', `a ${test.kind} has no time to wait for`);
    const results: readonly string[] = TEST_RESULTS[test.kind];
    const carries = CARRIES[test.kind];
    if (carries) {
      if (test[carries] == null) fault(carries, `a ${test.kind} carries a ${carries}`);
      if (test.result != null) fault('result', `a ${test.kind} carries a ${carries}, not a result`);
    } else if (test.result == null) fault('result', `is missing: one of ${results.join(', ')}`);
    else if (!results.includes(test.result)) fault('result', `must be one of: ${results.join(', ')}`);
  });

export type TestRecord = z.infer<typeof testSchema>;

/** Whether nothing was seen of a test because it was read before its time: then it says nothing. What showed early shows. */
const saysNothingYet = ({ kind, result, readEarly }: TestRecord): boolean =>
  readEarly === true && result === TEST_NOT_YET[kind];

/** Tests that say something, each with the patch that it was made in: the same list where there is nothing to do. */
export function testsThatTell(tests: readonly TestRecord[]): readonly TestRecord[] {
  return withPatchCuts(tests.some(saysNothingYet) ? tests.filter((test) => !saysNothingYet(test)) : tests);
}

/** What of a row of tests says whether it stands. */
interface TestStanding {
  id: string;
  corrects: string | null;
  withdrawn: boolean | null;
}

/** Tests that stand: those that a correction names are kept, but count no more, nor do those that only take one back. */
export function testsThatStand<T extends TestStanding>(rows: readonly T[]): T[] {
  const corrected = new Set(rows.map((row) => row.corrects));
  return rows.filter((row) => !corrected.has(row.id) && !row.withdrawn);
}
