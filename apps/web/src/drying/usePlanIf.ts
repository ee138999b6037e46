import { useEffect, useRef, useState } from 'react';
import type { Change, Plan, PlanInput } from '@rustic/core';

interface Answer {
  changes: readonly Change[];
  plan: Plan;
}

/** The plan with these changes, answered by a worker; while a hand still moves, only the latest question is put. */
export function usePlanIf(
  input: PlanInput,
  plan: Plan,
  changes: readonly Change[],
): { plan: Plan | null; asking: boolean } {
  const [answer, setAnswer] = useState<Answer | null>(null);
  const worker = useRef<Worker | null>(null);
  const busy = useRef(false);
  const latest = useRef<readonly Change[]>(changes);
  useEffect(() => () => worker.current?.terminate(), []);
  useEffect(() => {
    latest.current = changes;
    if (changes.length === 0 || plan.status !== 'feasible') return;
    const put = (asked: readonly Change[]) => {
      if (!worker.current)
        worker.current = new Worker(new URL('./planIf.worker.ts', import.meta.url), { type: 'module' });
      busy.current = true;
      worker.current.onmessage = ({ data }: MessageEvent<{ plan: Plan }>) => {
        busy.current = false;
        setAnswer({ changes: asked, plan: data.plan });
        if (latest.current !== asked && latest.current.length) put(latest.current);
      };
      worker.current.postMessage({ input, plan, changes: asked });
    };
    if (!busy.current) put(changes);
  }, [input, plan, changes]);
  if (changes.length === 0) return { plan: null, asking: false };
  return { plan: answer?.plan ?? null, asking: answer?.changes !== changes };
}
