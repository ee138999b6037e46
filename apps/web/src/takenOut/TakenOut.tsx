import { Refused } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import {
  useBringJobBackMutation,
  useBringRoomBackMutation,
  useBringSurfaceBackMutation,
  type WholeJob,
} from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

interface Out {
  what: 'job' | 'room' | 'surface';
  id: string;
  name: string;
  withdrawn: WholeJob['takenOut'][number]['withdrawn'];
}

/** What was taken out, by whom and why; each can be brought back. */
export function TakenOut({ all }: { all: readonly Out[] }) {
  if (all.length === 0) return null;
  return (
    <section aria-labelledby="taken-out" className="mt-6 mb-4">
      <h2 id="taken-out" className="border-b border-strong pb-0.5 text-[16px] text-faded">
        Taken out
      </h2>
      <ul>
        {all.map((one) => (
          <Line key={one.id} out={one} />
        ))}
      </ul>
    </section>
  );
}

function Line({ out }: { out: Out }) {
  const { sayTime } = useWords();
  const [job, ofJob] = useBringJobBackMutation();
  const [room, ofRoom] = useBringRoomBackMutation();
  const [surface, ofSurface] = useBringSurfaceBackMutation();
  const { what, id, name, withdrawn } = out;
  const sent = { job: ofJob, room: ofRoom, surface: ofSurface }[what];
  const bringBack = () => {
    const body = { id: newId() };
    if (what === 'job') return job({ ...body, jobId: id });
    return what === 'room' ? room({ ...body, roomId: id }) : surface({ ...body, surfaceId: id });
  };
  return (
    <li className="border-b border-rule py-1">
      <div className="flex items-center justify-between gap-3">
        <span className="text-[14.5px]">
          <strong>{name}</strong>
          {what === 'room' && ', the whole room'}
          <span className="text-faded">
            {' '}
            · {withdrawn.by}, {sayTime(withdrawn.at)}
            {withdrawn.reason && `: ${withdrawn.reason}`}
          </span>
        </span>
        <button
          type="button"
          disabled={sent.isLoading}
          className="no-print min-h-[44px] shrink-0 px-2 text-sm underline wide:min-h-[28px]"
          onClick={() => void bringBack()}
        >
          Bring it back
        </button>
      </div>
      <Refused error={sent.error} />
    </li>
  );
}
