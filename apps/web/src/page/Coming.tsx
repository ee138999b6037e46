import { useEffect, useState } from 'react';
import { Refused } from './Refused.tsx';

/** After this a wait shows how long it lasts, and can be stopped where it can. */
const SHORT_MS = 300;

/** While a page is on its way, and when it does not come. */
export function Coming({
  error,
  again,
  words = 'Fetching',
  stop,
}: {
  error?: unknown;
  again?: () => void;
  words?: string;
  stop?: () => void;
}) {
  if (!error) return <Waiting words={words} stop={stop} />;
  return (
    <div className="p-6">
      {stopped(error) ? <p role="status">Stopped. Nothing was changed.</p> : <Refused error={error} />}
      {again && (
        <button type="button" className="mt-2 min-h-[44px] underline" onClick={again}>
          Try again
        </button>
      )}
    </div>
  );
}

const stopped = (error: unknown) => (error as { name?: string }).name === 'AbortError';

function Waiting({ words, stop }: { words: string; stop: (() => void) | undefined }) {
  const [ms, setMs] = useState(0);
  useEffect(() => {
    const begun = performance.now();
    const timer = setInterval(() => setMs(performance.now() - begun), 100);
    return () => clearInterval(timer);
  }, []);
  return (
    <div className="p-8 text-faded" role="status">
      {words} … {ms > SHORT_MS && <span aria-hidden>{(ms / 1000).toFixed(1)} s</span>}
      {stop && ms > SHORT_MS && (
        <button type="button" className="ml-4 min-h-[44px] underline" onClick={stop}>
          Stop
        </button>
      )}
    </div>
  );
}
