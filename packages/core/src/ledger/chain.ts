import canonicalize from 'canonicalize';
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';

/** What one entry of a job's ledger says. Times are ISO 8601; the payload is any JSON value. */
export interface EntryBody {
  seq: number;
  jobId: string;
  /** What was done: `test-recorded`, `coat-logged`, … */
  kind: string;
  /** The surface or other thing it is about, where there is one. */
  subject: string | null;
  by: string;
  at: string;
  recordedAt: string;
  payload: unknown;
}

/** An entry as it stands in the chain. */
export interface Entry extends EntryBody {
  previousHash: string;
  hash: string;
}

/** What the first entry of a chain points at. */
export const CHAIN_START = '0'.repeat(64);

/** SHA-256 in hex over the canonical JSON (RFC 8785) of a value. */
export function hashOf(value: unknown): string {
  return bytesToHex(sha256(utf8ToBytes(canonicalize(value) ?? 'null')));
}

/** Adds an entry to the end of a chain. */
export function chained(body: EntryBody, previousHash: string): Entry {
  const open = { ...body, previousHash };
  return { ...open, hash: hashOf(open) };
}

/** Whether a record stands; `brokenAt` is the number of the first entry that does not, null where an entry is wanting. */
export type ChainCheck =
  { whole: true; entries: number } | { whole: false; entries: number; brokenAt: number | null; why: string };

/** Recomputes a chain from its start and names the first entry that does not stand. */
export function checkChain(entries: readonly Entry[]): ChainCheck {
  let previous = CHAIN_START;
  for (const [i, entry] of entries.entries()) {
    const { hash, ...open } = entry;
    const broken = (why: string): ChainCheck => ({ whole: false, entries: entries.length, brokenAt: i + 1, why });
    if (entry.seq !== i + 1) return broken(`number ${i + 1} is missing: the entry says ${entry.seq}`);
    if (entry.previousHash !== previous) return broken('it does not follow from the entry before it');
    if (hashOf(open) !== hash) return broken('its content is not what was signed for');
    previous = hash;
  }
  return { whole: true, entries: entries.length };
}
