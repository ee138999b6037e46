import type { Element, StepKind } from '../vocabulary/index.ts';
import { HANDOVER } from './knowledge/handover.ts';

/** What is tried on a surface before it is handed over, by what it is and by what was done to it. */
export const handoverChecks = (element: Element, done: readonly StepKind[]): { code: string; words: string }[] =>
  HANDOVER.filter(
    (row) => (row.elements?.includes(element) ?? true) && (row.after === null || done.includes(row.after)),
  ).map(({ code, words }) => ({ code, words }));
