import { FAMILIES, handedOverSchema, instant, JOB_RECORDS, newId, optional, pick, SECOND_COATS } from '@rustic/core';
import { z } from 'zod';
import { bodyOf, noted } from '../http/bodyOf.ts';
import { stepId } from '../jobs/stepId.ts';

const { work, holds, followUps, troubles } = JOB_RECORDS;

/** What is said of a log where it is said at all. */
const unlessSilent = <S extends z.ZodType>(schema: z.ZodNullable<S>) => schema.unwrap().optional();

const said = {
  ...pick(work, 'surfaceId'),
  stepId,
  startedAt: noted(work.fields.startedAt),
  endedAt: noted(work.fields.endedAt),
  productId: unlessSilent(work.fields.productId),
  batch: unlessSilent(work.fields.batch),
  method: unlessSilent(work.fields.method),
  temperatureC: unlessSilent(work.fields.temperatureC),
  relativeHumidityPct: unlessSilent(work.fields.relativeHumidityPct),
  surfaceC: unlessSilent(work.fields.surfaceC),
  wetFilmUm: unlessSilent(work.fields.wetFilmUm),
  litres: unlessSilent(work.fields.litres),
  handsOnMin: unlessSilent(work.fields.handsOnMin),
  helper: unlessSilent(work.fields.helper),
  note: work.fields.note.optional(),
  instead: unlessSilent(work.fields.instead),
  corrects: unlessSilent(work.fields.corrects),
  withdrawn: work.fields.withdrawn.optional(),
};
export class WorkBody extends bodyOf({ id: newId, ...said }) {}
/** A log as it would be written. */
export class WorkAsked extends bodyOf(said) {}

/** Several steps of one surface in one act: all that come before the next coat, but for what was not done. */
export class StretchBody extends bodyOf({
  id: newId,
  ...pick(work, 'surfaceId'),
  /** Each with the id of its own log. */
  steps: z
    .array(z.strictObject({ id: newId, stepId }))
    .min(1, 'has to be one at least')
    .max(60),
  /** Steps that come before the last of these and were not done. */
  skipped: z.array(stepId).max(60),
  startedAt: noted(work.fields.startedAt),
  endedAt: noted(work.fields.endedAt),
  /** For all of them together. */
  handsOnMin: unlessSilent(work.fields.handsOnMin),
  helper: unlessSilent(work.fields.helper),
  note: work.fields.note.optional(),
}) {}

/** A job is handed over: with whom, and what was said. */
export class HandoverBody extends bodyOf({
  id: newId,
  withWhom: handedOverSchema.shape.withWhom,
  at: noted(instant),
  note: handedOverSchema.shape.note.optional(),
}) {}
export class TakeHandoverBackBody extends bodyOf({ id: newId, note: z.string().min(2, 'says why').max(400) }) {}

export class HoldBody extends bodyOf({
  id: newId,
  stepId,
  /** When the other trade is done. */
  until: holds.fields.until.unwrap(),
  reason: holds.fields.reason.min(3, 'says who comes first, in a few words'),
}) {}

export class ReleaseBody extends bodyOf({ id: newId, note: holds.fields.reason.optional() }) {}

export class CloseBody extends bodyOf({
  id: newId,
  note: followUps.fields.closedNote.unwrap().min(2, 'says what was seen, in a few words'),
}) {}

const troubleAsked = {
  ...pick(troubles, 'fault'),
  wet: z.boolean(),
  /** Hours since it was laid, where nothing is logged. */
  ageHours: z.number().min(0).max(87_600).optional(),
  /** What was laid, where nothing is logged. */
  family: z.enum(FAMILIES).optional(),
  /** Which way on from a splotchy first coat was chosen. */
  second: z.enum(SECOND_COATS).optional(),
};
export class RescueAsked extends bodyOf(troubleAsked) {}

/** A way back that is written into the ledger. */
export class RescueBody extends bodyOf({ id: newId, ...troubleAsked, ...optional(troubles, 'note', 'photoId') }) {}
