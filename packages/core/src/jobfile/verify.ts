import { z } from 'zod';
import { readBy } from '../model/fault.ts';
import { checkChain, hashOf, type ChainCheck, type Entry } from '../ledger/chain.ts';
import { entryRow } from './records.ts';

/** What was seen and done: each such row stands in an entry of the ledger, which says the same. */
const WITNESSED = [
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
] as const;

const row = z.looseObject({ id: z.string(), by: z.string().optional() });
const verifiable = z.looseObject({
  ledger: z.array(entryRow),
  ...Object.fromEntries(WITNESSED.map((kind) => [kind, z.array(row).optional()])),
});

/**
 * Recomputes the hash chain of a job file and names the first entry that does not stand; then holds every test,
 * finding, log, reading and photo against the entry that witnesses it. Only the ledger has to be there and readable.
 */
export function verifyJobFile(input: unknown): ChainCheck {
  const { ledger, ...rest } = readBy(verifiable, input);
  const chain = checkChain(ledger as Entry[]);
  if (!chain.whole) return chain;
  const witnesses = witnessesOf(ledger as Entry[]);
  for (const kind of WITNESSED)
    for (const record of (rest[kind] as z.infer<typeof row>[] | undefined) ?? []) {
      const entry = witnesses.get(record.id);
      const broken = (brokenAt: number | null, why: string): ChainCheck => ({
        whole: false,
        entries: ledger.length,
        brokenAt,
        why,
      });
      if (!entry) return broken(null, `a row of ${kind} (${record.id}) stands in no entry`);
      const field = differing(record, entry);
      if (field) return broken(entry.seq, `a row of ${kind} (${record.id}) says otherwise: ${field}`);
    }
  return chain;
}

/** The entry that wrote each row, by the id in its payload. */
function witnessesOf(ledger: readonly Entry[]): Map<string, Entry> {
  const found = new Map<string, Entry>();
  for (const entry of ledger) {
    const id = (entry.payload as { id?: unknown } | null)?.id;
    if (typeof id === 'string' && !found.has(id)) found.set(id, entry);
  }
  return found;
}

/** The first field of a row on which its entry says something else; null where they agree. */
function differing(record: Record<string, unknown>, entry: Entry): string | null {
  if (record['by'] !== undefined && record['by'] !== entry.by) return 'by';
  const said = entry.payload as Record<string, unknown>;
  for (const field of Object.keys(said)) if (field in record && !same(record[field], said[field])) return field;
  return null;
}

const INSTANT = /^\d{4}-\d\d-\d\dT/;
function same(a: unknown, b: unknown): boolean {
  if (typeof a === 'string' && typeof b === 'string' && INSTANT.test(a) && INSTANT.test(b))
    return Date.parse(a) === Date.parse(b);
  return hashOf(a ?? null) === hashOf(b ?? null);
}
