import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Button } from '../form/Button.tsx';
import { FilePick } from '../form/FilePick.tsx';
import { Refused } from '../page/Page.tsx';
import { type JobFileHolds, useBringJobInMutation, useLookIntoJobMutation } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import { counted } from '../words/counted.ts';
import { sayMoney } from '../words/figures.ts';
import { useWords } from '../words/Words.tsx';

/** Brings a whole job in from its file: looked into first, then here whole, or not at all. */
export function BringIn({ onDone }: { onDone: () => void }) {
  const navigate = useNavigate();
  const [file, setFile] = useState<File | null>(null);
  const [look, looked] = useLookIntoJobMutation();
  const [bring, brought] = useBringJobInMutation();
  const pick = (chosen: File) => {
    setFile(chosen);
    brought.reset();
    void look(chosen);
  };
  const send = async () => {
    const sent = await bring({ id: newId(), body: file! });
    if (!sent.data) return;
    onDone();
    void navigate(`/jobs/${sent.data.jobId}`);
  };
  const holds = looked.data;
  return (
    <section aria-labelledby="bring-in" className="mb-4 border-y-2 border-ink bg-leaf p-4">
      <h2 id="bring-in" className="text-[17px]">
        Bring in a whole job
      </h2>
      <p className="mt-1 mb-2">The file of a job: the zip with its photos, or the file alone where it has none.</p>
      <FilePick
        accept=".zip,.json,application/zip,application/json"
        disabled={looked.isLoading || brought.isLoading}
        autoFocus
        onPick={pick}
      >
        {holds ? 'Choose another' : 'Choose the file of a job'}
      </FilePick>
      {(looked.isLoading || brought.isLoading) && (
        <p role="status">Reading it, holding every entry against its hash and every photo against its entry …</p>
      )}
      {holds && <Holds holds={holds} />}
      {holds?.already && (
        <p role="status" className="font-semibold">
          This job is here already, entry for entry. There is nothing to bring in.{' '}
          <Link className="underline" to={`/jobs/${holds.jobId}`}>
            Open it
          </Link>
        </p>
      )}
      <Refused error={looked.error ?? brought.error} />
      <div className="mt-2 flex flex-wrap items-center gap-4">
        {holds && !holds.already && (
          <Button look="main" busy={brought.isLoading} busyWords="Bringing it in …" onClick={() => void send()}>
            Bring it in
          </Button>
        )}
        <button type="button" onClick={onDone} className="min-h-[44px] px-2 underline">
          Leave it
        </button>
      </div>
    </section>
  );
}

/** What the file holds, as somebody decides by it. */
function Holds({ holds }: { holds: JobFileHolds }) {
  const { sayDate } = useWords();
  const { from, currency } = holds;
  const money = from && from.currency !== currency;
  return (
    <div aria-live="polite" className="my-3 border border-rule bg-paper p-3">
      <h3 className="text-[17px]">{holds.title}</h3>
      <p className="text-faded">
        {[holds.place, holds.client && `for ${holds.client}`, from && `from ${from.firm}`].filter(Boolean).join(' · ')}
      </p>
      <p className="mt-1">
        {counted(holds.rooms, 'room')}, {counted(holds.surfaces, 'surface')}, {counted(holds.tests, 'test')},{' '}
        {counted(holds.steps, 'step')} logged, {counted(holds.photos, 'photo')}
        {holds.products > 0 && `, ${counted(holds.products, 'product')} of its own`};{' '}
        {counted(holds.entries, 'entry', 'entries')}
        {holds.firstAt && holds.lastAt && ` from ${sayDate(holds.firstAt)} to ${sayDate(holds.lastAt)}`}
        {holds.people.length > 0 && ` by ${holds.people.join(', ')}`}.
      </p>
      {holds.quotes.length > 0 && (
        <ul className="mt-1">
          {holds.quotes.map((q) => (
            <li key={q.marked}>
              {q.marked}
              {q.total === undefined ? '' : `: ${sayMoney(q.total, q.currency)}`}
              {q.agreedBy ? `, agreed by ${q.agreedBy}` : ', not agreed'}
            </li>
          ))}
        </ul>
      )}
      {money && (
        <p className="mt-1 border-l-[3px] border-ochre pl-3">
          It was priced in {from.currency}. What was sent, agreed and set by hand there stays in {from.currency}; what
          is priced here is in {currency}.
        </p>
      )}
      <p className="mt-1 text-faded">
        Its crew is not yours: whoever paints here is put on its plan, and its record goes on under your firm.
      </p>
    </div>
  );
}
