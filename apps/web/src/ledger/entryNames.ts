import { stepNamesIn, type Entry, type EntryNames } from '@rustic/core';
import { said } from '../words/terms.ts';
import { sayDate, sayDay, sayTime } from '../words/time.ts';

/** How this page says what an entry only names, entry by entry: steps by the system that was settled then. */
export function entryNames(
  entries: readonly Entry[],
  products: ReadonlyMap<string, string>,
): (entry: Pick<Entry, 'subject' | 'seq'>) => EntryNames {
  const stepName = stepNamesIn(entries);
  return ({ subject, seq }) => ({
    product: (id) => products.get(id) ?? id,
    step: (id) => said(stepName(subject, id, seq)),
    time: sayTime,
    day: sayDay,
    date: sayDate,
  });
}
