import { useEffect, useState } from 'react';
import type { Cell, Ranking, TrialDesign, TrialLook } from '@rustic/core';

const DRAWS = 10_000;

interface Ranked {
  ranking: Ranking | null;
  /** The share done, 0 to 1, while it is being ranked. */
  progress: number | null;
  failed: boolean;
}

/** Ranks in a worker whenever the looks change; what was asked for before is stopped. */
export function useRanking(
  design: TrialDesign,
  cells: readonly Cell[],
  looks: readonly TrialLook[],
): Ranked & { stop: () => void } {
  const [ranked, setRanked] = useState<Ranked>({ ranking: null, progress: null, failed: false });
  const [stopped, setStopped] = useState(false);
  const asked = JSON.stringify({ design, cells, looks });
  useEffect(() => {
    if (looks.length === 0 || stopped) return;
    const worker = new Worker(new URL('./rank.worker.ts', import.meta.url), { type: 'module' });
    setRanked((was) => ({ ...was, progress: 0, failed: false }));
    worker.onmessage = ({ data }: MessageEvent<{ progress?: number; ranking?: Ranking }>) => {
      if (data.ranking) setRanked({ ranking: data.ranking, progress: null, failed: false });
      else setRanked((was) => ({ ...was, progress: data.progress ?? 0 }));
    };
    worker.onerror = () => setRanked((was) => ({ ...was, progress: null, failed: true }));
    worker.postMessage({ ...(JSON.parse(asked) as object), draws: DRAWS });
    return () => worker.terminate();
  }, [asked, looks.length, stopped]);
  return {
    ...ranked,
    progress: stopped ? null : ranked.progress,
    stop: () => setStopped(true),
  };
}
