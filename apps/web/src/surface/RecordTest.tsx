import { useState } from 'react';
import { RESULT_LABELS, TEST_LABELS, TEST_RESULTS, type TestKind, type TestRecord } from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { Refused } from '../page/Page.tsx';
import { newId, useRecordTestMutation } from '../store/api.ts';
import type { TestRow } from '../store/types.ts';
import { capital } from '../words/figures.ts';
import { METHOD_CARDS } from './methodCards.ts';

const FIRST: TestKind[] = ['spirit-rub', 'sheen-look', 'lead-swab', 'moisture-meter', 'cross-cut', 'blade-lift'];
const REST = (Object.keys(TEST_RESULTS) as TestKind[]).filter((k) => !FIRST.includes(k));

/** Recording a test: the result is the button, so that a spirit rub takes two taps. */
export function RecordTest({
  surfaceId,
  corrects,
  onDone,
}: {
  surfaceId: string;
  corrects: TestRow | null;
  onDone: () => void;
}) {
  const [kind, setKind] = useState<TestKind>(corrects?.test.kind ?? 'spirit-rub');
  const [place, setPlace] = useState(corrects?.test.place ?? '');
  const [note, setNote] = useState('');
  const [yellowed, setYellowed] = useState<boolean | null>(null);
  const [value, setValue] = useState('');
  const [all, setAll] = useState(false);
  const [record, { isLoading, error }] = useRecordTestMutation();
  const send = async (result: Partial<TestRecord>) => {
    const test = { kind, ...result, ...(place.trim() ? { place: place.trim() } : {}) } as TestRecord;
    const sent = await record({
      surfaceId,
      id: newId(),
      at: new Date().toISOString(),
      test,
      ...(corrects ? { corrects: corrects.id, note } : {}),
    });
    if (!('error' in sent)) onDone();
  };
  const card = METHOD_CARDS[kind];
  return (
    <section aria-label="Record a test" className="mb-4 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4">
      {corrects && <p className="mb-2 font-semibold">This corrects a record; the first stays in the ledger.</p>}
      {!corrects && (
        <div className="mb-3 flex flex-wrap gap-1.5" role="group" aria-label="Which test">
          {[...FIRST, ...(all ? REST : [])].map((k) => (
            <Chip key={k} pressed={k === kind} onPress={() => setKind(k)}>
              {TEST_LABELS[k]}
            </Chip>
          ))}
          {!all && <Chip onPress={() => setAll(true)}>Other tests …</Chip>}
        </div>
      )}
      <p className="mb-2 max-w-[62ch] text-sm">
        <strong>{TEST_LABELS[kind]}.</strong> {card.how} <span className="text-faded">{card.misleads}</span>
      </p>
      {kind === 'sheen-look' && (
        <div className="mb-2 flex gap-2">
          <Chip pressed={yellowed === true} onPress={() => setYellowed(yellowed === true ? null : true)}>
            Yellowed
          </Chip>
          <Chip pressed={yellowed === false} onPress={() => setYellowed(yellowed === false ? null : false)}>
            Not yellowed
          </Chip>
        </div>
      )}
      <div className="flex flex-wrap gap-2" role="group" aria-label="Result">
        {kind === 'cross-cut' &&
          [0, 1, 2, 3, 4, 5].map((grade) => (
            <Result
              key={grade}
              busy={isLoading}
              words={`Grade ${grade}${grade === 0 ? ', best' : ''}`}
              onPress={() => void send({ grade })}
            />
          ))}
        {kind === 'moisture-meter' && (
          <form
            className="flex items-end gap-2"
            onSubmit={(e) => {
              e.preventDefault();
              void send({ value: Number(value.replace(',', '.')) });
            }}
          >
            <label className="text-sm">
              Reading, %
              <input
                inputMode="decimal"
                required
                value={value}
                onChange={(e) => setValue(e.target.value)}
                className="block w-24"
              />
            </label>
            <button
              type="submit"
              disabled={isLoading}
              className="min-h-[44px] rounded border border-ink bg-ink px-4 font-semibold text-onink"
            >
              Record
            </button>
          </form>
        )}
        {(TEST_RESULTS[kind] as readonly string[]).map((result) => (
          <Result
            key={result}
            busy={isLoading}
            words={capital(RESULT_LABELS[result] ?? result)}
            onPress={() => void send({ result, ...(kind === 'sheen-look' && yellowed !== null ? { yellowed } : {}) })}
          />
        ))}
      </div>
      <div className="mt-3 flex flex-wrap items-end gap-3 text-sm">
        <label>
          Place, if it matters
          <input
            value={place}
            maxLength={200}
            onChange={(e) => setPlace(e.target.value)}
            placeholder="left of the newel"
            className="block w-56"
          />
        </label>
        {corrects && (
          <label>
            Why it is corrected
            <input
              value={note}
              maxLength={1000}
              required
              onChange={(e) => setNote(e.target.value)}
              className="block w-64"
            />
          </label>
        )}
        <button type="button" onClick={onDone} className="min-h-[44px] px-2 underline">
          Leave it
        </button>
      </div>
      <Refused error={error} />
    </section>
  );
}

function Result({ words, onPress, busy }: { words: string; onPress: () => void; busy: boolean }) {
  return (
    <button
      type="button"
      disabled={busy}
      onClick={onPress}
      className="min-h-[48px] rounded border-2 border-ink bg-paper px-4 font-semibold hover:bg-wash disabled:opacity-50"
    >
      {words}
    </button>
  );
}
