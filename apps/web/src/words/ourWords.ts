import {
  FAMILY_LABELS,
  inTerms,
  stepWords,
  SUBSTRATE_LABELS,
  type Family,
  type Step,
  type Substrate,
  type Terms,
} from '@rustic/core';

/** How a firm says what the engine says. What people wrote is never put through it. */
export interface OurWords {
  inOurWords: (text: string) => string;
  sayFamily: (family: Family) => string;
  saySubstrate: (substrate: Substrate) => string;
  /** A step as a painter of this firm would write it. */
  sayStep: (step: Step) => string;
}

/** The words of a firm with these terms. */
export function ourWords(terms: Partial<Terms>): OurWords {
  const inOurWords = (text: string) => inTerms(text, terms);
  return {
    inOurWords,
    sayFamily: (family) => inOurWords(FAMILY_LABELS[family]),
    saySubstrate: (substrate) => inOurWords(SUBSTRATE_LABELS[substrate]),
    sayStep: (step) => inOurWords(stepWords(step)),
  };
}
