/** So many of this page's own writes are known again in the feed of the firm. */
const MOST = 200;
const own = new Set<string>();

/** A write that this page sends: what it moves is asked for again once it is answered, not when the feed tells of it. */
export function sentHere(id: string): void {
  own.add(id);
  if (own.size > MOST) own.delete(own.values().next().value!);
}
export const isSentHere = (id: string | null): boolean => id !== null && own.has(id);
