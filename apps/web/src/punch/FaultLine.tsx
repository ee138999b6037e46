import { useState } from 'react';
import { Link } from 'react-router';
import { FAULT_LABELS, MENDS, type Mend } from '@rustic/core';
import { nowText } from '../clock/clock.ts';
import { Chip } from '../page/Act.tsx';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { capital, sayPercent } from '../words/figures.ts';
import { Boundary } from './Boundary.tsx';
import { MEND_WORDS } from './mendWords.ts';
import { newId } from '../store/newId.ts';
import { type MarkedFault, type PunchPage, useCloseFaultMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Button } from '../form/Button.tsx';
import { Form } from '../form/Form.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';

const CAUSES_SHOWN = 3;

/** One marked fault: what it is, what to do about it, and the act that closes it. */
export function FaultLine({ data, fault }: { data: PunchPage; fault: MarkedFault }) {
  const { sayTime } = useWords();
  const [closing, setClosing] = useState(false);
  const surface = data.surfaces.find((s) => s.id === fault.surfaceId);
  const room = data.rooms.find((r) => r.id === fault.roomId);
  const { mend, act } = fault;
  return (
    <li className="border-b border-rule py-3">
      <div className="grid grid-cols-[36px_1fr] gap-x-2 wide:grid-cols-[36px_1fr_auto]">
        <span className="font-serif text-[20px] leading-none font-bold text-madder">{fault.number}</span>
        <div className="min-w-0">
          <div className="text-[16.5px] font-semibold">
            {capital(FAULT_LABELS[fault.fault])}
            {mend && <Mark n={fault.number} />}
          </div>
          <div className="text-sm text-faded">
            <Link to={`/jobs/${data.job.id}/surfaces/${fault.surfaceId}`} className="hover:underline">
              {surface?.name ?? 'surface'}
            </Link>
            {room ? `, ${room.name}` : ''}
            {fault.note ? ` · ${fault.note}` : ''}
          </div>
          {mend && <NotesUnder ns={[fault.number]} />}
          {mend?.causeFirst && <Causes fault={fault} />}
          {mend?.lasts && <Lasts lasts={mend.lasts} />}
          {mend?.makeGood && <p className="mt-1">{mend.makeGood}</p>}
          {mend?.kit && (
            <p className="text-[14.5px]">
              <span className="font-semibold">{mend.kit.product}</span>
              {mend.kit.batch ? `, batch ${mend.kit.batch}` : ''}: {mend.kit.words}.
            </p>
          )}
          {act && (
            <p className="text-[14.5px]">
              {act.kind === 'mended' ? `Mended, ${act.way ? MEND_WORDS[act.way] : ''}` : 'Taken back'}
              {act.withWhat ? `, with ${act.withWhat}` : ''}
              {act.note ? `: ${act.note}` : ''}{' '}
              <span className="text-faded">
                {act.byName}, {sayTime(act.at, data.now)}
              </span>
            </p>
          )}
        </div>
        <div className="col-span-2 mt-2 wide:col-span-1 wide:mt-0">
          {mend?.touchUp && <Boundary touchUp={mend.touchUp} />}
          {mend && !closing && (
            <button
              type="button"
              onClick={() => setClosing(true)}
              className="no-print mt-2 min-h-[44px] w-full rounded border border-ink bg-leaf px-4 text-left font-semibold wide:w-auto"
            >
              Close number {fault.number}
            </button>
          )}
        </div>
      </div>
      {mend && closing && <Closing fault={fault} onDone={() => setClosing(false)} />}
    </li>
  );
}

/** How often such a mend does not last. */
function Lasts({
  lasts: { paintedOver, causeMended },
}: {
  lasts: NonNullable<NonNullable<MarkedFault['mend']>['lasts']>;
}) {
  return (
    <p className="mt-1">
      Painted over as it is, it comes back in {sayPercent(paintedOver)} of cases
      {paintedOver - causeMended >= 0.01 && `; with its cause dealt with first, in ${sayPercent(causeMended)}`}.
    </p>
  );
}

/** What lies behind it: no paint is suggested before that is found. */
function Causes({ fault }: { fault: MarkedFault }) {
  const causes = fault.mend!.causes.slice(0, CAUSES_SHOWN);
  return (
    <div className="mt-1 border-l-4 border-ochre pl-3">
      <p className="font-semibold">Find the cause before any paint goes on.</p>
      <ol>
        {causes.map((c) => (
          <li key={c.code}>
            {c.words} <span className="font-semibold">{sayPercent(c.share)}</span>
            {c.because && <span className="text-faded"> The record: {c.because}.</span>}
            <span className="block text-sm text-faded">Look for: {lower(c.lookFor)}</span>
          </li>
        ))}
      </ol>
    </div>
  );
}
const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

function Closing({ fault, onDone }: { fault: MarkedFault; onDone: () => void }) {
  const { touchUp, kit } = fault.mend!;
  const [id] = useState(newId);
  const draft = useDraft(`close/${fault.id}`, {
    way: (touchUp?.recommended ?? null) as Mend | null,
    withWhat: kit ? `${kit.product}${kit.batch ? `, batch ${kit.batch}` : ''}` : '',
    note: '',
  });
  const { way } = draft.said;
  const [close, { isLoading, error }] = useCloseFaultMutation();
  const put = (kind: 'mended' | 'withdrawn', { withWhat, note }: typeof draft.said) =>
    close({
      faultId: fault.id,
      id,
      kind,
      way: kind === 'mended' ? way : null,
      withWhat: kind === 'mended' ? withWhat.trim() : '',
      note: note.trim(),
      at: nowText(),
    });
  const takeBack = async () => {
    const sent = await put('withdrawn', draft.said);
    if ('error' in sent) return;
    onDone();
    draft.end();
  };
  return (
    <Form
      draft={draft}
      label={`Close number ${fault.number}`}
      words="It is mended"
      busy={isLoading}
      disabled={way === null}
      error={error}
      className="mt-2 border-y border-strong bg-leaf px-3 py-2"
      onSend={(said) => put('mended', said)}
      onSent={onDone}
      onLeave={onDone}
      beside={
        <Button look="away" disabled={isLoading} onClick={() => void takeBack()}>
          It was no fault: take it back
        </Button>
      }
    >
      <div role="group" aria-label="How it was mended" className="flex flex-wrap gap-1.5">
        {MENDS.map((mend) => (
          <Chip key={mend} pressed={way === mend} onPress={() => draft.say({ way: mend })}>
            {MEND_WORDS[mend]}
          </Chip>
        ))}
      </div>
      <div className="mt-2 grid gap-2 wide:grid-cols-2">
        <TextField name="withWhat" words="With what" maxLength={300} />
        <TextField name="note" words="What there is to say" maxLength={600} />
      </div>
    </Form>
  );
}
