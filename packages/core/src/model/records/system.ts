import { z } from 'zod';
import { FAMILIES, FAULTS } from '../../vocabulary/index.ts';
import { computed, id, text, words, written } from '../fields.ts';
import { planSchema, type PlanInput } from '../planInput.ts';
import { record } from '../record.ts';
import { stepsSchema } from './evidence.ts';

/** The most lines that a system has. */
const MOST_LINES = 80;

const line = z.number().int().min(0).max(MOST_LINES);
/** One thing done otherwise than a system says: a line left out, done with another family, or done at another place. */
export const departureSchema = z.discriminatedUnion('act', [
  z.strictObject({ act: z.literal('skip'), step: line }),
  z.strictObject({ act: z.literal('swap'), step: line, family: z.enum(FAMILIES) }),
  z.strictObject({ act: z.literal('move'), step: line, to: line }),
]);
export type Departure = z.infer<typeof departureSchema>;

/** A departure from a system, signed: what was done otherwise, why, and what was told to follow. */
export const overrideSchema = z.strictObject({
  departures: z.array(departureSchema).max(200),
  /** The key of the system departed from, and the departures in words. */
  base: text(4000),
  said: z.array(text(1000)).max(200),
  reason: words(2000).min(3),
  signedAs: words(200).min(2),
  told: z
    .array(z.strictObject({ words: text(2000), fault: z.enum(FAULTS).nullable(), odds: z.number(), cost: z.number() }))
    .max(200),
});
export type Override = z.infer<typeof overrideSchema>;

/** The system settled for a surface; the newest stands, none is ever changed. */
export const choiceRecord = record('system_choice', {
  id,
  surfaceId: id,
  steps: stepsSchema,
  differs: text(1000),
  /** What somebody signed for against the system; null where it is taken as it was composed. */
  override: overrideSchema.nullable(),
  ...written,
});

/** A plan that was posted, with the question that it answers. */
export const planRecord = record('posted_plan', {
  id,
  input: planSchema as z.ZodType<PlanInput>,
  plan: z.looseObject({ status: z.enum(['feasible', 'infeasible']), steps: z.array(computed).max(100_000) }),
  ...written,
});
