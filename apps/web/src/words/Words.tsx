import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { Terms } from '@rustic/core';
import { ourWords, type OurWords } from './ourWords.ts';
import { timesIn, type Times } from './time.ts';

/** How this page says times and the engine's words: in the firm's zone, and in the firm's terms. */
export type Words = Times & OurWords;

export const wordsOf = (timeZone: string, terms: Partial<Terms>): Words => ({
  ...timesIn(timeZone),
  ...ourWords(terms),
});

const WordsContext = createContext<Words>(wordsOf('local', {}));
export const useWords = (): Words => useContext(WordsContext);

const NO_TERMS: Partial<Terms> = {};

/** Everything under it speaks in this zone and these terms. */
export function WordsProvider({
  timeZone,
  terms = NO_TERMS,
  children,
}: {
  timeZone: string;
  terms?: Partial<Terms>;
  children: ReactNode;
}) {
  const words = useMemo(() => wordsOf(timeZone, terms), [timeZone, terms]);
  return <WordsContext value={words}>{children}</WordsContext>;
}
