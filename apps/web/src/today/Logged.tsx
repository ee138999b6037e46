import { Link } from 'react-router';
import { CLEAN_UP } from '@rustic/core';
import { isUnsent, seqUnsent, type Unsent } from '../outbox/keepingBaseQuery.ts';
import { useHasGone } from '../outbox/useHasGone.ts';
import { CleanUpLines } from '../page/CleanUpLines.tsx';
import { AddPhoto } from '../photos/Photos.tsx';
import { sayLength } from '../words/time.ts';
import type { Loggable } from './logSaid.ts';
import type { KeptProduct, Logged as Answer } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** What a log says at once: when it opens, what was outside its limits, and how to clean up. */
export function Logged({
  line,
  logged,
  product,
  onDone,
}: {
  line: Loggable;
  logged: Answer | Unsent;
  product: KeptProduct | null;
  onDone: () => void;
}) {
  const { sayTime } = useWords();
  const chemistry = product?.drying.chemistry;
  const answer = isUnsent(logged) ? null : logged;
  const gone = useHasGone(seqUnsent(logged));
  return (
    <section role="status" className="mb-4 border-y-2 border-ink bg-leaf px-4 py-3">
      {!gone ? (
        <p className="font-semibold">
          {line.name}: kept on this device. It goes to the server when there is a signal, once and in order.
        </p>
      ) : (
        <>
          <p className="font-semibold">
            {line.name}: logged, and in the ledger.
            {answer?.opensAt && ` Open for the next act ${sayTime(answer.opensAt)}.`}
          </p>
          {answer && answer.addedMin >= 15 && (
            <p>{sayLength(answer.addedMin)} later than by the label, for the air and the film.</p>
          )}
          {answer?.warnings.map((w) => (
            <p key={w} className="text-madder">
              {w} To be looked at again.
            </p>
          ))}
        </>
      )}
      <div className="mt-1 flex flex-wrap items-center gap-4">
        {line.roomId && (
          <AddPhoto jobId={line.jobId} roomId={line.roomId} surfaceId={line.surfaceId} words="Photo of it" />
        )}
        <Link className="min-h-[44px] content-center underline" to={`/jobs/${line.jobId}/surfaces/${line.surfaceId}`}>
          Put it right, or it looks wrong
        </Link>
        <button type="button" onClick={onDone} className="min-h-[44px] underline">
          Close
        </button>
      </div>
      {chemistry && (
        <details className="mt-1">
          <summary className="min-h-[44px] cursor-pointer py-2.5">Clean up, and spills</summary>
          <CleanUpLines card={CLEAN_UP[chemistry]} />
        </details>
      )}
    </section>
  );
}
