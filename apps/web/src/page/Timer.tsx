import { useEffect, useState } from 'react';
import { sayClock } from '../words/time.ts';

const TICK_MS = 250;

/** Counts down the wait of a test. It says so when it is over, and runs on while the page is away. */
export function Timer({ seconds }: { seconds: number }) {
  const [until, setUntil] = useState<number | null>(null);
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (until === null) return;
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, [until]);
  const left = until === null ? seconds : Math.max(0, Math.ceil((until - now) / 1000));
  return (
    <span className="inline-flex items-center gap-3">
      <button
        type="button"
        className="min-h-[44px] rounded border border-strong bg-paper px-3 hover:border-ink wide:min-h-[34px]"
        onClick={() => {
          setNow(Date.now());
          setUntil(until === null ? Date.now() + seconds * 1000 : null);
        }}
      >
        {until === null ? `Wait ${sayClock(seconds)}` : 'Stop'}
      </button>
      {until !== null && (
        <strong role="timer" aria-live={left === 0 ? 'assertive' : 'off'} className="font-serif text-[17px]">
          {left === 0 ? 'Read it now' : sayClock(left)}
        </strong>
      )}
    </span>
  );
}
