import { z } from 'zod';
import { FAULT_ACTS, FAULTS, LIGHTS, MENDS, VIEWS } from '../../vocabulary/index.ts';
import { code, count, id, placeSchema, text, written } from '../fields.ts';
import { record } from '../record.ts';

/** A fault marked after the work: a numbered tick on the room's sketch or on a photo. Never changed; an act closes it. */
export const faultRecord = record('fault_mark', {
  id,
  surfaceId: id,
  roomId: id,
  /** Runs through the job. */
  number: count,
  fault: z.enum(FAULTS),
  note: text(600),
  mark: placeSchema.nullable(),
  photoId: id.nullable(),
  /** Where on the photo, as shares of its width and height. */
  photoPlace: z.strictObject({ x: z.number().min(0).max(1), y: z.number().min(0).max(1) }).nullable(),
  sizeM2: z.number().gt(0, 'must be above 0 m²').max(100),
  view: z.enum(VIEWS),
  light: z.enum(LIGHTS).nullable(),
  ...written,
});

/** What became of a marked fault: mended in a way, or taken back. */
export const faultActRecord = record('fault_act', {
  id,
  markId: id,
  kind: z.enum(FAULT_ACTS),
  way: z.enum(MENDS).nullable(),
  /** With what, in words: product, batch, tool. */
  withWhat: text(300),
  note: text(600),
  ...written,
});

/** Something that was tried before hand-over; the newest of a surface and a check stands. */
export const checkRecord = record('handover_check', {
  id,
  surfaceId: id,
  code: code.max(30),
  holds: z.boolean(),
  note: text(600),
  ...written,
});
