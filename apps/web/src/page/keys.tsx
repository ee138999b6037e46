import { createContext, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';

interface Key {
  key: string;
  words: string;
  act: () => void;
}
interface Keys {
  add: (key: Key) => () => void;
  /** Letters and figures rest until the answer is called. */
  rest: () => () => void;
  list: () => Key[];
}
const KeysContext = createContext<Keys | null>(null);

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

const LETTER_OR_FIGURE = /^[\p{L}\p{N}]$/u;

/** Single keys for the page's acts. What a page adds last wins while it is there. */
export function KeysProvider({ children }: { children: ReactNode }) {
  const keys = useRef<Key[]>([]);
  const resting = useRef(0);
  const value = useMemo<Keys>(
    () => ({
      add: (key) => {
        keys.current = [...keys.current, key];
        return () => {
          keys.current = keys.current.filter((k) => k !== key);
        };
      },
      rest: () => {
        resting.current += 1;
        return () => {
          resting.current -= 1;
        };
      },
      list: () => keys.current,
    }),
    [],
  );
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
      const key = keys.current.findLast((k) => k.key === event.key.toLowerCase());
      if (!key || (resting.current > 0 && LETTER_OR_FIGURE.test(key.key))) return;
      event.preventDefault();
      key.act();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
  return <KeysContext.Provider value={value}>{children}</KeysContext.Provider>;
}

/** While this component stands, letters and figures do nothing: somebody is filling something in. */
export function useKeysRest(): void {
  const keys = useContext(KeysContext);
  useEffect(() => keys?.rest(), [keys]);
}

/** Binds a key while this component stands. */
export function useKey(key: string, words: string, act: () => void, on = true): void {
  const keys = useContext(KeysContext)!;
  const latest = useRef(act);
  useEffect(() => {
    latest.current = act;
  });
  useEffect(() => (on ? keys.add({ key, words, act: () => latest.current() }) : undefined), [keys, key, words, on]);
}

/** The keys that work here, as they are when asked. */
export function useKeyList(open: boolean): Key[] {
  const keys = useContext(KeysContext)!;
  const [list, setList] = useState<Key[]>([]);
  useEffect(() => {
    if (open) setList(keys.list().filter((k, i, all) => all.findLastIndex((o) => o.key === k.key) === i));
  }, [keys, open]);
  return list;
}
