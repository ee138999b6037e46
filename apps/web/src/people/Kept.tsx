import { useState, type FormEvent } from 'react';
import { Mark } from '../page/notes.tsx';
import { Refused } from '../page/Page.tsx';
import { type LetGo, useRetentionQuery, useSetRetentionMutation } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import type { Retention } from '@rustic/core';
import { Choice } from '../form/atOnce.tsx';

const NOTES: readonly (readonly [months: number | null, words: string])[] = [
  [null, 'for good'],
  [6, 'six months'],
  [12, 'a year'],
  [24, 'two years'],
  [60, 'five years'],
];
const PHOTOS: readonly (readonly [years: number | null, words: string])[] = [
  [null, 'for good'],
  [2, 'two years'],
  [5, 'five years'],
  [10, 'ten years'],
  [15, 'fifteen years'],
];

/** How long the firm keeps what it need not keep: what a rule would let go is said before it is kept. */
export function Kept() {
  const { data } = useRetentionQuery({});
  return data ? <Rule key={JSON.stringify(data.rule)} rule={data.rule} /> : null;
}

function Rule({ rule }: { rule: Retention }) {
  const [accessMonths, setMonths] = useState(rule.accessMonths ?? null);
  const [photoYears, setYears] = useState(rule.photoYears ?? null);
  const { data: asked } = useRetentionQuery({
    accessMonths: accessMonths ?? undefined,
    photoYears: photoYears ?? undefined,
  });
  const [keep, { data: gone, error, isLoading }] = useSetRetentionMutation();
  const send = (event: FormEvent) => {
    event.preventDefault();
    void keep({ id: newId(), accessMonths, photoYears });
  };
  const changed = accessMonths !== (rule.accessMonths ?? null) || photoYears !== (rule.photoYears ?? null);
  return (
    <section aria-labelledby="kept" className="mt-6">
      <h2 id="kept" className="border-b-2 border-ink pb-0.5 text-[19px]">
        How long it is kept
        <Mark n={4} />
      </h2>
      <form onSubmit={send} className="my-2 flex flex-wrap items-end gap-3">
        <Span words="Notes of who came in" spans={NOTES} span={accessMonths} onSpan={setMonths} />
        <Span words="Photos, after the last work" spans={PHOTOS} span={photoYears} onSpan={setYears} />
        <button
          type="submit"
          disabled={isLoading || !changed}
          className="min-h-[44px] rounded border border-ink px-5 font-semibold disabled:opacity-50"
        >
          {isLoading ? 'Writing …' : 'Keep it so'}
        </button>
      </form>
      {changed && asked && <p role="status">{wouldGo(asked.would)}</p>}
      {!changed && gone && <p role="status">Kept. {went(gone)}</p>}
      <Refused error={error} />
    </section>
  );
}

function Span({
  words,
  spans,
  span,
  onSpan,
}: {
  words: string;
  spans: typeof NOTES;
  span: number | null;
  onSpan: (span: number | null) => void;
}) {
  const all = spans.some(([s]) => s === span) ? spans : [...spans, [span, String(span)] as const];
  return (
    <Choice
      words={words}
      value={String(span ?? '')}
      options={all.map(([s, said]) => [String(s ?? ''), said] as const)}
      onChoose={(chosen) => onSpan(chosen ? Number(chosen) : null)}
      width="w-44"
    />
  );
}

const amounts = ({ notes, photos }: LetGo) =>
  `${notes} ${notes === 1 ? 'note' : 'notes'} and ${photos} ${photos === 1 ? 'photo' : 'photos'}`;
const wouldGo = (would: LetGo) =>
  would.notes + would.photos === 0
    ? 'Nothing goes at once; later as it falls due.'
    : `${amounts(would)} go at once, and cannot be had back.`;
const went = (gone: LetGo) => (gone.notes + gone.photos === 0 ? 'Nothing had to go.' : `${amounts(gone)} went.`);
