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

const share = z.number().min(0, 'lies within the picture').max(1, 'lies within the picture');
const pointSchema = z.strictObject({ x: share, y: share });
/** Four corners in a picture, in shares of its width and height. */
export const cornersSchema = z.strictObject({
  topLeft: pointSchema,
  topRight: pointSchema,
  bottomRight: pointSchema,
  bottomLeft: pointSchema,
});

/** Where patches lie in a picture of them: set by hand, once for each picture. Shares of its width and height. */
export const patchSettingSchema = z.strictObject({
  /** Round all patches, which lie side by side from left to right. */
  corners: cornersSchema,
  /** Where the strong colour runs across them: from and to, 0 at their upper edge and 1 at the lower. */
  band: z.strictObject({ from: share, to: share }),
});
export type PatchSetting = z.infer<typeof patchSettingSchema>;

/** How far the strong colour still shows through one patch: CIEDE2000 against the same primer beside it. */
export const patchShowsSchema = z.strictObject({
  difference: z.number().min(0).max(200),
  /** Standard error of the difference over the places that were read. */
  doubt: z.number().min(0).max(200),
  /** At the place where it shows most. */
  worst: z.number().min(0).max(200),
});
export type PatchShows = z.infer<typeof patchShowsSchema>;

/** What was measured in a photo of patches, one by one from left to right. Inserted, never changed; set anew, the later one counts. */
export const patchPictureRecord = record('patch_picture', {
  id,
  surfaceId: id,
  patchId: id,
  photoId: id,
  setting: patchSettingSchema,
  /** Coats that lay on the patches by then. */
  coats: z.number().int().min(1).max(4),
  shows: z.array(patchShowsSchema).min(1, 'says what at least one showed').max(6),
  ...written,
});
