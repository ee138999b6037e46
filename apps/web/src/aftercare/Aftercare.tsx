import { useState } from 'react';
import { Link } from 'react-router';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { useMay } from '../store/useMay.ts';
import { counted } from '../words/counted.ts';
import { capital } from '../words/figures.ts';
import { dueLines, type Due } from './due.ts';
import { FixedVisits } from './FixedVisits.tsx';
import { FixVisit } from './FixVisit.tsx';
import { LookForm } from './LookForm.tsx';
import { Places } from './Places.tsx';
import { type AftercarePage, type Call, useAftercareQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** What follows from what was laid: visits due and fixed, cures to come, the next painting. */
export default function Aftercare() {
  const { data, error, refetch } = useAftercareQuery();
  const may = useMay();
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const { notes, calls, uses, repaints } = dueLines(data);
  const now = Date.parse(data.now);
  const due = calls.filter((d) => Date.parse(d.at) <= now);
  return (
    <Page
      title="Aftercare"
      above={<Places />}
      notes={notes}
      footing={
        <>
          <Total words="due now" figure={due.length} />
          <Total words="to come" figure={calls.length - due.length} />
          <Total words="visits fixed" figure={data.visits.length} />
          <Total end words="surfaces looked after" figure={data.lookedAfter} />
        </>
      }
    >
      {data.lookedAfter === 0 && (
        <p className="max-w-[60ch] py-6">
          Nothing is finished yet. When the last coat of a surface is logged, its cure dates and its visits stand here.
        </p>
      )}
      <FixedVisits data={data} mayEnd={may.work} />
      <Calls title="Look at now" data={data} lines={due} />
      <Calls title="Visits to come" data={data} lines={calls.filter((d) => !due.includes(d))} />
      {data.moreCalls > 0 && (
        <p className="mb-5 text-faded">
          {counted(data.moreCalls, 'thing')} more to look at later: they come up as these are done.
        </p>
      )}
      <Dated title="Until it may be used" lines={uses} now={data.now} exact />
      <Dated title="Painting again" lines={repaints} now={data.now} />
    </Page>
  );
}

function Calls({ title, data, lines }: { title: string; data: AftercarePage; lines: readonly Due<Call>[] }) {
  if (lines.length === 0) return null;
  return (
    <section aria-label={title} className="mb-5">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">{title}</h2>
      <ul>
        {lines.map((line) => (
          <CallLine key={line.items[0]!.subject + line.items[0]!.code} data={data} line={line} />
        ))}
      </ul>
    </section>
  );
}

function CallLine({ data, line: { job, items, at, n } }: { data: AftercarePage; line: Due<Call> }) {
  const { sayDate, sayDay, sayDue } = useWords();
  const [doing, setDoing] = useState<'look' | 'fix' | null>(null);
  const may = useMay();
  const first = items[0]!;
  const fixed = data.visits.find((v) => v.id === first.visitId);
  const past = Date.parse(first.by) < Date.parse(data.now);
  return (
    <li className="border-b border-rule py-2">
      <div className="grid grid-cols-[1fr_auto] items-start gap-x-5 wide:grid-cols-[1fr_auto_170px]">
        <div className="min-w-0">
          <span className="font-semibold">{capital(first.words)}</span>
          <Mark n={n} />
          <div className="text-sm text-faded">
            {job.title}
            <Surfaces items={items} />
          </div>
        </div>
        <div className="no-print col-span-2 row-start-2 flex gap-x-4 wide:col-span-1 wide:col-start-2 wide:row-start-1">
          {first.what === 'fault' ? (
            <Link
              className="inline-flex min-h-[44px] items-center underline wide:min-h-[28px]"
              aria-label={`Punch list of ${job.title}`}
              to={`/jobs/${job.id}/punch`}
            >
              Punch list
            </Link>
          ) : (
            may.work && (
              <button
                type="button"
                className="min-h-[44px] underline wide:min-h-[28px]"
                onClick={() => setDoing(doing === 'look' ? null : 'look')}
              >
                Looked at
              </button>
            )
          )}
          {may.make && !fixed && (
            <button
              type="button"
              className="min-h-[44px] underline wide:min-h-[28px]"
              onClick={() => setDoing(doing === 'fix' ? null : 'fix')}
            >
              Fix a visit
            </button>
          )}
        </div>
        <div className="text-right">
          <strong className="font-serif">{sayDate(at)}</strong>
          <div className={`text-sm ${past && !fixed ? 'text-ochre-ink' : 'text-faded'}`}>
            {fixed ? `fixed, ${sayDay(fixed.onDay)}` : past ? `by ${sayDate(first.by)}, overdue` : sayDue(at, data.now)}
          </div>
        </div>
      </div>
      <NotesUnder ns={[n]} />
      {doing === 'look' && <LookForm calls={items} onDone={() => setDoing(null)} />}
      {doing === 'fix' && <FixVisit data={data} job={job} onDone={() => setDoing(null)} />}
    </li>
  );
}

/** The surfaces of a line, each a way to its page. */
const Surfaces = ({ items }: { items: readonly { jobId: string; surfaceId: string | null; name: string }[] }) => (
  <>
    {items
      .filter((s) => s.surfaceId !== null)
      .map((s, i) => (
        <span key={`${s.surfaceId}${i}`}>
          {i === 0 ? ': ' : ', '}
          <Link className="hover:underline" to={`/jobs/${s.jobId}/surfaces/${s.surfaceId}`}>
            {s.name}
          </Link>
        </span>
      ))}
  </>
);

type Dateable = {
  jobId: string;
  surfaceId: string;
  name: string;
  code: string;
  words: string;
  at: string;
  lookAt?: string;
};

/** Dates that come by themselves: when a surface may be used, when it is due again. */
function Dated<T extends Dateable>({
  title,
  lines,
  now,
  exact = false,
}: {
  title: string;
  lines: readonly Due<T>[];
  now: string;
  exact?: boolean;
}) {
  const { sayDate, sayDue, sayTime } = useWords();
  if (lines.length === 0) return null;
  return (
    <section aria-label={title} className="mb-5">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">{title}</h2>
      <ul>
        {lines.map(({ job, items, at, n }) => (
          <li key={items[0]!.surfaceId + items[0]!.code} className="border-b border-rule py-2">
            <div className="grid grid-cols-[1fr_auto] gap-x-4">
              <div>
                <span className="font-semibold">{capital(items[0]!.words)}</span>
                <Mark n={n} />
                <div className="text-sm text-faded">
                  {job.title}
                  <Surfaces items={items} />
                </div>
              </div>
              <div className="text-right">
                <strong className="font-serif">{exact ? sayTime(at, now) : sayDate(at)}</strong>
                <div className={`text-sm ${Date.parse(at) <= Date.parse(now) ? 'text-ochre-ink' : 'text-faded'}`}>
                  {items[0]!.lookAt ? `look from ${sayDate(items[0]!.lookAt)}` : sayDue(at, now)}
                </div>
              </div>
            </div>
            <NotesUnder ns={[n]} />
          </li>
        ))}
      </ul>
    </section>
  );
}
