import { useDeferredValue, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Act } from '../page/Act.tsx';
import { useMay } from '../store/useMay.ts';
import { Mark, NotesUnder, type Note } from '../page/notes.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { sayHours, sayRoundMoney } from '../words/figures.ts';
import { BringIn } from './BringIn.tsx';
import { TakenOut } from '../takenOut/TakenOut.tsx';
import { readFigure } from '../words/readFigure.ts';
import { newId } from '../store/newId.ts';
import {
  type Job,
  type JobBrief,
  useAddJobMutation,
  useJobSumsQuery,
  useJobsTakenOutQuery,
  useSessionQuery,
} from '../store/endpoints.ts';
import { useJobPagesInfiniteQuery } from '../store/jobPages.ts';
import { useWords } from '../words/Words.tsx';
import type { Times } from '../words/time.ts';
import { Form } from '../form/Form.tsx';
import { Typed } from '../form/atOnce.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { counted } from '../words/counted.ts';
import { workBegins } from '../words/workDay.ts';
import { nowText } from '../clock/clock.ts';

const STATUS: Record<Job['status'], string> = {
  'walk-round': 'walk-round',
  quoted: 'quoted',
  planned: 'planned',
  active: 'under way',
  aftercare: 'aftercare',
};
/** So many are seen at one look. */
const FEW = 12;

export default function Jobs() {
  const { sayDate } = useWords();
  const { sayTime } = useWords();
  const [words, setWords] = useState('');
  const asked = useDeferredValue(words.trim());
  const { data, currentData, error, refetch, hasNextPage, fetchNextPage, isFetchingNextPage } =
    useJobPagesInfiniteQuery(asked);
  const { data: sums } = useJobSumsQuery();
  const { data: session } = useSessionQuery();
  const { data: out } = useJobsTakenOutQuery();
  const may = useMay();
  const [adding, setAdding] = useState<'new' | 'file' | null>(null);
  if (!data || !sums || !session) return <Coming error={error} again={() => void refetch()} />;
  const jobs = data.pages.flat();
  const { currency } = session.firm;
  const { notes, ofJob } = notesOf(jobs);
  return (
    <Page
      title="Jobs"
      above={session.firm.name}
      notes={notes}
      acts={
        may.make && (
          <>
            <Act letter="n" words="New job" main onAct={() => setAdding(adding === 'new' ? null : 'new')} />
            <Act letter="b" words="Bring in" onAct={() => setAdding(adding === 'file' ? null : 'file')} />
          </>
        )
      }
      footing={
        <>
          <Total words="jobs in hand" figure={sums.inHand} />
          <Total words="handed over" figure={sums.over} />
          <Total words="hours in hand" figure={sayHours(sums.minutes)} />
          {may.seePrices && <Total end words="labour and paint" figure={sayRoundMoney(sums.cost, currency)} />}
        </>
      }
    >
      {adding === 'new' && <JobForm zone={session.firm.timeZone} onDone={() => setAdding(null)} />}
      {adding === 'file' && <BringIn onDone={() => setAdding(null)} />}
      {sums.inHand + sums.over === 0 && !adding && (
        <p className="py-6">No job yet. Press New job, then walk round it room by room.</p>
      )}
      {sums.inHand + sums.over > FEW && !adding && (
        <div className="no-print mb-2">
          <Typed words="Find a job" value={words} onType={setWords} width="w-72" />
        </div>
      )}
      {asked !== '' && jobs.length === 0 && (
        <p className="py-3">No job has that in its name, its place or its client.</p>
      )}
      {/* While what is sought is on its way, the list still shows what was sought before. */}
      <table className="w-full border-collapse" aria-busy={asked !== words.trim() || !currentData}>
        <thead>
          <tr className="border-b border-strong text-left text-[13px] text-faded">
            <th className="py-1.5 font-normal">job</th>
            <th className="font-normal">stands</th>
            <th className="text-right font-normal max-wide:hidden">tested</th>
            <th className="text-right font-normal max-wide:hidden">hours</th>
            {may.seePrices && <th className="text-right font-normal">cost</th>}
          </tr>
        </thead>
        <tbody>
          {jobs.map((job) => (
            <tr key={job.id} className="border-b border-rule align-top">
              <td className="py-2.5 pr-4">
                <Link to={`/jobs/${job.id}`} className="font-serif text-[17px] font-semibold hover:underline">
                  {job.title}
                </Link>
                {ofJob.has(job.id) && <Mark n={ofJob.get(job.id)!} />}
                <div className="text-sm text-faded">
                  {job.place}
                  {job.builtYear && `, ${job.builtYear}`} · {counted(job.surfaces, 'surface')}
                </div>
                {ofJob.has(job.id) && <NotesUnder ns={[ofJob.get(job.id)!]} />}
              </td>
              <td className="py-2.5 pr-3">
                <span className="font-semibold">{STATUS[job.status]}</span>
                <div className="text-sm text-faded">{standing(job, sayDate)}</div>
                {job.quote && job.status !== 'aftercare' && (
                  <Link to={`/jobs/${job.id}/price`} className="text-sm hover:underline">
                    {job.quote.agreedBy
                      ? `agreed by ${job.quote.agreedBy}`
                      : `sent ${sayTime(job.quote.sentAt)}, not agreed`}
                  </Link>
                )}
              </td>
              <td className="py-2.5 text-right max-wide:hidden">
                {job.tested} of {job.surfaces}
              </td>
              <td className="py-2.5 text-right max-wide:hidden">{sayHours(job.minutes)}</td>
              {may.seePrices && <td className="py-2.5 text-right">{sayRoundMoney(job.cost, currency)}</td>}
            </tr>
          ))}
        </tbody>
      </table>
      {hasNextPage && (
        <button
          type="button"
          className="no-print my-3 min-h-[44px] underline"
          disabled={isFetchingNextPage}
          onClick={() => void fetchNextPage()}
        >
          {isFetchingNextPage ? 'More come …' : 'More jobs'}
        </button>
      )}
      {out && out.length > 0 && (
        <TakenOut all={out.map(({ id, title, withdrawn }) => ({ what: 'job', id, name: title, withdrawn }))} />
      )}
    </Page>
  );
}

