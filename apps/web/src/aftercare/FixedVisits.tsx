import { useState } from 'react';
import { Link } from 'react-router';
import { nowText } from '../clock/clock.ts';
import { sayCalls } from './sayCalls.ts';
import { sayLength } from '../words/time.ts';
import { newId } from '../store/newId.ts';
import { type AftercarePage, type FixedVisit, useEndVisitMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Button } from '../form/Button.tsx';
import { Form } from '../form/Form.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';

/** Visits that are fixed: when, to whom and what for; made, or called off. */
export function FixedVisits({ data, mayEnd }: { data: AftercarePage; mayEnd: boolean }) {
  if (data.visits.length === 0) return null;
  return (
    <section aria-labelledby="fixed" className="mb-5">
      <h2 id="fixed" className="border-b-2 border-ink pb-0.5 text-[19px]">
        Fixed visits
      </h2>
      <ul>
        {data.visits.map((visit) => (
          <One key={visit.id} data={data} visit={visit} mayEnd={mayEnd} />
        ))}
      </ul>
    </section>
  );
}

function One({ data, visit, mayEnd }: { data: AftercarePage; visit: FixedVisit; mayEnd: boolean }) {
  const { sayDay } = useWords();
  const job = data.jobs.find((j) => j.id === visit.jobId);
  const who = data.people.find((p) => p.id === visit.personId);
  const faults = visit.calls.some((c) => c.what === 'fault');
  return (
    <li className="border-b border-rule py-2">
      <div className="flex flex-wrap items-start justify-between gap-x-4 gap-y-1">
        <div className="min-w-0 flex-1 basis-[260px]">
          <strong className="font-serif text-[17px]">
            {sayDay(visit.onDay)}, {visit.fromTime}
          </strong>{' '}
          <span className="font-semibold">{job?.title ?? 'a job'}</span>
          <div className="text-sm text-faded">
            {sayCalls(visit.calls)}
            {` · ${sayLength(visit.minutes)}`}
            {who ? ` · ${who.name}` : ''}
          </div>
          <div className="no-print flex flex-wrap gap-x-4 text-sm">
            <Link
              className="inline-flex min-h-[44px] items-center underline wide:min-h-[26px]"
              to={`/jobs/${visit.jobId}/papers/visit-letter`}
            >
              Letter
            </Link>
            <a
              className="inline-flex min-h-[44px] items-center underline wide:min-h-[26px]"
              href={`/api/jobs/${visit.jobId}/visit-calendar`}
              download
            >
              Calendar file
            </a>
            {visit.roundId && (
              <Link
                className="inline-flex min-h-[44px] items-center underline wide:min-h-[26px]"
                to={`/aftercare/rounds/${visit.roundId}/letters`}
              >
                Letters of its round
              </Link>
            )}
            {faults && (
              <Link
                className="inline-flex min-h-[44px] items-center underline wide:min-h-[26px]"
                to={`/jobs/${visit.jobId}/punch`}
              >
                Punch list
              </Link>
            )}
            <Link
              className="inline-flex min-h-[44px] items-center underline wide:min-h-[26px]"
              to={`/drying/${visit.jobId}`}
            >
              On the plan
            </Link>
          </div>
        </div>
        {mayEnd && <EndVisit visitId={visit.id} />}
      </div>
    </li>
  );
}

/** Made, or called off: one act, which the record keeps. */
export function EndVisit({ visitId }: { visitId: string }) {
  const [kind, setKind] = useState<'made' | 'called-off' | null>(null);
  if (kind) return <Ending visitId={visitId} kind={kind} onDone={() => setKind(null)} />;
  return (
    <div className="no-print flex gap-2.5">
      <Button onClick={() => setKind('made')}>Made</Button>
      <Button look="plain" className="px-2" onClick={() => setKind('called-off')}>
        Call off
      </Button>
    </div>
  );
}

interface EndingProps {
  visitId: string;
  kind: 'made' | 'called-off';
  onDone: () => void;
}

function Ending({ visitId, kind, onDone }: EndingProps) {
  const [id] = useState(newId);
  const draft = useDraft(`visit-${kind}/${visitId}`, { note: '' });
  const [end, { error, isLoading }] = useEndVisitMutation();
  const send = ({ note }: typeof draft.said) => end({ visitId, id, kind, note: note.trim(), at: nowText() });
  return (
    <Form
      draft={draft}
      words={kind === 'made' ? 'It was made' : 'Call it off'}
      busy={isLoading}
      error={error}
      className="no-print flex flex-wrap items-end gap-2.5"
      footClass=""
      onSend={send}
      onLeave={onDone}
    >
      <TextField
        name="note"
        words={kind === 'made' ? 'What was found' : 'Why it is called off'}
        maxLength={600}
        required={kind === 'called-off'}
        width="w-64"
      />
    </Form>
  );
}
