import {
  DRILL_CODES,
  drillAnswerSchema,
  id,
  newId,
  pick,
  practiceCaseRecord,
  practiceDecisionSchema,
  practiceDrillRecord,
  practiceGoRecord,
} from '@rustic/core';
import { z } from 'zod';
import { bodyOf, noted } from '../http/bodyOf.ts';

/** A room as somebody went through it: what they tested, in which order, and what they settled for. */
export class PracticeGoBody extends bodyOf({
  id: newId,
  ...pick(practiceGoRecord, 'plan', 'seed', 'tests'),
  decisions: z.array(practiceDecisionSchema).max(12),
  at: noted(practiceGoRecord.fields.at),
}) {}

/** A drill as somebody did it: what they said to each question, and how sure they were. */
export class PracticeDrillBody extends bodyOf({
  id: newId,
  drill: z.enum(DRILL_CODES),
  ...pick(practiceDrillRecord, 'seed'),
  answers: z.array(drillAnswerSchema).min(1, 'answers nothing').max(12),
  at: noted(practiceDrillRecord.fields.at),
}) {}

/** A case made from a finished job, under a name that gives nothing away. */
export class PracticeCaseBody extends bodyOf({ id: newId, jobId: id, ...pick(practiceCaseRecord, 'name') }) {}
/** A case is put away, or brought out again. */
export class PracticeCaseChange extends bodyOf({ id: newId, ...pick(practiceCaseRecord, 'withdrawn') }) {}

export class PracticeShownBody extends bodyOf({ id: newId, shown: z.boolean() }) {}
