import { z } from 'zod';
import { FAMILIES, PLANES, TEST_KINDS, TEST_RESULTS } from '../vocabulary/index.ts';

/** Fields that one kind of test alone carries. */
const ONLY_WITH: Readonly<Record<string, string>> = {
  grade: 'cross-cut',
  value: 'moisture-meter',
  yellowed: 'sheen-look',
  family: 'test-patch',
  coats: 'test-patch',
};

/** One test as it was made: `result` by kind (see TEST_RESULTS), `grade` for a cross-cut, `value` for moisture. */
export const testSchema = z
  .strictObject({
    kind: z.enum(TEST_KINDS as [(typeof TEST_KINDS)[number]]),
    result: z.string().max(40).nullish(),
    grade: z.number().int('must be a whole grade').min(0).max(5).nullish(),
    value: z.number().min(0, 'must be 0 % or more').max(300, 'must be 300 % or less').nullish(),
    yellowed: z.boolean().nullish(),
    place: z.string().max(200).nullish(),
    filmAgeHours: z.number().min(0).max(10_000_000).nullish(),
    plane: z.enum(PLANES).nullish(),
    family: z.enum(FAMILIES).nullish(),
    coats: z.number().int().min(1).max(10).nullish(),
    minutes: z.number().min(0).max(525_600).nullish(),
  })
  .superRefine((test, context) => {
    const fault = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message });
    for (const [field, kind] of Object.entries(ONLY_WITH)) {
      if (test[field as keyof typeof test] != null && test.kind !== kind) fault(field, `belongs to a ${kind} only`);
    }
    const results: readonly string[] = TEST_RESULTS[test.kind];
    if (test.kind === 'cross-cut' || test.kind === 'moisture-meter') {
      const carries = test.kind === 'cross-cut' ? 'grade' : 'value';
      if (test[carries] == null) fault(carries, `a ${test.kind} carries a ${carries}`);
      if (test.result != null) fault('result', `a ${test.kind} carries a ${carries}, not a result`);
    } else if (test.result == null) fault('result', `is missing: one of ${results.join(', ')}`);
    else if (!results.includes(test.result)) fault('result', `must be one of: ${results.join(', ')}`);
  });

export type TestRecord = z.infer<typeof testSchema>;
