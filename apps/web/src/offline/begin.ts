import { thinDrafts } from '../form/drafts.ts';
import { endpoints } from '../store/endpoints.ts';
import type { store as Store } from '../store/store.ts';
import { outbox } from '../outbox/outbox.ts';
import { beginSending } from '../outbox/sender.ts';
import { briefOf, unsentTold } from '../outbox/signal.ts';
import { ANY_WORK } from '../store/moved.ts';

/** Answers kept by the service worker, and its key to them; gone when somebody signs in or out: they were another person's. */
const ANSWERS = 'ledger-answers';
export const forgetAnswers = async (): Promise<void> => {
  if ('caches' in window) await caches.delete(ANSWERS);
  if ('serviceWorker' in navigator) navigator.serviceWorker.controller?.postMessage('forget');
};

/** Everything that goes on beside the pages: sending what is kept, and the worker that opens them without a signal. */
export function beginOffline(store: typeof Store): void {
  const tell = () =>
    void outbox
      .all()
      .then((all) => store.dispatch(unsentTold(all.map(briefOf))))
      // A device that keeps nothing (a private window) has nothing unsent.
      .catch(() => undefined);
  outbox.onChange(tell);
  thinDrafts();
  tell();
  const session = endpoints.endpoints.session.select();
  beginSending({
    onSent: () => store.dispatch(endpoints.util.invalidateTags([...ANY_WORK, 'Shelf'])),
    person: () => session(store.getState()).data?.person.id ?? null,
  });
  if (import.meta.env.PROD && 'serviceWorker' in navigator)
    navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}
