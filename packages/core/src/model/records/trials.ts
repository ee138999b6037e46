import { z } from 'zod';
import {
  BOARD_BONDS,
  FAMILIES,
  MOST_ARMS,
  MOST_REPLICATES,
  SUBSTRATES,
  TRIAL_ACTS,
  TRIED,
} from '../../vocabulary/index.ts';
import { computed, count, id, text, words, written } from '../fields.ts';
import { record } from '../record.ts';
import { testSchema } from '../test.ts';

/** The longest wait that is tried: a month. */
const LONGEST_WAIT_MIN = 43_200;

const armFields = {
  id: z.string().min(1).max(200),
  words: words(200),
  family: z.enum(FAMILIES).nullable(),
  coats: count.max(5),
};
const does = z.array(z.enum(TRIED)).max(TRIED.length).nullable();
const waitMin = count.max(LONGEST_WAIT_MIN).nullable();
const leftOut = z.array(z.strictObject({ preparation: count, primer: count, topcoat: count })).max(500);

const boardOf = <Arm extends z.ZodType, LeftOut extends z.ZodType>(arm: Arm, out: LeftOut) => {
  const arms = z.array(arm).min(1).max(MOST_ARMS.preparations);
  return z.strictObject({
    preparations: arms,
    primers: arms,
    topcoats: arms,
    leftOut: out,
    replicates: z.number().int().min(1).max(MOST_REPLICATES),
    seed: count.max(2 ** 31),
  });
};

/** A board as it is designed. */
export const boardSchema = boardOf(z.strictObject({ ...armFields, does, waitMin }), leftOut);

/** As it was kept: boards of before said what they did in words, waited as the product says, and left nothing out. */
const keptBoard = boardOf(
  z.strictObject({ ...armFields, does: does.default(null), waitMin: waitMin.default(null) }),
  leftOut.default([]),
);

/** A trial as it was designed and laid out; what happens on it are acts of their own. */
export const trialRecord = record('trial', {
  id,
  surfaceId: id.nullable(),
  title: words(120),
  place: text(200),
  design: keptBoard,
  cells: z.array(computed).max(2000),
  ...written,
});

/** What an accepted board says; those of before spoke of first coats and their grip. */
const said = z.looseObject({
  trait: z.enum(['grip', 'block']).default('grip'),
  over: z.enum(FAMILIES).nullable().default(null),
  after: z.string().nullable().default(null),
});

/** Something done on a trial: laid, looked at, concluded. Inserted, never changed; a correction names what it corrects. */
export const trialActRecord = record('trial_act', {
  id,
  trialId: id,
  kind: z.enum(TRIAL_ACTS),
  body: z.looseObject({
    test: testSchema.optional(),
    bond: z.enum(BOARD_BONDS).nullish(),
    words: z.array(said).max(1000).optional(),
    substrate: z.enum(SUBSTRATES).nullish(),
  }),
  corrects: id.nullable(),
  ...written,
});
