/** What is drawn by the same words is drawn alike: a number from 0 up to 1. Of FNV-1a, its bits mixed once more. */
export function drawnBy(...words: readonly (string | number)[]): number {
  let hash = 0x811c9dc5;
  for (const letter of words.join('/')) hash = Math.imul(hash ^ letter.codePointAt(0)!, 0x01000193);
  hash = Math.imul(hash ^ (hash >>> 15), 0x2c1b3c6d);
  hash = Math.imul(hash ^ (hash >>> 12), 0x297a2d39);
  return ((hash ^ (hash >>> 15)) >>> 0) / 4294967296;
}

/** Picks the first whose share of `weights` reaches `u`, 0 to 1. */
export function picked<T>(weights: readonly (readonly [T, number])[], u: number): T {
  const total = weights.reduce((sum, [, w]) => sum + w, 0);
  let left = u * total;
  for (const [code, weight] of weights) {
    left -= weight;
    if (left <= 0) return code;
  }
  return weights.at(-1)![0];
}
