import { useEffect, useState } from 'react';
import { now } from '../clock/clock.ts';
import { sayLength } from '../words/time.ts';
import { useWords } from '../words/Words.tsx';
import { minutesSince } from './handsOn.ts';

const TICK_MS = 15_000;

/** A clock for the hands-on time: it runs on while the page is away, and what it says is what was said. */
export function RunningClock({ from, onSet }: { from: string; onSet: (from: string) => void }) {
  const { sayTime } = useWords();
  const [at, setAt] = useState(now);
  useEffect(() => {
    if (from === '') return;
    const timer = setInterval(() => setAt(now()), TICK_MS);
    return () => clearInterval(timer);
  }, [from]);
  const minutes = minutesSince(from, Math.max(at, from === '' ? 0 : Date.parse(from)));
  return (
    <span className="inline-flex items-center gap-3 self-end">
      <button
        type="button"
        className="min-h-[44px] rounded border border-strong bg-paper px-3 hover:border-ink"
        onClick={() => {
          setAt(now());
          onSet(from === '' ? new Date(now()).toISOString() : '');
        }}
      >
        {from === '' ? 'Start the clock' : 'Stop and forget it'}
      </button>
      {minutes !== null && (
        <strong role="timer" aria-live="off">
          since {sayTime(from)}, {sayLength(minutes)}
        </strong>
      )}
    </span>
  );
}
