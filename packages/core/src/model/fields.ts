import { z } from 'zod';

/** Fields of the rows of a job file, bounded. */
export const text = (most: number) => z.string().max(most);
/** As long as the columns that keep it. */
export const id = z.string().min(1).max(36);
export const code = z
  .string()
  .min(1)
  .max(40)
  .regex(/^[\w-]+$/);
export const instant = z.iso.datetime({ offset: true });
export const day = z.iso.datetime({ offset: true }).nullable();
export const hex = z.string().regex(/^[0-9a-f]{64}$/, 'must be 64 hex digits');
export const count = z.number().int().min(0);
export const money = z.number().int();
export const metres = z.number().min(0).max(1000);
export const celsius = z.number().min(-60).max(80);
export const percent = z.number().min(0).max(100);
export const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/);
export const written = { by: text(120), at: instant };
export const onSurface = { id, surfaceId: id };

/** On the unfolded walls of a room's sketch. */
export const place = z.strictObject({ wall: z.number().int().min(0).max(23), x: metres, y: metres });
