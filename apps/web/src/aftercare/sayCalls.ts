import { capital } from '../words/figures.ts';

/** What a visit is for, in one line: the same thing on several surfaces is said once, with their names where they are known. */
export function sayCalls(calls: readonly { words: string; name?: string }[]): string {
  const words = [...new Set(calls.map((c) => c.words))];
  return words
    .map((said, i) => {
      const names = calls.filter((c) => c.words === said && c.name).map((c) => c.name);
      const first = i === 0 ? capital(said) : said.charAt(0).toLowerCase() + said.slice(1);
      return names.length ? `${first} (${names.join(', ')})` : first;
    })
    .join('; ');
}
