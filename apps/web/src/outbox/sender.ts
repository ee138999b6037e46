import { outbox, type Kept } from './outbox.ts';
import type { Refusal } from '@rustic/core';
import { refusalIn } from './refusal.ts';
import { heardClock } from '../clock/clock.ts';

/** What became of a write: with the server, refused by it, or still here. */
export type Outcome = { sent: true; answer: unknown } | { sent: false; refusal: Refusal; status: number } | null;

/** No answer, or one that says "later": it is tried again. */
const LATER = [0, 408, 425, 429, 500, 502, 503, 504, 507];
const FIRST_WAIT_MS = 3_000;
const LONGEST_WAIT_MS = 60_000;
const ANSWER_MS = 20_000;

interface Listener {
  /** Something reached the server, or was refused, that no page waits for any more: what is shown may be old. */
  onSent: () => void;
  /** Whose writes may be sent now. */
  person: () => string | null;
}

let listener: Listener | null = null;
let wait = FIRST_WAIT_MS;
let timer: ReturnType<typeof setTimeout> | null = null;
let running: Promise<void> | null = null;
const awaited = new Map<number, (outcome: Outcome) => void>();

/** Begins to send what is kept: now, when the signal is back, when the page is looked at again. */
export function beginSending(told: Listener): void {
  listener = told;
  window.addEventListener('online', () => void sendKept());
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') void sendKept();
  });
  void sendKept();
}

/** Nothing is sent any more until it is begun again. */
export function endSending(): void {
  listener = null;
  if (timer) clearTimeout(timer);
}

/** Waits for what becomes of a write that this page has just kept; null where it is still here after `patience` ms. */
export function outcomeOf(seq: number, patience: number): Promise<Outcome> {
  return new Promise((done) => {
    const late = setTimeout(() => end(null), patience);
    const end = (outcome: Outcome) => {
      clearTimeout(late);
      awaited.delete(seq);
      done(outcome);
    };
    awaited.set(seq, end);
    void sendKept();
  });
}

/** Sends what is kept, one after another. Only one tab sends at a time. */
export function sendKept(): Promise<void> {
  running ??= locked(sendInTurn).finally(() => {
    running = null;
  });
  return running;
}

const locked = (act: () => Promise<void>): Promise<void> =>
  'locks' in navigator ? navigator.locks.request('rustic-ledger-sender', act) : act();

async function sendInTurn(): Promise<void> {
  for (;;) {
    const person = listener?.person() ?? null;
    const next = (await outbox.all()).find((kept) => kept.refused === null && kept.personId === person);
    if (!next) return;
    const outcome = await send(next);
    if (outcome === null) {
      for (const end of [...awaited.values()]) end(null);
      again();
      return;
    }
    wait = FIRST_WAIT_MS;
    const told = awaited.get(next.seq);
    // Whoever is still at the form is told there; else it is shown with what is not sent.
    if (outcome.sent || told) await outbox.drop(next.seq);
    else await outbox.refuse(next, outcome.refusal);
    if (told) told(outcome);
    else listener?.onSent();
  }
}

function again(): void {
  if (timer) clearTimeout(timer);
  timer = setTimeout(() => void sendKept(), wait);
  wait = Math.min(LONGEST_WAIT_MS, wait * 2);
}

/** One request; null where it has to be tried again. */
async function send({ path, method, body, type }: Kept): Promise<Outcome> {
  try {
    const response = await fetch(path, {
      method,
      body,
      headers: { 'content-type': type },
      signal: AbortSignal.timeout(ANSWER_MS),
    });
    heardClock(response.headers.get('date'));
    if (LATER.includes(response.status) || response.status === 401) return null;
    const answer: unknown = await response.json().catch(() => null);
    if (response.ok) return { sent: true, answer };
    return { sent: false, status: response.status, refusal: refusalIn(answer) };
  } catch {
    return null;
  }
}
