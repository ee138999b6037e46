import { z } from 'zod';
import { FAMILIES } from '../../vocabulary/index.ts';
import { id, text, written } from '../fields.ts';
import { record } from '../record.ts';

/**
 * Patches laid side by side across one place, each of another primer and all in as many coats: what they show is read
 * later, as tests. Inserted, never changed.
 */
export const patchRecord = record('patch', {
  id,
  surfaceId: id,
  families: z.array(z.enum(FAMILIES)).min(1, 'names at least one').max(6, 'names at most 6'),
  coats: z.number().int().min(1).max(4),
  place: text(200),
  ...written,
});
