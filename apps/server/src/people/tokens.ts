import { createHash } from 'node:crypto';
import { z } from 'zod';

/** Thirty-two random bytes as a link or a cookie carries them. */
export const TOKEN = /^[\w-]{43}$/;
/** A token as it is sent: made where the act is made, only its hash is kept here. */
export const token = z.string().regex(TOKEN, 'must be 32 random bytes, written for an address');

/** What is kept of a token or an address: enough to know it again, nothing to read it from. */
export const digest = (text: string) => createHash('sha256').update(text).digest('hex');
