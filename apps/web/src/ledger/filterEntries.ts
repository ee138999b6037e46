import type { Entry } from '@rustic/core';

/** What is looked for in a ledger; empty where it does not matter. Days as YYYY-MM-DD, both included. */
export interface LedgerFilter {
  subject: string;
  by: string;
  kind: string;
  from: string;
  to: string;
}
export const EVERYTHING: LedgerFilter = { subject: '', by: '', kind: '', from: '', to: '' };

/** The entries that are looked for, in their order. Local days, as `dayOf` says them. */
export function filterEntries(
  entries: readonly Entry[],
  looked: LedgerFilter,
  dayOf: (iso: string) => string,
): Entry[] {
  const { subject, by, kind, from, to } = looked;
  return entries.filter(
    (e) =>
      (!subject || e.subject === subject) &&
      (!by || e.by === by) &&
      (!kind || e.kind === kind) &&
      (!from || dayOf(e.at) >= from) &&
      (!to || dayOf(e.at) <= to),
  );
}
