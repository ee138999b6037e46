import { unanswered } from '@rustic/core';
import { SaidSoFar } from '../client/Replies.tsx';
import { Form } from '../form/Form.tsx';
import { LinesField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { newId } from '../store/newId.ts';
import { type PricePage, useAnswerClientMutation } from '../store/endpoints.ts';

/** What the client asked or said no to, and the answer that they read on their link. */
export function ClientSaid({ data }: { data: PricePage }) {
  const { replies } = data;
  if (replies.length === 0) return null;
  const [open] = unanswered(replies);
  return (
    <section aria-labelledby="client-said" className="mb-5">
      <h2 id="client-said" className="border-b-2 border-ink pb-0.5 text-[19px]">
        What the client says
      </h2>
      <SaidSoFar replies={replies} />
      {open && <Answer key={open.id} jobId={data.job.id} to={open} />}
    </section>
  );
}

function Answer({ jobId, to }: { jobId: string; to: PricePage['replies'][number] }) {
  const draft = useDraft(`answer/${to.id}`, { words: '' });
  const [answer, { isLoading, error }] = useAnswerClientMutation();
  return (
    <Form
      draft={draft}
      label={`Answer ${to.name}`}
      words="Answer"
      busy={isLoading}
      error={error}
      className="no-print mt-2"
      onSend={({ words }) => answer({ jobId, id: newId(), answers: to.id, words: words.trim() })}
    >
      <LinesField name="words" words={`Answer ${to.name}, on the link`} required maxLength={2000} />
    </Form>
  );
}
