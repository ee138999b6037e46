import { ledgerTitle } from '@rustic/core';
import type { ReactNode } from 'react';
import { capital } from '../words/figures.ts';
import { EVERYTHING, type LedgerFilter } from './filterEntries.ts';
import type { Entry } from '@rustic/core';
import { Choice, Typed } from '../form/atOnce.tsx';

/** By surface, person, kind and time. */
export function Filter({
  entries,
  names,
  looked,
  onLook,
  children,
}: {
  entries: readonly Entry[];
  names: ReadonlyMap<string, string>;
  looked: LedgerFilter;
  onLook: (looked: LedgerFilter) => void;
  children?: ReactNode;
}) {
  const distinct = (values: readonly (string | null)[]) => [...new Set(values.filter((v) => v !== null))];
  const choice = (key: 'subject' | 'by' | 'kind', words: string, options: [value: string, name: string][]) => (
    <Choice
      words={words}
      value={looked[key]}
      options={options}
      unsaid="all"
      onChoose={(value) => onLook({ ...looked, [key]: value })}
      width="max-w-52"
    />
  );
  const day = (key: 'from' | 'to', words: string) => (
    <Typed
      words={words}
      type="date"
      value={looked[key]}
      onType={(value) => onLook({ ...looked, [key]: value })}
      width=""
    />
  );
  return (
    <div className="no-print mb-3 flex flex-wrap items-end gap-3" role="search" aria-label="Look for entries">
      {choice(
        'subject',
        'Surface',
        distinct(entries.map((e) => e.subject)).flatMap((id): [string, string][] =>
          names.has(id) ? [[id, names.get(id)!]] : [],
        ),
      )}
      {choice(
        'by',
        'Who',
        distinct(entries.map((e) => e.by)).map((name) => [name, name]),
      )}
      {choice(
        'kind',
        'What',
        distinct(entries.map((e) => e.kind)).map((kind) => [kind, capital(ledgerTitle(kind))]),
      )}
      {day('from', 'From')}
      {day('to', 'To')}
      {looked !== EVERYTHING && (
        <button type="button" className="min-h-[44px] underline" onClick={() => onLook(EVERYTHING)}>
          Everything
        </button>
      )}
      {children}
    </div>
  );
}
