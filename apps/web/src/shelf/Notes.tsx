import { useState } from 'react';
import { Link } from 'react-router';
import { Chip } from '../page/Act.tsx';
import { claimsOf, type Claim } from './claims.ts';
import { newId } from '../store/newId.ts';
import { type KeptProduct, type ProductNote, useAddNoteMutation, useJobNamesQuery, useTrialsQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Form } from '../form/Form.tsx';
import { LinesField, SelectField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';

const STANDING = { believed: 'believed, not tried', tried: 'tried, and held', refuted: 'refuted' } as const;
type Writing = { kind: 'note' } | { kind: 'claim'; about: Claim | null };

/** The firm's notes on a product, and the label's claims as they stand. Nothing is changed: what is found is added. */
export function Notes({ product }: { product: KeptProduct }) {
  const [writing, setWriting] = useState<Writing | null>(null);
  const claims = claimsOf(product.notes);
  const plain = product.notes.filter((n) => n.kind === 'note');
  return (
    <section aria-labelledby="notes" className="mt-4">
      <h2 id="notes" className="text-[19px]">
        What we found
      </h2>
      {product.notes.length === 0 && !writing && <p className="text-faded">Nothing noted yet: how it sands, sprays, where it is had.</p>}
      <ul>
        {plain.map((n) => (
          <li key={n.id} className="border-b border-rule py-1">
            {n.text} <By note={n} />
          </li>
        ))}
        {claims.map((c) => (
          <li key={c.id} className="border-b border-rule py-1">
            <span className="text-faded">The label claims:</span> {c.text} <strong className={c.standing === 'refuted' ? 'text-madder' : ''}>{STANDING[c.standing]}</strong>
            {c.since.map((n) => (
              <span key={n.id} className="block pl-4 text-sm">
                {n.text} <By note={n} />
              </span>
            ))}
            <button type="button" className="block min-h-[44px] text-sm underline wide:min-h-[28px]" onClick={() => setWriting({ kind: 'claim', about: c })}>
              It came out so
            </button>
          </li>
        ))}
      </ul>
      {writing ? (
        <WriteNote productId={product.id} writing={writing} onDone={() => setWriting(null)} />
      ) : (
        <div className="flex gap-4">
          <button type="button" className="min-h-[44px] underline" onClick={() => setWriting({ kind: 'note' })}>
            Add a note
          </button>
          <button type="button" className="min-h-[44px] underline" onClick={() => setWriting({ kind: 'claim', about: null })}>
            Note a claim
          </button>
        </div>
      )}
    </section>
  );
}

function By({ note }: { note: ProductNote }) {
  const { sayDate } = useWords();
  return (
    <span className="text-[13px] text-faded">
      {note.byName}, {sayDate(note.at)}
      {note.trialId && (
        <>
          ,{' '}
          <Link className="underline" to={`/trials/${note.trialId}`}>
            the trial
          </Link>
        </>
      )}
      {note.jobId && (
        <>
          ,{' '}
          <Link className="underline" to={`/jobs/${note.jobId}`}>
            the job
          </Link>
        </>
      )}
    </span>
  );
}

function WriteNote({ productId, writing, onDone }: { productId: string; writing: Writing; onDone: () => void }) {
  const claim = writing.kind === 'claim';
  const about = writing.kind === 'claim' ? writing.about : null;
  const draft = useDraft(`note/${productId}/${about?.id ?? writing.kind}`, {
    text: '',
    standing: 'believed' as keyof typeof STANDING,
    shownBy: '',
  });
  const { standing } = draft.said;
  const { data: trials } = useTrialsQuery();
  const { data: jobs } = useJobNamesQuery();
  const [add, { isLoading, error }] = useAddNoteMutation();
  const shown = [...(trials ?? []).map((t) => [`trial/${t.id}`, `Trial: ${t.title}`] as const), ...(jobs ?? []).map((j) => [`job/${j.id}`, `Call-back: ${j.title}`] as const)];
  const send = ({ text, shownBy }: typeof draft.said) => {
    const [what, id] = shownBy.split('/');
    return add({
      productId,
      id: newId(),
      kind: writing.kind,
      text,
      ...(claim ? { standing, about: about?.id ?? null } : {}),
      ...(what === 'trial' ? { trialId: id! } : what === 'job' ? { jobId: id! } : {}),
    });
  };
  return (
    <Form draft={draft} label="What was found" words="Keep" busy={isLoading} error={error} className="py-1" footClass="mt-2" onSend={send} onSent={onDone} onLeave={onDone}>
      <LinesField name="text" words={!claim ? 'Note' : about ? 'What was seen' : 'What the label claims'} required maxLength={600} />
      {claim && (
        <div role="group" aria-label="How it stands" className="mt-1 flex flex-wrap gap-1.5">
          {(['believed', 'tried', 'refuted'] as const).map((s) => (
            <Chip key={s} pressed={standing === s} onPress={() => draft.say({ standing: s })}>
              {STANDING[s]}
            </Chip>
          ))}
        </div>
      )}
      {claim && (
        <SelectField
          name="shownBy"
          words="Shown by"
          unsaid="nothing in particular"
          options={shown.map(([key]) => key)}
          say={(key) => shown.find(([one]) => one === key)![1]}
          className="mt-1"
          width="w-full max-w-[360px]"
        />
      )}
    </Form>
  );
}
