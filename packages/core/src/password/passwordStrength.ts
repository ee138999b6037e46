import { ZxcvbnFactory } from '@zxcvbn-ts/core';

let judge: Promise<ZxcvbnFactory> | null = null;

/** The lists of well-known passwords and words are large, and wanted only where somebody chooses a password. */
function theJudge(): Promise<ZxcvbnFactory> {
  judge ??= Promise.all([import('@zxcvbn-ts/language-common'), import('@zxcvbn-ts/language-en')]).then(
    ([common, english]) =>
      new ZxcvbnFactory({
        dictionary: { ...common.dictionary, ...english.dictionary },
        graphs: common.adjacencyGraphs,
        translations: english.translations,
      }),
  );
  return judge;
}

/** How well a password stands up to guessing. */
export interface PasswordStrength {
  /** 0 to 4: how many powers of a hundred guesses it stands, about. */
  score: number;
  /** Why it will not do, as a clause; null where it does. */
  weakness: string | null;
}

/** Below this it stands no hundred million guesses. */
const STRONG_ENOUGH = 3;

/** A name or an address, and each word of it. */
const partsOf = (said: string) => [said, ...said.split(/[^\p{L}\d]+/u).filter((part) => part.length > 2)];

/**
 * Judges a password by how many guesses find it: lists of well-known passwords and words, rows of keys, repeats, dates,
 * and `about`, what anybody knows of who chooses it.
 */
export async function passwordStrength(password: string, about: readonly string[]): Promise<PasswordStrength> {
  const { score, feedback } = (await theJudge()).check(password, about.flatMap(partsOf));
  if (score >= STRONG_ENOUGH) return { score, weakness: null };
  const why = feedback.warning ? ` ${feedback.warning}` : '';
  return {
    score,
    weakness: `is too easily guessed.${why} Four words that do not belong together make a good one.`,
  };
}
