import { useEffect, useState } from 'react';
import type { FanInput, FanResult } from '@rustic/core';

interface Simulated {
  result: FanResult | null;
  /** The share done, 0 to 1, while it runs. */
  progress: number | null;
  failed: boolean;
}

/** Simulates in a worker whenever what is known changes; what ran before is stopped. */
export function useFan(
  input: FanInput | undefined,
): Simulated & { stopped: boolean; stop: () => void; again: () => void } {
  const [state, setState] = useState<Simulated>({ result: null, progress: null, failed: false });
  const [stopped, setStopped] = useState(false);
  useEffect(() => {
    if (!input || stopped) return;
    const worker = new Worker(new URL('./fan.worker.ts', import.meta.url), { type: 'module' });
    setState((was) => ({ ...was, progress: 0, failed: false }));
    worker.onmessage = ({ data }: MessageEvent<{ progress?: number; result?: FanResult }>) => {
      if (data.result) setState({ result: data.result, progress: null, failed: false });
      else setState((was) => ({ ...was, progress: data.progress ?? 0 }));
    };
    worker.onerror = () => setState((was) => ({ ...was, progress: null, failed: true }));
    worker.postMessage(input);
    return () => worker.terminate();
  }, [input, stopped]);
  return {
    ...state,
    progress: stopped ? null : state.progress,
    stopped,
    stop: () => setStopped(true),
    again: () => setStopped(false),
  };
}
