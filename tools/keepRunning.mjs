import { setTimeout as sleep } from 'node:timers/promises';

/** How long it is waited before each further try, in ms; the last again and again. */
const PAUSES_MS = [500, 1000, 2000, 5000, 10_000, 30_000];
/** What ran so long has stood: the next fall begins with the shortest pause. */
const STOOD_MS = 60_000;

/**
 * Keeps something running until it is stopped: where it ends by itself it is started again, after pauses that grow.
 * `start` answers with `over`, which comes when it ends, and `stop`. `say` is told what happened, once for each thing.
 * The first start is the caller's: what fails there is thrown. What runs already is given as `first`.
 * @template {{ over: Promise<unknown>, stop: () => Promise<void> }} T
 * @param {{ name: string, start: () => Promise<T>, say: (line: string) => void, first?: T | null }} what
 */
export async function keepRunning({ name, start, say, first = null }) {
  const waiting = new AbortController();
  let running = first ?? (await start());
  const watch = async () => {
    for (let falls = 0; ;) {
      const since = Date.now();
      await running.over;
      if (waiting.signal.aborted) return;
      if (Date.now() - since > STOOD_MS) falls = 0;
      say(`The ${name} ended by itself and is started again; nothing that was acknowledged is lost.`);
      for (let told = ''; ; falls++) {
        await sleep(PAUSES_MS[Math.min(falls, PAUSES_MS.length - 1)], null, { signal: waiting.signal }).catch(() => {});
        if (waiting.signal.aborted) return;
        try {
          running = await start();
          break;
        } catch (error) {
          if (error.message !== told) say(`${error.message} It is tried again by itself.`);
          told = error.message;
        }
      }
      falls++;
      say(`The ${name} is back.`);
    }
  };
  const watched = watch();
  return {
    now: () => running,
    stop: async () => {
      waiting.abort();
      await running.stop();
      await watched;
    },
  };
}
