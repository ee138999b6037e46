import type { VisitCall } from '@rustic/core';
import type { Call } from '../store/endpoints.ts';

/** What tells one call from another: what it is about, and for what. */
export const callKey = (c: Pick<Call, 'subject' | 'code'>) => `${c.subject} ${c.code}`;

/** Calls as a visit is fixed for them. */
export const visitCalls = (calls: readonly Call[]): VisitCall[] =>
  calls.map(({ what, subject, code, words, minutes }) => ({ what, id: subject, code, words, minutes }));
