import { houseRulesSchema } from '../model/houseRules.ts';
import { productSchema } from '../model/product.ts';
import { surfaceSchema, wantedSchema } from '../model/surface.ts';
import { testSchema } from '../model/test.ts';
import { z } from 'zod';
import { CLIMATES } from '../aftercare/knowledge/seasons.ts';
import { measureSchema } from '../model/measure.ts';
import { planSchema } from '../model/planInput.ts';
import { LEFT_OUT_REASONS } from '../documents/quote.ts';
import { ACCESS, CONDITIONS, FAMILIES, FAULTS, METHODS, STEP_KINDS, SUBSTRATES } from '../vocabulary/index.ts';
import { FACINGS } from '../walkround/exteriorRound.ts';
import { checkRow, faultActRow, faultRow, lookRow, visitActRow, visitRow } from './afterRows.ts';
import {
  text,
  id,
  code,
  instant,
  day,
  hex,
  count,
  money,
  metres,
  celsius,
  percent,
  clock,
  written,
  onSurface,
  place,
} from '../model/fields.ts';

/** The rows of a job, one schema each: bounded, unknown fields refused. What the program computed itself stays as it was kept. */
export { id };
/** What was computed when it was kept: its parts are read where they are used. */
const computed = z.looseObject({});

const step = z.looseObject({
  kind: z.enum(STEP_KINDS),
  family: z.enum(FAMILIES).optional(),
  coats: z.number().int().min(1).max(20).optional(),
  grit: z.number().positive().optional(),
  waitMin: z.number().min(0).optional(),
  why: z.array(text(2000)).max(40),
});
const steps = z.array(step).max(200);

const opening = z.strictObject({
  kind: z.enum(['window', 'door', 'opening']),
  x: metres,
  y: metres,
  widthM: metres,
  heightM: metres,
});
const sketch = z.strictObject({
  walls: z
    .array(z.strictObject({ name: text(60), widthM: metres, heightM: metres, openings: z.array(opening).max(40) }))
    .max(24),
});

export const jobRow = z.strictObject({
  id,
  title: text(200),
  place: text(200),
  builtYear: z.number().int().min(1000).max(2200).nullable(),
  status: z.enum(['walk-round', 'quoted', 'planned', 'active', 'aftercare']),
  note: text(2000),
  startsAt: instant,
  temperatureC: celsius,
  relativeHumidityPct: percent,
  houseRules: houseRulesSchema,
  crewIds: z.array(id).max(100),
  racks: count.max(1000),
  property: z.strictObject({
    occupants: text(200).optional(),
    leadYear: count.max(2200).optional(),
    asbestosYear: count.max(2200).optional(),
    climate: z.enum(CLIMATES).nullish(),
    mapPlace: z.strictObject({ x: z.number().min(0).max(1000), y: z.number().min(0).max(1000) }).optional(),
  }),
  client: text(200),
  offers: z.array(z.strictObject({ id, surfaceId: id, key: text(4000) })).max(500),
});

const roomRow = z.strictObject({
  id,
  name: text(120),
  position: z.number().int(),
  noDustWhileWet: z.boolean(),
  backBy: clock.nullable(),
  fumesOutBy: clock.nullable(),
  maxNightsOut: count.max(365).nullable(),
  airFrom: z.enum(['reading', 'sensor', 'station', 'file']),
  kind: z.enum(['room', 'elevation']),
  facing: z.enum(FACINGS).nullable(),
  sketch: sketch.nullable(),
});

const exclusion = z.strictObject({
  id,
  words: text(400),
  reason: z.enum(LEFT_OUT_REASONS),
  whole: z.boolean(),
  box: z.strictObject({ wall: count.max(23), x: metres, y: metres, widthM: metres, heightM: metres }).nullable(),
});

const surfaceRow = z.strictObject({
  id,
  roomId: id,
  name: text(120),
  campaign: text(60).nullable(),
  facts: surfaceSchema,
  wanted: wantedSchema,
  position: z.number().int(),
  measure: measureSchema.nullable(),
  exclusions: z.array(exclusion).max(100),
  access: z.enum(ACCESS),
  houseRules: houseRulesSchema,
});

const testRow = z.strictObject({
  ...onSurface,
  test: testSchema,
  corrects: id.nullable(),
  note: text(1000),
  mark: place.nullable(),
  ...written,
});

const findingRow = z.strictObject({
  ...onSurface,
  conditions: z.array(z.enum(CONDITIONS)).max(60),
  extents: z.partialRecord(z.enum(CONDITIONS), computed),
  note: text(1000),
  changes: z.strictObject({ added: steps, removed: steps, minutes: z.number(), cost: money }),
  ...written,
});

const choiceRow = z.strictObject({
  ...onSurface,
  steps,
  differs: text(1000),
  override: z
    .strictObject({
      departures: z.array(computed).max(200),
      base: text(4000),
      said: z.array(text(1000)).max(200),
      reason: text(2000),
      signedAs: text(200),
      told: z
        .array(
          z.strictObject({ words: text(2000), fault: z.enum(FAULTS).nullable(), odds: z.number(), cost: z.number() }),
        )
        .max(200),
    })
    .nullable(),
  ...written,
});

