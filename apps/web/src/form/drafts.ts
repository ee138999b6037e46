import { newId } from '../store/newId.ts';

/**
 * What is typed into a form and neither kept nor thrown away, on this device: by person and form, and by the tab in
 * which it was typed, so that two tabs with one form do not write over each other.
 */
const PREFIX = 'rustic-ledger-draft/';
const TAB_KEY = 'rustic-ledger-tab';
/** A draft that nobody came back to for so long is let go. */
const KEPT_MS = 30 * 86_400_000;

interface Kept {
  at: number;
  values: unknown;
}
/** A draft as it was found, with where it lies. */
interface Found extends Kept {
  key: string;
}

const tabIdOf = (): string => {
  try {
    const known = sessionStorage.getItem(TAB_KEY);
    if (known) return known;
    const made = newId();
    sessionStorage.setItem(TAB_KEY, made);
    return made;
  } catch {
    return newId();
  }
};
/** This tab, through its reloads. */
const TAB = tabIdOf();

const read = (key: string): Kept | null => {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null') as Kept | null;
  } catch {
    return null;
  }
};
const placeOf = (form: string, tab: string) => `${PREFIX}${form}#${tab}`;

/** The draft of a form: this tab's own, or else the newest that another left. */
function found(form: string): Found | null {
  const own = placeOf(form, TAB);
  const others = Object.keys(localStorage).filter((key) => key.startsWith(placeOf(form, '')) && key !== own);
  const all = [own, ...others].flatMap((key) => {
    const kept = read(key);
    return kept ? [{ ...kept, key }] : [];
  });
  const [first, ...rest] = all;
  if (!first || first.key === own) return first ?? null;
  return rest.reduce((newest, one) => (one.at > newest.at ? one : newest), first);
}

/** What is typed into one form in this tab. */
export interface FormDraft<V> {
  /** What was typed before; null where nothing was. */
  before: V | null;
  keep: (values: V) => void;
  /** Kept, or thrown away. What another tab left goes too, unless more was typed there since. */
  drop: () => void;
}

/** Opens the draft of a form, as it is now. */
export function openDraft<V>(form: string): FormDraft<V> {
  const own = placeOf(form, TAB);
  const left = found(form);
  return {
    before: (left?.values as V | undefined) ?? null,
    keep: (values) => {
      try {
        localStorage.setItem(own, JSON.stringify({ at: Date.now(), values } satisfies Kept));
      } catch {
        // A device that keeps nothing has no drafts: what is typed stands until the page is left.
      }
    },
    drop: () => {
      localStorage.removeItem(own);
      if (left && read(left.key)?.at === left.at) localStorage.removeItem(left.key);
    },
  };
}

/** Lets go of drafts that nobody came back to. */
export function thinDrafts(): void {
  for (const key of Object.keys(localStorage))
    if (key.startsWith(PREFIX) && (read(key)?.at ?? 0) < Date.now() - KEPT_MS) localStorage.removeItem(key);
}
