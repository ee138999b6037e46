import { useState } from 'react';
import { Link } from 'react-router';
import { sayFromNow } from '../words/time.ts';
import { newId } from '../store/newId.ts';
import { type FollowUp, useCloseFollowUpMutation } from '../store/endpoints.ts';
import { Form } from '../form/Form.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';

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
      {open && <Look followUp={followUp} onDone={() => setOpen(false)} />}
    </li>
  );
}

function Look({ followUp, onDone }: { followUp: FollowUp; onDone: () => void }) {
  const [id] = useState(newId);
  const draft = useDraft(`follow-up/${followUp.id}`, { note: '' });
  const [close, { error, isLoading }] = useCloseFollowUpMutation();
  const send = ({ note }: typeof draft.said) => close({ followUpId: followUp.id, id, note: note.trim() });
  return (
    <Form
      draft={draft}
      words="Write it down"
      busy={isLoading}
      error={error}
      className="mt-1 flex flex-wrap items-end gap-3"
      footClass=""
      onSend={send}
      onSent={onDone}
      onLeave={onDone}
    >
      <TextField name="note" words="What was seen" required minLength={2} maxLength={600} width="w-72" />
    </Form>
  );
}
