/** With a capital, to begin a sentence. */
export const capital = (words: string): string => `${words[0]!.toUpperCase()}${words.slice(1)}`;
