import { Link } from 'react-router';
import { sayFromNow } from '../words/time.ts';
import type { TodayLine } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** Finished films that are not to be used for everything yet: each with the next thing it may bear. */
export function Curing({ lines, now }: { lines: readonly TodayLine[]; now: number }) {
  const { sayTime } = useWords();
  const curing = lines
    .filter((l) => l.curing !== null && Date.parse(l.curing.at) / 60_000 > now)
    .sort((a, b) => a.curing!.at.localeCompare(b.curing!.at));
  if (curing.length === 0) return null;
  return (
    <section className="mb-5" aria-labelledby="curing">
      <h2 id="curing" className="border-b-2 border-ink pb-0.5 text-[19px]">
        Curing
        <span className="ml-2 font-sans text-sm font-normal text-faded">{curing.length}</span>
      </h2>
      <ul>
        {curing.map(({ surfaceId, jobId, jobTitle, room, name, curing: next }) => (
          <li key={surfaceId} className="flex items-center justify-between gap-3 border-b border-rule py-2">
            <div>
              <Link to={`/jobs/${jobId}/surfaces/${surfaceId}`} className="font-semibold hover:underline">
                {name}
              </Link>
              <div className="text-sm text-faded">
                {jobTitle} · {room}
              </div>
            </div>
            <div className="text-right">
              <strong className="font-serif">{sayTime(next!.at)}</strong>
              <div className="text-sm text-faded">
                {next!.words}, {sayFromNow(Math.round(Date.parse(next!.at) / 60_000), now)}
              </div>
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}
