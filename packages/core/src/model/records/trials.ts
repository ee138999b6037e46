import { z } from 'zod';
import { SUBSTRATES, TRIAL_ACTS } from '../../vocabulary/index.ts';
import { computed, id, text, words, written } from '../fields.ts';
import { record } from '../record.ts';
import { testSchema } from '../test.ts';

/** A trial as it was designed and laid out; what happens on it are acts of their own. */
export const trialRecord = record('trial', {
  id,
  surfaceId: id.nullable(),
  title: words(120),
  place: text(200),
  design: computed,
  cells: z.array(computed).max(2000),
  ...written,
});

/** Something done on a trial: laid, looked at, concluded. Inserted, never changed; a correction names what it corrects. */
export const trialActRecord = record('trial_act', {
  id,
  trialId: id,
  kind: z.enum(TRIAL_ACTS),
  body: z.looseObject({ test: testSchema.optional(), substrate: z.enum(SUBSTRATES).nullish() }),
  corrects: id.nullable(),
  ...written,
});
