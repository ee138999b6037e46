import { z } from 'zod';
import { CONDITIONS, FAMILIES, STEP_KINDS } from '../../vocabulary/index.ts';
import { count, hex, id, money, placeSchema, text, written } from '../fields.ts';
import { record } from '../record.ts';
import type { Step } from '../step.ts';
import { extentSchema } from '../surface.ts';
import { testSchema } from '../test.ts';

const step = z.looseObject({
  kind: z.enum(STEP_KINDS),
  family: z.enum(FAMILIES).optional(),
  coats: z.number().int().min(1).max(20).optional(),
  grit: z.number().positive().optional(),
  waitMin: z.number().min(0).optional(),
  why: z.array(text(2000)).max(40),
});
/** Steps of a system as they were kept. */
export const stepsSchema = z.array(step).max(200) as unknown as z.ZodType<Step[], Step[]>;

/** A test as it was made. Inserted, never changed; a correction names what it corrects. */
export const testRecord = record(
  'test_record',
  {
    id,
    surfaceId: id,
    test: testSchema,
    corrects: id.nullable(),
    note: text(1000),
    /** Where on the room sketch it was made. */
    mark: placeSchema.nullable(),
    /** True where it only takes back the one it names: that was not made here. */
    withdrawn: z.boolean().nullable(),
    ...written,
  },
  {},
  ['withdrawn'],
);

/** What a finding changed in the system the evidence asks for, as computed when it was noted. */
const changes = z.strictObject({ added: stepsSchema, removed: stepsSchema, minutes: z.number(), cost: money });
export type FindingChanges = z.infer<typeof changes>;

/** What preparation brought out: conditions that nobody could see at the walk-round, and what they changed. */
export const findingRecord = record('finding', {
  id,
  surfaceId: id,
  conditions: z.array(z.enum(CONDITIONS)).max(60),
  extents: z.partialRecord(z.enum(CONDITIONS), extentSchema),
  note: text(1000),
  changes,
  ...written,
});

/** A photo. Its picture lies beside it, and is no field of it. */
export const photoRecord = record('photo', {
  id,
  roomId: id,
  surfaceId: id.nullable(),
  testId: id.nullable(),
  /** The log of a step or a coat that it shows. */
  workId: id.nullable(),
  mark: placeSchema.nullable(),
  note: text(400),
  width: count.min(1).max(10_000),
  height: count.min(1).max(10_000),
  hash: hex,
  ...written,
});
