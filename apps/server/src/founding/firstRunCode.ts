import { randomBytes, timingSafeEqual } from 'node:crypto';
import { digest } from '../people/tokens.ts';

const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
const GROUPS = 3;
const OF = 4;

/** A code that is read off one screen and typed on another: no letter is taken for a digit. 60 bits. */
export function newFirstRunCode(): string {
  const letters = [...randomBytes(GROUPS * OF)].map((byte) => LETTERS[byte % LETTERS.length]!);
  return Array.from({ length: GROUPS }, (_, i) => letters.slice(i * OF, (i + 1) * OF).join('')).join('-');
}

const bare = (code: string) => code.toUpperCase().replace(/[^A-Z0-9]/g, '');

/** Whether a code is the one that the start command printed; dashes and capitals do not count. */
export function isFirstRunCode(said: string, printed = process.env['FIRST_RUN_CODE']): boolean {
  if (!printed) return false;
  return timingSafeEqual(Buffer.from(digest(bare(said))), Buffer.from(digest(bare(printed))));
}
