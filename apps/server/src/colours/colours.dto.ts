import { cardFields, colourSchema, jobColoursSchema, newId, version } from '@rustic/core';
import { z } from 'zod';
import { bodyOf, queryOf } from '../http/bodyOf.ts';

/** The names of a job's colours, all of them at once; and which swatches were changed for others, where they are wanted. */
export class JobColoursBody extends bodyOf({
  id: newId,
  version,
  colours: jobColoursSchema,
  changed: z.array(z.strictObject({ from: colourSchema, to: colourSchema })).max(20),
}) {}

/** A colour card: new, changed, or no longer kept. */
export class ColourCardBody extends bodyOf({
  id: newId,
  /** Null where it is new. */
  version: version.nullish(),
  ...cardFields,
  kept: z.boolean(),
}) {}

export class ColoursAsked extends bodyOf({ words: z.string().max(80).optional() }) {}

/** A colour whose like is looked for on the cards. */
export class NearAsked extends queryOf({ colour: colourSchema }) {}
