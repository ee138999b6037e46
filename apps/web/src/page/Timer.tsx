import { useEffect, useState } from 'react';
import { sayClock } from '../words/time.ts';

const TICK_MS = 250;

/**
 * Counts down a wait that began at `since` (milliseconds); null: it has not begun. It says so when it is over, and runs
 * on while the page is away.
 */
export function Timer({
  seconds,
  since,
  onSince,
}: {
  seconds: number;
  since: number | null;
  onSince: (since: number | null) => void;
}) {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (since === null) return;
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, [since]);
  const left = since === null ? seconds : Math.max(0, Math.ceil((since + seconds * 1000 - now) / 1000));
  return (
    <span className="inline-flex items-center gap-3">
      <button
        type="button"
        className="min-h-[44px] rounded border border-strong bg-paper px-3 hover:border-ink wide:min-h-[34px]"
        onClick={() => {
          setNow(Date.now());
          onSince(since === null ? Date.now() : null);
        }}
      >
        {since === null ? `Wait ${sayClock(seconds)}` : 'Stop'}
      </button>
      {since !== null && (
        <strong role="timer" aria-live={left === 0 ? 'assertive' : 'off'} className="font-serif text-[17px]">
          {left === 0 ? 'Read it now' : sayClock(left)}
        </strong>
      )}
    </span>
  );
}
