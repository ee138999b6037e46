import { useState } from 'react';
import { EndVisit } from '../aftercare/FixedVisits.tsx';
import { FixVisit } from '../aftercare/FixVisit.tsx';
import { sayCalls } from '../aftercare/sayCalls.ts';
import { useMay } from '../store/useMay.ts';
import { sayLength } from '../words/time.ts';
import { type PunchPage, useAftercareQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** The fewest visits that close every fault, each once its film can be mended; and those that are fixed. */
export function PunchVisits({ data }: { data: PunchPage }) {
  const { sayDay } = useWords();
  const may = useMay();
  const [fixing, setFixing] = useState(false);
  const inVisit = new Set(data.standing.flatMap((v) => v.calls.map((c) => c.id)));
  const wanted = data.visits
    .map((v) => ({ ...v, closes: v.closes.filter((id) => !inVisit.has(id)) }))
    .filter((v) => v.closes.length > 0);
  if (wanted.length + data.standing.length === 0) return null;
  const numbers = (ids: readonly string[]) =>
    data.faults
      .filter((f) => ids.includes(f.id))
      .map((f) => f.number)
      .join(', ');
  return (
    <section aria-labelledby="visits" className="mb-5">
      <h2 id="visits" className="border-b-2 border-ink pb-0.5 text-[19px]">
        {wanted.length === 0
          ? 'The visit is fixed'
          : wanted.length === 1
            ? 'One visit closes them'
            : `${wanted.length} visits close them`}
      </h2>
      <ul>
        {data.standing.map((visit) => (
          <li
            key={visit.id}
            className="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule py-1.5"
          >
            <span>
              Fixed:{' '}
              {numbers(visit.calls.map((c) => c.id))
                ? `numbers ${numbers(visit.calls.map((c) => c.id))}`
                : sayCalls(visit.calls)}
              , {sayLength(visit.minutes)}
            </span>
            <strong className="font-serif">
              {sayDay(visit.onDay)}, {visit.fromTime}
            </strong>
            {may.work && <EndVisit visitId={visit.id} />}
          </li>
        ))}
        {wanted.map((visit) => (
          <li key={visit.on} className="flex justify-between gap-4 border-b border-rule py-1.5">
            <span>Numbers {numbers(visit.closes)}</span>
            <strong className="font-serif">from {sayDay(visit.on)}</strong>
          </li>
        ))}
      </ul>
      {may.make && wanted.length > 0 && !fixing && (
        <button type="button" className="no-print min-h-[44px] underline" onClick={() => setFixing(true)}>
          Fix a visit
        </button>
      )}
      {fixing && <Fixing jobId={data.job.id} onDone={() => setFixing(false)} />}
    </section>
  );
}

/** What else is due on the job goes into the same visit. */
function Fixing({ jobId, onDone }: { jobId: string; onDone: () => void }) {
  const { data } = useAftercareQuery();
  if (!data) return <p role="status">Looking up what else is due …</p>;
  const job = data.jobs.find((j) => j.id === jobId);
  if (!job)
    return (
      <p role="alert">
        This job is not begun yet: nothing was fixed. Mend its faults in the course of the work, or post its plan first.
      </p>
    );
  return <FixVisit data={data} job={job} onDone={onDone} />;
}
