import type { Entry } from './chain.ts';
import { wroteSchema, type LastingRows, type MutableRows } from './wrote.ts';

type Row = Readonly<Record<string, unknown>>;

/** What a chain says of a job, as far as it has been read. */
export interface Replayed {
  /** Rows that may change, as they stand; the entry that moved each last beside it. */
  rows: Record<MutableRows, Map<string, { row: Row; seq: number }>>;
  /** Digests of rows that are written once, by kind and id, with their entry. */
  kept: Map<`${LastingRows}/${string}`, { digest: string; seq: number }>;
  /** From which entry on everything is carried; null where the chain is of before entries carried rows. */
  since: number | null;
}

export const nothingReplayed = (): Replayed => ({
  rows: { job: new Map(), rooms: new Map(), surfaces: new Map(), joints: new Map(), followUps: new Map() },
  kept: new Map(),
  since: null,
});

/** Takes one entry into what is known. An entry of before entries carried rows says what its kind used to say. */
export function applyEntry(known: Replayed, entry: Entry): void {
  const payload = (entry.payload ?? {}) as { wrote?: unknown };
  const read = wroteSchema.safeParse(payload.wrote);
  if (!read.success) {
    applyOld(known, entry);
    return;
  }
  const { seq } = entry;
  for (const one of read.data) {
    if ('kept' in one) known.kept.set(`${one.kept}/${one.id}`, { digest: one.digest, seq });
    else if ('added' in one) known.rows[one.added].set(one.id, { row: one.row, seq });
    else {
      const before = known.rows[one.changed].get(one.id)?.row ?? { id: one.id };
      known.rows[one.changed].set(one.id, { row: { ...before, ...one.fields }, seq });
    }
    if ('added' in one && one.added === 'job') known.since ??= seq;
  }
}

/** The facts of a surface as entries carried them before they carried rows. */
const OLD_FIELDS = ['name', 'campaign', 'facts', 'wanted', 'measure', 'exclusions', 'access', 'roomId'] as const;
const OLD_KINDS: readonly string[] = ['surface-added', 'surface-changed', 'exclusions-changed'];

function applyOld(known: Replayed, { kind, subject, payload, seq }: Entry): void {
  if (!subject || !OLD_KINDS.includes(kind)) return;
  const said = payload as Row;
  const before = known.rows.surfaces.get(subject)?.row ?? { id: subject };
  const fields = OLD_FIELDS.filter((field) => said[field] !== undefined).map((field) => [field, said[field]] as const);
  known.rows.surfaces.set(subject, { row: { ...before, ...Object.fromEntries(fields) }, seq });
}

/** Rebuilds what a chain says of its job, entry by entry. */
export function replay(entries: readonly Entry[]): Replayed {
  const known = nothingReplayed();
  for (const entry of entries) applyEntry(known, entry);
  return known;
}
