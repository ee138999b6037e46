import { randomInt } from 'node:crypto';
import { Secret, TOTP } from 'otpauth';
import type { PhoneLock, SecondLock } from '../record/firmEntities.ts';
import { seal, unseal } from './sealed.ts';
import { digest } from './tokens.ts';

const STEP_S = 30;
/** A phone's clock may be off by so many half minutes. */
const EITHER_SIDE = 1;
const PAPERS = 10;
const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
const PAPER_LENGTH = 10;

const totpOf = (secret: string, label: string) =>
  new TOTP({ issuer: 'Rustic Ledger', label, secret: Secret.fromBase32(secret), period: STEP_S });

/** A lock that nothing opens yet, and that does not have to be opened. */
export const NO_LOCK: SecondLock = { phone: null, keys: [], onPaper: [] };

/** Whether somebody has to open a second lock when they sign in. */
export const isClosed = (lock: SecondLock | null): lock is SecondLock =>
  lock !== null && (lock.phone?.since != null || lock.keys.length > 0);

/** A phone's secret, sealed for whose it is; it does not open yet. Also the secret itself, for the phone. */
export function newPhone(personId: string): { phone: PhoneLock; secret: string } {
  const secret = new Secret({ size: 20 }).base32;
  return { phone: { secret: seal(secret, personId), since: null, lastStep: 0 }, secret };
}

/** What a phone reads to know a lock: drawn as a square of dots, or typed. */
export const lockAddress = (secret: string, email: string): string => totpOf(secret, email).toString();

/** Ten codes on paper: 50 bits each, and no letter that is taken for another. */
export const newPapers = (): string[] =>
  Array.from({ length: PAPERS }, () =>
    Array.from({ length: PAPER_LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join(''),
  ).map((code) => `${code.slice(0, PAPER_LENGTH / 2)}-${code.slice(PAPER_LENGTH / 2)}`);

const bare = (code: string) => code.toUpperCase().replaceAll(/[^A-Z0-9]/g, '');
/** What is kept of a code on paper. */
export const paperDigest = (code: string) => digest(`paper ${bare(code)}`);

/** The phone's part after its figures opened it; null where they do not. Each opens once. */
export function phoneOpenedBy(phone: PhoneLock, figures: string, personId: string, now: Date): PhoneLock | null {
  const secret = unseal(phone.secret, personId);
  if (secret === null || !/^\d{6}$/.test(bare(figures))) return null;
  const token = bare(figures);
  const delta = totpOf(secret, '').validate({ token, timestamp: now.getTime(), window: EITHER_SIDE });
  const step = delta === null ? null : Math.floor(now.getTime() / 1000 / STEP_S) + delta;
  return step !== null && step > phone.lastStep ? { ...phone, lastStep: step } : null;
}

/** The lock after a code has opened it, the phone's or one on paper; null where the code does not. Each code opens once. */
export function openedBy(lock: SecondLock, code: string, personId: string, now: Date): SecondLock | null {
  if (lock.phone?.since && /^\d{6}$/.test(bare(code))) {
    const phone = phoneOpenedBy(lock.phone, code, personId, now);
    return phone && { ...lock, phone };
  }
  const paper = paperDigest(code);
  return lock.onPaper.includes(paper) ? { ...lock, onPaper: lock.onPaper.filter((one) => one !== paper) } : null;
}
