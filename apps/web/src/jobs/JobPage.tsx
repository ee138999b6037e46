import { useEffect, useState, type FormEvent } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ELEMENT_LABELS, FINISH_LABELS, SUBSTRATE_LABELS } from '@rustic/core';
import { SectionIcon } from '../drawing/Section.tsx';
import { Act } from '../page/Act.tsx';
import { Mark, NotesUnder, type Note } from '../page/notes.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { newId, useAddRoomMutation, useJobQuery, useSessionQuery } from '../store/api.ts';
import { jobOpened, useTell } from '../store/store.ts';
import type { Room, SurfaceBrief, WholeJob } from '../store/types.ts';
import { sayHours, sayPercent, sayRoundMoney } from '../words/figures.ts';
import { nowMinute, sayFromNow, sayTime } from '../words/time.ts';
import { SurfaceForm } from './SurfaceForm.tsx';

/** A job: its rooms, and the surfaces of each as ledger lines. */
export default function JobPage() {
  const { jobId = '' } = useParams();
  const navigate = useNavigate();
  const tell = useTell();
  const { data, error, refetch } = useJobQuery(jobId);
  const { data: session } = useSessionQuery();
  const [adding, setAdding] = useState<string | null>(null);
  const [room, setRoom] = useState(false);
  useEffect(() => {
    tell(jobOpened(jobId));
  }, [tell, jobId]);
  if (!data || !session) return <Coming error={error} again={() => void refetch()} />;
  const { notes, ofSurface } = notesOf(data);
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
          <Act letter="r" words="Room" onAct={() => setRoom(!room)} />
          <Act letter="g" words="Ledger" onAct={() => void navigate(`/jobs/${jobId}/ledger`)} />
          <Act letter="d" words="Drying plan" main onAct={() => void navigate(`/drying/${jobId}`)} />
        </>
      }
      footing={
        <>
          <Total words="surfaces" figure={data.surfaces.length} />
          <Total words="tested" figure={data.surfaces.filter((s) => s.tested).length} />
          <Total words="hours" figure={sayHours(data.totals.minutes)} />
          <Total end words="labour and paint" figure={sayRoundMoney(data.totals.cost, session.firm.currency)} />
        </>
      }
    >
      {data.job.note && <p className="mb-3 max-w-[70ch]">{data.job.note}</p>}
      {room && <RoomForm jobId={jobId} onDone={() => setRoom(false)} />}
      {data.rooms.length === 0 && !room && (
        <p className="py-6">No room yet. Press Room and name the first: then its wall, ceiling and trim.</p>
      )}
      {data.rooms.map((r) => (
        <RoomLines
          key={r.id}
          room={r}
          surfaces={data.surfaces.filter((s) => s.roomId === r.id)}
          currency={session.firm.currency}
          ofSurface={ofSurface}
          jobId={jobId}
          adding={adding === r.id}
          onAdd={(on) => setAdding(on ? r.id : null)}
        />
      ))}
    </Page>
  );
}

interface RoomProps {
  room: Room;
  surfaces: SurfaceBrief[];
  currency: string;
  ofSurface: Map<string, number>;
  jobId: string;
  adding: boolean;
  onAdd: (on: boolean) => void;
}

