import { useState, type FormEvent } from 'react';
import { Link } from 'react-router';
import { nowText } from '../clock/clock.ts';
import { FormFoot } from '../page/FormFoot.tsx';
import { Refused } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import { type Call, useCloseFollowUpMutation, useLookAgainMutation } from '../store/endpoints.ts';

/** What was seen on looking again: it holds, or it does not; then a fault is marked. */
export function LookForm({ calls, onDone }: { calls: readonly Call[]; onDone: () => void }) {
  const [holds, setHolds] = useState<boolean | null>(null);
  const [ids] = useState(() => calls.map(() => newId()));
  const [look, { error, isLoading }] = useLookAgainMutation();
  const [closeFollowUp, closing] = useCloseFollowUpMutation();
  const first = calls[0]!;
  const send = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const note = (new FormData(event.currentTarget).get('note') as string).trim();
    for (const [i, { jobId, subject, code, what }] of calls.entries()) {
      const id = ids[i]!;
      const seen = holds ? 'it holds' : 'it does not hold';
      const sent =
        what === 'follow-up'
          ? await closeFollowUp({ followUpId: subject, id, note: note ? `${seen}: ${note}` : seen })
          : await look({ jobId, id, subject, code, holds: holds === true, note, at: nowText() });
      if ('error' in sent) return;
    }
    onDone();
  };
  const answer = (value: boolean, words: string) => (
    <button
      type="button"
      aria-pressed={holds === value}
      className={`min-h-[44px] rounded border border-ink px-4 font-semibold ${holds === value ? 'bg-ink text-onink' : 'bg-leaf'}`}
      onClick={() => setHolds(value)}
    >
      {words}
    </button>
  );
  return (
    <form aria-label="What was seen" className="mt-2 border-l-4 border-ink pl-3" onSubmit={(e) => void send(e)}>
      <div className="flex flex-wrap gap-2.5">
        {answer(true, 'It holds')}
        {answer(false, 'It does not')}
      </div>
      <label className="mt-2 block text-sm">
        What was seen
        <input name="note" maxLength={600} className="block w-full max-w-[460px]" />
      </label>
      {holds === false && (
        <p className="mt-1 text-sm">
          Write it down here, then{' '}
          <Link className="underline" to={`/jobs/${first.jobId}/punch`}>
            mark the fault on the punch list
          </Link>
          : it asks for the cause first.
        </p>
      )}
      <Refused error={error ?? closing.error} />
      <FormFoot
        words="Write it down"
        busy={isLoading || closing.isLoading}
        disabled={holds === null}
        onLeave={onDone}
      />
    </form>
  );
}
