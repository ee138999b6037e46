import { stepNamesIn, type Entry, type EntryNames } from '@rustic/core';
import type { Words } from '../words/Words.tsx';

/** How this page says what an entry only names, entry by entry: steps by the system that was settled then. */
export function entryNames(
  entries: readonly Entry[],
  products: ReadonlyMap<string, string>,
  { inOurWords, sayTime, sayDay, sayDate }: Words,
): (entry: Pick<Entry, 'subject' | 'seq'>) => EntryNames {
  const stepName = stepNamesIn(entries);
  return ({ subject, seq }) => ({
    product: (id) => products.get(id) ?? id,
    step: (id) => inOurWords(stepName(subject, id, seq)),
    time: sayTime,
    day: sayDay,
    date: sayDate,
  });
}
