import { beforeEach, describe, expect, test } from '@jest/globals';

const kept = new Map<string, string>();
let isFull = false;
// What a browser keeps for a place, and lists by its own keys.
const storage = new Proxy(
  {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => {
      if (isFull) throw new Error('quota');
      kept.set(key, value);
    },
    removeItem: (key: string) => void kept.delete(key),
  },
  { ownKeys: () => [...kept.keys()], getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }) },
);
Object.assign(globalThis, { localStorage: storage });
const { draftOf, dropDraft, keepDraft, thinDrafts } = await import('../src/form/drafts.ts');

beforeEach(() => {
  kept.clear();
  isFull = false;
});

describe('what is typed into a form', () => {
  test('is there again, for its own form, until it is kept or thrown away', () => {
    keepDraft('ada/new-job', { title: 'The mill' });
    expect(draftOf('ada/new-job')).toEqual({ title: 'The mill' });
    expect([draftOf('mei/new-job'), draftOf('ada/new-trial')]).toEqual([null, null]);
    dropDraft('ada/new-job');
    expect(draftOf('ada/new-job')).toBeNull();
  });
  test('is let go after thirty days that nobody came back to it; what is no draft stays', () => {
    const days = (n: number) => JSON.stringify({ at: Date.now() - n * 86_400_000, values: { n } });
    for (const n of [1, 29, 31]) kept.set(`rustic-ledger-draft/ada/${n}`, days(n));
    kept.set('rustic-ledger-theme', 'lamp');
    thinDrafts();
    expect([...kept.keys()]).toEqual([
      'rustic-ledger-draft/ada/1',
      'rustic-ledger-draft/ada/29',
      'rustic-ledger-theme',
    ]);
  });
  test('is no fault where the device keeps nothing, or what it keeps is spoilt', () => {
    isFull = true;
    keepDraft('ada/new-job', { title: 'x' });
    expect(draftOf('ada/new-job')).toBeNull();
    kept.set('rustic-ledger-draft/ada/new-job', '{');
    expect(draftOf('ada/new-job')).toBeNull();
    thinDrafts();
    expect(kept.size).toBe(0);
  });
});
