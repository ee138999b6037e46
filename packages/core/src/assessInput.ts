import { z } from 'zod';
import { ELEMENTS } from './vocabulary/index.ts';
import { houseRulesSchema } from './model/houseRules.ts';
import { jointSchema } from './model/joint.ts';
import { productSchema } from './model/product.ts';
import { surfaceSchema, wantedSchema } from './model/surface.ts';
import { testSchema } from './model/test.ts';

const MOST_TESTS = 200;
const MOST_NEIGHBOURS = 500;
const MOST_JOINTS = 100;

const neighbourSchema = z.strictObject({
  campaign: z.enum(['same', 'unknown']),
  /** Left out: the element that is asked about. */
  element: z.enum(ELEMENTS).nullish(),
  tests: z.array(testSchema).max(MOST_TESTS),
});

/** Everything `ledger assess` takes. Only the surface's element and substrate are required. */
export const assessSchema = z.strictObject({
  surface: surfaceSchema,
  tests: z.array(testSchema).max(MOST_TESTS).nullish(),
  /** Its joints, each by itself. */
  joints: z.array(jointSchema).max(MOST_JOINTS).nullish(),
  neighbours: z.array(neighbourSchema).max(MOST_NEIGHBOURS).nullish(),
  wanted: wantedSchema.nullish(),
  shelf: z.array(productSchema).max(5000).nullish(),
  houseRules: houseRulesSchema.nullish(),
});
export type AssessInput = z.infer<typeof assessSchema>;
