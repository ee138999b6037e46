import type { Refusal } from '@rustic/core';

/** Where in something that is about to be sent a figure stands that could not be read. */
export function unreadableIn(value: unknown, path = ''): string[] {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [path];
  if (value === null || typeof value !== 'object' || value instanceof Blob) return [];
  return Object.entries(value).flatMap(([name, inner]) => unreadableIn(inner, path ? `${path}.${name}` : name));
}

/** Sent as it is, such a figure would arrive as nothing and rub out the one that stood: it is not sent at all. */
export function refusalOfUnreadable(body: unknown): Refusal | null {
  if (unreadableIn(body).length === 0) return null;
  return {
    code: 'unreadable',
    message: 'A figure cannot be read. Nothing was sent, and the one that stood stands: write it as 12.5 or 12,5.',
  };
}
