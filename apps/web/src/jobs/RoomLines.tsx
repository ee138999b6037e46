import { useState } from 'react';
import { Link } from 'react-router';
import { ELEMENT_LABELS, FINISH_LABELS, sayArea } from '@rustic/core';
import { RoomSketch } from '../drawing/RoomSketch.tsx';
import { SectionIcon } from '../drawing/Section.tsx';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { Refused } from '../page/Page.tsx';
import { AddPhoto, Photos } from '../photos/Photos.tsx';
import { useChangeRoomMutation, type Room, type SurfaceBrief, type WholeJob } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import { useSight } from '../store/store.ts';
import { useMay } from '../store/useMay.ts';
import { SurfaceForm } from '../surfaceForm/SurfaceForm.tsx';
import { ticksOf } from '../walkround/ticks.ts';
import { isTold, sayHours, sayPercent, sayRoundMoney } from '../words/figures.ts';
import { nowMinute, sayFromNow } from '../words/time.ts';
import { useWords } from '../words/Words.tsx';
import { CopyRoom } from './CopyRoom.tsx';
import { TakeOut } from '../takenOut/TakeOut.tsx';

interface RoomProps {
  data: WholeJob;
  room: Room;
  currency: string;
  ofSurface: Map<string, number>;
  adding: boolean;
  onAdd: (on: boolean) => void;
}

const SMALL_ACT = 'no-print min-h-[44px] px-2 text-sm underline wide:min-h-[28px]';

/** A room and its surfaces as ledger lines, with what can be done to it as a whole. */
export function RoomLines({ data, room, currency, ofSurface, adding, onAdd }: RoomProps) {
  const { saySubstrate } = useWords();
  const jobId = data.job.id;
  const surfaces = data.surfaces.filter((s) => s.roomId === room.id);
  const [sketch, setSketch] = useState(false);
  const [away, setAway] = useState(false);
  const may = useMay();
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
          <Link to={`/jobs/${jobId}/rooms/${room.id}/joints`} className={`${SMALL_ACT} inline-flex items-center`}>
            Joints
          </Link>
          <CopyRoom data={data} room={room} surfaces={surfaces} className={SMALL_ACT} />
          <button type="button" aria-expanded={adding} onClick={() => onAdd(!adding)} className={SMALL_ACT}>
            Add a surface
          </button>
          {may.make && (
            <button type="button" aria-expanded={away} className={SMALL_ACT} onClick={() => setAway(!away)}>
              Take out
            </button>
          )}
        </span>
      </div>
      {away && (
        <TakeOut
          what="room"
          id={room.id}
          name={room.name}
          onOut={() => setAway(false)}
          onLeave={() => setAway(false)}
        />
      )}
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
