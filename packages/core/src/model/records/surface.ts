import { z } from 'zod';
import { ACCESS, LEFT_OUT_REASONS } from '../../vocabulary/index.ts';
import { id, placeSchema, sizeM, text, withdrawnSchema, words } from '../fields.ts';
import { colourPartsSchema } from '../colourParts.ts';
import { houseRulesSchema } from '../houseRules.ts';
import { measureSchema } from '../measure.ts';
import { record } from '../record.ts';
import { surfaceSchema, wantedSchema } from '../surface.ts';

/** What the client keeps out, with the reason; drawn at its boundary where one was drawn. */
export const exclusionSchema = z.strictObject({
  id,
  words: words(400),
  reason: z.enum(LEFT_OUT_REASONS),
  whole: z.boolean(),
  box: placeSchema.extend({ widthM: sizeM, heightM: sizeM }).nullable(),
});
export type Exclusion = z.infer<typeof exclusionSchema>;

export const surfaceRecord = record(
  'surface',
  {
    id,
    roomId: id,
    name: words(120),
    campaign: text(60).nullable(),
    facts: surfaceSchema,
    wanted: wantedSchema,
    position: z.number().int(),
    measure: measureSchema.nullable(),
    exclusions: z.array(exclusionSchema).max(100),
    /** How it is reached. */
    access: z.enum(ACCESS),
    houseRules: houseRulesSchema,
    /** Parts in colours of their own; null: all of it is in one. */
    colourParts: colourPartsSchema.nullable(),
    /** Null: it stands. */
    withdrawn: withdrawnSchema.nullable(),
  },
  {},
  ['withdrawn', 'colourParts'],
);
