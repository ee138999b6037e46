import { z } from 'zod';
import { DAMAGE, WALL_FEATURES } from '../../vocabulary/index.ts';
import { id, placeSchema, text, written } from '../fields.ts';
import { record } from '../record.ts';

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
