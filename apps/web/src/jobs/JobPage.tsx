import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ELEMENT_LABELS, FINISH_LABELS, sayArea } from '@rustic/core';
import { RoomSketch } from '../drawing/RoomSketch.tsx';
import { SectionIcon } from '../drawing/Section.tsx';
import { useMay } from '../store/useMay.ts';
import { Act } from '../page/Act.tsx';
import { More } from '../page/More.tsx';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { jobOpened, useSight, useTell } from '../store/store.ts';
import { sayHours, sayPercent, sayRoundMoney, isTold } from '../words/figures.ts';
import { nowMinute, sayFromNow } from '../words/time.ts';
import { AddPhoto, Photos } from '../photos/Photos.tsx';
import { ticksOf } from '../walkround/ticks.ts';
import { WholeRoom } from '../walkround/WholeRoom.tsx';
import { Arrange } from './Arrange.tsx';
import { Campaigns } from './Campaigns.tsx';
import { notesOf } from './jobNotes.ts';
import { PropertyForm } from './PropertyForm.tsx';
import { SurfaceForm } from '../surfaceForm/SurfaceForm.tsx';
import { Unknown } from './Unknown.tsx';
import { newId } from '../store/newId.ts';
import {
  type Room,
  type SurfaceBrief,
  useAddWholeRoomMutation,
  useChangeRoomMutation,
  useJobQuery,
  useSessionQuery,
  type WholeJob,
} from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** A job: what is not known of it, its rooms, and the surfaces of each as ledger lines. */
export default function JobPage() {
  const { jobId = '' } = useParams();
  const may = useMay();
  const navigate = useNavigate();
  const tell = useTell();
  const { data, error, refetch } = useJobQuery(jobId);
  const { data: session } = useSessionQuery();
  const [adding, setAdding] = useState<string | null>(null);
  const [open, setOpen] = useState<'room' | 'arrange' | 'property' | null>(null);
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
              { letter: 'b', words: 'Shopping', onAct: () => void navigate(`/jobs/${jobId}/shopping`) },
              { letter: 'u', words: 'House rules here', onAct: () => void navigate(`/jobs/${jobId}/rules`) },
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
        </>
      )}
    </Page>
  );
}

interface RoomProps {
  data: WholeJob;
  room: Room;
  currency: string;
  ofSurface: Map<string, number>;
  adding: boolean;
  onAdd: (on: boolean) => void;
}

const SMALL_ACT = 'no-print min-h-[44px] px-2 text-sm underline wide:min-h-[28px]';

function RoomLines({ data, room, currency, ofSurface, adding, onAdd }: RoomProps) {
  const { saySubstrate } = useWords();
  const jobId = data.job.id;
  const surfaces = data.surfaces.filter((s) => s.roomId === room.id);
  const [sketch, setSketch] = useState(false);
  const units = useSight((s) => s.units);
  return (
    <section className="mb-4" aria-label={room.name}>
      <div className="flex flex-wrap items-end justify-between gap-x-3 border-b-2 border-ink pb-0.5">
        <h2 className="text-[18px]">
          {room.name}
          {room.facing && <span className="font-sans text-sm font-normal text-faded"> faces {room.facing}</span>}
        </h2>
        <span>
          {room.sketch && (
            <button type="button" aria-expanded={sketch} className={SMALL_ACT} onClick={() => setSketch(!sketch)}>
              Sketch
            </button>
          )}
          <CopyRoom data={data} room={room} surfaces={surfaces} className={SMALL_ACT} />
          <button type="button" aria-expanded={adding} onClick={() => onAdd(!adding)} className={SMALL_ACT}>
            Add a surface
          </button>
        </span>
      </div>
      {sketch && room.sketch && <RoomSheet data={data} room={room} />}
      {adding && <SurfaceForm jobId={jobId} roomId={room.id} onDone={() => onAdd(false)} />}
      <ul>
        {surfaces.map((s) => (
          <li key={s.id} className="border-b border-rule py-[7px]">
            <div className="grid grid-cols-[30px_1fr_auto] items-center gap-x-2 wide:grid-cols-[30px_1fr_172px_64px_74px]">
              <SectionIcon layers={s.section} />
              <div className="min-w-0">
                <Link to={`/jobs/${jobId}/surfaces/${s.id}`} className="font-semibold hover:underline">
                  {s.name}
                </Link>
                {ofSurface.has(s.id) && <Mark n={ofSurface.get(s.id)!} />}
                <div className="text-sm text-faded">
                  {ELEMENT_LABELS[s.facts.element].toLowerCase()}, {saySubstrate(s.facts.substrate)}
                  {s.facts.areaM2 ? `, ${sayArea(s.facts.areaM2, units)}` : ''} · {FINISH_LABELS[s.likeliest.code]}{' '}
                  {sayPercent(s.likeliest.probability)}
                  {s.zones > 1 && ` · ${s.zones} zones`}
                  {s.exclusions.length > 0 && ` · ${s.exclusions.some((e) => e.whole) ? 'left out' : 'part left out'}`}
                </div>
              </div>
              <div className="text-sm max-wide:text-right">
                <State s={s} />
              </div>
              <div className="text-right max-wide:hidden">{sayHours(s.minutes)} h</div>
              <div className="text-right max-wide:hidden">{isTold(s.cost) && sayRoundMoney(s.cost, currency)}</div>
            </div>
            {ofSurface.has(s.id) && <NotesUnder ns={[ofSurface.get(s.id)!]} />}
          </li>
        ))}
      </ul>
      {surfaces.length === 0 && !adding && <p className="py-2 text-faded">Nothing in this room yet.</p>}
    </section>
  );
}

