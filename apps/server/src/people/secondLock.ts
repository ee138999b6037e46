import { randomInt } from 'node:crypto';
import { Secret, TOTP } from 'otpauth';
import type { SecondLock } from '../record/firmEntities.ts';
import { digest } from './tokens.ts';

const STEP_S = 30;
/** A phone's clock may be off by so many half minutes. */
const EITHER_SIDE = 1;
const PAPERS = 10;
const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
const PAPER_LENGTH = 10;

const totpOf = (secret: string, label: string) =>
  new TOTP({ issuer: 'Rustic Ledger', label, secret: Secret.fromBase32(secret), period: STEP_S });

/** A lock that is not closed yet. */
export const newLock = (): SecondLock => ({
  secret: new Secret({ size: 20 }).base32,
  since: null,
  lastStep: 0,
  onPaper: [],
});

/** What a phone reads to know a lock: drawn as a square of dots, or typed. */
export const lockAddress = ({ secret }: SecondLock, email: string): string => totpOf(secret, email).toString();

/** Ten codes on paper: 50 bits each, and no letter that is taken for another. */
export const newPapers = (): string[] =>
  Array.from({ length: PAPERS }, () =>
    Array.from({ length: PAPER_LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join(''),
  ).map((code) => `${code.slice(0, PAPER_LENGTH / 2)}-${code.slice(PAPER_LENGTH / 2)}`);

const bare = (code: string) => code.toUpperCase().replaceAll(/[^A-Z0-9]/g, '');
/** What is kept of a code on paper. */
export const paperDigest = (code: string) => digest(`paper ${bare(code)}`);

/** The lock after a code has opened it; null where the code does not. Each code opens once. */
export function openedBy(lock: SecondLock, code: string, now: Date): SecondLock | null {
  const typed = bare(code);
  if (/^\d{6}$/.test(typed)) {
    const delta = totpOf(lock.secret, '').validate({ token: typed, timestamp: now.getTime(), window: EITHER_SIDE });
    const step = delta === null ? null : Math.floor(now.getTime() / 1000 / STEP_S) + delta;
    return step !== null && step > lock.lastStep ? { ...lock, lastStep: step } : null;
  }
  const paper = paperDigest(typed);
  return lock.onPaper.includes(paper) ? { ...lock, onPaper: lock.onPaper.filter((one) => one !== paper) } : null;
}
