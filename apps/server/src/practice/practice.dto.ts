import { newId, pick, practiceDecisionSchema, practiceGoRecord } from '@rustic/core';
import { z } from 'zod';
import { bodyOf, noted } from '../http/bodyOf.ts';

/** A room as somebody went through it: what they tested, in which order, and what they settled for. */
export class PracticeGoBody extends bodyOf({
  id: newId,
  ...pick(practiceGoRecord, 'plan', 'seed', 'tests'),
  decisions: z.array(practiceDecisionSchema).max(12),
  at: noted(practiceGoRecord.fields.at),
}) {}

export class PracticeShownBody extends bodyOf({ id: newId, shown: z.boolean() }) {}
