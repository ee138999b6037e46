import { v7 as uuid } from 'uuid';

/** A fresh id for a write, made here so that sending it twice does it once. */
export const newId = () => uuid();

/** Thirty-two random bytes as a link carries them. */
export function newToken(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(32));
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '');
}
