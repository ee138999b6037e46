import type { Refusal } from '@rustic/core';

const isRefusal = (data: unknown): data is Refusal => typeof data === 'object' && data !== null && 'message' in data;

/** What an error says to a person, whatever went wrong. */
export function refusalOf(error: unknown): Refusal | null {
  if (!error || typeof error !== 'object') return null;
  const data = (error as { data?: unknown }).data;
  if (isRefusal(data)) return data;
  return {
    code: 'no-answer',
    message: 'The server does not answer. What you typed is still here. Try again in a moment.',
  };
}

/** What a refused request says. */
export const refusalIn = (answer: unknown): Refusal =>
  isRefusal(answer) ? answer : { code: 'refused', message: 'The server would not take it, and did not say why.' };
