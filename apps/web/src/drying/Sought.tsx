import type { FeasiblePlan, Plan } from '@rustic/core';
import { Act } from '../page/Act.tsx';
import { minuteOf, sayLength } from '../words/time.ts';
import { useWords } from '../words/Words.tsx';

interface Props {
  plan: FeasiblePlan;
  /** What some seconds' search found; nothing while it goes on. */
  found: Plan | undefined;
  seeking: boolean;
  looking: boolean;
  onLook: () => void;
}

/** What some seconds' search has found beside the plan that was shown at once. Nothing changes before somebody asks for it. */
export function Sought({ plan, found, seeking, looking, onLook }: Props) {
  const { sayTime } = useWords();
  const better = found?.status === 'feasible' ? gainOf(plan, found) : null;
  return (
    <p className="no-print mb-2 flex min-h-8 flex-wrap items-center gap-x-3 gap-y-1 text-[14.5px]" role="status">
      {seeking && <span className="text-faded">Looking for a better plan; this one stands meanwhile.</span>}
      {found?.status === 'feasible' && (
        <>
          <span>
            {better
              ? `A better plan ends ${sayTime(found.finish)}: ${better}.`
              : 'Looking longer found nothing better.'}
            {isProven(found) && ' Nothing can end sooner; that is proven.'}
          </span>
          {better && <Act letter="b" words={looking ? 'Back to the first' : 'Look at it'} onAct={onLook} />}
        </>
      )}
    </p>
  );
}

const isProven = ({ finish, lowerBound }: FeasiblePlan) => finish === lowerBound;

/** What another plan gains, as people say it; null where it gains nothing. */
export function gainOf(plan: FeasiblePlan, other: FeasiblePlan): string | null {
  const sooner = minuteOf(plan.finish) - minuteOf(other.finish);
  const visits = plan.visits - other.visits;
  if (sooner < 0 || (sooner === 0 && visits <= 0)) return null;
  const count = Math.abs(visits);
  const calls = `${count} ${count === 1 ? 'visit' : 'visits'} ${visits > 0 ? 'fewer' : 'more'}`;
  return [...(sooner > 0 ? [`${sayLength(sooner)} sooner`] : []), ...(visits === 0 ? [] : [calls])].join(', ');
}
