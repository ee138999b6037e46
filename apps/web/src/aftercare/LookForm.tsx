import { useState } from 'react';
import { Link } from 'react-router';
import { nowText } from '../clock/clock.ts';
import { newId } from '../store/newId.ts';
import { type Call, useCloseFollowUpMutation, useLookAgainMutation } from '../store/endpoints.ts';
import { Form } from '../form/Form.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { Chip } from '../page/Act.tsx';

/** What was seen on looking again: it holds, or it does not; then a fault is marked. */
export function LookForm({ calls, onDone }: { calls: readonly Call[]; onDone: () => void }) {
  const first = calls[0]!;
  const draft = useDraft(`look/${first.subject}/${first.code}`, { holds: null as boolean | null, note: '' });
  const { holds } = draft.said;
  const [ids] = useState(() => calls.map(() => newId()));
  const [look, { error, isLoading }] = useLookAgainMutation();
  const [closeFollowUp, closing] = useCloseFollowUpMutation();
  const send = async ({ note: typed }: typeof draft.said) => {
    const note = typed.trim();
    let sent: Awaited<ReturnType<typeof look | typeof closeFollowUp>> | null = null;
    for (const [i, { jobId, subject, code, what }] of calls.entries()) {
      const id = ids[i]!;
      const seen = holds ? 'it holds' : 'it does not hold';
      sent =
        what === 'follow-up'
          ? await closeFollowUp({ followUpId: subject, id, note: note ? `${seen}: ${note}` : seen })
          : await look({ jobId, id, subject, code, holds: holds === true, note, at: nowText() });
      if ('error' in sent) break;
    }
    return sent;
  };
  const answer = (value: boolean, words: string) => (
    <Chip pressed={holds === value} onPress={() => draft.say({ holds: value })}>
      <strong className="px-1">{words}</strong>
    </Chip>
  );
  return (
    <Form
      draft={draft}
      label="What was seen"
      words="Write it down"
      busy={isLoading || closing.isLoading}
      disabled={holds === null}
      error={error ?? closing.error}
      className="mt-2 border-l-4 border-ink pl-3"
      onSend={send}
      onSent={onDone}
      onLeave={onDone}
    >
      <div className="flex flex-wrap gap-2.5">
        {answer(true, 'It holds')}
        {answer(false, 'It does not')}
      </div>
      <TextField name="note" words="What was seen" maxLength={600} className="mt-2" width="w-full max-w-[460px]" />
      {holds === false && (
        <p className="mt-1 text-sm">
          Write it down here, then{' '}
          <Link className="underline" to={`/jobs/${first.jobId}/punch`}>
            mark the fault on the punch list
          </Link>
          : it asks for the cause first.
        </p>
      )}
    </Form>
  );
}
