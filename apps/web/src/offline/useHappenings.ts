import { useEffect } from 'react';
import { api } from '../store/api.ts';
import { useTell } from '../store/store.ts';
import { sendKept } from '../outbox/sender.ts';
import { heard } from '../outbox/signal.ts';
import { TOUCHED } from './touched.ts';

/** What is shown is fetched anew so long after something happened: several writes in a row are one. */
const TOGETHER_MS = 300;

/** Hears what others write, and fetches anew what is shown. The browser reconnects by itself, from where it was. */
export function useHappenings(): void {
  const tell = useTell();
  useEffect(() => {
    const source = new EventSource('/api/events');
    let timer: ReturnType<typeof setTimeout> | null = null;
    const fetchAnew = () => {
      timer ??= setTimeout(() => {
        timer = null;
        tell(api.util.invalidateTags([...TOUCHED]));
      }, TOGETHER_MS);
    };
    let gap = false;
    source.onopen = () => {
      tell(heard());
      void sendKept();
      if (gap) fetchAnew();
      gap = false;
    };
    source.onmessage = fetchAnew;
    source.addEventListener('reload', fetchAnew);
    source.addEventListener('signed-out', () => tell(api.util.invalidateTags(['Session'])));
    source.onerror = () => {
      gap = true;
    };
    return () => {
      source.close();
      if (timer) clearTimeout(timer);
    };
  }, [tell]);
}
