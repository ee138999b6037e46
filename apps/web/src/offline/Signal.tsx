import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useSignal } from '../store/store.ts';
import { useWords } from '../words/Words.tsx';

/** With a signal a write is gone by then: a bar that comes and goes with every tap says nothing and moves the page. */
const SAID_AFTER_MS = 1_500;

/** Only where there is something to say: what is not sent yet, and how old what is shown may be. */
export function Signal() {
  const { sayTime } = useWords();
  const { unsent, keptAt } = useSignal((s) => s);
  const refused = unsent.filter((k) => k.refused !== null).length;
  const waits = useWaits(unsent.length > 0);
  if (!waits && keptAt === null) return null;
  return (
    <div
      role="status"
      className="no-print flex min-h-[36px] shrink-0 flex-wrap items-center gap-x-5 border-b border-strong bg-wash px-4 py-1 text-[14.5px] wide:px-6"
    >
      {keptAt && <span>No signal. What you see is of {sayTime(keptAt)}.</span>}
      {waits && unsent.length > 0 && (
        <Link to="/unsent" className="font-semibold underline">
          {unsent.length} not sent yet{refused > 0 && `, ${refused} not taken`}
        </Link>
      )}
    </div>
  );
}

/** Whether something has been waiting for longer than sending takes. */
function useWaits(any: boolean): boolean {
  const [waits, setWaits] = useState(false);
  useEffect(() => {
    if (!any) return;
    const timer = setTimeout(() => setWaits(true), SAID_AFTER_MS);
    return () => {
      clearTimeout(timer);
      setWaits(false);
    };
  }, [any]);
  return waits;
}
