import { z } from 'zod';
import { readBy } from '../model/fault.ts';
import { cameFromSchema } from '../model/records/index.ts';
import { entryRow, jobRow, recordRows } from './records.ts';

/** The media type of a whole-job file. */
export const JOB_FILE_TYPE = 'application/vnd.rustic-ledger+json';
export const JOB_FILE_VERSION = 2;

/** Where the job file lies in its zip, and where each of its photos does. */
export const JOB_IN_ZIP = 'job.json';
export const photoInZip = (id: string) => `photos/${id}.jpg`;

/** A whole job: what it is about, its records, and its ledger. Photos lie beside it, each under its id. */
export const jobFileSchema = z.strictObject({
  format: z.literal(JOB_FILE_TYPE),
  version: z.literal(JOB_FILE_VERSION),
  /** The firm that gave it out; files of an earlier release do not say it. */
  from: cameFromSchema.optional(),
  job: jobRow,
  ...recordRows,
  ledger: z.array(entryRow).max(500_000),
});
export type JobFile = z.infer<typeof jobFileSchema>;

/** What a job file holds, counted. */
export interface JobFileCounts {
  ok: true;
  surfaces: number;
  tests: number;
  coats: number;
  photos: number;
  entries: number;
}

/** Reads a job file: its shape, and that everything in it points at something in it. Throws `UnusableInput`. */
export const readJobFile = (input: unknown): JobFile => readBy(referring, input);

/** Checks a job file as `readJobFile` reads it, and counts what it holds. Throws `UnusableInput`. */
export function checkJobFile(input: unknown): JobFileCounts {
  const file = readJobFile(input);
  return {
    ok: true,
    surfaces: file.surfaces.length,
    tests: file.tests.length,
    coats: file.work.filter((w) => w.productId !== null).length,
    photos: file.photos.length,
    entries: file.ledger.length,
  };
}

type Rows = Exclude<keyof typeof recordRows, 'products'>;
/** Which field of which rows names a row of another kind. */
const POINTS: readonly [from: Rows, field: string, to: Rows][] = [
  ['surfaces', 'roomId', 'rooms'],
  ['tests', 'surfaceId', 'surfaces'],
  ['tests', 'corrects', 'tests'],
  ['findings', 'surfaceId', 'surfaces'],
  ['choices', 'surfaceId', 'surfaces'],
  ['work', 'surfaceId', 'surfaces'],
  ['work', 'corrects', 'work'],
  ['readings', 'roomId', 'rooms'],
  ['series', 'roomId', 'rooms'],
  ['holds', 'surfaceId', 'surfaces'],
  ['holds', 'releases', 'holds'],
  ['troubles', 'surfaceId', 'surfaces'],
  ['followUps', 'surfaceId', 'surfaces'],
  ['trials', 'surfaceId', 'surfaces'],
  ['trialActs', 'trialId', 'trials'],
  ['trialActs', 'corrects', 'trialActs'],
  ['agreements', 'documentId', 'documents'],
  ['replies', 'documentId', 'documents'],
  ['replies', 'answers', 'replies'],
  ['photos', 'roomId', 'rooms'],
  ['photos', 'surfaceId', 'surfaces'],
  ['photos', 'testId', 'tests'],
  ['faults', 'surfaceId', 'surfaces'],
  ['faults', 'roomId', 'rooms'],
  ['faultActs', 'markId', 'faults'],
  ['checks', 'surfaceId', 'surfaces'],
  ['visitActs', 'visitId', 'visits'],
  ['patches', 'surfaceId', 'surfaces'],
  ['patchPictures', 'patchId', 'patches'],
  ['damageMarks', 'surfaceId', 'surfaces'],
  ['damageMarks', 'takesBack', 'damageMarks'],
  ['photoFrames', 'surfaceId', 'surfaces'],
  ['joints', 'roomId', 'rooms'],
  ['joints', 'surfaceId', 'surfaces'],
];

const referring = jobFileSchema.superRefine((file, context) => {
  const fault = (path: (string | number)[], message: string) => context.addIssue({ code: 'custom', path, message });
  const rowsOf = (kind: Rows) => file[kind] as readonly ({ id: string } & Record<string, unknown>)[];
  const ids = new Map<Rows, Set<string>>();
  for (const kind of Object.keys(recordRows) as (Rows | 'products')[]) {
    if (kind === 'products') continue;
    const seen = new Set<string>();
    rowsOf(kind).forEach((row, i) => {
      if (seen.has(row.id)) fault([kind, i, 'id'], 'stands in the file twice');
      seen.add(row.id);
    });
    ids.set(kind, seen);
  }
  for (const [from, field, to] of POINTS)
    rowsOf(from).forEach((row, i) => {
      const named = row[field];
      if (typeof named === 'string' && !ids.get(to)!.has(named))
        fault([from, i, field], `names something that is not in the file (${to})`);
    });
  file.ledger.forEach((entry, i) => {
    if (entry.jobId !== file.job.id) fault(['ledger', i, 'jobId'], 'is of another job');
  });
});

/** The JSON Schema of a job file, for other programs. */
export function jobFileJsonSchema(): unknown {
  // As it may be given: what has a value where nothing is said need not be there.
  return z.toJSONSchema(jobFileSchema, { io: 'input' });
}
