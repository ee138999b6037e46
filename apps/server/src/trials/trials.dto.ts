import { BOARD_BONDS, boardSchema, id, instant, JOB_RECORDS, newId, optional, pick, testSchema } from '@rustic/core';
import { z } from 'zod';
import { bodyOf, noted } from '../http/bodyOf.ts';

const { trials } = JOB_RECORDS;

export class TrialBody extends bodyOf({
  id: newId,
  ...pick(trials, 'title', 'place'),
  design: boardSchema,
  ...optional(trials, 'surfaceId'),
}) {}

export class LaidBody extends bodyOf({ id: newId, kind: z.enum(['primed', 'topcoated']), at: noted(instant) }) {}

export class CellLookBody extends bodyOf({
  id: newId,
  cell: z.string().regex(/^[A-Z]\d{1,2}$/, 'must be a label like B3'),
  part: z.enum(['cell', 'strip']),
  test: testSchema,
  /** Which bond let go, where it was seen. */
  bond: z.enum(BOARD_BONDS).nullish(),
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
