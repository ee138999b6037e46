import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { FAULT_LABELS } from '@rustic/core';
import { RoomSketch, type Tick } from '../drawing/RoomSketch.tsx';
import { Act } from '../page/Act.tsx';
import type { Note } from '../page/notes.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { useMay } from '../store/useMay.ts';
import { capital } from '../words/figures.ts';
import { FaultLine } from './FaultLine.tsx';
import { HandOver } from './HandOver.tsx';
import { HandoverChecks } from './HandoverChecks.tsx';
import { MarkFault } from './MarkFault.tsx';
import { PunchVisits } from './PunchVisits.tsx';
import { type MarkedFault, usePunchQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

const SKETCH_WIDTH = 820;

/** The punch list: faults as chalk ticks on their room, each with its number, what to do about it, and whether it will show. */
export default function PunchPage() {
  const { sayDay } = useWords();
  const { jobId = '' } = useParams();
  const may = useMay();
  const navigate = useNavigate();
  const { data, error, refetch } = usePunchQuery(jobId);
  const [marking, setMarking] = useState(false);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const open = data.faults.filter((f) => f.act === null);
  const closed = data.faults.filter((f) => f.act !== null);
  const next = data.standing[0]?.onDay ?? data.visits[0]?.on;
  return (
    <Page
      title="Punch list"
      above={
        <Link className="hover:underline" to={`/jobs/${jobId}`}>
          {data.job.title}
        </Link>
      }
      acts={
        <>
          {may.work && <Act letter="m" words="Mark a fault" main onAct={() => setMarking(!marking)} />}
          <Act letter="c" words="Client’s sheet" onAct={() => void navigate(`/jobs/${jobId}/papers/care-sheet`)} />
        </>
      }
      notes={notesOf(open)}
      footing={
        <>
          <Total words="open" figure={open.length} />
          <Total words="closed" figure={closed.length} />
          {next && <Total end words="next visit" figure={sayDay(next)} />}
        </>
      }
    >
      {marking && <MarkFault data={data} onDone={() => setMarking(false)} />}
      {data.faults.length === 0 && !marking && (
        <p className="max-w-[60ch] py-4">
          Nothing is marked. Walk the rooms in raking light before the client does, and press Mark a fault where you
          stop.
        </p>
      )}
      <PunchVisits data={data} />
      {data.rooms.map((room) => {
        const faults = open.filter((f) => f.roomId === room.id);
        if (faults.length === 0) return null;
        return (
          <section key={room.id} aria-label={room.name} className="mb-5">
            <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">{room.name}</h2>
            {room.sketch && faults.some((f) => f.mark) && (
              <div className="mt-2">
                <RoomSketch sketch={room.sketch} width={SKETCH_WIDTH} ticks={ticksOf(faults)} />
              </div>
            )}
            <ul>
              {faults.map((fault) => (
                <FaultLine key={fault.id} data={data} fault={fault} />
              ))}
            </ul>
          </section>
        );
      })}
      <HandoverChecks data={data} />
      <HandOver data={data} />
      {closed.length > 0 && (
        <details>
          <summary className="min-h-[44px] cursor-pointer font-serif text-[18px] font-semibold">
            Closed, {closed.length}
          </summary>
          <ul>
            {closed.map((fault) => (
              <FaultLine key={fault.id} data={data} fault={fault} />
            ))}
          </ul>
        </details>
      )}
    </Page>
  );
}

const ticksOf = (faults: readonly MarkedFault[]): Tick[] =>
  faults.flatMap(({ id, number, mark, fault }) =>
    mark ? [{ id, n: number, place: mark, words: FAULT_LABELS[fault], kind: 'fault' as const }] : [],
  );

/** Each fault's reasons stand in the margin under its own number. */
const notesOf = (faults: readonly MarkedFault[]): Note[] =>
  faults.flatMap(({ number, fault, mend }): Note[] => {
    if (!mend) return [];
    const reasons = mend.touchUp?.reasons.map((r) => r.words) ?? [
      'Painted over, it comes back: what is behind it comes first.',
    ];
    return [{ n: number, head: `${capital(FAULT_LABELS[fault])}.`, text: reasons.join(' ') }];
  });
