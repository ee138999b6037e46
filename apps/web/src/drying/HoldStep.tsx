import { useState, type FormEvent } from 'react';
import { Refused } from '../page/Page.tsx';
import { instantOf } from '../words/time.ts';
import { type PlanPage, useHoldStepMutation, useReleaseHoldMutation } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import { useWords } from '../words/Words.tsx';

/** Another trade comes first: the chosen step waits for its date, until it is let go. */
export function HoldStep({ data, chosen }: { data: PlanPage; chosen: string }) {
  const { sayTime } = useWords();
  const [surfaceId, stepId] = chosen.split('/') as [string, string];
  const [open, setOpen] = useState(false);
  const [day, setDay] = useState('');
  const [hour, setHour] = useState('08:00');
  const [reason, setReason] = useState('');
  const [hold, holding] = useHoldStepMutation();
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
  const send = (event: FormEvent) => {
    event.preventDefault();
    const until = instantOf(day, hour, data.input.timeZone);
    void hold({ surfaceId, id: newId(), stepId, until, reason: reason.trim() });
  };
  return (
    <form
      onSubmit={send}
      className="no-print my-2 flex flex-wrap items-end gap-3 border-y-2 border-ink bg-leaf px-4 py-3"
    >
      <label className="text-sm">
        Not before
        <input required type="date" value={day} onChange={(e) => setDay(e.target.value)} className="block" />
      </label>
      <label className="text-sm">
        at
        <input required type="time" value={hour} onChange={(e) => setHour(e.target.value)} className="block" />
      </label>
      <label className="text-sm">
        because
        <input
          required
          minLength={3}
          maxLength={400}
          value={reason}
          placeholder="the joiner hangs the door"
          onChange={(e) => setReason(e.target.value)}
          className="block w-72 max-w-full"
        />
      </label>
      <button
        type="submit"
        disabled={holding.isLoading}
        className="min-h-[44px] rounded bg-ink px-5 font-semibold text-onink"
      >
        {holding.isLoading ? 'Planning …' : 'Hold it'}
      </button>
      <button type="button" className="min-h-[44px] underline" onClick={() => setOpen(false)}>
        Leave it
      </button>
      <Refused error={holding.error} />
    </form>
  );
}
