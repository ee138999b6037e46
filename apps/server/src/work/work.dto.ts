import { JOB_RECORDS, newId, optional, pick } from '@rustic/core';
import { z } from 'zod';
import { bodyOf, noted } from '../http/bodyOf.ts';
import { stepId } from '../jobs/stepId.ts';

const { work, holds, followUps, troubles } = JOB_RECORDS;

/** What is said of a log where it is said at all. */
const said = <S extends z.ZodType>(schema: z.ZodNullable<S>) => schema.unwrap().optional();

export class WorkBody extends bodyOf({
  id: newId,
  ...pick(work, 'surfaceId'),
  stepId,
  startedAt: noted(work.fields.startedAt),
  endedAt: noted(work.fields.endedAt),
  productId: said(work.fields.productId),
  batch: said(work.fields.batch),
  method: said(work.fields.method),
  temperatureC: said(work.fields.temperatureC),
  relativeHumidityPct: said(work.fields.relativeHumidityPct),
  surfaceC: said(work.fields.surfaceC),
  wetFilmUm: said(work.fields.wetFilmUm),
  litres: said(work.fields.litres),
  helper: said(work.fields.helper),
  note: work.fields.note.optional(),
  instead: said(work.fields.instead),
  corrects: said(work.fields.corrects),
  withdrawn: work.fields.withdrawn.optional(),
}) {}

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

const asked = { ...pick(troubles, 'fault'), wet: z.boolean() };
export class RescueAsked extends bodyOf(asked) {}

/** A way back that is written into the ledger. */
export class RescueBody extends bodyOf({ id: newId, ...asked, ...optional(troubles, 'note', 'photoId') }) {}
