import { z } from 'zod';
import { FINISHES, TEST_KINDS } from '../../vocabulary/index.ts';
import { code, count, id, instant, money, words } from '../fields.ts';
import { surfaceSchema } from '../surface.ts';
import { record } from '../record.ts';
import { departureSchema } from './system.ts';

const share = z.number().min(0).max(1);

/** A test that was made in a room to practise in, in the order in which tests were made. */
export const practiceTestSchema = z.strictObject({ surface: code, kind: z.enum(TEST_KINDS) });
export type PracticeTest = z.infer<typeof practiceTestSchema>;

/** What somebody settled for on one surface of it, what they do otherwise than its system says, and how sure they say they are, 0 … 1. */
export const practiceDecisionSchema = z.strictObject({
  surface: code,
  treatAs: code,
  departures: z.array(departureSchema).max(60).optional(),
  sure: share,
});

/** How one surface was judged. Money in minor units. */
export const practiceJudgedSchema = z.strictObject({
  surface: code,
  skill: code,
  truth: z.enum(FINISHES),
  sure: share,
  right: z.boolean(),
  lost: money,
});

/** One answer of a drill, and how sure somebody is of it. */
export const drillAnswerSchema = z.strictObject({
  question: code,
  says: z.union([z.number(), z.string().max(40)]),
  sure: share,
});

/** A surface of a case: what is told of it, and the layers and the weakest bond that were found there. */
const caseSurface = z.strictObject({
  id: code,
  name: words(60),
  facts: surfaceSchema.pick({
    element: true,
    substrate: true,
    exposure: true,
    texture: true,
    conditions: true,
    builtYear: true,
    isNew: true,
    currentColour: true,
    areaM2: true,
  }),
  brush: code,
  lies: z.strictObject({
    top: z.enum(FINISHES),
    under: z.array(code).max(4),
    bond: code,
    depth: code.nullable(),
  }),
});

/** A case that an owner made from a finished job: names are left out. */
export const practiceCaseRecord = record('practice_case', {
  id,
  name: words(80),
  surfaces: z.array(caseSurface).min(2).max(12),
  withdrawn: z.boolean(),
  at: instant,
});

/** A drill that somebody did, as it came out: theirs alone, as a room is. Inserted, never changed. */
export const practiceDrillRecord = record('practice_drill', {
  id,
  personId: id,
  drill: code,
  seed: count,
  judged: z.array(z.strictObject({ question: code, skill: code, sure: share, right: z.boolean() })).max(12),
  at: instant,
});

/** A room that somebody practised in, as it came out: it is theirs alone unless they show it. Inserted, never changed. */
export const practiceGoRecord = record('practice_go', {
  id,
  personId: id,
  plan: code,
  seed: count,
  tests: z.array(practiceTestSchema).max(60, 'holds at most 60 tests'),
  judged: z.array(practiceJudgedSchema).max(12),
  minutes: count,
  /** Of whoever makes the test that pays most until none pays. */
  policyMinutes: count,
  /** What was lost, tests and all; by the engine on the same tests; and by the book. Minor units. */
  lost: money,
  engineLost: money,
  policyLost: money,
  at: instant,
});
