import { useState } from 'react';
import { Link } from 'react-router';
import { Refused } from '../page/Page.tsx';
import { sayFromNow } from '../words/time.ts';
import { newId } from '../store/newId.ts';
import { type FollowUp, useCloseFollowUpMutation } from '../store/endpoints.ts';

/** What is to be looked at again because of how it was laid, those that are due. */
export function FollowUps({ followUps, now }: { followUps: readonly FollowUp[]; now: number }) {
  if (followUps.length === 0) return null;
  return (
    <section className="mb-5">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">
        To look at again
        <span className="ml-2 font-sans text-sm font-normal text-faded">{followUps.length}</span>
      </h2>
      <ul>
        {followUps.map((f) => (
          <One key={f.id} followUp={f} now={now} />
        ))}
      </ul>
    </section>
  );
}

function One({ followUp, now }: { followUp: FollowUp; now: number }) {
  const [open, setOpen] = useState(false);
  const [note, setNote] = useState('');
  const [id] = useState(newId);
  const [close, { error, isLoading }] = useCloseFollowUpMutation();
  const due = Math.round(Date.parse(followUp.dueAt) / 60_000);
  return (
    <li className="border-b border-rule py-2">
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <div className="min-w-0 flex-1 basis-[220px]">
          <Link className="font-semibold hover:underline" to={`/jobs/${followUp.jobId}/surfaces/${followUp.surfaceId}`}>
            {followUp.name}
          </Link>
          <div className="text-sm text-faded">{followUp.words}</div>
        </div>
        <span className="whitespace-nowrap">{due <= now ? 'now' : sayFromNow(due, now)}</span>
        <button
          type="button"
          className="min-h-[44px] rounded border border-ink px-4 font-semibold"
          onClick={() => setOpen(!open)}
        >
          {open ? 'Leave it' : 'Looked'}
        </button>
      </div>
      {open && (
        <form
          className="mt-1 flex flex-wrap items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            void close({ followUpId: followUp.id, id, note: note.trim() });
          }}
        >
          <label className="text-sm">
            What was seen
            <input
              required
              minLength={2}
              maxLength={600}
              value={note}
              onChange={(e) => setNote(e.target.value)}
              className="block w-72 max-w-full"
            />
          </label>
          <button
            type="submit"
            disabled={isLoading}
            className="min-h-[44px] rounded bg-ink px-5 font-semibold text-onink"
          >
            {isLoading ? 'Writing …' : 'Write it down'}
          </button>
          <Refused error={error} />
        </form>
      )}
    </li>
  );
}
