import { Link } from 'react-router';
import { EndVisit } from '../aftercare/FixedVisits.tsx';
import { sayCalls } from '../aftercare/sayCalls.ts';
import { useMay } from '../store/useMay.ts';
import { sayLength } from '../words/time.ts';
import type { VisitSoon } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** Fixed visits of the coming days; those gone by that nobody has closed first. */
export function VisitsSoon({ visits, now }: { visits: readonly VisitSoon[]; now: string }) {
  const { localDay, sayDay } = useWords();
  const may = useMay();
  if (visits.length === 0) return null;
  const today = localDay(now);
  return (
    <section aria-label="Visits" className="mb-5">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">
        Visits
        <span className="ml-2 font-sans text-sm font-normal text-faded">{visits.length}</span>
      </h2>
      <ul>
        {visits.map((v) => (
          <li
            key={v.id}
            className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-b border-rule py-2"
          >
            <div className="min-w-0 flex-1 basis-[240px]">
              <Link
                className="font-semibold hover:underline"
                aria-label={`Punch list of ${v.jobTitle}`}
                to={`/jobs/${v.jobId}/punch`}
              >
                {v.jobTitle}
              </Link>
              <div className="text-sm text-faded">
                {sayCalls(v.calls)}, {sayLength(v.minutes)}
              </div>
            </div>
            <strong className={`font-serif whitespace-nowrap ${v.onDay < today ? 'text-ochre-ink' : ''}`}>
              {v.onDay === today ? 'today' : sayDay(v.onDay)}, {v.fromTime}
            </strong>
            {may.work && v.onDay <= today && <EndVisit visitId={v.id} />}
          </li>
        ))}
      </ul>
    </section>
  );
}
