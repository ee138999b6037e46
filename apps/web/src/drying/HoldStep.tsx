import { useState } from 'react';
import { Refused } from '../page/Page.tsx';
import { instantOf } from '../words/instant.ts';
import { type PlanPage, useHoldStepMutation, useReleaseHoldMutation } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import { useWords } from '../words/Words.tsx';
import { Form } from '../form/Form.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';

/** Another trade comes first: the chosen step waits for its date, until it is let go. */
export function HoldStep({ data, chosen }: { data: PlanPage; chosen: string }) {
  const { sayTime } = useWords();
  const [surfaceId, stepId] = chosen.split('/') as [string, string];
  const [open, setOpen] = useState(false);
  const [release, releasing] = useReleaseHoldMutation();
  const done = data.input.surfaces.find((s) => s.id === surfaceId)?.steps.find((t) => t.id === stepId)?.done;
  const held = data.holds.find((h) => h.surfaceId === surfaceId && h.stepId === stepId);
  if (held)
    return (
      <p className="no-print text-[14.5px]">
        Held by {held.byName}: {held.reason}
        {held.until ? `, until ${sayTime(held.until)}.` : '.'}{' '}
        <button
          type="button"
          disabled={releasing.isLoading}
          className="min-h-[44px] underline"
          onClick={() => void release({ holdId: held.id, id: newId() })}
        >
          Let it go
        </button>
        <Refused error={releasing.error} />
      </p>
    );
  if (done) return null;
  if (!open)
    return (
      <button type="button" className="no-print min-h-[44px] text-[14.5px] underline" onClick={() => setOpen(true)}>
        Another trade comes first
      </button>
    );
  return <Hold data={data} surfaceId={surfaceId} stepId={stepId} onDone={() => setOpen(false)} />;
}

interface HoldProps {
  data: PlanPage;
  surfaceId: string;
  stepId: string;
  onDone: () => void;
}

function Hold({ data, surfaceId, stepId, onDone }: HoldProps) {
  const draft = useDraft(`hold/${surfaceId}/${stepId}`, { day: '', hour: '08:00', reason: '' });
  const [hold, { isLoading, error }] = useHoldStepMutation();
  const send = ({ day, hour, reason }: typeof draft.said) => {
    const until = instantOf(day, hour, data.input.timeZone);
    return hold({ surfaceId, id: newId(), stepId, until, reason: reason.trim() });
  };
  return (
    <Form
      draft={draft}
      label="Another trade comes first"
      words="Hold it"
      busy={isLoading}
      error={error}
      className="no-print my-2 flex flex-wrap items-end gap-3 border-y-2 border-ink bg-leaf px-4 py-3"
      footClass=""
      onSend={send}
      onSent={onDone}
      onLeave={onDone}
    >
      <TextField name="day" words="Not before" type="date" required width="" />
      <TextField name="hour" words="at" type="time" required width="" />
      <TextField
        name="reason"
        words="because"
        required
        minLength={3}
        maxLength={400}
        placeholder="the joiner hangs the door"
        width="w-72"
      />
    </Form>
  );
}
