import { z } from 'zod';
import { checkChain, hashOf, type ChainCheck, type Entry } from '../ledger/chain.ts';
import { replay, type Replayed } from '../ledger/replay.ts';
import { MUTABLE_ROWS, type LastingRows } from '../ledger/wrote.ts';
import { readBy } from '../model/fault.ts';
import { JOB_RECORDS, type JobRecordKind } from '../model/records/index.ts';
import { entryRow } from './records.ts';

const KINDS = Object.keys(JOB_RECORDS) as JobRecordKind[];
const row = z.looseObject({ id: z.string(), by: z.string().optional() });
const verifiable = z.looseObject({
  ledger: z.array(entryRow),
  job: row.optional(),
  ...Object.fromEntries(KINDS.map((kind) => [kind, z.array(row).optional()])),
});
type Row = z.infer<typeof row>;
type Rows = Record<string, unknown> & { job?: Row };

/**
 * Recomputes the hash chain of a job file and names the first entry that does not stand. Then replays it: every row
 * that may change is rebuilt from its entries and held against the file, every other against the digest or the words of
 * the entry that witnesses it. Only the ledger has to be there and readable. A file of before entries carried rows is
 * held against what its entries do say.
 */
export function verifyJobFile(input: unknown): ChainCheck {
  const { ledger, ...rest } = readBy(verifiable, input) as Rows & { ledger: Entry[] };
  const chain = checkChain(ledger);
  if (!chain.whole) return chain;
  const fault = firstFault(ledger, rest);
  return fault ? { whole: false, entries: ledger.length, ...fault } : chain;
}

interface RowFault {
  brokenAt: number | null;
  why: string;
}

function firstFault(ledger: readonly Entry[], rest: Rows): RowFault | null {
  const known = replay(ledger);
  const witnesses = witnessesOf(ledger);
  const named = (kind: string, { id }: Row) => `a row of ${kind} (${id})`;
  if (known.since !== null) {
    const fault = changedFault(known, rest);
    if (fault) return fault;
  }
  for (const kind of KINDS)
    for (const record of (rest[kind] as Row[] | undefined) ?? []) {
      if ((MUTABLE_ROWS as readonly string[]).includes(kind)) continue;
      const kept = known.kept.get(`${kind as LastingRows}/${record.id}`);
      if (kept) {
        if (isAsWritten(record, kept.digest, JOB_RECORDS[kind].added ?? [])) continue;
        const field = differing(record, ledger[kept.seq - 1]!);
        return {
          brokenAt: kept.seq,
          why: `${named(kind, record)} ${field ? `says otherwise: ${field}` : 'is not the one that was written'}`,
        };
      }
      const entry = witnesses.get(record.id);
      if (!entry) {
        if (WITNESSED_BEFORE.includes(kind))
          return { brokenAt: null, why: `${named(kind, record)} stands in no entry` };
        continue;
      }
      const field = differing(record, entry);
      if (field) return { brokenAt: entry.seq, why: `${named(kind, record)} says otherwise: ${field}` };
    }
  return null;
}

/**
 * Whether a row is the one that was written. A release that adds fields to a kind of row gives them to the rows of
 * before, with nothing in them: those say nothing, the newest first.
 */
function isAsWritten(record: Row, digest: string, added: readonly string[]): boolean {
  const asOf: Record<string, unknown> = { ...record };
  if (hashOf(asOf) === digest) return true;
  for (const field of [...added].reverse()) {
    if (asOf[field] !== null) return false;
    delete asOf[field];
    if (hashOf(asOf) === digest) return true;
  }
  return false;
}

/** The first row that the chain rebuilds otherwise than the file has it, or that one of the two does not have. */
function changedFault(known: Replayed, rest: Rows): RowFault | null {
  for (const kind of MUTABLE_ROWS) {
    const inFile = kind === 'job' ? (rest.job ? [rest.job] : []) : ((rest[kind] as Row[] | undefined) ?? []);
    const seen = new Set<string>();
    for (const record of inFile) {
      seen.add(record.id);
      const rebuilt = known.rows[kind].get(record.id);
      const what = kind === 'job' ? 'the job' : `a row of ${kind} (${record.id})`;
      if (!rebuilt) return { brokenAt: null, why: `${what} stands in no entry` };
      const field = fieldsOf(record, rebuilt.row).find((name) => !same(record[name], rebuilt.row[name]));
      if (field) return { brokenAt: rebuilt.seq, why: `${what} says otherwise: ${field}` };
    }
    if (rest[kind] === undefined) continue;
    for (const [id, { seq }] of known.rows[kind])
      if (!seen.has(id)) return { brokenAt: seq, why: `a row of ${kind} (${id}) is not in the file` };
  }
  return null;
}

const fieldsOf = (a: object, b: object) => [...new Set([...Object.keys(a), ...Object.keys(b)])];

/** Rows that had to stand in an entry before entries carried rows. */
const WITNESSED_BEFORE: readonly string[] = [
  'tests',
  'findings',
  'work',
  'readings',
  'photos',
  'faults',
  'faultActs',
  'checks',
  'visits',
  'visitActs',
  'looks',
];

/** The entry that wrote each row, by the id in its payload: before entries carried rows, that was all there was. */
function witnessesOf(ledger: readonly Entry[]): Map<string, Entry> {
  const found = new Map<string, Entry>();
  for (const entry of ledger) {
    const id = (entry.payload as { id?: unknown } | null)?.id;
    if (typeof id === 'string' && !found.has(id)) found.set(id, entry);
  }
  return found;
}

/** The first field of a row on which its entry says something else; null where they agree. */
function differing(record: Row, entry: Entry): string | null {
  if (record.by !== undefined && record.by !== entry.by) return 'by';
  const said = entry.payload as Record<string, unknown>;
  return Object.keys(said).find((field) => field in record && !same(record[field], said[field])) ?? null;
}

const INSTANT = /^\d{4}-\d\d-\d\dT/;
function same(a: unknown, b: unknown): boolean {
  if (typeof a === 'string' && typeof b === 'string' && INSTANT.test(a) && INSTANT.test(b))
    return Date.parse(a) === Date.parse(b);
  return hashOf(a ?? null) === hashOf(b ?? null);
}
