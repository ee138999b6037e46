import { log } from '../http/logger.ts';

const MINUTE_MS = 60_000;
/** A clock that is set right bit by bit is followed; one that is off by more at once has jumped. */
const FOLLOWED_MS = 2 * MINUTE_MS;

/**
 * The time by which sessions end and brakes are let go: the clock on the wall, until that jumps. Then it goes on as time
 * went by, until the wall is near it again or the server begins anew: a jump signs nobody out, and keeps nobody out.
 * `wall` and `gone` answer in ms; `gone` never jumps.
 */
export function steadyClock(wall: () => number, gone: () => number, say: (jumpedMs: number) => void): () => Date {
  let begun = { wall: wall(), gone: gone() };
  let hasJumped = false;
  return () => {
    const steady = begun.wall + gone() - begun.gone;
    const off = wall() - steady;
    if (Math.abs(off) <= FOLLOWED_MS) {
      begun = { wall: wall(), gone: gone() };
      hasJumped = false;
      return new Date(begun.wall);
    }
    if (!hasJumped) say(off);
    hasJumped = true;
    return new Date(steady);
  };
}

/** The time by which doors open and close. */
export const steadyNow = steadyClock(
  () => Date.now(),
  () => performance.now(),
  (jumpedMs) =>
    log.warn(
      { minutes: Math.round(jumpedMs / MINUTE_MS) },
      'the clock of this machine jumped; sessions go on as before',
    ),
);
