import { useState } from 'react';
import { useLazyCheckWorkQuery, type WorkBody } from '../store/endpoints.ts';

/** So long the answer is waited for: without a signal a coat is written as it was laid. */
const PATIENCE_MS = 2500;

/** What a log would say of its limits, asked before it is written. */
export function useLimits() {
  const [check] = useLazyCheckWorkQuery();
  const [warnings, setWarnings] = useState<readonly string[]>([]);

  /** Whether a log may be sent: it is within its limits, or says why it is not, or nobody can tell. */
  const mayBeWritten = async (jobId: string, { id: _id, ...body }: WorkBody): Promise<boolean> => {
    if (body.note?.trim()) return true;
    const asked = check({ jobId, ...body }).then(({ data }) => data?.warnings ?? []);
    const late = new Promise<string[]>((resolve) => setTimeout(() => resolve([]), PATIENCE_MS));
    const found = await Promise.race([asked.catch(() => []), late]);
    setWarnings(found);
    return found.length === 0;
  };
  return { warnings, mayBeWritten };
}
