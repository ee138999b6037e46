import { useEffect } from 'react';
import { isSentHere } from '../outbox/ownWrites.ts';
import { sendKept } from '../outbox/sender.ts';
import { heard } from '../outbox/signal.ts';
import { endpoints } from '../store/endpoints.ts';
import { ANY_WORK, tagsMovedBy, type Moved } from '../store/moved.ts';
import { useTell } from '../store/store.ts';
import type { Tag } from '../store/tags.ts';

/** What moved is asked for again so long after it was told: several writes in a row are one. */
const TOGETHER_MS = 300;

/** Hears what others write, and asks again for what that moved. The browser reconnects by itself, from where it was. */
export function useHappenings(): void {
  const tell = useTell();
  useEffect(() => {
    const source = new EventSource('/api/events');
    let timer: ReturnType<typeof setTimeout> | null = null;
    let moved: Tag[] = [];
    const fetchAnew = (tags: readonly Tag[]) => {
      moved.push(...tags);
      timer ??= setTimeout(() => {
        tell(endpoints.util.invalidateTags(moved));
        timer = null;
        moved = [];
      }, TOGETHER_MS);
    };
    let gap = false;
    source.onopen = () => {
      tell(heard());
      void sendKept();
      if (gap) fetchAnew(ANY_WORK);
      gap = false;
    };
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const { writeId, ...what } = JSON.parse(data) as Moved & { writeId: string | null };
      if (!isSentHere(writeId)) fetchAnew(tagsMovedBy(what));
    };
    source.addEventListener('reload', () => fetchAnew(ANY_WORK));
    source.addEventListener('signed-out', () => tell(endpoints.util.invalidateTags(['Session'])));
    source.onerror = () => {
      gap = true;
    };
    return () => {
      source.close();
      if (timer) clearTimeout(timer);
    };
  }, [tell]);
}
