import { z } from 'zod';
import { id, metres, text, written } from '../fields.ts';
import { jointFields, jointLengthM } from '../joint.ts';
import { record } from '../record.ts';

const point = z.strictObject({ x: metres, y: metres });

/** A joint as it is drawn on one wall of the room's sketch, corner by corner; metres from its left and from the floor. */
export const jointLineSchema = z.strictObject({
  wall: z.number().int().min(0).max(23),
  points: z.array(point).min(2, 'needs two ends').max(40),
});
export type JointLine = z.infer<typeof jointLineSchema>;

/** A joint of a room or an elevation. It is done with one of its surfaces; what is changed on it is entered in the ledger. */
export const jointRecord = record('joint', {
  id,
  roomId: id,
  surfaceId: id,
  line: jointLineSchema.nullable(),
  /** As it was measured; null: as long as it is drawn. */
  lengthM: jointLengthM.nullable(),
  ...jointFields,
  note: text(200),
  /** Taken off the sketch; it can be put back. */
  withdrawn: z.boolean(),
  ...written,
});
