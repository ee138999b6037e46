import { z } from 'zod';
import { LIGHTS, MENDS, VIEWS } from '../aftercare/knowledge/showing.ts';
import { CALLS } from '../aftercare/visit.ts';
import { FAULTS } from '../vocabulary/index.ts';
import { text, id, code, count, clock, written, onSurface, place } from '../model/fields.ts';

/** What is kept of a job after its work: the punch list, what was tried, visits, and what was looked at again. */
export const faultRow = z.strictObject({
  ...onSurface,
  roomId: id,
  number: count,
  fault: z.enum(FAULTS),
  note: text(600),
  mark: place.nullable(),
  photoId: id.nullable(),
  photoPlace: z.strictObject({ x: z.number().min(0).max(1), y: z.number().min(0).max(1) }).nullable(),
  sizeM2: z.number().positive().max(100),
  view: z.enum(VIEWS),
  light: z.enum(LIGHTS).nullable(),
  ...written,
});
export const faultActRow = z.strictObject({
  id,
  markId: id,
  kind: z.enum(['mended', 'withdrawn']),
  way: z.enum(MENDS).nullable(),
  withWhat: text(300),
  note: text(600),
  ...written,
});
export const checkRow = z.strictObject({ ...onSurface, code, holds: z.boolean(), note: text(600), ...written });

export const visitRow = z.strictObject({
  id,
  onDay: z.iso.date(),
  fromTime: clock,
  minutes: count.max(1440),
  calls: z
    .array(z.strictObject({ what: z.enum(CALLS), id, code, words: text(600), minutes: count.max(1440) }))
    .max(200),
  personId: id.nullable(),
  roundId: id.nullable(),
  ...written,
});
export const visitActRow = z.strictObject({
  id,
  visitId: id,
  kind: z.enum(['made', 'called-off']),
  note: text(600),
  ...written,
});
export const lookRow = z.strictObject({ id, subject: id, code, holds: z.boolean(), note: text(600), ...written });
