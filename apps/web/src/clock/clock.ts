/** A phone's clock may be wrong, and may jump. The server's is the one that counts, as it was last heard. */
const KEPT = 'rustic-ledger-clock-ahead';
/** A difference below this is the way of the answer, not the clock. */
const NOTED_MS = 90_000;

/** What keeps it on this device; a thread beside the page has none. */
const device = 'localStorage' in globalThis ? localStorage : null;
let ahead = Number(device?.getItem(KEPT) ?? 0) || 0;

/** The time now by the server's clock, in ms, as far as it is known on this device. */
export const now = () => Date.now() - ahead;
/** The same as ISO 8601: when something is noted. */
export const nowText = () => new Date(now()).toISOString();
/** By how many ms this device's clock is ahead of the server's; 0 where they agree. */
export const clockAhead = () => ahead;

/** Hears the server's clock in an answer that came from it just now. */
export function heardClock(date: string | null | undefined, here = Date.now()): void {
  const there = Date.parse(date ?? '');
  if (Number.isNaN(there)) return;
  const difference = here - there;
  const heard = Math.abs(difference) < NOTED_MS ? 0 : difference;
  if (Math.abs(heard - ahead) < NOTED_MS / 2) return;
  ahead = heard;
  device?.setItem(KEPT, String(ahead));
}

/** The fields of a write that say when something was done. */
const TIMES = ['at', 'startedAt', 'endedAt'];

/** A write with its times put right by `ms`: it was noted while the clock was wrong. */
export const putRight = (body: object, ms: number): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(body).map(([field, value]) => [
      field,
      TIMES.includes(field) && typeof value === 'string' ? new Date(Date.parse(value) - ms).toISOString() : value,
    ]),
  );
