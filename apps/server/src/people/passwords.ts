import { HttpException } from '@nestjs/common';
import { hash, verify } from '@node-rs/argon2';
import { passwordStrength } from '@rustic/core/passwordStrength';
import pLimit from 'p-limit';
import { refusedWith } from '../http/refused.ts';

/** argon2id (algorithm 2) at the cost OWASP names as its first choice: 19 MiB, two passes. */
const COST = { algorithm: 2, memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** One at a time: a flood at the door takes one core, and everybody inside goes on working on the rest. */
const oneAtATime = pLimit(1);
/** So many wait their turn, about a second; who comes then is told to come again. */
const MOST_WAITING = 25;
const AGAIN_AFTER_S = 3;

const crowded = () =>
  new HttpException(
    {
      code: 'too-often',
      message: `Many are at the door at this moment. Nothing was written. Try again in ${AGAIN_AFTER_S} seconds.`,
      retryAfterS: AGAIN_AFTER_S,
    },
    429,
  );

function inTurn<T>(work: () => Promise<T>): Promise<T> {
  if (oneAtATime.pendingCount >= MOST_WAITING) throw crowded();
  return oneAtATime(work);
}

export const hashPassword = async (password: string) => inTurn(() => hash(password, COST));
export const passwordFits = async (stored: string, password: string) =>
  inTurn(() => verify(stored, password, COST).catch(() => false));

/** Refuses a password that is among the first that anybody tries, or made of what stands beside it. */
export async function refuseWeak(password: string, about: readonly string[], path = 'password'): Promise<void> {
  const { weakness } = await passwordStrength(password, about);
  if (weakness) throw refusedWith([{ path, message: weakness }]);
}
