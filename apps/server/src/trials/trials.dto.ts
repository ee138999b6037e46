import {
  FAMILIES,
  id,
  instant,
  JOB_RECORDS,
  MOST_ARMS,
  MOST_REPLICATES,
  newId,
  optional,
  pick,
  testSchema,
} from '@rustic/core';
import { z } from 'zod';
import { bodyOf, noted } from '../http/bodyOf.ts';

const { trials } = JOB_RECORDS;

const arm = z.strictObject({
  id: z.string().min(1).max(60),
  words: z.string().min(1, 'is needed').max(120),
  family: z.enum(FAMILIES).nullable(),
  coats: z.number().int().min(0).max(5),
});
const arms = z.array(arm).min(1).max(MOST_ARMS);

export class TrialBody extends bodyOf({
  id: newId,
  ...pick(trials, 'title', 'place'),
  ...optional(trials, 'surfaceId'),
  design: z.strictObject({
    preparations: arms,
    primers: arms,
    topcoats: arms,
    replicates: z.number().int().min(1).max(MOST_REPLICATES),
    seed: z
      .number()
      .int()
      .min(0)
      .max(2 ** 31),
  }),
}) {}

export class LaidBody extends bodyOf({ id: newId, kind: z.enum(['primed', 'topcoated']), at: noted(instant) }) {}

export class CellLookBody extends bodyOf({
  id: newId,
  cell: z.string().regex(/^[A-Z]\d{1,2}$/, 'must be a label like B3'),
  part: z.enum(['cell', 'strip']),
  test: testSchema,
  at: noted(instant),
  corrects: id.optional(),
}) {}

export class ConclusionBody extends bodyOf({
  id: newId,
  /** The conclusion in the words of who accepts it; it may overrule the ranking. */
  text: z.string().min(1, 'is needed').max(1000),
  /** Weighs in the choice of systems on this job; without it the conclusion is a note. */
  weighs: z.boolean(),
  forFirm: z.boolean(),
}) {}
