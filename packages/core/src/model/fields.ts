import { z } from 'zod';

/** Fields that many records have, bounded; each is as long as the column that keeps it. */
export const text = (most: number) => z.string().max(most);
/** Words that have to be there. */
export const words = (most: number) => z.string().min(1, 'is needed').max(most);
/** Names a row. */
export const id = z.string().min(1).max(36);
/** The id of something that is written now: made by whoever writes it, and the id of the write as well. */
export const newId = z.uuid();
/** The version of a row that a change was made on. */
export const version = z.number().int().min(1);
export const code = z
  .string()
  .min(1)
  .max(40)
  .regex(/^[\w-]+$/);
/** A moment, ISO 8601 with its offset. */
export const instant = z.iso.datetime({
  offset: true,
  error: 'must be a time with its offset, as 2027-03-01T08:00:00+00:00',
});
export const hex = z.string().regex(/^[0-9a-f]{64}$/, 'must be 64 hex digits');
export const count = z.number().int().min(0);
/** In minor units of the firm's currency. */
export const money = z.number().int();
export const metres = z.number().min(0).max(1000);
/** A size of something that is there, in metres. */
export const sizeM = z.number().gt(0).max(1000);
/** Of the air that somebody works in. */
export const airC = z.number().min(-30).max(50);
/** Of a face: in the sun it is warmer than the air. */
export const faceC = z.number().min(-30).max(80);
/** Relative, of air that somebody can have read. */
export const humidityPct = z.number().min(1).max(100);
export const eMail = z.email('must be an e-mail address').max(160);
/** A local time of day. */
export const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'must be a time of day as HH:MM');
/** A local day. */
export const localDay = z.iso.date('must be a date as YYYY-MM-DD');
/** What was computed when it was kept: its parts are read where they are used. */
export const computed = z.looseObject({});

/** On the unfolded walls of a room's sketch: which wall, and metres from its left and from the floor. */
export const placeSchema = z.strictObject({ wall: count.max(23), x: metres, y: metres });
export type SketchPlace = z.infer<typeof placeSchema>;

/** Taken out of the work: why, by whom, when. The row stays, and can be brought back. */
export const withdrawnSchema = z.strictObject({ reason: text(400), by: text(120), at: instant });
export type Withdrawn = z.infer<typeof withdrawnSchema>;

/** Who wrote it, and when it was. */
export const written = { byName: text(120), at: instant };
