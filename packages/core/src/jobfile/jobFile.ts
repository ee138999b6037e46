import { z } from 'zod';
import { readBy } from '../contract/fault.ts';
import { surfaceSchema, testSchema } from '../contract/assessInput.ts';
import { checkChain, type ChainCheck } from '../ledger/chain.ts';

/** The media type of a whole-job file. */
export const JOB_FILE_TYPE = 'application/vnd.rustic-ledger+json';
export const JOB_FILE_VERSION = 1;

const text = (most: number) => z.string().max(most);
const id = z.string().min(1).max(64);
const instant = z.iso.datetime({ offset: true });
const hex = z.string().regex(/^[0-9a-f]{64}$/, 'must be 64 hex digits');

const entry = z.strictObject({
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

/** A whole job: what it is about, its records, and its ledger. */
export const jobFileSchema = z.strictObject({
  format: z.literal(JOB_FILE_TYPE),
  version: z.literal(JOB_FILE_VERSION),
  job: z.strictObject({
    id,
    title: text(200),
    place: text(200),
    builtYear: z.number().int().min(1000).max(2200).nullable(),
    status: text(30),
    note: text(2000),
  }),
  rooms: z.array(z.strictObject({ id, name: text(120), position: z.number().int() })).max(500),
  surfaces: z
    .array(
      z.strictObject({
        id,
        roomId: id,
        name: text(120),
        campaign: text(60).nullable(),
        facts: surfaceSchema,
        position: z.number().int(),
      }),
    )
    .max(5000),
  tests: z
    .array(
      z.strictObject({
        id,
        surfaceId: id,
        test: testSchema,
        by: text(200),
        at: instant,
        corrects: id.nullable(),
        note: text(1000),
      }),
    )
    .max(50_000),
  coats: z
    .array(
      z.strictObject({
        id,
        surfaceId: id,
        stepId: text(40),
        product: text(160),
        batch: text(80),
        start: instant,
        end: instant,
        temperatureC: z.number(),
        relativeHumidityPct: z.number(),
        by: text(200),
      }),
    )
    .max(50_000),
  ledger: z.array(entry).max(500_000),
});
export type JobFile = z.infer<typeof jobFileSchema>;

/** Checks that a job file has its shape and that everything in it points at something in it. Throws `UnusableInput`. */
export function checkJobFile(input: unknown): {
  ok: true;
  surfaces: number;
  tests: number;
  coats: number;
  entries: number;
} {
  const file = readBy(referring, input);
  return {
    ok: true,
    surfaces: file.surfaces.length,
    tests: file.tests.length,
    coats: file.coats.length,
    entries: file.ledger.length,
  };
}

const referring = jobFileSchema.superRefine((file, context) => {
  const missing = (path: (string | number)[], what: string) =>
    context.addIssue({ code: 'custom', path, message: `names a ${what} that is not in the file` });
  const rooms = new Set(file.rooms.map((r) => r.id));
  const surfaces = new Set(file.surfaces.map((s) => s.id));
  file.surfaces.forEach((s, i) => {
    if (!rooms.has(s.roomId)) missing(['surfaces', i, 'roomId'], 'room');
  });
  file.tests.forEach((t, i) => {
    if (!surfaces.has(t.surfaceId)) missing(['tests', i, 'surfaceId'], 'surface');
  });
  file.coats.forEach((c, i) => {
    if (!surfaces.has(c.surfaceId)) missing(['coats', i, 'surfaceId'], 'surface');
  });
});

/** Recomputes the hash chain of a job file and names the first broken entry. Only the ledger has to be readable. */
export function verifyJobFile(input: unknown): ChainCheck {
  const { ledger } = readBy(z.looseObject({ ledger: z.array(entry) }), input);
  return checkChain(ledger);
}

/** The JSON Schema of a job file, for other programs. */
export function jobFileJsonSchema(): unknown {
  return z.toJSONSchema(jobFileSchema);
}
