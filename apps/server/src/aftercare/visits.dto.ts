import { id, JOB_RECORDS, newId, optional, pick } from '@rustic/core';
import { z } from 'zod';
import { bodyOf, noted } from '../http/bodyOf.ts';

const { visits, visitActs, looks } = JOB_RECORDS;

const visit = z.strictObject({ id: newId, jobId: id, ...pick(visits, 'onDay', 'fromTime', 'minutes', 'calls') });

/** One visit, or all of a round. */
export class VisitsBody extends bodyOf({
  id: newId,
  visits: z.array(visit).min(1).max(60),
  /** Who drives it. */
  ...optional(visits, 'personId'),
  round: z.boolean().optional(),
}) {}

export class VisitActBody extends bodyOf({
  id: newId,
  ...pick(visitActs, 'kind'),
  ...optional(visitActs, 'note'),
  at: noted(visitActs.fields.at),
}) {}

export class LookBody extends bodyOf({
  id: newId,
  ...pick(looks, 'subject', 'code', 'holds'),
  ...optional(looks, 'note'),
  at: noted(looks.fields.at),
}) {}

/** False: let nothing of what held count any more. */
export class HeldBody extends bodyOf({ id: newId, counts: z.boolean() }) {}
