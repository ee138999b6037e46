import { useState } from 'react';
import { Button } from '../form/Button.tsx';
import { Form } from '../form/Form.tsx';
import { LinesField, SelectField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { newId } from '../store/newId.ts';
import { type ClientReply, type ClientView, useReplyAsClientMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** What was asked and answered, in its order. */
export function SaidSoFar({ replies }: { replies: readonly ClientReply[] }) {
  const { sayTime } = useWords();
  if (replies.length === 0) return null;
  return (
    <ul aria-label="Said so far">
      {replies.map((r) => (
        <li key={r.id} className={`border-b border-rule py-1.5 ${r.kind === 'answer' ? 'pl-6' : ''}`}>
          <strong>{r.name}</strong>
          {r.kind === 'no' && ' says no'}
          {r.about && r.kind !== 'answer' && <span className="text-faded">, about {r.about}</span>}
          <span className="text-faded">, {sayTime(r.at)}</span>
          <span className="block whitespace-pre-line">{r.words}</span>
        </li>
      ))}
    </ul>
  );
}

/** Beside agreeing: a question about a line, or no with its reason. */
export function Replies({ data, token, onSaid }: { data: ClientView; token: string; onSaid: () => void }) {
  const [saying, setSaying] = useState<'question' | 'no' | null>(null);
  return (
    <section aria-labelledby="replies" className="no-print mt-6">
      <h2 id="replies" className="text-[19px]">
        Questions
      </h2>
      <SaidSoFar replies={data.replies} />
      {saying ? (
        <ReplyForm
          key={saying}
          data={data}
          token={token}
          kind={saying}
          onDone={(said) => {
            setSaying(null);
            if (said) onSaid();
          }}
        />
      ) : (
        <p className="flex flex-wrap items-center gap-x-5 py-1">
          <Button onClick={() => setSaying('question')}>Ask about something</Button>
          {!data.agreement && (
            <Button look="plain" onClick={() => setSaying('no')}>
              No, thank you
            </Button>
          )}
        </p>
      )}
    </section>
  );
}

interface FormProps {
  data: ClientView;
  token: string;
  kind: 'question' | 'no';
  onDone: (said: boolean) => void;
}

function ReplyForm({ data, token, kind, onDone }: FormProps) {
  const lines = [...new Set(data.quote.lines.map((l) => `${l.room}, ${l.name}`))];
  const draft = useDraft(`reply/${data.documentId}/${kind}`, { about: '', words: '', name: '' });
  const [reply, { isLoading, error }] = useReplyAsClientMutation();
  return (
    <Form
      draft={draft}
      label={kind === 'no' ? 'Say no' : 'Ask'}
      words={kind === 'no' ? 'Say no' : 'Ask'}
      busy={isLoading}
      error={error}
      className="border-2 border-ink bg-leaf p-4"
      onSend={({ about, words, name }) =>
        reply({
          token,
          id: newId(),
          documentId: data.documentId,
          kind,
          ...(about ? { about } : {}),
          words: words.trim(),
          name: name.trim(),
        })
      }
      onSent={() => onDone(true)}
      onLeave={() => onDone(false)}
    >
      <div className="grid gap-3">
        {kind === 'question' && (
          <SelectField name="about" words="About" unsaid="all of it" options={lines} say={(line) => line} />
        )}
        <LinesField
          name="words"
          words={kind === 'no' ? 'Why, so that we know' : 'What would you like to know?'}
          required
          maxLength={2000}
        />
        <TextField name="name" words="Your name" required minLength={2} maxLength={120} autoComplete="name" />
      </div>
    </Form>
  );
}
