import { openDB } from 'idb';

/**
 * The key under which answers are kept on this device. It is lent for a working day and lent anew by every answer of the
 * server while the session stands; once it has run out, or the session has ended, it is taken away, and what was kept
 * can be read by nobody.
 */
interface Lease {
  key: CryptoKey;
  /** Until when it may be used, in ms since the epoch. */
  until: number;
}

const LENT_MS = 12 * 3_600_000;
/** It is lent anew no oftener than this. */
const ANEW_AFTER_MS = 60_000;
const STORE = 'lease';

async function withStore<T>(act: (store: Awaited<ReturnType<typeof open>>) => Promise<T>): Promise<T> {
  const store = await open();
  try {
    return await act(store);
  } finally {
    store.close();
  }
}
const open = () => openDB('ledger-lease', 1, { upgrade: (db) => void db.createObjectStore(STORE) });

/** The key of now; null where none is lent any more. */
export const leasedKey = (): Promise<CryptoKey | null> =>
  withStore(async (db) => {
    const lease = (await db.get(STORE, STORE)) as Lease | undefined;
    if (!lease) return null;
    if (lease.until > Date.now()) return lease.key;
    await db.delete(STORE, STORE);
    return null;
  });

/** Lends the key anew, or a first one. It never leaves this device, and cannot be read out of it. */
export const renewLease = (): Promise<CryptoKey> =>
  withStore(async (db) => {
    const now = Date.now();
    const lease = (await db.get(STORE, STORE)) as Lease | undefined;
    if (lease && lease.until > now + LENT_MS - ANEW_AFTER_MS) return lease.key;
    const key =
      lease && lease.until > now
        ? lease.key
        : await crypto.subtle.generateKey({ name: 'AES-GCM', length: 256 }, false, ['encrypt', 'decrypt']);
    await db.put(STORE, { key, until: now + LENT_MS } satisfies Lease, STORE);
    return key;
  });

/** Takes the key away. */
export const endLease = (): Promise<void> => withStore((db) => db.delete(STORE, STORE));

const IV_BYTES = 12;

/** Some bytes as they are kept: unreadable without the key. */
export async function sealed(bytes: ArrayBuffer, key: CryptoKey): Promise<Blob> {
  const iv = crypto.getRandomValues(new Uint8Array(IV_BYTES));
  return new Blob([iv, await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, key, bytes)]);
}

/** What was kept, read again; null where it was kept under another key. */
export async function unsealed(bytes: ArrayBuffer, key: CryptoKey): Promise<ArrayBuffer | null> {
  const iv = new Uint8Array(bytes, 0, IV_BYTES);
  return crypto.subtle.decrypt({ name: 'AES-GCM', iv }, key, new Uint8Array(bytes, IV_BYTES)).catch(() => null);
}
