import { useState } from 'react';
import { nowText } from '../clock/clock.ts';
import { Button } from '../form/Button.tsx';
import { Form } from '../form/Form.tsx';
import { LinesField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { newId } from '../store/newId.ts';
import { useMay } from '../store/useMay.ts';
import { type PunchPage, useHandOverMutation, useTakeHandoverBackMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** The hand-over: an act of its own, with who was there; logging the last step does not do it. */
export function HandOver({ data }: { data: PunchPage }) {
  const may = useMay();
  const [open, setOpen] = useState(false);
  const { handedOver, status } = data.job;
  if (handedOver) return <Done data={data} />;
  // Jobs that ended before there was such an act.
  if (status === 'aftercare' || !may.make || data.surfaces.length === 0) return null;
  return (
    <section aria-label="Hand-over" className="mb-5">
      {open ? (
        <HandOverForm data={data} onDone={() => setOpen(false)} />
      ) : (
        <p className="flex flex-wrap items-center gap-x-4 gap-y-2">
          <Button onClick={() => setOpen(true)}>Hand it over</Button>
          <span className="text-faded">
            {data.unfinished.length === 0
              ? 'Everything is finished. Walk it with the client, then hand it over.'
              : `Not finished yet: ${data.unfinished.join(', ')}.`}
          </span>
        </p>
      )}
    </section>
  );
}

function HandOverForm({ data, onDone }: { data: PunchPage; onDone: () => void }) {
  const draft = useDraft(`hand-over/${data.job.id}`, { withWhom: '', note: '' });
  const [handOver, { isLoading, error }] = useHandOverMutation();
  const untried = data.checks.filter((c) => !c.tried).length;
  const faults = data.faults.filter((f) => f.act === null).length;
  const left = [
    data.unfinished.length > 0 && `not finished: ${data.unfinished.join(', ')}`,
    untried > 0 && `${untried} not tried yet`,
    faults > 0 && `${faults} marked and not mended`,
  ].filter(Boolean);
  return (
    <Form
      draft={draft}
      label="Hand it over"
      words="Hand it over"
      busy={isLoading}
      error={error}
      className="border-y-2 border-ink bg-leaf p-4"
      onSend={({ withWhom, note }) =>
        handOver({ jobId: data.job.id, id: newId(), at: nowText(), withWhom: withWhom.trim(), note: note.trim() })
      }
      onSent={onDone}
      onLeave={onDone}
    >
      <p className="mb-2 max-w-[70ch]">
        {left.length === 0 ? 'Everything is finished, tried and mended.' : `Still open: ${left.join('; ')}.`}
      </p>
      <div className="grid gap-3 wide:grid-cols-2">
        <TextField name="withWhom" words="Who was there" required maxLength={200} placeholder="Mrs Wherry" autoFocus />
        <LinesField
          name="note"
          words={data.unfinished.length > 0 ? 'Why it is handed over all the same' : 'What was said, if anything'}
          required={data.unfinished.length > 0}
          maxLength={1000}
        />
      </div>
    </Form>
  );
}

function Done({ data }: { data: PunchPage }) {
  const { sayTime } = useWords();
  const may = useMay();
  const [taking, setTaking] = useState(false);
  const draft = useDraft(`hand-over-back/${data.job.id}`, { note: '' });
  const [takeBack, { isLoading, error }] = useTakeHandoverBackMutation();
  const { at, by, withWhom, note } = data.job.handedOver!;
  return (
    <section aria-label="Hand-over" className="mb-5">
      <p>
        <strong>Handed over {sayTime(at, data.now)}</strong> by {by}, with {withWhom}.{note && ` ${note}`}{' '}
        {may.make && !taking && (
          <Button look="plain" onClick={() => setTaking(true)}>
            It was not
          </Button>
        )}
      </p>
      {taking && (
        <Form
          draft={draft}
          label="Take the hand-over back"
          words="Take it back"
          busy={isLoading}
          error={error}
          className="border-y-2 border-ink bg-leaf p-4"
          onSend={(said) => takeBack({ jobId: data.job.id, id: newId(), note: said.note.trim() })}
          onSent={() => setTaking(false)}
          onLeave={() => setTaking(false)}
        >
          <TextField name="note" words="Why; the work goes on" required maxLength={400} autoFocus />
        </Form>
      )}
    </section>
  );
}
