import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Form } from '../form/Form.tsx';
import { LinesField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { newId, newToken } from '../store/newId.ts';
import { type JobMailBody, useWriteToClientMutation } from '../store/endpoints.ts';

interface Props {
  jobId: string;
  what: JobMailBody['what'];
  /** Where the client was written to last, or is to be. */
  to: string | null;
  /** What its button does, in words. */
  words: string;
  onLeave?: () => void;
  children?: ReactNode;
}

/** Writes to the client of a job: the paper goes with it, and for a quote the way in. */
export function WriteToClient({ jobId, what, to, words, onLeave, children }: Props) {
  const draft = useDraft(`write/${what}/${jobId}`, { to: to ?? '', note: '' });
  const [write, { data: written, isLoading, error }] = useWriteToClientMutation();
  if (written)
    return (
      <p role="status" className="my-2 border-l-4 border-verdigris pl-3">
        {written.state === 'failed' ? written.fault : `Written to ${written.toAddress}.`}{' '}
        <Link className="inline-flex min-h-[44px] items-center underline" to="/post">
          To the post
        </Link>
      </p>
    );
  const link = what === 'quote' || what === 'reminder';
  return (
    <Form
      draft={draft}
      label={words}
      words={words}
      busy={isLoading}
      error={error}
      className="my-2 border border-ink bg-leaf p-3"
      onSend={(said) =>
        write({
          jobId,
          id: newId(),
          what,
          to: said.to.trim(),
          ...(link ? { token: newToken(), note: said.note.trim() } : {}),
        })
      }
      {...(onLeave ? { onLeave } : {})}
    >
      {children}
      <div className="grid gap-3 wide:grid-cols-2">
        <TextField name="to" words="E-mail address of the client" type="email" required maxLength={160} />
        {link && <LinesField name="note" words="In your own words, if you like" maxLength={2000} />}
      </div>
    </Form>
  );
}
