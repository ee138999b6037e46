import { z } from 'zod';
import { hex, id, instant, text } from '../model/fields.ts';
import { productSchema } from '../model/product.ts';
import { fileRow, type Fields, type RecordDefinition } from '../model/record.ts';
import { jobRecord, JOB_RECORDS, type JobRecordKind } from '../model/records/index.ts';

/** Rows of one kind; a file holds at most so many. */
const many = <F extends Fields>(definition: RecordDefinition<F>, most = 50_000) =>
  z.array(fileRow(definition)).max(most);

export const jobRow = fileRow(jobRecord);

/** A product that the job names and that did not ship: its sheet, so that the coat is known anywhere. */
const productRow = z.strictObject({ productId: text(80), sheet: productSchema });

/** Everything a job is made of beside itself and its ledger. */
export const recordRows = {
  rooms: many(JOB_RECORDS.rooms, 500),
  surfaces: many(JOB_RECORDS.surfaces, 5000),
  tests: many(JOB_RECORDS.tests),
  findings: many(JOB_RECORDS.findings),
  choices: many(JOB_RECORDS.choices),
  work: many(JOB_RECORDS.work),
  readings: many(JOB_RECORDS.readings),
  series: many(JOB_RECORDS.series, 5000),
  holds: many(JOB_RECORDS.holds),
  troubles: many(JOB_RECORDS.troubles),
  followUps: many(JOB_RECORDS.followUps),
  trials: many(JOB_RECORDS.trials, 5000),
  trialActs: many(JOB_RECORDS.trialActs),
  plans: many(JOB_RECORDS.plans, 5000),
  documents: many(JOB_RECORDS.documents, 5000),
  agreements: many(JOB_RECORDS.agreements, 5000),
  photos: many(JOB_RECORDS.photos, 10_000),
  faults: many(JOB_RECORDS.faults),
  faultActs: many(JOB_RECORDS.faultActs),
  checks: many(JOB_RECORDS.checks),
  // Files of before had none of these.
  visits: many(JOB_RECORDS.visits).default([]),
  visitActs: many(JOB_RECORDS.visitActs).default([]),
  looks: many(JOB_RECORDS.looks).default([]),
  patches: many(JOB_RECORDS.patches).default([]),
  patchPictures: many(JOB_RECORDS.patchPictures).default([]),
  damageMarks: many(JOB_RECORDS.damageMarks).default([]),
  photoFrames: many(JOB_RECORDS.photoFrames, 10_000).default([]),
  joints: many(JOB_RECORDS.joints, 5000).default([]),
  replies: many(JOB_RECORDS.replies, 5000).default([]),
  products: z.array(productRow).max(5000),
} satisfies Record<JobRecordKind | 'products', z.ZodType>;

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
