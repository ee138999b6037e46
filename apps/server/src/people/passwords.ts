import { hash, verify } from '@node-rs/argon2';
import { passwordStrength } from '@rustic/core/passwordStrength';
import { refusedWith } from '../http/refused.ts';
import { Turns } from '../http/turns.ts';

/** argon2id (algorithm 2) at the cost OWASP names as its first choice: 19 MiB, two passes. */
const COST = { algorithm: 2, memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** One at a time: a flood at the door takes one core, and everybody inside goes on working on the rest. */
const turns = new Turns({
  atOnce: 1,
  mostWaiting: 25,
  againAfterS: 3,
  words: (waiting) => `${waiting} are at the door before you.`,
});

export const hashPassword = (password: string) => turns.take(() => hash(password, COST));
export const passwordFits = (stored: string, password: string) =>
  turns.take(() => verify(stored, password, COST).catch(() => false));

/** Refuses a password that is among the first that anybody tries, or made of what stands beside it. */
export async function refuseWeak(password: string, about: readonly string[], path = 'password'): Promise<void> {
  const { weakness } = await passwordStrength(password, about);
  if (weakness) throw refusedWith([{ path, message: weakness }]);
}