function RoomLines({ room, surfaces, currency, ofSurface, jobId, adding, onAdd }: RoomProps) {
  return (
    <section className="mb-4">
      <div className="flex items-end justify-between border-b-2 border-ink pb-0.5">
        <h2 className="text-[18px]">{room.name}</h2>
        <button
          type="button"
          aria-expanded={adding}
          onClick={() => onAdd(!adding)}
          className="no-print min-h-[44px] px-2 text-sm underline wide:min-h-[28px]"
        >
          Add a surface
        </button>
      </div>
      {adding && <SurfaceForm jobId={jobId} roomId={room.id} onDone={() => onAdd(false)} />}
      <ul>
        {surfaces.map((s) => (
          <li key={s.id} className="border-b border-rule py-[7px]">
            <div className="grid grid-cols-[30px_1fr_auto] items-center gap-x-2 wide:grid-cols-[30px_1fr_190px_64px_74px]">
              <SectionIcon layers={s.section} />
              <div className="min-w-0">
                <Link to={`/jobs/${jobId}/surfaces/${s.id}`} className="font-semibold hover:underline">
                  {s.name}
                </Link>
                {ofSurface.has(s.id) && <Mark n={ofSurface.get(s.id)!} />}
                <div className="text-sm text-faded">
                  {ELEMENT_LABELS[s.facts.element].toLowerCase()}, {SUBSTRATE_LABELS[s.facts.substrate]}
                  {s.facts.areaM2 ? `, ${s.facts.areaM2} m²` : ''} · {FINISH_LABELS[s.likeliest.code]}{' '}
                  {sayPercent(s.likeliest.probability)}
                </div>
              </div>
              <div className="text-sm max-wide:text-right">
                <State s={s} />
              </div>
              <div className="text-right max-wide:hidden">{sayHours(s.minutes)} h</div>
              <div className="text-right max-wide:hidden">{sayRoundMoney(s.cost, currency)}</div>
            </div>
            {ofSurface.has(s.id) && <NotesUnder ns={[ofSurface.get(s.id)!]} />}
          </li>
        ))}
      </ul>
      {surfaces.length === 0 && !adding && <p className="py-2 text-faded">Nothing in this room yet.</p>}
    </section>
  );
}

function State({ s }: { s: SurfaceBrief }) {
  const { standing, opensAt, closesAt } = s.standing;
  if (standing === 'drying')
    return (
      <>
        drying
        {opensAt !== null && (
          <>
            , opens {sayTime(opensAt)}
            <span className="text-faded"> {sayFromNow(opensAt, nowMinute())}</span>
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

function notesOf(data: WholeJob): { notes: Note[]; ofSurface: Map<string, number> } {
  const notes: Note[] = [];
  const ofSurface = new Map<string, number>();
  for (const s of data.surfaces.filter((x) => !x.tested && x.facts.isNew !== true)) {
    ofSurface.set(s.id, notes.length + 1);
    notes.push({
      n: notes.length + 1,
      head: 'Not tested.',
      text: `${s.name}: ${FINISH_LABELS[s.likeliest.code]} at ${sayPercent(s.likeliest.probability)} is inferred from the house and the look. A spirit rub takes three minutes.`,
    });
  }
  if (data.job.builtYear && data.job.builtYear < 1978)
    notes.push({
      n: notes.length + 1,
      head: `House of ${data.job.builtYear}.`,
      text: 'Treated as leaded until a swab through all layers is negative: no dry sanding, no heat. Local rules and licensed contractors decide what may be done.',
    });
  return { notes, ofSurface };
}

function RoomForm({ jobId, onDone }: { jobId: string; onDone: () => void }) {
  const [id] = useState(newId);
  const [add, { error, isLoading }] = useAddRoomMutation();
  const send = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const sent = await add({ jobId, id, name: (new FormData(event.currentTarget).get('name') as string).trim() });
    if (!('error' in sent)) onDone();
  };
  return (
    <form
      onSubmit={(e) => void send(e)}
      className="mb-4 flex flex-wrap items-end gap-3 border-y-2 border-ink bg-leaf p-4"
    >
      <label className="text-sm">
        Room or elevation
        <input name="name" required maxLength={120} autoFocus className="block w-64" />
      </label>
      <button type="submit" disabled={isLoading} className="min-h-[44px] rounded bg-ink px-5 font-semibold text-onink">
        Add
      </button>
      <button type="button" className="min-h-[44px] underline" onClick={onDone}>
        Leave it
      </button>
      <Refused error={error} />
    </form>
  );
}
