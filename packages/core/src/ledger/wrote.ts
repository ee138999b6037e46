import { z } from 'zod';
import { JOB_RECORDS, type JobRecordKind } from '../model/records/index.ts';
import { hashOf } from './chain.ts';

/** The rows of a job that may change after they were written: an entry carries them, and every change of them, in full. */
export const MUTABLE_ROWS = ['job', 'rooms', 'surfaces', 'joints', 'followUps'] as const;
export type MutableRows = (typeof MUTABLE_ROWS)[number];
/** Rows that are written once: an entry carries their digest. */
export type LastingRows = Exclude<JobRecordKind, MutableRows>;
export type RowsOfJob = 'job' | JobRecordKind;

const fields = z.record(z.string(), z.unknown());
const mutable = z.enum(MUTABLE_ROWS);
const lasting = z.enum(
  Object.keys(JOB_RECORDS).filter((kind) => !MUTABLE_ROWS.includes(kind as MutableRows)) as [LastingRows],
);

/** What one entry's act wrote: rows added, fields changed, and rows that will not change, by their digest. */
export const wroteSchema = z.array(
  z.union([
    z.strictObject({ added: mutable, id: z.string(), row: fields }),
    z.strictObject({ changed: mutable, id: z.string(), fields }),
    z.strictObject({ kept: lasting, id: z.string(), digest: z.string() }),
  ]),
);
export type Wrote = z.infer<typeof wroteSchema>[number];

export const isMutable = (rows: RowsOfJob): rows is MutableRows => MUTABLE_ROWS.includes(rows as MutableRows);

/** A row, as a job file has it, as its entry carries it. */
export function wroteRow(rows: RowsOfJob, row: Readonly<Record<string, unknown>>): Wrote {
  const id = String(row['id']);
  return isMutable(rows) ? { added: rows, id, row: { ...row } } : { kept: rows, id, digest: hashOf(row) };
}
