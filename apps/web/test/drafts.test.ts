import { beforeEach, describe, expect, jest, test } from '@jest/globals';

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
const tab = new Map<string, string>();
const session = {
  getItem: (key: string) => tab.get(key) ?? null,
  setItem: (k: string, v: string) => void tab.set(k, v),
};
Object.assign(globalThis, { localStorage: storage, sessionStorage: session });

/** The page as another tab has it, or as this one has it once it is loaded again. */
async function loaded(which: 'again' | 'other') {
  if (which === 'other') tab.clear();
  jest.resetModules();
  return import('../src/form/drafts.ts');
}
const { openDraft, thinDrafts } = await import('../src/form/drafts.ts');

beforeEach(() => {
  kept.clear();
  isFull = false;
});

describe('what is typed into a form', () => {
  test('is there again, for its own form, until it is kept or thrown away', () => {
    const draft = openDraft('ada/new-job');
    draft.keep({ title: 'The mill' });
    expect(openDraft('ada/new-job').before).toEqual({ title: 'The mill' });
    expect([openDraft('mei/new-job').before, openDraft('ada/new-trial').before]).toEqual([null, null]);
    draft.drop();
    expect(openDraft('ada/new-job').before).toBeNull();
  });
  test('survives a reload, and another tab finds what one that was closed left', async () => {
    openDraft('ada/new-job').keep({ title: 'The mill' });
    for (const which of ['again', 'other'] as const) {
      const page = await loaded(which);
      expect(page.openDraft('ada/new-job').before).toEqual({ title: 'The mill' });
    }
    const last = (await loaded('other')).openDraft('ada/new-job');
    last.keep({ title: 'The old mill' });
    last.drop();
    expect([...kept.keys()]).toEqual([]);
  });
  test('two tabs with one form do not write over each other, and what one sends takes nothing from the other', async () => {
    jest.useFakeTimers({ now: 1_000 });
    const first = openDraft('ada/new-job');
    first.keep({ title: 'The mill' });
    const other = (await loaded('other')).openDraft('ada/new-job');
    jest.setSystemTime(2_000);
    other.keep({ title: 'The barn' });
    first.keep({ title: 'The mill house' });
    other.drop();
    expect(openDraft('ada/new-job').before).toEqual({ title: 'The mill house' });
    jest.useRealTimers();
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
    openDraft('ada/new-job').keep({ title: 'x' });
    expect(openDraft('ada/new-job').before).toBeNull();
    kept.set('rustic-ledger-draft/ada/new-job#1', '{');
    expect(openDraft('ada/new-job').before).toBeNull();
    thinDrafts();
    expect(kept.size).toBe(0);
  });
});
