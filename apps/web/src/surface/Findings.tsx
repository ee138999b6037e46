import { useState } from 'react';
import { CONDITION_LABELS, type Condition } from '@rustic/core';
import { ConditionChips } from '../surfaceForm/ConditionChips.tsx';
import { changesIn } from '../words/changes.ts';
import { nowText } from '../clock/clock.ts';
import { newId } from '../store/newId.ts';
import { type SurfacePage, useNoteFindingMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Form } from '../form/Form.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';

/** What sanding and washing bring out most often. */
const USUAL: Condition[] = [
  'rot',
  'proud-nails',
  'flaking',
  'peeling',
  'filler-patches',
  'gaps',
  'mould',
  'damp',
  'knots',
  'tannin-bleed',
  'substrate-crack',
  'end-grain',
];

/** Recording what the work has uncovered: the diagnosis runs again, and what it changes is said at once. */
export function FindingForm({ surfaceId, onDone }: { surfaceId: string; onDone: () => void }) {
  const [id] = useState(newId);
  const draft = useDraft(`finding/${surfaceId}`, { conditions: [] as Condition[], note: '' });
  const { conditions } = draft.said;
  const [send, { isLoading, error }] = useNoteFindingMutation();
  const record = ({ note }: typeof draft.said) => send({ surfaceId, id, at: nowText(), conditions, note: note.trim() });
  return (
    <Form
      draft={draft}
      label="Found while working"
      words="Record it"
      busy={isLoading}
      disabled={conditions.length === 0}
      error={error}
      className="mb-4 border-y-2 border-ink bg-leaf p-3 wide:p-4"
      onSend={record}
      onSent={onDone}
      onLeave={onDone}
    >
      <h2 className="mb-2 text-[18px]">Found while working</h2>
      <ConditionChips
        label="What was found"
        usual={USUAL}
        chosen={conditions}
        onChoose={(chosen) => draft.say({ conditions: chosen })}
      />
      <TextField name="note" words="Where, and how much" maxLength={1000} className="mt-3 max-w-[60ch]" />
    </Form>
  );
}

/** Findings so far, each with what it changed: marked, so that the price can be varied openly. */
export function FindingsOf({ data }: { data: SurfacePage }) {
  const { sayStep, sayTime } = useWords();
  if (data.findings.length === 0) return null;
  return (
    <section aria-label="Found while working" className="mt-3">
      {data.findings.map((f) => (
        <div key={f.id} className="border-l-4 border-ochre bg-wash px-3 py-2 text-[14.5px]">
          <strong>Found while working: {f.conditions.map((c) => CONDITION_LABELS[c]).join(', ')}.</strong>{' '}
          {f.note && `${f.note}. `}
          <span className="text-faded">
            {f.byName}, {sayTime(f.at)}
          </span>
          <p className="text-sm">{changesIn(f, data.firm.currency, sayStep)}</p>
        </div>
      ))}
    </section>
  );
}
