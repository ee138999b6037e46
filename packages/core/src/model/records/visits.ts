import { z } from 'zod';
import { CALLS, VISIT_ACTS } from '../../vocabulary/index.ts';
import { clock, code, count, id, localDay, text, written } from '../fields.ts';
import { record } from '../record.ts';

/** What somebody comes for. `id` is of the fault or follow-up, or of the surface, decision, test or trial that is looked at. */
const call = z.strictObject({
  what: z.enum(CALLS),
  id,
  /** The code of its follow-up, or of the fault. */
  code: code.max(30),
  words: text(600),
  minutes: count.min(1).max(1440),
});
export type VisitCall = z.infer<typeof call>;

/** A visit that is fixed: a day and an hour, and what it is for. Never changed; an act ends it. */
export const visitRecord = record('visit', {
  id,
  onDay: localDay,
  fromTime: clock,
  minutes: count.min(1).max(1440),
  calls: z.array(call).min(1).max(200),
  personId: id.nullable(),
  /** The round that it is driven in; null where it is a visit by itself. */
  roundId: id.nullable(),
  ...written,
});

/** What became of a visit: made, or called off. */
export const visitActRecord = record('visit_act', {
  id,
  visitId: id,
  kind: z.enum(VISIT_ACTS),
  note: text(600),
  ...written,
});

/** Something that was looked at again, by the code of its follow-up: it holds, or it does not. */
export const lookRecord = record('look', {
  id,
  /** Of the surface, decision, test or trial that was looked at. */
  subject: id,
  code: code.max(30),
  holds: z.boolean(),
  note: text(600),
  ...written,
});
