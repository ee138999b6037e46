import { createHash } from 'node:crypto';

/** Thirty-two random bytes as a link or a cookie carries them. */
export const TOKEN = /^[\w-]{43}$/;

/** What is kept of a token or an address: enough to know it again, nothing to read it from. */
export const digest = (text: string) => createHash('sha256').update(text).digest('hex');
