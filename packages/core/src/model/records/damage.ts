import { z } from 'zod';
import { DAMAGE, WALL_FEATURES } from '../../vocabulary/index.ts';
import { id, metres, placeSchema, sizeM, text, written } from '../fields.ts';
import { record } from '../record.ts';
import { cornersSchema } from './patches.ts';

/**
 * A look at one place of a surface: damage that is there, or that somebody looked for and did not find; or something
 * that stands there and may be why. Inserted, never changed; one that was a mistake is taken back.
 */
export const damageMarkRecord = record('damage_mark', {
  id,
  surfaceId: id,
  what: z.enum([...DAMAGE, ...WALL_FEATURES]),
  /** False: looked for, and sound here. */
  there: z.boolean(),
  /** On the surface's face: which wall of it, metres from its left and from the floor. */
  place: placeSchema,
  note: text(200),
  /** The one that this only takes back. */
  takesBack: id.nullable(),
  ...written,
});

/**
 * What of a wall a photo shows: four corners in it, and which part of the wall they are the corners of. Inserted, never
 * changed; of one photo the latest counts.
 */
export const photoFrameRecord = record('photo_frame', {
  id,
  surfaceId: id,
  photoId: id,
  corners: cornersSchema,
  wall: placeSchema.shape.wall,
  /** Metres from the left of the wall and from the floor, and how large it is. */
  part: z.strictObject({ x: metres, y: metres, widthM: sizeM, heightM: sizeM }),
  ...written,
});
