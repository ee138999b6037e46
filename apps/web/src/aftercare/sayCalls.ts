import { capital } from '../words/figures.ts';

/**
 * What a visit is for, in one line without a stop at its end: the same thing on several surfaces is said once, with their
 * names where they are known.
 */
export function sayCalls(calls: readonly { words: string; name?: string }[]): string {
  const words = [...new Set(calls.map((c) => c.words))];
  return words
    .map((said, i) => {
      const names = calls.filter((c) => c.words === said && c.name).map((c) => c.name);
      const bare = said.replace(/\.$/, '');
      const first = i === 0 ? capital(bare) : bare.charAt(0).toLowerCase() + bare.slice(1);
      return names.length ? `${first} (${names.join(', ')})` : first;
    })
    .join('; ');
}
