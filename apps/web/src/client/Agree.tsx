import { useState } from 'react';
import { optionFault, printMoney } from '@rustic/core';
import { TextField } from '../form/fields.tsx';
import { Form } from '../form/Form.tsx';
import { useDraft } from '../form/useDraft.ts';
import { type ClientView, useAgreeMutation } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import { useWords } from '../words/Words.tsx';

interface AgreeProps {
  data: ClientView;
  token: string;
  chosen: readonly string[];
  total: string;
  onReload: () => void;
}

/** Agreeing is to exactly this version: name, options and sum are written into the firm's record. */
export function Agree({ data, ...rest }: AgreeProps) {
  const { sayTime } = useWords();
  const { agreement, quote } = data;
  if (!agreement) return <AgreeForm data={data} {...rest} />;
  return (
    <p role="status" className="mt-6 border-l-4 border-verdigris bg-leaf px-3 py-2">
      <strong>Agreed.</strong> {agreement.name} agreed to {data.marked} {sayTime(agreement.at)},{' '}
      {printMoney(agreement.total, quote.currency)}. If anything changes, you are asked again.
    </p>
  );
}

function AgreeForm({ data, token, chosen, total, onReload }: AgreeProps) {
  const { sayDate } = useWords();
  const { quote } = data;
  const draft = useDraft(`agree/${data.documentId}`, { name: '' });
  const [id] = useState(newId);
  const [agree, { isLoading, error }] = useAgreeMutation();
  const send = ({ name }: typeof draft.said) =>
    agree({ token, id, documentId: data.documentId, name, options: [...chosen] });
  return (
    <Form
      draft={draft}
      label="Agree"
      words={`I agree, ${total}`}
      busy={isLoading}
      disabled={draft.said.name.trim().length < 2 || optionFault(quote, chosen) !== null}
      error={error}
      className="no-print mt-6 border-2 border-ink bg-leaf p-4"
      onSend={send}
    >
      <h2 className="text-[19px]">Agree to this</h2>
      <p className="text-sm text-faded">
        Held until {sayDate(quote.heldUntil)}. You agree to {data.marked}, with what you ticked, and to nothing else.
      </p>
      <TextField
        name="name"
        words="Your name"
        required
        minLength={2}
        maxLength={120}
        autoComplete="name"
        className="mt-2"
        width="w-full max-w-[360px]"
      />
      {Boolean(error) && (
        <button type="button" className="min-h-[44px] underline" onClick={onReload}>
          Read it again
        </button>
      )}
    </Form>
  );
}