const workRow = z.strictObject({
  ...onSurface,
  stepId: code,
  stepKind: z.enum(STEP_KINDS),
  productId: text(80).nullable(),
  batch: text(80).nullable(),
  startedAt: instant,
  endedAt: instant,
  temperatureC: celsius.nullable(),
  relativeHumidityPct: percent.nullable(),
  wetFilmUm: z.number().min(0).max(10_000).nullable(),
  litres: z.number().min(0).max(10_000).nullable(),
  method: z.enum(METHODS).nullable(),
  surfaceC: celsius.nullable(),
  helper: text(120).nullable(),
  note: text(1000),
  instead: text(400).nullable(),
  corrects: id.nullable(),
  withdrawn: z.boolean(),
  writtenAt: day,
  usualMin: count.nullable(),
  by: text(120),
});

const readingRow = z.strictObject({
  id,
  roomId: id,
  temperatureC: celsius,
  relativeHumidityPct: percent,
  ...written,
});
const seriesRow = z.strictObject({ id, roomId: id, readings: computed, ...written });

const holdRow = z.strictObject({
  ...onSurface,
  stepId: code,
  kind: z.enum(['other-trade', 'looks-wrong']),
  until: day,
  reason: text(400),
  releases: id.nullable(),
  ...written,
});
const troubleRow = z.strictObject({
  ...onSurface,
  /** Empty where nothing of the system was laid yet. */
  stepId: z.union([code, z.literal('')]),
  fault: z.enum(FAULTS),
  note: text(1000),
  photoId: id.nullable(),
  rescue: z.looseObject({ cause: text(2000), backTo: text(400), steps, undoes: count, price: computed }),
  ...written,
});
const followUpRow = z.strictObject({
  ...onSurface,
  workId: id.nullable(),
  kind: text(30),
  words: text(600),
  dueAt: instant,
  closedAt: day,
  closedBy: text(120).nullable(),
  closedNote: text(600).nullable(),
  ...written,
});

const trialRow = z.strictObject({
  id,
  surfaceId: id.nullable(),
  title: text(120),
  place: text(200),
  design: computed,
  cells: z.array(computed).max(2000),
  ...written,
});
const trialActRow = z.strictObject({
  id,
  trialId: id,
  kind: z.enum(['primed', 'topcoated', 'look', 'concluded']),
  body: z.looseObject({ test: testSchema.optional(), substrate: z.enum(SUBSTRATES).nullish() }),
  corrects: id.nullable(),
  ...written,
});

const planRow = z.strictObject({
  id,
  input: planSchema,
  plan: z.looseObject({ status: z.enum(['feasible', 'infeasible']), steps: z.array(computed).max(100_000) }),
  ...written,
});

const documentRow = z.strictObject({
  id,
  number: count,
  versionNo: count,
  quote: computed,
  changes: z.array(computed).max(10_000),
  hash: hex,
  by: text(120),
  sentAt: instant,
});
const agreementRow = z.strictObject({
  id,
  documentId: id,
  name: text(120),
  options: z.array(text(200)).max(500),
  total: money,
  at: instant,
});

const photoRow = z.strictObject({
  id,
  roomId: id,
  surfaceId: id.nullable(),
  testId: id.nullable(),
  workId: id.nullable(),
  mark: place.nullable(),
  note: text(400),
  width: count.min(1).max(10_000),
  height: count.min(1).max(10_000),
  hash: hex,
  ...written,
});

/** A product that the job names and that did not ship: its sheet, so that the coat is known anywhere. */
const productRow = z.strictObject({ productId: text(80), sheet: productSchema });

const many = <T extends z.ZodType>(row: T, most = 50_000) => z.array(row).max(most);

/** Everything a job is made of beside itself and its ledger. */
export const recordRows = {
  rooms: many(roomRow, 500),
  surfaces: many(surfaceRow, 5000),
  tests: many(testRow),
  findings: many(findingRow),
  choices: many(choiceRow),
  work: many(workRow),
  readings: many(readingRow),
  series: many(seriesRow, 5000),
  holds: many(holdRow),
  troubles: many(troubleRow),
  followUps: many(followUpRow),
  trials: many(trialRow, 5000),
  trialActs: many(trialActRow),
  plans: many(planRow, 5000),
  documents: many(documentRow, 5000),
  agreements: many(agreementRow, 5000),
  photos: many(photoRow, 10_000),
  faults: many(faultRow),
  faultActs: many(faultActRow),
  checks: many(checkRow),
  visits: many(visitRow).default([]),
  visitActs: many(visitActRow).default([]),
  looks: many(lookRow).default([]),
  products: many(productRow, 5000),
};

export const entryRow = z.strictObject({
  seq: z.number().int().min(1),
  jobId: id,
  kind: text(60),
  subject: text(64).nullable(),
  by: text(200),
  at: instant,
  recordedAt: instant,
  payload: z.unknown(),
  previousHash: hex,
  hash: hex,
});
