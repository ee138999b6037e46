import { useEffect, useState } from 'react';
import type { Rounds, RoundsAsked } from '@rustic/core';

interface RoundsFound {
  asked: RoundsAsked | null;
  rounds: Rounds | null;
  /** A proven least of their time on the way, in minutes, which may come nearer; null while it is sought. */
  bound: number | null | 'unknown';
  failed: boolean;
}

/**
 * Rounds for a question, found in a worker; what is no longer asked is stopped. A page that was fetched again and asks
 * the same keeps its rounds: they are not to change under somebody's finger.
 */
export function useRounds(given: RoundsAsked | null): RoundsFound & { busy: boolean } {
  const [asked, setAsked] = useState(given);
  if (asked !== given && JSON.stringify(asked) !== JSON.stringify(given)) setAsked(given);
  const [found, setFound] = useState<RoundsFound>({ asked: null, rounds: null, bound: null, failed: false });
  useEffect(() => {
    if (!asked) return;
    const worker = new Worker(new URL('./rounds.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<{ rounds?: Rounds; bound?: RoundsFound['bound'] }>) => {
      if (data.rounds) setFound({ asked, rounds: data.rounds, bound: null, failed: false });
      else setFound((was) => ({ ...was, bound: data.bound ?? null }));
    };
    worker.onerror = () => setFound({ asked, rounds: null, bound: null, failed: true });
    worker.postMessage(asked);
    return () => worker.terminate();
  }, [asked]);
  const current = found.asked === asked;
  return { ...found, busy: asked !== null && !current };
}
