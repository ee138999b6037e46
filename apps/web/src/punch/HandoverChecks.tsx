import { useState } from 'react';
import { nowText } from '../clock/clock.ts';
import { Refused } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import { type HandoverCheck, type PunchPage, useTryAtHandoverMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Form, type Sent } from '../form/Form.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';

/** What is tried before it is handed over: sashes slide, doors close, hardware is back. */
export function HandoverChecks({ data }: { data: PunchPage }) {
  if (data.checks.length === 0) return null;
  const left = data.checks.filter((c) => !c.tried?.holds).length;
  return (
    <section aria-labelledby="handover" className="mb-5">
      <h2 id="handover" className="border-b-2 border-ink pb-0.5 text-[19px]">
        Before it is handed over
        <span className="ml-2 font-sans text-sm font-normal text-faded">
          {left === 0 ? 'all tried, all holds' : `${left} to try`}
        </span>
      </h2>
      <ul>
        {data.checks.map((check) => (
          <Check key={check.surfaceId + check.code} data={data} check={check} />
        ))}
      </ul>
    </section>
  );
}

function Check({ data, check }: { data: PunchPage; check: HandoverCheck }) {
  const { sayTime } = useWords();
  const [saying, setSaying] = useState(false);
  const [send, { isLoading, error }] = useTryAtHandoverMutation();
  const surface = data.surfaces.find((s) => s.id === check.surfaceId);
  const put = (holds: boolean, note: string) => {
    const { surfaceId, code } = check;
    return send({ surfaceId, id: newId(), code, holds, note: note.trim(), at: nowText() });
  };
  const name = `${surface?.name ?? ''} ${check.words}`;
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-2">
      <div className="min-w-0 flex-1 basis-[220px]">
        <span className="font-semibold">{surface?.name}</span> {check.words}
        {check.tried && (
          <div className={`text-sm ${check.tried.holds ? 'text-faded' : 'text-madder'}`}>
            {check.tried.holds ? 'Tried, it does.' : `It does not${check.tried.note ? `: ${check.tried.note}` : ''}.`}{' '}
            {check.tried.byName}, {sayTime(check.tried.at, data.now)}
          </div>
        )}
      </div>
      {saying ? (
        <Wrong
          name={`${check.surfaceId}/${check.code}`}
          busy={isLoading}
          onSend={(note) => put(false, note)}
          onDone={() => setSaying(false)}
        />
      ) : (
        <div className="no-print flex gap-2">
          <button
            type="button"
            disabled={isLoading}
            aria-label={`It does: ${name}`}
            className={`min-h-[44px] rounded border px-4 font-semibold ${check.tried?.holds ? 'border-strong text-faded' : 'border-ink bg-leaf'}`}
            onClick={() => void put(true, '')}
          >
            It does
          </button>
          <button
            type="button"
            disabled={isLoading}
            aria-label={`It does not: ${name}`}
            className="min-h-[44px] px-2 underline"
            onClick={() => setSaying(true)}
          >
            It does not
          </button>
        </div>
      )}
      <Refused error={error} />
    </li>
  );
}

interface WrongProps {
  name: string;
  busy: boolean;
  onSend: (note: string) => Promise<Sent>;
  onDone: () => void;
}

/** What is wrong with it. */
function Wrong({ name, busy, onSend, onDone }: WrongProps) {
  const draft = useDraft(`wrong/${name}`, { note: '' });
  return (
    <Form
      draft={draft}
      words="Write it down"
      busy={busy}
      className="flex flex-wrap items-end gap-3"
      footClass=""
      onSend={({ note }) => onSend(note)}
      onSent={onDone}
      onLeave={onDone}
    >
      <TextField name="note" words="What is wrong" maxLength={600} autoFocus width="" />
    </Form>
  );
}
