import type { Moved } from '@rustic/core';
import { sayLength } from '../words/time.ts';
import { nameOf, withNames } from './planNames.ts';
import type { PlanSheet } from './planSheet.ts';
import { useWords } from '../words/Words.tsx';

const SHOWN = 14;

/** What moved since it was posted, each as a sentence with its reason; the posted plan stands until it is posted again. */
export function Changes({ data }: { data: PlanSheet }) {
  const { sayTime } = useWords();
  const { difference } = data;
  const moved = difference?.moved ?? [];
  const others = [...(difference?.added ?? []), ...(difference?.dropped ?? [])];
  const none = moved.length === 0 && others.length === 0;
  return (
    <section className="mb-3 border-y-2 border-ink bg-leaf px-4 py-3" aria-label="What changed">
      {none ? (
        <p>Nothing has moved since it was posted.</p>
      ) : (
        <p className="mb-1">
          The posted plan is kept. By the log and the air since, it would now run so; post again to accept.
        </p>
      )}
      <ul className="columns-1 text-[14.5px] wide:columns-2">
        {moved.slice(0, SHOWN).map((m) => (
          <li key={m.surface + m.id} className="mb-1 break-inside-avoid">
            <Sentence data={data} moved={m} />
          </li>
        ))}
        {difference?.added.map((s) => (
          <li key={`new ${s.surface}${s.id}`} className="break-inside-avoid">
            <span className="font-semibold">{nameOf(data, `${s.surface}/${s.id}`)}</span>: new, {sayTime(s.start)}
          </li>
        ))}
      </ul>
      {moved.length > SHOWN && <p className="text-sm text-faded">and {moved.length - SHOWN} more</p>}
      {difference && difference.dropped.length > 0 && (
        <p className="text-sm text-faded">{difference.dropped.length} posted steps are no longer asked for.</p>
      )}
    </section>
  );
}

function Sentence({ data, moved }: { data: PlanSheet; moved: Moved }) {
  const { sayTime } = useWords();
  const { surface, id, from, to, laterMin, why, hands } = moved;
  const people = hands?.map((h) => data.people.find((p) => p.id === h)?.name ?? '').join(' and ');
  return (
    <>
      <span className="font-semibold">{nameOf(data, `${surface}/${id}`)}</span>: {sayTime(from)} → {sayTime(to)}
      {laterMin !== 0 && `, ${sayLength(Math.abs(laterMin))} ${laterMin > 0 ? 'later' : 'sooner'}`}
      {people && `, now ${people}`}
      {why && <span className="text-faded">. {withNames(data, why)}</span>}
    </>
  );
}
