import type { Exclusion } from '../store/types.ts';

/** Why something is left out, in the client's words. */
export const EXCLUSION_WORDS: Record<Exclusion['reason'], string> = {
  'client-does-it': 'the client does it',
  'to-be-removed': 'it is to be removed',
  undecided: 'the client has not decided',
  'other-trade-first': 'another trade comes first',
  'stays-as-it-is': 'it stays as it is',
};
