import { assess, checkJobFile, planOrNearest, verifyJobFile } from '@rustic/core';

/** What the command line can do: each verb takes one JSON value and answers with one. */
export const VERBS: Readonly<Record<string, (input: unknown) => unknown>> = {
  assess,
  // Whoever waits at a command line would rather have the best there is.
  plan: (input) => planOrNearest(input, { thorough: true }),
  'job check': checkJobFile,
  'job verify': verifyJobFile,
};
