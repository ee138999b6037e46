import { useEffect, useState } from 'react';
import { outbox } from './outbox.ts';

/** Whether a write that was kept on this device is with the server by now; what the server refused still lies here. */
export function useHasGone(seq: number | null): boolean {
  const [gone, setGone] = useState<number | null>(null);
  useEffect(() => {
    if (seq === null) return undefined;
    const look = () => void outbox.has(seq).then((here) => setGone(here ? null : seq));
    look();
    return outbox.onChange(look);
  }, [seq]);
  return seq === null || gone === seq;
}
