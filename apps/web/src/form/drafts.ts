/** What is typed into a form and neither kept nor thrown away, on this device: by person and form. */
const PREFIX = 'rustic-ledger-draft/';
/** A draft that nobody came back to for so long is let go. */
const KEPT_MS = 30 * 86_400_000;

interface Kept {
  at: number;
  values: unknown;
}

const read = (key: string): Kept | null => {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null') as Kept | null;
  } catch {
    return null;
  }
};

/** What was typed before; null where nothing was. */
export const draftOf = <V>(form: string): V | null => (read(PREFIX + form)?.values as V | undefined) ?? null;

export function keepDraft(form: string, values: unknown): void {
  try {
    localStorage.setItem(PREFIX + form, JSON.stringify({ at: Date.now(), values } satisfies Kept));
  } catch {
    // A device that keeps nothing has no drafts: what is typed stands until the page is left.
  }
}

export const dropDraft = (form: string): void => localStorage.removeItem(PREFIX + form);

/** Lets go of drafts that nobody came back to. */
export function thinDrafts(): void {
  for (const key of Object.keys(localStorage))
    if (key.startsWith(PREFIX) && (read(key)?.at ?? 0) < Date.now() - KEPT_MS) localStorage.removeItem(key);
}
