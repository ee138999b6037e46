import { useRef, useState } from 'react';
import { useFocusWhileOpen } from '../page/focus.ts';
import {
  METHOD_CARDS,
  RESULT_LABELS,
  TEST_NOT_YET,
  TEST_RESULTS,
  type SketchPlace,
  type TestKind,
  type TestRecord,
} from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { Refused } from '../page/Page.tsx';
import { capital } from '../words/figures.ts';
import { MethodCard } from './MethodCard.tsx';
import { WhichTest } from './WhichTest.tsx';
import { BesideResult } from './BesideResult.tsx';
import { besideOf, testMade, type Beside } from './testMade.ts';
import { sayClock } from '../words/time.ts';
import { nowText } from '../clock/clock.ts';
import { readFigure } from '../words/readFigure.ts';
import { seqUnsent } from '../outbox/keepingBaseQuery.ts';
import { newId } from '../store/newId.ts';
import { type TestRow, useRecordTestMutation } from '../store/endpoints.ts';
import { FormProvider } from 'react-hook-form';
import { FigureField, TextField } from '../form/fields.tsx';
import { DraftIsBack } from '../form/Form.tsx';
import { useDraft } from '../form/useDraft.ts';
import { useKeysRest } from '../page/keys.tsx';

const FIRST: TestKind[] = [
  'spirit-rub',
  'sheen-look',
  'lead-swab',
  'moisture-meter',
  'cross-cut',
  'blade-lift',
  'chip-look',
];
const REST = (Object.keys(TEST_RESULTS) as TestKind[]).filter((k) => !FIRST.includes(k));

/** What goes with a result, why it is corrected, and the figure of a meter. */
type TestSaid = Beside & { note: string; value: string; waits: Waits };
/** Since when each kind of test waits here, in milliseconds: it runs on while somebody is elsewhere. */
type Waits = Partial<Record<TestKind, number | null>>;

interface Props {
  surfaceId: string;
  corrects?: TestRow | null;
  /** Which test to begin with. */
  first?: TestKind;
  /** Places named before on this surface, offered again. */
  places?: readonly string[];
  mark?: SketchPlace | null;
  /** What was recorded, under which id, and where it lies in the outbox if it is not sent yet; nothing where it was left. */
  onDone: (made?: TestRecord, id?: string, unsent?: number | null) => void;
  /** Where it is corrected: it was made elsewhere, or not at all. */
  onTakeBack?: () => void;
}

