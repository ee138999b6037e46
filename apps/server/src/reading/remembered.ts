import { LRUCache } from 'lru-cache';

/** So much is remembered; what was asked for longest ago goes first. */
const MOST = 500;

/** Values by key, each good for one mark: fifty people who look at once make a thing once. */
export class Remembered<T> {
  private readonly kept = new LRUCache<string, { mark: string; value: T }>({ max: MOST });

  get(key: string, mark: string): T | undefined {
    const known = this.kept.get(key);
    return known?.mark === mark ? known.value : undefined;
  }
  set(key: string, mark: string, value: T): void {
    this.kept.set(key, { mark, value });
  }
  forget(key: string, value: T): void {
    if (this.kept.get(key)?.value === value) this.kept.delete(key);
  }
}

/** What is being made for a mark, or was; what failed is not remembered, so that whoever asks next tries again. */
export function onceFor<T>(
  remembered: Remembered<Promise<T>>,
  key: string,
  mark: string,
  make: () => Promise<T>,
): Promise<T> {
  const known = remembered.get(key, mark);
  if (known) return known;
  const making = make();
  remembered.set(key, mark, making);
  making.catch(() => remembered.forget(key, making));
  return making;
}
