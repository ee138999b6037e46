import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useMay } from '../store/useMay.ts';
import { Act } from '../page/Act.tsx';
import { More } from '../page/More.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { jobOpened, useTell } from '../store/store.ts';
import { sayHours, sayRoundMoney, isTold } from '../words/figures.ts';
import { WholeRoom } from '../walkround/WholeRoom.tsx';
import { Arrange } from './Arrange.tsx';
import { Campaigns } from './Campaigns.tsx';
import { notesOf } from './jobNotes.ts';
import { PropertyForm } from './PropertyForm.tsx';
import { MakeCase } from './MakeCase.tsx';
import { RoomLines } from './RoomLines.tsx';
import { TakenOut } from '../takenOut/TakenOut.tsx';
import { TakeOut } from '../takenOut/TakeOut.tsx';
import { Unknown } from './Unknown.tsx';
import { type SurfaceBrief, useJobQuery, useSessionQuery } from '../store/endpoints.ts';

const isDone = ({ standing, exclusions }: SurfaceBrief) =>
  standing.standing === 'done' || exclusions.some((e) => e.whole);

/** A job: what is not known of it, its rooms, and the surfaces of each as ledger lines. */
export default function JobPage() {
  const { jobId = '' } = useParams();
  const may = useMay();
  const navigate = useNavigate();
  const tell = useTell();
  const { data, error, refetch } = useJobQuery(jobId);
  const { data: session } = useSessionQuery();
  const [adding, setAdding] = useState<string | null>(null);
  const [open, setOpen] = useState<'room' | 'arrange' | 'property' | 'away' | 'case' | null>(null);
  useEffect(() => {
    tell(jobOpened(jobId));
  }, [tell, jobId]);
  if (!data || !session) return <Coming error={error} again={() => void refetch()} />;
  const { currency } = session.firm;
  const { notes, ofSurface, ofTest } = notesOf(data, currency);
  const toggle = (what: NonNullable<typeof open>) => setOpen(open === what ? null : what);
  const close = () => setOpen(null);
  const outside = data.rooms.some((r) => r.kind === 'elevation');
  return (
    <Page
      title={data.job.title}
      notes={notes}
      above={
        <>
          <Link className="hover:underline" to="/jobs">
            Jobs
          </Link>{' '}
          › {data.job.place}
          {data.job.builtYear && `, built ${data.job.builtYear}`}
        </>
      }
      acts={
        <>
          <Act letter="w" words="Walk round" main onAct={() => void navigate(`/jobs/${jobId}/walk`)} />
          {may.make && <Act letter="r" words="Room" onAct={() => toggle('room')} />}
          {may.seePrices && <Act letter="p" words="Price" onAct={() => void navigate(`/jobs/${jobId}/price`)} />}
          <Act letter="d" words="Drying plan" onAct={() => void navigate(`/drying/${jobId}`)} />
          <More
            acts={[
              { letter: 'o', words: 'Order', onAct: () => toggle('arrange') },
              { letter: 'h', words: 'The house', onAct: () => toggle('property') },
              ...(outside
                ? [{ letter: 's', words: 'Season’s round', onAct: () => void navigate(`/jobs/${jobId}/round`) }]
                : []),
              { letter: 'f', words: 'Punch list', onAct: () => void navigate(`/jobs/${jobId}/punch`) },
              { letter: 'c', words: 'Colours', onAct: () => void navigate(`/jobs/${jobId}/colours`) },
              { letter: 'b', words: 'Shopping', onAct: () => void navigate(`/jobs/${jobId}/shopping`) },
              { letter: 'u', words: 'House rules here', onAct: () => void navigate(`/jobs/${jobId}/rules`) },
              ...(may.own && (data.job.handedOver || data.job.status === 'aftercare')
                ? [{ letter: 'k', words: 'Make a practice case', onAct: () => toggle('case') }]
                : []),
              ...(may.make && !data.job.withdrawn
                ? [{ letter: 'a', words: 'Take out', onAct: () => toggle('away') }]
                : []),
              { letter: 'g', words: 'Ledger', onAct: () => void navigate(`/jobs/${jobId}/ledger`) },
            ]}
          />
        </>
      }
      footing={
        <>
          <Total words="surfaces" figure={data.surfaces.length} />
          <Total words="tested" figure={data.surfaces.filter((s) => s.tested).length} />
          <Total words="hours" figure={sayHours(data.totals.minutes)} />
          {isTold(data.unknown.atStake) && (
            <Total words="rests on odds" figure={sayRoundMoney(data.unknown.atStake, currency)} />
          )}
          {isTold(data.totals.cost) && (
            <Total end words="labour and paint" figure={sayRoundMoney(data.totals.cost, currency)} />
          )}
        </>
      }
    >
      {data.job.note && <p className="mb-3 max-w-[70ch]">{data.job.note}</p>}
      {data.job.withdrawn && (
        <TakenOut all={[{ what: 'job', id: jobId, name: data.job.title, withdrawn: data.job.withdrawn }]} />
      )}
      {data.job.status === 'active' && data.surfaces.length > 0 && data.surfaces.every(isDone) && (
        <p className="mb-3 border-l-4 border-ink bg-leaf px-3 py-2">
          <strong>Everything is finished.</strong>{' '}
          <Link className="underline" to={`/jobs/${jobId}/punch`}>
            Walk it in raking light, then hand it over
          </Link>
          .
        </p>
      )}
      {open === 'away' && (
        <TakeOut what="job" id={jobId} name={data.job.title} onOut={() => void navigate('/jobs')} onLeave={close} />
      )}
      {open === 'case' && <MakeCase jobId={jobId} onLeave={close} />}
      {open === 'room' && <WholeRoom jobId={jobId} onDone={close} />}
      {open === 'property' && <PropertyForm job={data.job} zone={session.firm.timeZone} onDone={close} />}
      {open === 'arrange' ? (
        <Arrange data={data} onDone={close} />
      ) : (
        <>
          <Unknown data={data} currency={currency} ofTest={ofTest} />
          {data.rooms.length === 0 && open !== 'room' && (
            <p className="py-6">No room yet. Press Room: its size and what is in it become its surfaces.</p>
          )}
          {data.rooms.map((r) => (
            <RoomLines
              key={r.id}
              data={data}
              room={r}
              currency={currency}
              ofSurface={ofSurface}
              adding={adding === r.id}
              onAdd={(on) => setAdding(on ? r.id : null)}
            />
          ))}
          <Campaigns data={data} />
          <TakenOut all={data.takenOut} />
        </>
      )}
    </Page>
  );
}
