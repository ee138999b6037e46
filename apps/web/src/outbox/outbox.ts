import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Command } from './commands.ts';
import { commandOf } from './earlier.ts';
import type { Refusal } from '@rustic/core';

/** A write as it is kept on this device until the server has it. Sent in the order in which it was made. */
export interface Kept {
  seq: number;
  /** The client-made id of the write: the server does it once, however often it is sent. */
  id: string;
  personId: string;
  by: string;
  at: string;
  /** By how many ms this device's clock was known to be ahead then. */
  ahead?: number;
  /** What it does. */
  command: Command;
  method: string;
  path: string;
  /** JSON as it is sent, or a picture. */
  body: string | Blob;
  type: string;
  /** What the server said when it would not take it; null while it waits. */
  refused: Refusal | null;
}

interface Shape extends DBSchema {
  outbox: { key: number; value: Kept };
}

let opened: Promise<IDBPDatabase<Shape>> | null = null;
const database = () =>
  (opened ??= openDB<Shape>('rustic-ledger', 2, {
    async upgrade(db, before, _after, move) {
      if (before < 1) db.createObjectStore('outbox', { keyPath: 'seq', autoIncrement: true });
      // A device that kept something before commands had names still sends it.
      const store = move.objectStore('outbox');
      for (const kept of await store.getAll()) await store.put({ ...kept, command: commandOf(kept.path) });
    },
  }));

/** Told on every change, in this tab and the others. */
const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('rustic-ledger-outbox');
const listeners = new Set<() => void>();
const changed = () => {
  for (const hear of listeners) hear();
  channel?.postMessage('changed');
};
channel?.addEventListener('message', () => listeners.forEach((hear) => hear()));

/** What was written and is not with the server yet: kept through a closed tab and a restart. */
export const outbox = {
  onChange(hear: () => void): () => void {
    listeners.add(hear);
    return () => listeners.delete(hear);
  },
  async all(): Promise<Kept[]> {
    return (await database()).getAll('outbox');
  },
  async put(kept: Omit<Kept, 'seq' | 'refused'>): Promise<number> {
    const seq = await (await database()).add('outbox', { ...kept, refused: null } as Kept);
    changed();
    return seq;
  },
  async has(seq: number): Promise<boolean> {
    return (await (await database()).getKey('outbox', seq)) !== undefined;
  },
  async drop(seq: number): Promise<void> {
    await (await database()).delete('outbox', seq);
    changed();
  },
  async refuse(kept: Kept, refused: Refusal | null): Promise<void> {
    await (await database()).put('outbox', { ...kept, refused });
    changed();
  },
  /** Puts another request in the place of a refused one, at its turn. */
  async replace(kept: Kept, change: Pick<Kept, 'id' | 'body'>): Promise<void> {
    await (await database()).put('outbox', { ...kept, ...change, refused: null });
    changed();
  },
};
