import { useEffect, useState } from 'react';
import { now as clockNow } from '../clock/clock.ts';
import type { TodayLine } from '../store/endpoints.ts';

/** A coat that closes is told of so long before. */
const BEFORE_CLOSING_MIN = 60;
/** Browsers forget timers that are further away; the page is fetched anew long before. */
const FURTHEST_MIN = 12 * 60;

interface Notice {
  at: number;
  tag: string;
  words: string;
}

/** What is about to happen on the run sheet: coats that open, coats that are about to close. Minutes since the epoch. */
export function noticesOf(lines: readonly TodayLine[], now: number): Notice[] {
  const out: Notice[] = [];
  for (const line of lines) {
    if (line.standing === 'done' || !line.next) continue;
    const where = `${line.name}, ${line.room}`;
    if (line.opensAt !== null && line.standing === 'drying')
      out.push({ at: line.opensAt, tag: `open-${line.surfaceId}`, words: `${where} is open for the next coat.` });
    if (line.closesAt !== null)
      out.push({
        at: line.closesAt - BEFORE_CLOSING_MIN,
        tag: `close-${line.surfaceId}`,
        words: `${where} closes in an hour.`,
      });
  }
  return out.filter((n) => n.at > now && n.at <= now + FURTHEST_MIN).sort((a, b) => a.at - b.at);
}

const supported = 'Notification' in window;

async function show({ words, tag }: Notice): Promise<void> {
  const registration = 'serviceWorker' in navigator ? await navigator.serviceWorker.getRegistration() : undefined;
  const said = { body: words, tag, icon: '/mark-192.png' };
  if (registration) await registration.showNotification('Rustic Ledger', said);
  else new Notification('Rustic Ledger', said);
}

/** Tells when a coat opens or is about to close, where the browser allows it and the page is open somewhere. */
export function useNotices(lines: readonly TodayLine[]) {
  const [may, setMay] = useState<NotificationPermission>(supported ? Notification.permission : 'denied');
  useEffect(() => {
    if (may !== 'granted') return;
    const now = clockNow() / 60_000;
    const timers = noticesOf(lines, now).map((n) => setTimeout(() => void show(n), (n.at - now) * 60_000));
    return () => timers.forEach(clearTimeout);
  }, [lines, may]);
  return { may, ask: () => void Notification.requestPermission().then(setMay) };
}