/** Recording a test: the result is the button, so that a spirit rub takes two taps. */
export function RecordTest({
  surfaceId,
  corrects = null,
  first = 'spirit-rub',
  places = [],
  mark,
  onDone,
  onTakeBack,
}: Props) {
  const [kind, setKind] = useState<TestKind>(corrects?.test.kind ?? first);
  const draft = useDraft<TestSaid>(`test/${surfaceId}/${corrects?.id ?? ''}`, {
    ...besideOf(corrects),
    note: '',
    value: '',
    waits: {},
  });
  const { said: beside, say } = draft;
  const { note } = beside;
  const [all, setAll] = useState(false);
  const [record, { isLoading, error }] = useRecordTestMutation();
  const blocked = isLoading || (corrects !== null && note.trim() === '');
  useKeysRest();
  const results = useRef<HTMLDivElement>(null);
  useFocusWhileOpen(results);
  const since = beside.waits[kind] ?? null;
  const [unsure, setUnsure] = useState(false);
  /** Nothing to be seen may only mean that its time is not up: then it is asked. */
  const give = (result: string) => {
    if (result === TEST_NOT_YET[kind] && !hasWaited(kind, since)) setUnsure(true);
    else void send({ result });
  };
  const send = async (result: Partial<TestRecord>) => {
    const test = testMade(kind, result, beside);
    const id = newId();
    const sent = await record({
      surfaceId,
      id,
      at: nowText(),
      test,
      ...(mark ? { mark } : {}),
      ...(corrects ? { corrects: corrects.id, note } : {}),
    });
    if ('error' in sent) return;
    draft.end();
    onDone(test, id, seqUnsent(sent.data));
  };
  const leave = () => {
    draft.end();
    onDone();
  };
  return (
    <FormProvider {...draft.form}>
      <section aria-label="Record a test" className="mb-4 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4">
        {corrects && (
          <div className="mb-3 max-w-[60ch]">
            <strong>This corrects a record; the first stays in the ledger.</strong>
            <TextField name="note" words="Why it is corrected" maxLength={1000} required />
          </div>
        )}
        {!corrects && (
          <WhichTest
            kinds={[...new Set([first, ...FIRST, ...(all ? REST : [])])]}
            kind={kind}
            onKind={(k) => {
              setKind(k);
              setUnsure(false);
            }}
          >
            {!all && <Chip onPress={() => setAll(true)}>Other tests …</Chip>}
          </WhichTest>
        )}
        <MethodCard kind={kind} wait={{ since, onSince: (at) => say({ waits: { ...beside.waits, [kind]: at } }) }} />
        <BesideResult kind={kind} beside={beside} say={say} />
        <div ref={results} className="flex flex-wrap gap-2" role="group" aria-label="Result">
          {kind === 'cross-cut' &&
            [0, 1, 2, 3, 4, 5].map((grade) => (
              <Result
                key={grade}
                busy={blocked}
                words={`Grade ${grade}${grade === 0 ? ', best' : ''}`}
                onPress={() => void send({ grade })}
              />
            ))}
          {kind === 'moisture-meter' && (
            <form
              className="flex items-end gap-2"
              onSubmit={(e) => void draft.form.handleSubmit(({ value }) => send({ value: readFigure(value) }))(e)}
            >
              <FigureField name="value" words={beside.scale === 'wood' ? 'Reading, %' : 'Reading'} required />
              <button
                type="submit"
                disabled={blocked}
                className="min-h-[44px] rounded border border-ink bg-ink px-4 font-semibold text-onink"
              >
                Record
              </button>
            </form>
          )}
          {kind === 'chip-look' && (
            <Result
              busy={blocked || beside.layers.length === 0}
              words={beside.layers.length ? 'Record the chip' : 'Name the layers first'}
              onPress={() => void send({})}
            />
          )}
          {(TEST_RESULTS[kind] as readonly string[]).map((result) => (
            <Result
              key={result}
              busy={blocked}
              words={capital(RESULT_LABELS[result] ?? result)}
              onPress={() => give(result)}
            />
          ))}
        </div>
        {unsure && (
          <Unsure
            kind={kind}
            busy={blocked}
            onWaited={() => void send({ result: TEST_NOT_YET[kind]! })}
            onEarly={() => void send({ result: TEST_NOT_YET[kind]!, readEarly: true })}
            onLeave={() => setUnsure(false)}
          />
        )}
        <div className="mt-3 flex flex-wrap items-end gap-3 text-sm">
          <TextField
            name="place"
            words="Place, if it matters"
            maxLength={200}
            list="places-named"
            placeholder="left of the newel"
            width="w-56"
          />
          <datalist id="places-named">
            {places.map((p) => (
              <option key={p} value={p} />
            ))}
          </datalist>
          <button type="button" onClick={leave} className="min-h-[44px] px-2 underline">
            Leave it
          </button>
          {onTakeBack && (
            <button type="button" onClick={onTakeBack} className="min-h-[44px] px-2 underline">
              It was made elsewhere, or not at all
            </button>
          )}
        </div>
        <Refused error={error} />
        <DraftIsBack draft={draft} />
      </section>
    </FormProvider>
  );
}

const hasWaited = (kind: TestKind, since: number | null) =>
  since !== null && Date.now() >= since + METHOD_CARDS[kind].waitSec * 1000;

/** Asked where nothing was seen and nobody timed it: too early it says nothing, and is written so. */
function Unsure({
  kind,
  busy,
  onWaited,
  onEarly,
  onLeave,
}: {
  kind: TestKind;
  busy: boolean;
  onWaited: () => void;
  onEarly: () => void;
  onLeave: () => void;
}) {
  return (
    <div role="alert" className="mt-3 border-l-4 border-ochre bg-paper px-3 py-2">
      <p className="max-w-[60ch]">
        It is read after {sayClock(METHOD_CARDS[kind].waitSec)}. Did it have that long? Read earlier, it stands in the
        ledger and decides nothing.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Result busy={busy} words="It had its time" onPress={onWaited} />
        <Result busy={busy} words="Read early" onPress={onEarly} />
        <button type="button" className="min-h-[44px] px-2 underline" onClick={onLeave}>
          Wait on
        </button>
      </div>
    </div>
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