/** The same room again, with its surfaces and nothing that was tested: a house has rooms alike. */
function CopyRoom({
  data,
  room,
  surfaces,
  className,
}: {
  data: WholeJob;
  room: Room;
  surfaces: SurfaceBrief[];
  className: string;
}) {
  const [add, { isLoading, error }] = useAddWholeRoomMutation();
  const copy = () => {
    const roomId = newId();
    void add({
      jobId: data.job.id,
      id: newId(),
      room: {
        id: roomId,
        name: `${room.name}, another`.slice(0, 120),
        kind: room.kind,
        facing: room.facing,
        sketch: room.sketch,
      },
      surfaces: surfaces.map((s) => ({
        id: newId(),
        roomId,
        name: s.name,
        campaign: s.campaign,
        facts: s.facts,
        wanted: s.wanted,
        measure: s.measure,
        access: s.access,
      })),
    });
  };
  return (
    <>
      <button type="button" disabled={isLoading} className={className} onClick={copy}>
        Copy
      </button>
      <Refused error={error} />
    </>
  );
}

/** The room unfolded: what was tested where, what is left out; openings can be dragged to where they are. */
function RoomSheet({ data, room }: { data: WholeJob; room: Room }) {
  const [change, { error }] = useChangeRoomMutation();
  const ticks = ticksOf(data, room.id);
  const excluded = data.surfaces
    .filter((s) => s.roomId === room.id)
    .flatMap((s) => s.exclusions.flatMap((e) => (e.box ? [{ ...e.box, id: e.id, words: e.words }] : [])));
  const sketch = room.sketch!;
  return (
    <div className="border-b border-rule py-3">
      <RoomSketch
        sketch={sketch}
        width={760}
        ticks={ticks}
        excluded={excluded}
        onMoveOpening={(wall, opening, x) =>
          void change({
            roomId: room.id,
            id: newId(),
            version: room.version,
            sketch: {
              walls: sketch.walls.map((w, i) =>
                i === wall ? { ...w, openings: w.openings.map((o, j) => (j === opening ? { ...o, x } : o)) } : w,
              ),
            },
          })
        }
      />
      {ticks.length > 0 && (
        <ol className="mt-2 text-sm">
          {ticks.map((t) => (
            <li key={t.id}>
              <strong className="text-madder">{t.n}</strong> {t.words}
            </li>
          ))}
        </ol>
      )}
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <AddPhoto jobId={data.job.id} roomId={room.id} />
        <span className="text-sm text-faded">Windows and doors can be dragged along their wall.</span>
      </div>
      <Photos photos={data.photos.filter((p) => p.roomId === room.id)} />
      <Refused error={error} />
    </div>
  );
}

function State({ s }: { s: SurfaceBrief }) {
  const { sayTime } = useWords();
  const { standing, opensAt, closesAt } = s.standing;
  if (standing === 'drying')
    return (
      <>
        drying
        {opensAt !== null && (
          <>
            , opens {sayTime(opensAt)}{' '}
            <span className="whitespace-nowrap text-faded">{sayFromNow(opensAt, nowMinute())}</span>
          </>
        )}
      </>
    );
  if (standing === 'open') return <span className="border-b-[3px] border-verdigris">open for the next</span>;
  if (standing === 'closing') return <span className="text-madder">closes {sayTime(closesAt!)}</span>;
  if (standing === 'closed') return <span className="text-madder">closed: scuff again</span>;
  if (standing === 'done') return <>done</>;
  return <span className="text-faded">{s.tested ? 'tested, to start' : 'not tested'}</span>;
}
