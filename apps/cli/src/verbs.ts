import { assess, checkJobFile, plan, verifyJobFile } from '@rustic/core';

/** What the command line can do: each verb takes one JSON value and answers with one. */
export const VERBS: Readonly<Record<string, (input: unknown) => unknown>> = {
  assess,
  plan,
  'job check': checkJobFile,
  'job verify': verifyJobFile,
};