function standing(job: JobBrief, sayDate: Times['sayDate']): string {
  if (job.status === 'active' && job.surfaces > 0 && job.done === job.surfaces) return 'all done, to be handed over';
  if (job.status === 'active')
    return (
      [job.drying && `${job.drying} drying`, job.open && `${job.open} open`].filter(Boolean).join(', ') || 'nothing wet'
    );
  if (job.status === 'aftercare') return 'handed over';
  return `from ${sayDate(job.startsAt)}`;
}

/** What is not known yet is said before any price is believed. */
function notesOf(jobs: readonly JobBrief[]): { notes: Note[]; ofJob: Map<string, number> } {
  const notes: Note[] = [];
  const ofJob = new Map<string, number>();
  for (const job of jobs) {
    const untested = job.surfaces - job.tested;
    if (untested === 0 || job.status === 'aftercare') continue;
    ofJob.set(job.id, notes.length + 1);
    notes.push({
      n: notes.length + 1,
      head: `${untested} untested.`,
      text: `${job.title}: the cost rests on the odds where nothing was tested. One surface that is not what it seemed changes it.`,
    });
  }
  return { notes, ofJob };
}

function JobForm({ zone, onDone }: { zone: string; onDone: () => void }) {
  const { localDay } = useWords();
  const navigate = useNavigate();
  const [id] = useState(newId);
  const draft = useDraft('new-job', {
    title: '',
    place: '',
    builtYear: '',
    starts: localDay(nowText()),
  });
  const [add, { isLoading, error }] = useAddJobMutation();
  const send = (said: typeof draft.said) =>
    add({
      id,
      title: said.title.trim(),
      place: said.place.trim(),
      builtYear: said.builtYear.trim() ? readFigure(said.builtYear) : null,
      startsAt: workBegins(said.starts, zone),
    });
  const sent = () => {
    onDone();
    void navigate(`/jobs/${id}`);
  };
  return (
    <Form
      draft={draft}
      label="New job"
      words="Open the job"
      busy={isLoading}
      error={error}
      className="mb-4 border-y-2 border-ink bg-leaf p-4"
      onSend={send}
      onSent={sent}
      onLeave={onDone}
    >
      <div className="grid gap-3 wide:grid-cols-4">
        <TextField name="title" words="Job" required maxLength={200} autoFocus className="wide:col-span-2" />
        <TextField name="place" words="Place" maxLength={200} className="wide:col-span-2" />
        <TextField name="builtYear" words="Year built, if known" type="number" min={1000} max={2200} />
        <TextField name="starts" words="Work may begin" type="date" required />
      </div>
    </Form>
  );
}
