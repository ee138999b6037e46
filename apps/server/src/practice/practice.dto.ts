import {
  DRILL_CODES,
  drillAnswerSchema,
  newId,
  pick,
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

export class PracticeShownBody extends bodyOf({ id: newId, shown: z.boolean() }) {}
